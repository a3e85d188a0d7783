import type { Session } from '@wellhydra/contract';
import { enter } from '../src/state/sync/enter';
import { emptyDevice, tab } from './device';

// Nothing is fetched apart in a test.
jest.mock('../src/state/sync/load-legacy', () => ({
  loadLegacy: () => Promise.resolve(jest.requireActual('../src/state/sync/legacy')),
}));

/** What earlier versions kept, as they kept it. */
const step = { id: 's0', verb: 'add', text: '20 g honey' };
const document = { name: 'Old tonic', kind: 'tonic', serving: '100 mL', target: null, steps: [step] };
const draft = {
  id: 'd1',
  base: document,
  mine: document,
  revision: 3,
  unsent: true,
  composer: '',
  conflicts: [],
  stuck: null,
};
function leaves(kitchen: string): void {
  const kept = {
    drafts: { d1: draft },
    brews: {
      byId: { b1: { id: 'b1' } },
      outbox: [{ id: 'e1', brew: 'b1', kind: 'event', body: { kind: 'note' } }],
    },
    plan: { wishes: [{ id: 'w1', drinkId: 'd1' }], from: '08:00' },
    kitchen,
  };
  for (const [name, value] of Object.entries(kept)) localStorage.setItem(`wellhydra.${name}`, JSON.stringify(value));
}
const SESSION = {
  account: { id: 'ines', name: 'Ines' },
  kitchen: { id: 'skerry', name: 'Skerry' },
} as unknown as Session;
afterEach(emptyDevice);

async function comesIn() {
  const store = tab();
  await enter(SESSION, store.dispatch as never, () => true);
  return store.getState();
}

test('what an earlier version kept for this kitchen is taken over, once', async () => {
  leaves('skerry');
  const { drafts, brews, queue, owner } = await comesIn();
  expect(drafts.d1).toMatchObject({ unsent: true, mine: document });
  expect(Object.keys(brews.byId)).toEqual(['b1']);
  expect(queue.entries).toMatchObject([
    { id: 'e1', kind: 'brew-event', lane: 'brew:b1', body: { brew: 'b1', event: { kind: 'note' } } },
  ]);
  expect(owner.storageFull).toBe(false);
  expect(Object.keys(localStorage).filter((key) => /drafts|brews|plan|kitchen/.test(key))).toEqual([]);
});

test('what belongs to another kitchen stays where it is', async () => {
  leaves('harbour');
  const { drafts, queue } = await comesIn();
  expect([drafts, queue.entries]).toEqual([{}, []]);
  expect(localStorage.getItem('wellhydra.drafts')).not.toBeNull();
});
