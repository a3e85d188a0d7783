import type { DrinkDocument } from '@wellhydra/core/drink';
import { scheduleDrinks } from '@wellhydra/core/plan';
import { runContext } from '../src/domain/run/run-context';
import { planProblem } from '../src/features/plan/problem/plan-problem';
import { planToday } from '../src/features/today/plan-today';
import { analyseDocument } from '../src/domain/run/analyse-document';
import { handsOnOf, planRows, shoppingOf } from '../src/features/plan/plan-view';
import { lanesView, nightsOf } from '../src/features/plan/chart/lanes-view';
import { spanOf, zoomFor, zoomsOf } from '../src/features/plan/chart/plan-span';
import { momentWords, scaleWords } from '../src/domain/words/moment-words';
import { plannedDrinks, type OnShelf } from '../src/features/plan/problem/planned-drinks';
import type { Plan } from '@wellhydra/contract';
import { START, TONIC, after, brewsWith, drink, event } from './trial-brew';

describe('a plan', () => {
  const drinks = [
    { id: 'tonic', document: TONIC },
    {
      id: 'tea',
      document: drink('Root tea', ['60 g fresh ginger, sliced', '1 L water', 'simmer 20 min', '100 g honey']),
    },
  ];
  const context = runContext(
    null,
    drinks.map(({ document }) => document),
  );
  const request = (id: string, drinkId: string, hours: number, agreed: string | null = null) => ({
    id,
    drinkId,
    readyBy: after(hours * 60).toISOString(),
    pinned: null,
    agreed,
  });
  const planOf = (requests: Plan['requests']): Plan => ({ requests, cooks: 1, bed_min: 1350, up_min: 360 });
  const rowsOf = (requests: Plan['requests'], now = START, shelf: readonly OnShelf[] = []) => {
    const planned = plannedDrinks(requests, drinks, context, shelf);
    const brews = brewsWith([event({ kind: 'finished' })]);
    const problem = planProblem(planned, context, { plan: planOf(requests), brews, shelf, begin: START });
    const { pots } = context.settings;
    return { planned, problem, rows: planRows(planned, problem, scheduleDrinks(problem), pots, { begin: START, now }) };
  };

  it('has a row for each drink that can be made, and its hands-on tasks in order', () => {
    const { rows } = rowsOf([request('a', 'tonic', 12), request('b', 'tea', 6), request('c', 'gone', 6)]);
    expect(rows.map(({ name }) => name).sort()).toEqual(['Harbour tonic', 'Root tea']);
    const hands = handsOnOf(rows);
    for (let index = 1; index < hands.length; index += 1)
      expect(hands[index]!.from.getTime()).toBeGreaterThanOrEqual(hands[index - 1]!.from.getTime());
  });

  it('has a lane for each cook, and for each burner and pot that is used', () => {
    const { problem } = rowsOf([request('a', 'tonic', 12), request('b', 'tea', 6)]);
    const { pots } = context.settings;
    const schedule = scheduleDrinks(problem);
    const lanes = lanesView({ problem, schedule, begin: START }, pots);
    expect(lanes.map(({ is }) => is).sort()).toEqual(expect.arrayContaining(['burner', 'cook', 'pot']));
    expect(lanes.filter(({ is }) => is === 'cook').map(({ label }) => label)).toEqual(['Cook']);
    expect(lanes.every(({ is, blocks }) => is === 'cook' || blocks.length > 0)).toBe(true);
    expect(lanes.find(({ is }) => is === 'burner')!.spoken).toContain('Root tea: simmer 20 min');
    // Two at the same time need two cooks: what there is not is said on its lane.
    const at = START.toISOString();
    const both = [request('a', 'tonic', 12), request('b', 'tea', 6)].map((each) => ({ ...each, pinned: at }));
    const pinned = rowsOf(both).problem;
    const short = lanesView({ problem: pinned, schedule: scheduleDrinks(pinned), begin: START }, pots);
    expect(short.filter((lane) => lane.short).map(({ label }) => label)).toContain('One cook too few');
  });

  it('nights are those of the plan', () => {
    const { problem } = rowsOf([request('a', 'tonic', 12)]);
    const [night] = nightsOf({ problem, begin: START }).filter(({ to }) => to > START);
    expect([night!.from.getHours(), night!.from.getMinutes(), night!.to.getHours()]).toEqual([22, 30, 6]);
  });

  it('a preparation that stands on no shelf is planned with its drink, before it', () => {
    const cooler: DrinkDocument = {
      ...drink('Cooler', ['600 mL water']),
      steps: [
        { id: 'c1', verb: 'use', text: '200 mL Harbour tonic' },
        { id: 'c2', verb: 'add', text: '600 mL water' },
      ],
    };
    const all = [...drinks, { id: 'cooler', document: cooler }];
    const kitchen = runContext(
      null,
      all.map(({ document }) => document),
    );
    const requests = [request('a', 'cooler', 14)];
    const planned = plannedDrinks(requests, all, kitchen, []);
    expect(planned.map(({ document, goesInto }) => [document.name, goesInto])).toEqual([
      ['Cooler', null],
      ['Harbour tonic', 'Cooler'],
    ]);
    const brews = brewsWith([event({ kind: 'finished' })]);
    const setting = { plan: planOf(requests), brews, shelf: [], begin: START };
    const { drinks: placed } = scheduleDrinks(planProblem(planned, kitchen, setting));
    const end = (id: string) => placed.find((each) => each.id === id)!;
    expect(end('a tonic').end_min).toBeLessThanOrEqual(end('a').begin_min);
    const bottle = { drinkName: 'Harbour tonic', place: 'fridge' as const, remaining_mL: 400, volume_mL: 500 };
    expect(plannedDrinks(requests, all, kitchen, [bottle])).toHaveLength(1);
    expect(plannedDrinks([...requests, request('b', 'tonic', 10)], all, kitchen, [])).toHaveLength(2);
  });

  it('bottles in the fridge leave less room in it, and the pot that is taken is named', () => {
    const bottle = { drinkName: 'Syrup', place: 'fridge' as const, remaining_mL: 100, volume_mL: 750 };
    const empty = rowsOf([request('a', 'tonic', 12)]);
    const taken = rowsOf([request('a', 'tonic', 12)], START, [bottle, { ...bottle, place: 'cupboard' }]);
    expect(empty.problem.fridge_mL - taken.problem.fridge_mL).toBe(750);
    expect(empty.rows[0]!.words).toMatch(/ · in the saucepan$/);
  });

  it('says what is late, and what was missed', () => {
    expect(rowsOf([request('a', 'tonic', 1)]).rows[0]!.trouble).toMatch(/late$/);
    const missed = rowsOf([request('a', 'tea', 12, after(-60).toISOString())]).rows[0]!;
    expect(missed.trouble).toMatch(/^It was to be begun 60 min ago; planned anew/);
  });

  it('adds up what is to be in the house, without water', () => {
    const { planned } = rowsOf([request('a', 'tonic', 12), request('b', 'tea', 6)]);
    const list = shoppingOf(planned);
    expect(list.find(({ name }) => name === 'Honey')).toMatchObject({
      total: '500 g',
      lines: ['400 g honey for Harbour tonic', '100 g honey for Root tea'],
    });
    expect(list.some(({ name }) => /^water/i.test(name))).toBe(false);
    // What is done to each glass is bought, too: 5 g for each of 20 servings of 50 mL.
    const { steps, ...cordial } = drink('Cordial', ['1 L water', '5 g honey']);
    const perGlass = { ...cordial, serving: '50 mL', steps: [steps[0]!, { ...steps[1]!, atServing: true }] };
    const [glass] = shoppingOf([{ ...planned[0]!, document: perGlass, analysis: analyseDocument(perGlass) }]);
    expect(glass).toMatchObject({ name: 'Honey', total: '100 g', lines: ['5 g honey in each glass of Cordial'] });
  });
});

