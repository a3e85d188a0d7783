import { EventEmitter, once } from 'node:events';
import fastifyPlugin from 'fastify-plugin';
import { Client } from 'pg';
import type { Sequelize, Transaction } from 'sequelize';

/** The channel on which PostgreSQL passes on that something happened to a brew. */
const CHANNEL = 'brew_news';
/** Without a connection it is tried again after this time, ms. */
const AGAIN_AFTER_ms = 1000;

const CONNECTS_WITHIN_ms = 4000;

const nameOf = (kitchenId: string, brewId: string): string => `${kitchenId}/${brewId}`;

/** Tells every server that something happened to a brew, once the transaction is there for all to see. */
export async function tellNews(
  sequelize: Sequelize,
  kitchenId: string,
  brewId: string,
  transaction: Transaction,
): Promise<void> {
  await sequelize.query('SELECT pg_notify(:channel, :name)', {
    replacements: { channel: CHANNEL, name: nameOf(kitchenId, brewId) },
    transaction,
  });
}

/** What happens to brews, on whatever server it was told. */
export interface BrewNews {
  /** Resolves with the next thing that happens to a brew; rejects when the signal does. */
  readonly next: (kitchenId: string, brewId: string, signal: AbortSignal) => Promise<void>;
}

declare module 'fastify' {
  interface FastifyInstance {
    readonly brewNews: BrewNews;
  }
}

/** Listens to PostgreSQL on one connection of its own, for all who wait. */
export const brewNewsPlugin = fastifyPlugin<{ databaseUrl: string }>(
  async (app, { databaseUrl }) => {
    const heard = new EventEmitter().setMaxListeners(0);
    let closed = false;
    let client: Client | undefined;
    let retry: NodeJS.Timeout | undefined;
    const listen = async (): Promise<void> => {
      const fresh = new Client({
        connectionString: databaseUrl,
        keepAlive: true,
        connectionTimeoutMillis: CONNECTS_WITHIN_ms,
      });
      client = fresh;
      const again = () => {
        if (client !== fresh) return;
        client = undefined;
        if (!closed) retry = setTimeout(() => void listen(), AGAIN_AFTER_ms).unref();
      };
      fresh.on('error', again);
      fresh.on('end', again);
      fresh.on('notification', ({ payload }) => payload && heard.emit(payload));
      try {
        await fresh.connect();
        await fresh.query(`LISTEN ${CHANNEL}`);
        // What was told while nobody listened: all look once.
        for (const name of heard.eventNames()) heard.emit(name);
      } catch {
        await fresh.end().catch(() => undefined);
        again();
      }
    };
    app.decorate('brewNews', {
      next: async (kitchenId, brewId, signal) => {
        await once(heard, nameOf(kitchenId, brewId), { signal });
      },
    } satisfies BrewNews);
    app.addHook('onReady', async () => void listen());
    app.addHook('onClose', async () => {
      closed = true;
      clearTimeout(retry);
      await client?.end().catch(() => undefined);
    });
  },
  { name: 'brew-news' },
);
