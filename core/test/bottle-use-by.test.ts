import {
  KEEPING_TIMES,
  SHELF_PLACES,
  daysIn,
  movedTo,
  placesByKeeping,
  bottleUseBy,
  type Keeping,
  type ShelfPlace,
  type Stand,
} from '../src/keeping';
import { analyse, trialDrink } from './trial-drink';
import fc from './seeded';

/** When a bottle is to be used up: days worked out by hand from what each place leaves of its time. */

const OXYMEL: Keeping = {
  class: 'oxymel',
  place: 'fridge',
  days: KEEPING_TIMES.oxymel.fridge,
  daysOpened: KEEPING_TIMES.oxymel.fridgeOpened,
  daysInCoolRoom: KEEPING_TIMES.oxymel.room,
  closed: { fridge: 180, 'cool room': 30, cupboard: 30, freezer: 240 },
  heldBackBy: ['acid and sugar together hold most growth back'],
  lowAcid: false,
  pH: 3.3,
};
const DAY_ms = 86_400_000;
const MADE = '2026-01-01T08:00:00.000Z';
const after = (days: number): string => new Date(Date.parse(MADE) + days * DAY_ms).toISOString();
/** Places with the day they were put there. */
const stands = (...moves: readonly (readonly [ShelfPlace, number])[]): readonly Stand[] =>
  moves.map(([place, day]) => ({ place, since: after(day) }));
const daysLeft = (keeping: Keeping, moves: readonly Stand[], opened: number | null = null): number => {
  const until = bottleUseBy(keeping, { madeAt: MADE, stands: moves, openedAt: opened === null ? null : after(opened) });
  return (Date.parse(until.useBy) - Date.parse(MADE)) / DAY_ms;
};

describe('in one place', () => {
  test.each([
    ['closed in the fridge', 'fridge', null, 180, /6 months in the fridge/],
    ['closed in a cool room', 'cool-room', null, 30, /30 days in a cool room/],
    ['opened late', 'fridge', 120, 180, /6 months in the fridge/],
    ['opened early', 'fridge', 10, 100, /3 months once opened/],
    ['opened in a cool room', 'cool-room', 1, 30, /30 days in a cool room/],
    ['opened, then kept frozen', 'freezer', 10, 240, /8 months in the freezer/],
  ] as const)('%s', (_what, place, opened, days, reason) => {
    expect(daysLeft(OXYMEL, stands([place, 0]), opened)).toBeCloseTo(days, 9);
    const history = { madeAt: MADE, stands: stands([place, 0]), openedAt: opened === null ? null : after(opened) };
    expect(bottleUseBy(OXYMEL, history).reason).toMatch(reason);
    expect(bottleUseBy(OXYMEL, history).reason).toMatch(/acid and sugar together/);
  });
});

describe('moved', () => {
  const JUICE: Keeping = {
    ...OXYMEL,
    place: 'freezer',
    days: 240,
    daysOpened: 2,
    daysInCoolRoom: 0.1,
    closed: { fridge: 4, 'cool room': 0.1, cupboard: 0.1, freezer: 240 },
  };
  test.each([
    // 15 of 30 days leave half of 180.
    ['half its time in the cupboard', OXYMEL, stands(['cupboard', 0], ['fridge', 15]), 15 + 90],
    ['and back', OXYMEL, stands(['cupboard', 0], ['fridge', 15], ['cupboard', 60]), 60 + 30 * (1 - 0.5 - 45 / 180)],
    ['all its time, before it came to the fridge', OXYMEL, stands(['cupboard', 0], ['fridge', 31]), 31],
    ['frozen at once and never thawed', JUICE, stands(['freezer', 0]), 240],
    // Thawed it keeps as an opened one: 2 days, of which a tenth went in the freezer.
    ['thawed after a tenth of its frozen time', JUICE, stands(['freezer', 0], ['fridge', 24]), 24 + 0.9 * 2],
    ['frozen after half a day in the fridge', JUICE, stands(['fridge', 0], ['freezer', 2]), 2 + 0.5 * 240],
    ['written down later than it was filled', OXYMEL, [{ place: 'fridge', since: after(3) }] as const, 180],
  ] as const)('%s', (_what, keeping, moves, days) => expect(daysLeft(keeping, moves)).toBeCloseTo(days, 6));

  test('an opened bottle does not age further while it is frozen', () => {
    // Opened on day 1, frozen from day 2 to day 32: 90 days once opened, of which one is gone.
    expect(daysLeft(OXYMEL, stands(['fridge', 0], ['freezer', 2], ['fridge', 32]), 1)).toBeCloseTo(
      Math.min(32 + 90 * (1 - 2 / 180 - 30 / 240), 1 + 90 + 30),
      6,
    );
  });
  test('the same place again is no move, and many moves stay few', () => {
    expect(movedTo(OXYMEL, stands(['fridge', 0]), stands(['fridge', 3])[0]!)).toEqual(stands(['fridge', 0]));
    let moves = stands(['fridge', 0]);
    for (let day = 1; day <= 250; day += 1)
      moves = movedTo(OXYMEL, moves, { place: day % 2 === 0 ? 'fridge' : 'cupboard', since: after(day / 100) });
    expect(moves).toHaveLength(100);
    expect(moves[0]).toEqual({ place: 'cupboard', since: MADE });
    expect(moves.at(-1)).toEqual({ place: 'fridge', since: after(2.5) });
  });
});

