import type { BrewEvent } from '@wellhydra/core/brew';
import { brewRecipe, brewState, runBrew } from '@wellhydra/core/brew';
import { adviceView, expectedHere, expectedView, stepPages } from '../src/features/make/make-view';
import { quantityWords, readingUnit } from '../src/domain/brews/reading-words';
import { differenceWords, readReading, readingText } from '../src/features/make/readings/reading-units';
import { restOf } from '../src/features/make/timers/timers';
import { clockWords } from '@wellhydra/core/quantity';
import { habitsView } from '../src/features/kitchen/habits-view';
import { inWords, runningView, thenWords, todayView } from '../src/features/today/today-view';
import { unitsChosen } from '../src/state/units-choice';
import { START, TONIC, after, brew, brewsWith, drink, event, recipe, stored } from './trial-brew';

describe('a step on its page', () => {
  const pages = (events: readonly BrewEvent[] = []) => {
    const state = brewState(events);
    return stepPages(recipe, state, runBrew(recipe, state));
  };

  it('says what, in what, how long, what to look for and what can go wrong', () => {
    const simmer = pages()[2]!;
    expect(simmer).toMatchObject({ title: 'Simmer 40 min', timer_min: 40, left: null });
    expect(simmer.facts).toMatch(/^Lid ajar/);
    expect([simmer.look, simmer.mind].every(Boolean)).toBe(true);
    expect(simmer.readings[0]).toBe('volume_mL');
  });

  it('finds the time of a cooling, and asks for its temperature first', () => {
    const hot = brewRecipe({ ...stored, document: drink('Tea', ['1 L water', 'heat to 90 °C', 'cool to 40 °C']) });
    const state = brewState([]);
    const cool = stepPages(hot, state, runBrew(hot, state))[2]!;
    expect(cool.timer_min).toBeGreaterThan(5);
    expect(cool.facts).toMatch(/about/i);
    expect(cool.readings[0]).toBe('temperature_C');
  });

  it('shows an amount that was changed, and what was written', () => {
    const honey = pages([event({ kind: 'amount-changed', step: 's7', text: '320 g honey' })])[6]!;
    expect(honey.title).toBe('320 g honey');
    expect(honey.facts).toContain('Written: 400 g honey');
  });

  it('a look at the brew is a step of its own, and what is read there belongs to the step before it', () => {
    const all = pages([event({ kind: 'added', step: 's7', text: '1 tbsp honey' })]);
    const taste = all.at(-1)!;
    expect(taste).toMatchObject({ id: 's7:taste', of: 's7', title: 'Taste it', left: null, canAdd: true });
    expect(taste.readings[0]).toBe('taste');
    expect(taste.additions).toHaveLength(1);
    expect(pages([event({ kind: 'step-done', step: 's7:taste' })]).at(-1)!.left).toBe('done');
  });

  it('what runs off a cold spoon goes back on the fire', () => {
    const syrup = brewRecipe({ ...stored, document: drink('Syrup', ['1 L water', '800 g sugar', 'reduce to 900 mL']) });
    const events = [event({ kind: 'reading', step: 's3', quantity: 'thickness', value: 1 })];
    const state = brewState(events);
    expect(stepPages(syrup, state, runBrew(syrup, state)).map(({ title }) => title)).toContain('Cold spoon');
    const advice = adviceView(syrup, state, state.readings[0]!)!;
    expect(advice).toMatchObject({ take: '5 min more', moreMinutes: 5 });
    expect(advice.words).toMatch(/^Too thin yet\. Back on the fire/);
  });

  it('lists what was added to taste, with the strength after each', () => {
    const honey = pages([event({ kind: 'added', step: 's7', text: '1 tbsp honey' })])[6]!;
    expect(honey.additions).toEqual([expect.objectContaining({ text: '1 tbsp honey' })]);
    expect(honey.additions[0]!.after).toMatch(/°Brix, \d/);
  });
});