describe('how much of a plan is shown', () => {
  const HOUR_ms = 3_600_000;
  const NOW = new Date('2026-03-02T08:00:00Z');
  const hours = (count: number) => new Date(NOW.getTime() + count * HOUR_ms);
  const row = (from: number, to: number) => ({ begin: hours(from), end: hours(to), readyBy: hours(to) });
  const [tea, tonic, month] = [row(4, 5), row(6, 9), row(1, 28 * 24)];

  it.each([
    ['a day is shown whole', [tea, tonic], 'all', ['all']],
    [
      'a steep of a month does not hide two that are made today',
      [tea, tonic, month],
      'days',
      ['days', 'week', 'weeks', 'all'],
    ],
    ['of long steeps alone all is shown', [month, row(2, 21 * 24)], 'all', ['days', 'week', 'weeks', 'all']],
    ['nothing longer than a fortnight', [tea, row(0, 200), row(0, 190)], 'all', ['days', 'week', 'all']],
    ['most within a fortnight', [row(0, 200), row(0, 190), month], 'weeks', ['days', 'week', 'weeks', 'all']],
    ['most within a week', [row(0, 100), row(0, 90), month], 'week', ['days', 'week', 'weeks', 'all']],
  ])('%s', (_what, rows, zoom, zooms) => {
    expect(zoomsOf(rows)).toEqual(zooms);
    expect(zoomFor(rows)).toBe(zoom);
  });

  it('leaves room before the first drink, and none before now', () => {
    expect(spanOf([tea, tonic], NOW, 'all')).toEqual([hours(4 - 0.3 * 5), hours(9)]);
    expect(spanOf([month], NOW, 'all')[0]).toEqual(NOW);
    expect(spanOf([tea, month], NOW, 'days')).toEqual([NOW, hours(1 + 48)]);
  });
});

