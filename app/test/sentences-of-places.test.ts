import type { LotTrace } from '@wellhydra/contract';
import { AGE_GROUPS, DANGER_SIGNS, FACT_CODES, type Person, type RehydrationSheet } from '@wellhydra/core/household';
import { scheduleDrinks } from '@wellhydra/core/plan';
import { hadOf } from '../src/domain/people/drunk';
import { lastsViews, spoonViews } from '../src/domain/people/spoons';
import { peopleRows } from '../src/domain/people/use-people';
import { houseOf } from '../src/domain/stores/house';
import { toBuy } from '../src/domain/stores/to-buy';
import { runContext } from '../src/domain/run/run-context';
import { bottleView, paceWords, shelfSummary } from '../src/features/bottles/bottles-view';
import { drinkers, readPour } from '../src/features/bottles/pour/pour-view';
import { cardViews } from '../src/features/people/cards/card-view';
import { daysHad, weekView } from '../src/features/people/person/week-view';
import { sheetView } from '../src/features/people/sickness/sheet-view';
import { planPreview } from '../src/features/people/spoons/plan-view';
import { sweatSays } from '../src/features/people/sweat/sweat-view';
import { lanesView } from '../src/features/plan/chart/lanes-view';
import { handsOnOf, planRows, shoppingOf } from '../src/features/plan/plan-view';
import { plannedDrinks } from '../src/features/plan/problem/planned-drinks';
import { planProblem } from '../src/features/plan/problem/plan-problem';
import { replanMoves } from '../src/features/plan/replan-view';
import { makeViews } from '../src/features/stores/make-view';
import { reachedWords, stockViews, storesWorth } from '../src/features/stores/stores-view';
import { NOTHING_TO_BUY } from '@wellhydra/core/shopping';
import { STUMBLES, textsIn } from './stumbles';
import { START, TONIC, after, brewsWith, drink, event } from './trial-brew';
import { BREWS, HOUSE, NOW, at, bottle, drunk, person, spoonPlan } from './trial-people';
import { inDays, lot } from './trial-stores';

/** What people, plan, stores and shelf can say, in as many states as are easily made. */

const EVERYBODY: Readonly<Record<string, Person>> = {
  ...HOUSE.people,
  ...Object.fromEntries(
    AGE_GROUPS.map(({ code, words }) => [code, person(`Somebody, ${words}`, { group: code, weight_kg: 21 })]),
  ),
  ...Object.fromEntries(FACT_CODES.map((code) => [`is-${code}`, person(`With ${code}`, { facts: { [code]: true } })])),
  none: person('Nell', { lines: { sodium_mg: { most: 0, from: 'own' } } }),
};
const ROWS = peopleRows({ ...HOUSE, people: EVERYBODY });
const IDS = Object.keys(EVERYBODY);

const POURS = [0, 1, 6].map((count) =>
  hadOf({ pours: IDS.flatMap((id) => Array.from({ length: count }, (_, n) => drunk(id, at(8 + n)))), brews: BREWS }),
);
const BOTTLES = [
  [],
  [bottle()],
  [bottle({ facts: null }), bottle({ useBy: at(1, 20) }), bottle({ useBy: at(1, 30), openedAt: at(9) })],
  [bottle({ remaining_mL: 0 }), bottle({ kind: 'dry-mix', volume_mL: 205, remaining_mL: 200, serving_mL: 5 })],
];

function peopleSay(): unknown {
  return POURS.flatMap((had) =>
    BOTTLES.map((bottles) => {
      const known = { household: HOUSE, had, bottles, names: new Map([['d', 'Fogbank']]), now: NOW };
      const plans = [
        '1 tsp every two hours today, then three a day for a week',
        '250 mL 6 a day',
        'now and then',
        '1 tsp',
      ];
      return [
        cardViews(ROWS, { had, bottles, now: NOW }),
        IDS.map((id) => [weekView(EVERYBODY[id]!, id, had, NOW), daysHad(id, had, NOW)]),
        spoonViews(known),
        spoonViews({ ...known, household: { ...HOUSE, spoonPlans: { plan: spoonPlan({ ended: at(9) }) } } }),
        [600, null].map((minutes) => lastsViews(known, () => minutes)),
        plans.map((text) =>
          planPreview({ drinkId: 'd', text, people: IDS, from_min: 480, to_min: 1080, begins: NOW }, known),
        ),
        bottles.map((each) => [
          bottleView(each, NOW),
          ['250 mL', '1 serving', '', '5 g'].map((amount) => {
            const read = readPour({ amount, additions: '', at: null }, each, {});
            return [read, drinkers(each, read, { people: ROWS, had, now: NOW })];
          }),
        ]),
        shelfSummary(bottles),
      ];
    }),
  );
}

function sicknessSays(): unknown {
  const KINDS = ['stool', 'vomit', 'urine'] as const;
  return IDS.flatMap((personId) =>
    [0, 1, 7].map((count) => {
      const entries = Array.from({ length: count }, (_, n) => [`e${n}`, { kind: KINDS[n % 3]!, at: at(7 + n) }]);
      const sheet: RehydrationSheet = {
        personId,
        begins: at(3, count === 7 ? 26 : 28),
        entries: Object.fromEntries(entries),
        signs: count === 7 ? Object.fromEntries(DANGER_SIGNS.map(({ code }) => [code, true])) : {},
        ended: null,
      };
      return sheetView(sheet, EVERYBODY[personId]!, POURS[1]!, NOW);
    }),
  );
}

