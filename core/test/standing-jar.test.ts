import { brewRecipe, brewState, runBrew, standingJar, type BrewEvent } from '../src/brew';
import type { DrinkDocument, Verb } from '../src/drink';
import { DEFAULT_SETTINGS } from '../src/kitchen';

const document = (...lines: readonly (readonly [Verb, string])[]): DrinkDocument => ({
  name: 'Fire cider',
  kind: 'vinegar-honey',
  serving: '15 mL',
  target: null,
  steps: lines.map(([verb, text], index) => ({ id: `s${index}`, verb, text })),
});
const MACERATION = document(
  ['add', '500 mL cider vinegar'],
  ['add', '100 g fresh ginger'],
  ['steep', '4 weeks'],
  ['strain', 'cloth'],
  ['add', '150 g honey'],
);
const STARTED = '2026-11-01T10:00:00.000Z';
const done = (step: string, at: string): BrewEvent => ({ kind: 'step-done', id: `done ${step}`, step, at });
const jarOf = (drink: DrinkDocument, events: readonly BrewEvent[], now: string) => {
  const recipe = brewRecipe({ document: drink, preparations: [], settings: DEFAULT_SETTINGS });
  const state = brewState(events);
  const at = { startedAt: new Date(STARTED), now: new Date(now) };
  return standingJar(recipe, state, runBrew(recipe, state), at);
};
const IN = [done('s0', '2026-11-01T10:05:00.000Z'), done('s1', '2026-11-01T10:30:00.000Z')];

test('a jar that stands for weeks says when it is strained, from when it was filled', () => {
  expect(jarOf(MACERATION, IN, '2026-11-20T12:00:00.000Z')).toEqual({
    step: 's2',
    since: new Date('2026-11-01T10:30:00.000Z'),
    until: new Date('2026-11-29T10:30:00.000Z'),
    then: 'strain',
    strained: true,
  });
});

test('a timer that was started says it better', () => {
  const timer: BrewEvent = {
    kind: 'timer-started',
    id: 't',
    step: 's2',
    minutes: 14 * 24 * 60,
    at: '2026-11-02T10:30:00.000Z',
  };
  expect(jarOf(MACERATION, [...IN, timer], '2026-11-20T12:00:00.000Z')!.until).toEqual(
    new Date('2026-11-16T10:30:00.000Z'),
  );
});

test.each<[string, readonly BrewEvent[]]>([
  ['before it is filled', [IN[0]!]],
  ['once it has stood', [...IN, done('s2', '2026-11-29T11:00:00.000Z')]],
  ['when everything is done', [...IN, ...['s2', 's3', 's4'].map((step) => done(step, '2026-11-29T11:00:00.000Z'))]],
])('%s there is no jar that stands', (_what, events) =>
  expect(jarOf(MACERATION, events, '2026-11-20T12:00:00.000Z')).toBeNull(),
);

test('what steeps for minutes wears no label, and what is not strained is told by what is done then', () => {
  const tea = document(
    ['add', '500 mL water'],
    ['add', '5 g dried chamomile'],
    ['steep', '10 min'],
    ['strain', 'cloth'],
  );
  const first = done('s0', '2026-11-01T10:00:00.000Z');
  expect(jarOf(tea, [first, done('s1', '2026-11-01T10:01:00.000Z')], '2026-11-01T10:02:00.000Z')).toBeNull();
  const cold = document(['add', '500 mL water'], ['steep', '12 h'], ['add', '20 g honey']);
  expect(jarOf(cold, [first], '2026-11-01T12:00:00.000Z')).toMatchObject({ then: 'add', strained: false });
});