describe('a reading beside its box', () => {
  it.each([
    ['volume_mL', '468', 468],
    ['volume_mL', '468,5', 468.5],
    ['volume_mL', '0.5 L', 500],
    ['volume_mL', '500 mL', 500],
    ['mass_g', '1.2 kg', 1200],
    ['temperature_C', '113 °F', 45],
    ['temperature_C', '45C', 45],
    ['minutes', '1 h', 60],
    ['brix', '61 °Brix', 61],
    ['pH', '3.4', 3.4],
    ['pH', 'pH 3.4', 3.4],
  ] as const)('%s %s is read', (quantity, text, value) => {
    expect(readReading(quantity, text)).toBe(value);
  });

  it.each([
    ['volume_mL', ''],
    ['volume_mL', 'a lot'],
    ['volume_mL', '-3'],
    ['volume_mL', '500 g'],
    ['mass_g', '0.5 L'],
    ['temperature_C', '45 min'],
    ['minutes', '45 °C'],
    ['pH', '41'],
    ['temperature_C', '400'],
  ] as const)('%s “%s” is refused with its range', (quantity, text) => {
    expect(readReading(quantity, text)).toMatch(/^A number from .* to /);
  });

  it('stands on its gauge, inside or outside of what was expected', () => {
    const expected = expectedHere(recipe, brewState([]), 's5');
    const inside = expectedView('volume_mL', expected, expected.volume_mL!.p50)!;
    expect(inside.dot!).toBeGreaterThan(inside.low);
    expect(inside.dot!).toBeLessThan(inside.high);
    const short = expectedView('volume_mL', expected, 300)!;
    expect(short.dot).toBe(0);
    expect(short.words).toMatch(/^expected \d+ mL to \d+ mL$/);
  });

  it('is advice until it is taken or refused', () => {
    const reading = event({ kind: 'reading', step: 's5', quantity: 'volume_mL', value: 400 });
    const open = brewState([reading]);
    const advice = adviceView(recipe, open, open.readings[0]!)!;
    expect(advice.words).toMatch(/mL short\. To hold the same strength honey becomes \d+ g instead of 400 g\./);
    expect(advice.take).toMatch(/^Use \d+ g$/);
    expect(advice.keep).toBe('Keep 400 g');
    const settled = brewState([reading, event({ kind: 'amount-kept', reading: reading.id })]);
    expect(adviceView(recipe, settled, settled.readings[0]!)).toBeNull();
  });

  it.each([
    ['volume_mL', 468, '468 mL'],
    ['pH', 3.42, 'pH 3.4'],
    ['taste', 4, 'Good'],
    ['thickness', 2, 'Coats the spoon'],
    ['minutes', 95, '95 min'],
  ] as const)('%s %d is said as %s', (quantity, value, words) => {
    expect(quantityWords(quantity, value)).toBe(words);
  });
});

describe('in a kitchen that reads US units', () => {
  beforeEach(() => unitsChosen('us'));
  afterEach(() => unitsChosen('metric'));

  // 1 fl oz is 29.5735 mL, 1 oz 28.3495 g, by definition.
  it.each([
    ['volume_mL', '16', 473.176, '16', 'fl oz'],
    ['mass_g', '8', 226.796, '8', 'oz'],
    ['temperature_C', '113', 45, '113', '°F'],
    ['brix', '61', 61, '61', '°Brix'],
  ] as const)('%s is typed and shown in them', (quantity, typed, value, text, unit) => {
    expect(readReading(quantity, typed)).toBeCloseTo(value, 2);
    expect(readingText(quantity, value)).toBe(text);
    expect(readingUnit(quantity).unit).toBe(unit);
  });

  it('a unit that is typed holds all the same', () => {
    expect(readReading('volume_mL', '500 mL')).toBe(500);
    expect(readReading('temperature_C', '45 °C')).toBe(45);
    expect(readReading('temperature_C', '900')).toMatch(/^A number from .* °F\.$/);
  });

  it.each([
    ['temperature_C', 15, '27 °F more than expected'],
    ['temperature_C', -5, '9 °F short'],
    ['volume_mL', -59.147, '2 fl oz short'],
  ] as const)('a difference of %s %d', (quantity, difference, words) => {
    expect(differenceWords(quantity, difference)).toBe(words);
  });
});

describe('timers', () => {
  const timer = { step: 's3', startedAt: START.toISOString(), endsAt: after(40).toISOString() };

  it.each([
    [after(0), null, '40:00'],
    [after(30), null, '10:00'],
    [after(41), null, '+1:00'],
    [after(39), after(10).toISOString(), '30:00'],
    // A clock that ticks a moment late shows no more than there ever was.
    [new Date(START.getTime() - 900), null, '40:00'],
  ])('at %s with a pause since %s show %s', (now, pausedAt, words) => {
    expect(clockWords(restOf(timer, pausedAt, now))).toBe(words);
  });
});

