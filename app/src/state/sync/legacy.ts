import { enqueued } from './queue';
import { keepRows, type Owner, type Row } from './vault';
import { readDurable, writeDurable } from '../durable';

/** Where earlier versions of the application kept what was not yet sent. */
const KEYS = {
  drafts: 'wellhydra.drafts',
  brews: 'wellhydra.brews',
  plan: 'wellhydra.plan',
};

interface OldBrews {
  readonly byId: Readonly<Record<string, Row>>;
  readonly outbox: readonly {
    readonly id: string;
    readonly brew: string;
    readonly kind: string;
    readonly body: unknown;
  }[];
}

/**
 * Takes over what an earlier version has left for the kitchen that was last open on this device, once.
 *
 * @param owner somebody of that kitchen
 */
export async function takeOverOldStorage(owner: Owner): Promise<void> {
  const drafts = Object.values(readDurable<Record<string, Row>>(KEYS.drafts) ?? {});
  const brews = readDurable<OldBrews>(KEYS.brews);
  const { wishes = [], ...hours } = readDurable<{ wishes?: Row[] }>(KEYS.plan) ?? {};
  const queue = (brews?.outbox ?? []).map(({ id, brew, kind, body }) => {
    const entry = { id, kind: `brew-${kind}`, lane: `brew:${brew}`, about: '', body: { brew, [kind]: body } };
    return enqueued(entry).payload;
  });
  const nothing = { gone: [] };
  await keepRows(owner, 'drafts', { put: drafts, ...nothing });
  await keepRows(owner, 'brews', { put: Object.values(brews?.byId ?? {}), ...nothing });
  await keepRows(owner, 'queue', { put: queue, ...nothing });
  await keepRows(owner, 'plans', {
    put: [...wishes, ...(Object.keys(hours).length > 0 ? [{ id: 'hours', ...hours }] : [])],
    ...nothing,
  });
  for (const key of Object.values(KEYS)) writeDurable(key, undefined);
}
