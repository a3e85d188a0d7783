import type { DrinkDocument } from '@wellhydra/core/drink';
import { PAGE_FOLLOWS_ms, TypedAhead, type Change } from '../src/domain/drinks/typed-ahead';
import { drink } from './trial-brew';

const named =
  (name: string): Change =>
  (document) => ({ ...document, name });
const longer: Change = (document) => ({ ...document, name: `${document.name}.` });

/** A store that holds one drink, and what was typed into it ahead. */
function typing() {
  const store = { drink: drink('Tonic', ['1 L water']) as DrinkDocument | undefined, taken: 0 };
  const ahead = new TypedAhead(
    () => store.drink,
    (change) => {
      store.taken += 1;
      if (store.drink) store.drink = change(store.drink);
    },
  );
  return { store, ahead };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

it('a key is heard at once, and reaches the store when the keys pause', () => {
  const { store, ahead } = typing();
  const heard: string[] = [];
  ahead.subscribe(({ name }) => heard.push(name));
  ahead.type(longer);
  ahead.type(longer);
  expect(heard).toEqual(['Tonic.', 'Tonic..']);
  expect([store.drink!.name, ahead.isAhead()]).toEqual(['Tonic', true]);
  jest.advanceTimersByTime(PAGE_FOLLOWS_ms);
  expect([store.drink!.name, ahead.isAhead(), store.taken]).toEqual(['Tonic..', false, 1]);
});

it('every key begins the pause anew', () => {
  const { store, ahead } = typing();
  for (let key = 0; key < 5; key += 1) {
    ahead.type(longer);
    jest.advanceTimersByTime(PAGE_FOLLOWS_ms - 1);
  }
  expect(store.taken).toBe(0);
});

it('what somebody else changed meanwhile stays, and the keys are typed into it', () => {
  const { store, ahead } = typing();
  ahead.type(longer);
  store.drink = named('Their tonic')(store.drink!);
  ahead.flush();
  expect(store.drink!.name).toBe('Their tonic.');
});

it('tells when there is something ahead and when there is not, once each', () => {
  const { ahead } = typing();
  const told: boolean[] = [];
  const stop = ahead.watch(() => told.push(ahead.isAhead()));
  ahead.type(longer);
  ahead.type(longer);
  ahead.flush();
  ahead.flush();
  expect(told).toEqual([true, false]);
  stop();
  ahead.type(longer);
  expect(told).toHaveLength(2);
});

it('into a drink that is gone nothing is typed', () => {
  const { store, ahead } = typing();
  store.drink = undefined;
  ahead.type(longer);
  expect(ahead.isAhead()).toBe(false);
});