describe('today', () => {
  const steeping = [
    ...['s1', 's2', 's3'].map((step, index) => event({ kind: 'step-done', step }, after(10 * (index + 1)))),
    event({ kind: 'timer-started', step: 's4', minutes: 480 }, after(30)),
  ];

  it('a steep waits, and what comes after it is next', () => {
    const view = runningView(brewsWith(steeping), brew, after(60))!;
    expect(view.words).toMatch(/^Steep 8 h, ready in 7 h 30 min$/);
    expect(view.next).toMatchObject({ title: 'Strain through cloth', now: false });
    expect(view.late).toBe('');
    // When it is over is said once.
    expect(thenWords(view, after(60))).toBe(' · then strain through cloth');
  });

  it('what comes next is said with its time where nothing has said it, and with its units as they are written', () => {
    const heat = { title: 'Heat to 40 °C', at: after(60 * 24 * 17), now: false };
    expect(thenWords({ words: 'Infuse 28 days: day 11 of 28', next: heat }, after(0))).toBe(
      ' · then heat to 40 °C in 17 days',
    );
    expect(thenWords({ words: 'Simmer', next: { ...heat, now: true } }, after(0))).toBe('');
    expect(thenWords({ words: 'Simmer', next: null }, after(0))).toBe('');
  });

  it('past its time it is late, and it is next itself', () => {
    const view = runningView(brewsWith(steeping), brew, after(30 + 480 + 60))!;
    expect(view.late).toBe('60 min over its time');
    expect(view.next).toMatchObject({ title: 'Steep 8 h', now: true });
  });

  it('a step that needs hands is next at once', () => {
    expect(runningView(brewsWith([]), brew, after(1))!.next).toMatchObject({
      title: '100 g dried elderberries',
      now: true,
    });
  });

  it('a paused brew asks for nothing, a finished one is gone', () => {
    expect(runningView(brewsWith([event({ kind: 'paused' })]), brew, after(5))!.next).toBeNull();
    expect(todayView(brewsWith([event({ kind: 'finished' })]), after(5))).toEqual([]);
  });

  it('all steps done, it is tasted, and then the bottles are next', () => {
    const done = TONIC.steps.map(({ id }) => event({ kind: 'step-done', step: id }));
    expect(runningView(brewsWith(done), brew, after(5))!.next).toMatchObject({ title: 'Taste it', now: true });
    done.push(event({ kind: 'step-done', step: `${TONIC.steps.at(-1)!.id}:taste` }));
    expect(runningView(brewsWith(done), brew, after(5))!.next).toMatchObject({ title: 'Fill the bottles', now: true });
  });

  it('blocks of the ribbon lie within the day and follow each other', () => {
    const { blocks } = runningView(brewsWith(steeping), brew, after(60))!;
    for (const { from, to } of blocks) expect([from >= 0, to <= 1, to > from]).toEqual([true, true, true]);
    expect(blocks.some(({ is }) => is === 'now')).toBe(true);
  });

  it.each([
    [0, 'now'],
    [18, 'in 18 min'],
    [3 * 1440, 'in 3 days'],
  ])('%d minutes ahead is %s', (minutes, words) => {
    expect(inWords(after(minutes), START)).toBe(words);
  });
});

it('what a kitchen learned is said as more or less than the tables', () => {
  const point = (brewName: string, factor: number, high: number) => ({
    brew: brewName,
    factor,
    low: 2 * factor - high,
    high,
  });
  const views = habitsView({
    habits: {},
    brews: 2,
    since: null,
    curves: [
      { key: 'evaporation:saucepan', points: [point('A', 1.1, 1.4), point('B', 1.2, 1.3)] },
      { key: 'strainer:cloth', points: [point('A', 0.9, 0.95)] },
      { key: 'something:else', points: [point('A', 1, 1.1)] },
    ],
  });
  expect(views.map(({ name, words }) => `${name}: ${words}`)).toEqual([
    'Kept back: squeezed cloth: 10 % less liquid kept back than the tables say, ± 6 %',
    'Steam from the saucepan: 20 % more steam than the tables say, ± 8 %',
  ]);
});
