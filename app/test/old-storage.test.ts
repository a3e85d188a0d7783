import type { Session } from '@wellhydra/contract';
import { enter } from '../src/state/sync/enter';
import { emptyDevice, tab } from './device';
import { fakeKitchen } from './fake-kitchen';

const step = { id: 's0', verb: 'add', text: '20 g honey' };
const document = { name: 'Old tonic', kind: 'tonic', serving: '100 mL', target: null, steps: [step] };
const draft = { id: 'd1', base: document, mine: document, revision: 3, unsent: true, composer: '', conflicts: [] };
const waits = { id: 'e1', brew: 'b1', kind: 'event', body: { kind: 'note' } };
/** What earlier versions kept, as they kept it. */
const KEPT = {
  drafts: { d1: { ...draft, stuck: null } },
  brews: { byId: { b1: { id: 'b1' } }, outbox: [waits] },
  plan: { wishes: [{ id: 'w1', drinkId: 'd1' }], from: '08:00' },
  kitchen: 'skerry',
};
const SESSION = { account: { id: 'ines' }, kitchen: { id: 'skerry' } } as Session;
afterEach(emptyDevice);

test('what an earlier version kept of each kind is taken over, once', async () => {
  fakeKitchen({ 'POST /brews/b1/events': () => undefined });
  for (const [name, value] of Object.entries(KEPT)) localStorage.setItem(`wellhydra.${name}`, JSON.stringify(value));
  const store = tab();
  await enter(SESSION, store.dispatch as never, () => true);
  const { drafts, brews, queue, owner } = store.getState();
  expect(drafts.d1).toMatchObject({ unsent: true, mine: document });
  expect(Object.keys(brews.byId)).toEqual(['b1']);
  expect(queue.entries).toMatchObject([
    { id: 'e1', kind: 'brew-event', lane: 'brew:b1', body: { brew: 'b1', event: { kind: 'note' } } },
  ]);
  expect(owner.storageFull).toBe(false);
  expect(Object.keys(KEPT).filter((name) => localStorage.getItem(`wellhydra.${name}`) !== null)).toEqual([]);
});