const sweatSay = (): unknown =>
  [68.2, 69, 70, 71.5].flatMap((after_kg) =>
    (['none', 'soaked'] as const).flatMap((clothes) =>
      (['white', 'unknown'] as const).map((marks) =>
        sweatSays({ before_kg: 70, after_kg, drunk_mL: 500, urine_mL: 0, minutes: 75, clothes, marks }),
      ),
    ),
  );

function planSays(): unknown {
  const tea = drink('Root tea', ['60 g fresh ginger, sliced', '1 L water', 'simmer 20 min', '100 g honey']);
  const drinks = [
    { id: 'tonic', document: TONIC },
    { id: 'tea', document: tea },
  ];
  const context = runContext(
    null,
    drinks.map(({ document }) => document),
  );
  const { pots } = context.settings;
  const brews = brewsWith([event({ kind: 'finished' })]);
  return [0.5, 3, 12, 60].flatMap((hours) =>
    [null, after(-90).toISOString()].map((agreed) => {
      const requests = drinks.map(({ id }) => ({
        id: `r-${id}`,
        drinkId: id,
        readyBy: after(hours * 60).toISOString(),
        pinned: hours === 3 ? START.toISOString() : null,
        agreed,
      }));
      const planned = plannedDrinks(requests, drinks, context, []);
      const plan = { requests, cooks: 1, bed_min: 1350, up_min: 360 };
      const problem = planProblem(planned, context, { plan, brews, shelf: [], begin: START });
      const schedule = scheduleDrinks(problem);
      const rows = planRows(planned, problem, schedule, pots, { begin: START, now: START });
      const lanes = lanesView({ problem, schedule, begin: START }, pots);
      return [
        rows.map(({ words, trouble }) => [words, trouble]),
        handsOnOf(rows),
        lanes.map(({ label, spoken }) => [label, spoken]),
        shoppingOf(planned),
        replanMoves(rows, requests, START),
      ];
    }),
  );
}

function storesSay(): unknown {
  const lots = [
    lot('honey', { remaining_g: 150, bestBefore: inDays(4) }),
    lot('picked', { ingredient: 'elderberries-dried', name: 'Cliff berries', got: 'picked', bestBefore: inDays(-3) }),
    lot('salt', { ingredient: 'table-salt', name: 'Salt', remaining_g: 1, purity_pct: 98, place: '' }),
  ];
  const drinks = Object.entries({ honey: 700, 'table-salt': 5, 'elderberries-dried': 1, 'lemon-juice': 40 }).map(
    ([ingredient, grams]) => ({
      id: ingredient,
      name: `With ${ingredient}`,
      used: { [ingredient]: grams },
      prepared: [{ name: 'Hip syrup', amount_mL: 200, used: { honey: 90 } }],
    }),
  );
  const drinker = { personId: 'ines', volume_mL: 50, lastAt: at(9) };
  const reached = [0, 1, 3].map((left) => ({
    bottles: Array.from({ length: 2 }, () => ({ remaining_mL: left * 100 })),
    drinkers: left === 1 ? [drinker] : [],
  }));
  let ids = 0;
  return [[], [bottle({ drinkName: 'Hip syrup', remaining_mL: 60 })]].map((bottles) => {
    const house = houseOf(lots, bottles, NOW);
    return [
      stockViews(lots, NOW),
      storesWorth(lots, NOW),
      makeViews(drinks, house, NOW).map(({ missing, usesUp }) => [missing, usesUp]),
      toBuy(drinks, house, NOTHING_TO_BUY, { now: NOW, newId: () => `n${(ids += 1)}` }),
      reachedWords(reached as unknown as LotTrace['brews']),
      reachedWords(reached.slice(1, 2) as unknown as LotTrace['brews']),
      paceWords({ remaining_mL: 300 }, [{ volume_mL: 50, pouredAt: at(9, 25) }], NOW),
    ];
  });
}

const SAID: readonly string[] = [
  ...new Set([peopleSay(), sicknessSays(), sweatSay(), planSays(), storesSay()].flatMap(textsIn)),
].filter((each) => !/^\d{4}-\d\d-\d\dT/.test(each));

test('there is much to read', () => expect(SAID.length).toBeGreaterThan(400));

test.each(STUMBLES)('nothing that people, plan and stores say has %s', (_what, pattern) => {
  expect(SAID.filter((each) => pattern.test(each))).toEqual([]);
});

/** Whoever holds a glass reads so many words at once. */
const MOST_WORDS = 42;

test('the longest can be read with a glass in hand', () => {
  const sentences = SAID.flatMap((each) => each.split(/(?<=[.!?:;])\s|, | · /));
  expect(sentences.filter((each) => each.split(/\s+/).length > MOST_WORDS)).toEqual([]);
});
