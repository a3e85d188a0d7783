import type { BrewEvent } from '@wellhydra/core/brew';
import { composerTyped, drinkStarted } from '../src/features/drink/draft/drafts';
import { BREWS_KEY, brewHappened, brewStarted, brewsCleared, waitingSent } from '../src/features/make/brews';
import { PLAN_KEY, wishAdded, wishChanged, wishRemoved } from '../src/features/plan/plans';
import { withChanges } from '../src/state/shared-list';
import { createStore } from '../src/state/store';
import { fakeKitchen } from './fake-kitchen';
import { START, beginning } from './trial-brew';

const start = beginning(START);
const done = (step: string): BrewEvent => ({ kind: 'step-done', step, id: step, at: start.startedAt });

/** What a browser does in every other tab when one has written. */
const tell = (key: string) => window.dispatchEvent(new StorageEvent('storage', { key }));
const waiting = (store: ReturnType<typeof createStore>) => store.getState().brews.outbox.map(({ id }) => id);

// No server answers in this file: what happens waits.
beforeEach(() => void fakeKitchen({}));

describe('a list that tabs share', () => {
  const item = (id: string, text = '') => ({ id, text });
  const idOf = ({ id }: { id: string }) => id;
  const [a, b, c] = [item('a'), item('b'), item('c')];
  const changed = item('a', 'changed');

  it.each([
    ['what is added here joins what was added elsewhere', [a, c], [a], [a, b], [a, c, b]],
    ['what is removed here goes', [a, c], [a], [], [c]],
    ['what was removed elsewhere stays removed', [], [a], [a, b], [b]],
    ['what is changed here is changed', [a, c], [a], [changed], [changed, c]],
    ['what was changed elsewhere stays so', [changed], [a], [a, b], [changed, b]],
    ['what is changed here comes back', [], [a], [changed], [changed]],
  ])('%s', (_what, shared, before, after, expected) => {
    expect(withChanges(shared, { before, after, idOf })).toEqual(expected);
  });
});

test('what one tab has to send is not lost when another one writes, and both know of it', () => {
  const [one, other] = [createStore(), createStore()];
  one.dispatch(brewStarted({ id: 'tea', start }));
  one.dispatch(brewHappened({ brew: 'tea', event: done('a') }));
  other.dispatch(brewStarted({ id: 'tonic', start }));
  expect(waiting(createStore())).toEqual(['tea', 'a', 'tonic']);
  tell(BREWS_KEY);
  expect(waiting(one)).toEqual(['tea', 'a', 'tonic']);
  expect(waiting(other)).toEqual(['tea', 'a', 'tonic']);
  // Sent by one, it waits nowhere.
  one.dispatch(waitingSent(['tea', 'a']));
  tell(BREWS_KEY);
  expect(waiting(other)).toEqual(['tonic']);
  expect(Object.keys(other.getState().brews.byId)).toEqual(['tea', 'tonic']);
  one.dispatch(brewsCleared());
  expect(localStorage.getItem(BREWS_KEY)).toBeNull();
});

test('a plan is the same in all tabs', () => {
  const [one, other] = [createStore(), createStore()];
  const wish = (id: string) => ({ id, drinkId: id, readyBy: start.startedAt });
  one.dispatch(wishAdded(wish('a')));
  other.dispatch(wishAdded(wish('b')));
  tell(PLAN_KEY);
  other.dispatch(wishChanged({ id: 'a', pinned: start.startedAt }));
  one.dispatch(wishRemoved('b'));
  tell(PLAN_KEY);
  for (const store of [one, other, createStore()])
    expect(store.getState().plans.wishes).toEqual([{ ...wish('a'), pinned: start.startedAt, agreed: null }]);
});

test('what is typed in one tab is still there after a reload, whatever the other one does', () => {
  const [one, other] = [createStore(), createStore()];
  one.dispatch(drinkStarted({ id: 'tea', document: start.recipe.document as never }));
  other.dispatch(drinkStarted({ id: 'tonic', document: start.recipe.document as never }));
  one.dispatch(composerTyped({ id: 'tea', text: '20 g su' }));
  const { drafts } = createStore().getState();
  expect(Object.keys(drafts)).toEqual(['tea', 'tonic']);
  expect(drafts.tea!.composer).toBe('20 g su');
});