describe('when something is', () => {
  const now = new Date(2026, 10, 26, 11);
  it.each([
    [new Date(2026, 10, 27, 6, 5), 'Fri 06:05'],
    [new Date(2026, 11, 24, 11, 45), 'Thu 24 Dec, 11:45'],
  ])('%s', (at, words) => expect(momentWords(at, now)).toBe(words));

  it.each([
    ['within a day', new Date(2026, 10, 26, 20), '11:00'],
    ['over a night', new Date(2026, 10, 27, 2), 'Thu 11:00'],
    ['weeks', new Date(2026, 11, 26), 'Thu 26 Nov'],
  ])('on a scale of %s', (_what, to, words) => expect(scaleWords(now, to)(now)).toBe(words));
});

describe('the plan on Today', () => {
  const names = new Map([['tonic', 'Harbour tonic']]);
  const request = (agreed: number | null) => ({
    id: 'r',
    drinkId: 'tonic',
    readyBy: after(30 * 60).toISOString(),
    pinned: null,
    agreed: agreed === null ? null : after(agreed).toISOString(),
  });
  const shown = (agreed: number | null, byId = {}) => planToday([request(agreed)], names, { byId }, START)[0];
  it.each([
    ['what was not agreed on is not there', null, undefined],
    ['what is to be begun', 90, /^begin in 90 min, .* · wanted/],
    ['at this moment', 0, /^begin now/],
    ['what was missed', -120, /^was to be begun 2 h ago/],
    ['what is further off than a day', 25 * 60, undefined],
  ] as const)('%s', (_what, agreed, words) => {
    if (words === undefined) expect(shown(agreed)).toBeUndefined();
    else
      expect(shown(agreed)).toMatchObject({
        name: 'Harbour tonic',
        words: expect.stringMatching(words),
        missed: agreed < -5,
      });
  });
  it('what is under way is not to be begun', () => {
    const begun = { ...brewsWith([]).byId.b!, drinkId: 'tonic', startedAt: after(-100).toISOString() };
    expect(shown(-120, { b: begun })).toBeUndefined();
    expect(shown(-120, { b: { ...begun, startedAt: after(-60 * 24).toISOString() } })).toBeDefined();
  });
  it('a drink that is gone is not planned', () =>
    expect(planToday([request(10)], new Map(), { byId: {} }, START)).toEqual([]));
});
