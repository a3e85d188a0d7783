import { randomUUID } from 'node:crypto';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { POOL } from '../src/database/connect';
import { CLIENTS, PLAIN, ROUNDS, json, median, print, start, throughput, type Ask } from './asking';
import { benchDocument, type FilledKitchen } from './filled-kitchen';
import { recordSql } from './recorded-sql';

/** The application against a bare server that does the same SQL. */

/** A revision that stands nowhere else in a statement. */
const MARKED = 7_000_001;

export type Works = Readonly<Record<'list' | 'pour' | 'save', readonly [mine: Ask, theirs: Ask]>>;

/** What both are asked: ours, and bare Fastify + pg with the same SQL. */
export async function worksOf(
  app: FastifyInstance,
  kitchen: FilledKitchen,
  { ours, databaseUrl }: { readonly ours: string; readonly databaseUrl: string },
): Promise<Works> {
  const { cookie, drinks, bottle } = kitchen;
  const inject = (method: 'GET' | 'PUT', url: string, payload?: object) => async () => {
    const answer = await app.inject({ method, url, headers: { cookie }, ...(payload ? { payload } : {}) });
    if (answer.statusCode >= 300) throw new Error(`${url}: ${answer.statusCode} ${answer.payload}`);
  };
  const pourId = randomUUID();
  const poured = { volume_mL: 0.01, pouredAt: new Date().toISOString() };
  const drink = drinks[0]!;
  const setRevision = (id: string, revision: number) =>
    app.sequelize.query(`
      UPDATE drink_revisions SET revision = ${revision} WHERE drink_id = '${id}' AND revision = (SELECT revision FROM drinks WHERE id = '${id}');
      UPDATE drinks SET revision = ${revision} WHERE id = '${id}'`);
  await setRevision(drink, MARKED).catch(async () => {
    await app.sequelize.query(`UPDATE drinks SET revision = ${MARKED} WHERE id = '${drink}'`);
  });
  const save = { expectedRevision: MARKED, document: benchDocument('Saved') };
  const routes = {
    list: await recordSql(inject('GET', '/api/bottles')),
    pour: await recordSql(inject('PUT', `/api/bottles/${bottle}/pours/${pourId}`, poured)),
    save: await recordSql(inject('PUT', `/api/drinks/${drink}`, save)),
  };
  const file = join(process.env.BENCH_FOLDER!, 'bare.json');
  writeFileSync(file, JSON.stringify({ databaseUrl, connections: POOL.most, routes }));
  const bare = await start(process.env.BENCH_BARE!, [file], {});

  /** Each client saves a drink of its own, one revision after the other. */
  const revisions = new Map<string, number>();
  const revisionOf = async (id: string) => {
    if (!revisions.has(id)) {
      const answer = await fetch(`${ours}/api/drinks/${id}`, { headers: { ...PLAIN, cookie } });
      revisions.set(id, ((await answer.json()) as { revision: number }).revision);
    }
    return revisions.get(id)!;
  };
  const saved = (id: string) => void revisions.set(id, revisions.get(id)! + 1);
  let count = 0;
  return {
    list: [
      () => fetch(`${ours}/api/bottles`, { headers: { ...PLAIN, cookie } }),
      () => fetch(`${bare}/list`, { method: 'POST', ...json({}) }),
    ],
    pour: [
      () => fetch(`${ours}/api/bottles/${bottle}/pours/${randomUUID()}`, { method: 'PUT', ...json(poured, cookie) }),
      () => fetch(`${bare}/pour`, { method: 'POST', ...json({ [pourId]: randomUUID() }) }),
    ],
    save: [
      async (client) => {
        const id = drinks[client]!;
        const expectedRevision = await revisionOf(id);
        const document = benchDocument(`Saved ${(count += 1)}`);
        const answer = await fetch(`${ours}/api/drinks/${id}`, {
          method: 'PUT',
          ...json({ expectedRevision, document }, cookie),
        });
        saved(id);
        return answer;
      },
      async (client) => {
        const id = drinks[client]!;
        const before = await revisionOf(id);
        const exchanged = { [drink]: id, [MARKED + 1]: String(before + 1), [MARKED]: String(before) };
        const answer = await fetch(`${bare}/save`, { method: 'POST', ...json(exchanged) });
        saved(id);
        return answer;
      },
    ],
  };
}

export async function benchPeer(works: Works): Promise<void> {
  print(
    `\nAnswers a second to ${CLIENTS} clients, median of ${ROUNDS} rounds: ours, and bare Fastify + pg with the same SQL`,
  );
  for (const [name, [mine, theirs]] of Object.entries(works)) {
    await throughput(mine);
    await throughput(theirs);
    const pairs = [];
    for (let round = 0; round < ROUNDS; round += 1)
      pairs.push([await throughput(mine), await throughput(theirs)] as const);
    const [a, b] = [median(pairs.map(([each]) => each)), median(pairs.map(([, each]) => each))];
    print(`  ${name.padEnd(6)} ${a.toFixed(0)} and ${b.toFixed(0)}: ${((100 * a) / b).toFixed(0)} %`);
  }
}