describe('every place of the steps against every place of a bottle', () => {
  const KINDS = [
    ['juice', 'add 500 mL apple juice'],
    ['syrup', 'add 600 g white sugar | add 320 g water | add 12 g citric acid | simmer 5 min'],
    ['dry-mix', 'add 100 g table salt'],
    ['rehydration', 'add 2.6 g table salt | add 13.5 g glucose | add 1 L water | dissolve'],
  ] as const;
  test.each(KINDS)('%s', (kind, script) => {
    const plain = analyse(trialDrink(kind, script)).keeping!;
    for (const stored of ['fridge', 'cool room', 'cupboard', 'freezer'] as const) {
      const keeping = analyse(trialDrink(kind, `${script} | store ${stored}`)).keeping!;
      for (const place of SHELF_PLACES) {
        // Where the steps put it says nothing of how long it keeps elsewhere.
        expect(daysIn(keeping, place)).toBe(daysIn(plain, place));
        const filled = daysLeft(keeping, stands([place, 0]));
        expect(filled).toBeCloseTo(
          Math.min(daysIn(keeping, place), (Date.parse('2100-01-01') - Date.parse(MADE)) / DAY_ms),
          6,
        );
        // Put there at once is the same as filled there.
        for (const first of SHELF_PLACES)
          expect(daysLeft(keeping, stands([first, 0], [place, 0]))).toBeCloseTo(filled, 6);
      }
    }
  });
  test('raw juice from the freezer keeps three days in the fridge, not eight months', () => {
    const keeping = analyse(trialDrink('juice', 'add 500 mL apple juice | store freezer')).keeping!;
    expect([daysIn(keeping, 'freezer'), daysIn(keeping, 'fridge')]).toEqual([240, 3]);
  });
  test.each([
    ['juice', 'add 500 mL apple juice | store cupboard', 'fridge'],
    ['juice', 'add 500 mL apple juice | store freezer', 'freezer'],
    ['juice', 'add 500 mL apple juice', 'fridge'],
    ['dry-mix', 'add 100 g table salt', 'cupboard'],
    ['dry-mix', 'add 100 g table salt | store fridge', 'fridge'],
  ] as const)('%s, "%s": %s is offered first', (kind, script, first) =>
    expect(placesByKeeping(analyse(trialDrink(kind, script)).keeping!)[0]!.place).toBe(first),
  );
});

test('a move never gives back time: however it was moved, no longer than its best place from the start', () => {
  const move = fc.tuple(fc.constantFrom(...SHELF_PLACES), fc.double({ min: 0, max: 20, noNaN: true }));
  fc.assert(
    fc.property(fc.array(move, { minLength: 1, maxLength: 8 }), fc.constantFrom(null, 0, 3), (moves, opened) => {
      let day = 0;
      const stood = stands(...moves.map(([place, wait]) => [place, (day += wait)] as const));
      const most = Math.max(...SHELF_PLACES.map((place) => daysIn(OXYMEL, place)));
      expect(daysLeft(OXYMEL, stood, opened)).toBeLessThanOrEqual(Math.max(most, day) + 1e-6);
      // Closed keeps at least as long as opened.
      if (opened !== null) expect(daysLeft(OXYMEL, stood, opened)).toBeLessThanOrEqual(daysLeft(OXYMEL, stood) + 1e-6);
    }),
  );
});

test('a bottle that stands nowhere, and a moment that is none, are refused', () => {
  expect(() => bottleUseBy(OXYMEL, { madeAt: MADE, stands: [], openedAt: null })).toThrow(/stands somewhere/);
  expect(() => bottleUseBy(OXYMEL, { madeAt: 'soon', stands: stands(['fridge', 0]), openedAt: null })).toThrow(
    /no moment/,
  );
});
