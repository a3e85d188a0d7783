import {
  brewChecks,
  brewState,
  adviceFor,
  pendingCheck,
  expectedAt,
  madeSteps,
  runBrew,
  type BrewEvent,
} from '../src/brew';
import { applyReadings } from '../src/brew';
import type { DrinkDocument, Verb } from '../src/drink';
import { AS_WRITTEN, imbalance, massBalance, runInPot } from '../src/simulate';

const step = (id: string, verb: Verb, text: string) => ({ id, verb, text });

/** Berries, simmered, strained through a cloth, and honey to the juice. */
const TONIC: DrinkDocument = {
  name: 'Elder tonic',
  kind: 'tonic',
  serving: '15 mL',
  target: null,
  steps: [
    step('berries', 'add', '100 g dried elderberries'),
    step('water', 'add', '1 L water'),
    { ...step('simmer', 'simmer', '40 min'), lid: 'ajar' },
    step('cloth', 'strain', 'cloth'),
    step('cool', 'cool', 'to 40 °C'),
    step('honey', 'add', '420 g honey'),
    step('lemon', 'add', '30 mL lemon juice'),
  ],
};
const RECIPE = { document: TONIC };

let count = 0;
const event = (happening: object, at = '2026-10-01T08:00:00.000Z'): BrewEvent =>
  ({ id: `e${(count += 1)}`, at, ...happening }) as BrewEvent;
const read = (of: string, quantity: string, value: number) => event({ kind: 'reading', step: of, quantity, value });
const volumeAfter = (events: readonly BrewEvent[], of: string): number => {
  const { steps, analysis } = runBrew(RECIPE, brewState(events));
  const at = steps.findIndex((each) => each.of === of);
  return analysis.trace.entries.find((entry) => entry.step === at)!.volume_mL!;
};

describe('where a brew stands', () => {
  it('a step is done, opened again, and skipped', () => {
    const done = event({ kind: 'step-done', step: 'berries' });
    const reopened = event({ kind: 'step-reopened', step: 'berries', undoes: done.id });
    expect(brewState([done]).left.get('berries')?.how).toBe('done');
    expect(brewState([done, reopened]).left.has('berries')).toBe(false);
    expect(brewState([done, reopened, event({ kind: 'step-skipped', step: 'berries' })]).left.get('berries')?.how).toBe(
      'skipped',
    );
  });

  it('taking back what somebody has gone over since changes nothing', () => {
    const mine = event({ kind: 'step-done', step: 'berries' });
    const theirs = event({ kind: 'step-done', step: 'berries' });
    const late = event({ kind: 'step-reopened', step: 'berries', undoes: mine.id });
    expect(brewState([mine, theirs, late]).left.get('berries')?.event).toBe(theirs.id);
  });

  it('an event that arrives twice counts once', () => {
    const added = event({ kind: 'added', step: 'honey', text: '1 tbsp honey' });
    expect(brewState([added, added]).additions).toHaveLength(1);
  });

  it('the newest reading of a quantity counts, and one that is taken back is gone', () => {
    const first = read('cloth', 'volume_mL', 468);
    const second = read('cloth', 'volume_mL', 480);
    expect(brewState([first, second]).readings.map(({ value }) => value)).toEqual([480]);
    expect(brewState([first, second, event({ kind: 'reading-removed', reading: second.id })]).readings).toEqual([]);
  });

  it('a timer ends when it was said, and later by a pause', () => {
    const started = event({ kind: 'timer-started', step: 'simmer', minutes: 40 }, '2026-10-01T08:00:00.000Z');
    const paused = event({ kind: 'paused' }, '2026-10-01T08:10:00.000Z');
    const resumed = event({ kind: 'resumed' }, '2026-10-01T08:25:00.000Z');
    expect(brewState([started]).timers[0]?.endsAt).toBe('2026-10-01T08:40:00.000Z');
    expect(brewState([started, paused]).stage).toBe('paused');
    expect(brewState([started, paused, resumed]).timers[0]?.endsAt).toBe('2026-10-01T08:55:00.000Z');
  });

  it('a timer that rang before the pause rang when it did', () => {
    const started = event({ kind: 'timer-started', step: 'simmer', minutes: 5 }, '2026-10-01T08:00:00.000Z');
    const paused = event({ kind: 'paused' }, '2026-10-01T08:10:00.000Z');
    const resumed = event({ kind: 'resumed' }, '2026-10-01T08:25:00.000Z');
    expect(brewState([started, paused, resumed]).timers[0]?.endsAt).toBe('2026-10-01T08:05:00.000Z');
  });

  it('what is given up stays given up', () => {
    const events = [event({ kind: 'abandoned', text: 'poured away' }), event({ kind: 'finished' })];
    expect(brewState(events)).toMatchObject({ stage: 'abandoned', abandonedText: 'poured away' });
  });
});

describe('readings in the pot', () => {
  const BREWS: readonly (readonly [string, string, number])[] = [
    ['less through the cloth', 'cloth', 468],
    ['more through the cloth', 'cloth', 640],
    ['less after the simmer', 'simmer', 700],
    ['more after the simmer', 'simmer', 900],
  ];

  it.each(BREWS)('%s: the pot is what was measured', (_words, of, value) => {
    expect(volumeAfter([read(of, 'volume_mL', value)], of)).toBeCloseTo(value, 1);
  });

  it.each(BREWS)('%s: no mass is made or lost', (_words, of, value) => {
    const steps = TONIC.steps.slice(0, TONIC.steps.findIndex(({ id }) => id === of) + 1);
    const pot = runInPot(steps, {}, AS_WRITTEN, (index, _done, working) => {
      if (steps[index]!.id === of)
        applyReadings(working, steps[index]!.verb, brewState([read(of, 'volume_mL', value)]).readings);
    });
    expect(Math.abs(imbalance(massBalance(pot)))).toBeLessThan(1e-6);
  });

  it('what went missing as steam leaves the liquid stronger, what stayed in the cloth does not', () => {
    const brixAfter = (events: readonly BrewEvent[]) => {
      const { analysis } = runBrew(RECIPE, brewState(events));
      return analysis.trace.entries.find(({ verb }) => verb === 'strain')!.brix!;
    };
    const plain = brixAfter([]);
    expect(brixAfter([read('cloth', 'volume_mL', 400)])).toBeCloseTo(plain, 3);
    expect(brixAfter([read('simmer', 'volume_mL', 500)])).toBeGreaterThan(plain * 1.2);
  });

  it('a strength that was read is the strength of the pot', () => {
    const { analysis } = runBrew(RECIPE, brewState([read('simmer', 'brix', 6)]));
    expect(analysis.trace.entries.find(({ verb }) => verb === 'simmer')?.brix).toBeCloseTo(6, 3);
  });

  it('more than went in is said and not believed', () => {
    const { analysis } = runBrew(RECIPE, brewState([read('simmer', 'volume_mL', 4000)]));
    const entry = analysis.trace.entries.find(({ verb }) => verb === 'simmer')!;
    expect(entry.notes?.map(({ code }) => code)).toContain('reading-unexplained');
    expect(entry.volume_mL).toBeLessThan(1100);
  });

  it('minutes that were taken are the minutes of the step', () => {
    const longer = volumeAfter([read('simmer', 'minutes', 80)], 'simmer');
    expect(longer).toBeLessThan(volumeAfter([], 'simmer'));
  });

  it('additions to taste stand behind their step, and a skipped step is not made', () => {
    const state = brewState([
      event({ kind: 'added', step: 'honey', text: '1 tbsp honey' }),
      event({ kind: 'step-skipped', step: 'lemon' }),
    ]);
    expect(madeSteps(TONIC, state).map(({ text }) => text)).toEqual([
      '100 g dried elderberries',
      '1 L water',
      '40 min',
      'cloth',
      'to 40 °C',
      '420 g honey',
      '1 tbsp honey',
    ]);
  });
});

describe('what can be expected', () => {
  it('the range holds the run as written, and narrows once the step before was measured', () => {
    const before = expectedAt(RECIPE, brewState([]), 'cloth').volume_mL!;
    const plain = volumeAfter([], 'cloth');
    expect(before.p5).toBeLessThan(plain);
    expect(before.p95).toBeGreaterThan(plain);
    const after = expectedAt(RECIPE, brewState([read('simmer', 'volume_mL', 800)]), 'cloth').volume_mL!;
    expect(after.p95 - after.p5).toBeLessThan(before.p95 - before.p5);
  });

  it('a step that is not there has nothing to expect', () => {
    expect(expectedAt(RECIPE, brewState([]), 'nowhere')).toEqual({});
  });
});

describe('what a reading means for the rest', () => {
  it('less juice means less honey and less lemon in the same proportion', () => {
    const expected = volumeAfter([], 'cloth');
    const state = brewState([read('cloth', 'volume_mL', expected * 0.8)]);
    const advice = adviceFor(RECIPE, state, state.readings[0]!)!;
    expect(advice.amounts.map(({ step: of, to }) => [of, to])).toEqual([
      // Four fifths of 420 g, less what cooling takes off a smaller pot.
      ['honey', '335 g honey'],
      ['lemon', '24 mL lemon juice'],
    ]);
    expect(advice.difference).toBeCloseTo(-0.2 * expected, 6);
  });

  it('taken, the drink is as sweet as it was meant to be', () => {
    const expected = volumeAfter([], 'cloth');
    const reading = read('cloth', 'volume_mL', expected * 0.8);
    const taken = brewState([
      reading,
      event({ kind: 'amount-changed', step: 'honey', text: '336 g honey' }),
      event({ kind: 'amount-changed', step: 'lemon', text: '24 mL lemon juice' }),
    ]);
    const brixOf = (state: ReturnType<typeof brewState>) => runBrew(RECIPE, state).analysis.liquid!.brix;
    // Three figures are enough for honey on a scale.
    expect(brixOf(taken) / brixOf(brewState([]))).toBeCloseTo(1, 2);
    expect(brixOf(brewState([reading]))).toBeGreaterThan(brixOf(taken) + 2);
  });

  it('too much left after the simmer means longer, at the pace it had', () => {
    const expected = volumeAfter([], 'simmer');
    const state = brewState([read('simmer', 'volume_mL', expected + 60)]);
    const advice = adviceFor(RECIPE, state, state.readings[0]!)!;
    expect(advice.moreMinutes).toBeGreaterThan(5);
    const longer = brewState([read('simmer', 'minutes', 40 + advice.moreMinutes!)]);
    expect(runBrew(RECIPE, longer).analysis.trace.entries[2]!.volume_mL).toBeLessThan(expected - 50);
  });

  it('still too warm means longer in the cool', () => {
    const state = brewState([read('cool', 'temperature_C', 60)]);
    const advice = adviceFor(RECIPE, state, state.readings[0]!)!;
    expect(advice.moreMinutes).toBeGreaterThan(1);
    expect(advice.difference).toBeCloseTo(20, 6);
  });

  it('not hot enough yet means longer on the fire, at the pace at which it got warm', () => {
    const document: DrinkDocument = {
      ...TONIC,
      steps: [step('water', 'add', '1 L water'), step('hot', 'heat', 'to 80 °C'), step('end', 'rest', '5 min')],
    };
    const state = brewState([read('hot', 'temperature_C', 65)]);
    const advice = adviceFor({ document }, state, state.readings[0]!)!;
    const hot = runBrew({ document }, brewState([])).analysis.trace.entries[1]!;
    // A quarter of the way from 20 °C is left.
    expect(advice.moreMinutes).toBeCloseTo(hot.minutes / 4, 6);
    expect(advice.difference).toBeCloseTo(-15, 6);
    const near = brewState([read('hot', 'temperature_C', 79)]);
    expect(adviceFor({ document }, near, near.readings[0]!)).toBeNull();
  });

  it('as expected, nothing changes', () => {
    const state = brewState([read('cloth', 'volume_mL', volumeAfter([], 'cloth') * 1.005)]);
    expect(adviceFor(RECIPE, state, state.readings[0]!)).toBeNull();
  });
});

describe('looks at a brew', () => {
  const syrup: DrinkDocument = {
    ...TONIC,
    kind: 'syrup',
    steps: [
      step('water', 'add', '1 L water'),
      step('sugar', 'add', '800 g white sugar'),
      step('thick', 'reduce', 'to 900 mL'),
      step('jar', 'bottle', '1 x 1 L bottle'),
      step('cold', 'store', 'fridge'),
    ],
  };
  const checksAfter = (document: DrinkDocument, ...done: readonly string[]) => {
    const state = brewState(done.map((of) => event({ kind: 'step-done', step: of })));
    return pendingCheck({ document }, state, runBrew({ document }, state))?.id;
  };

  it('a syrup on the fire is looked at on a cold spoon, and every drink tasted before its bottles', () => {
    const recipe = { document: syrup };
    expect(brewChecks(recipe, runBrew(recipe, brewState([])))).toEqual([
      { id: 'thick:cold-spoon', kind: 'cold-spoon', of: 'thick' },
      { id: 'thick:taste', kind: 'taste', of: 'thick' },
    ]);
    expect(brewChecks(RECIPE, runBrew(RECIPE, brewState([])))).toEqual([
      { id: 'lemon:taste', kind: 'taste', of: 'lemon' },
    ]);
  });

  it('a dry mix is not tasted', () => {
    const document = { ...TONIC, steps: [step('salt', 'add', '2.6 g table salt'), step('mix', 'shake', '1 min')] };
    expect(brewChecks({ document }, runBrew({ document }, brewState([])))).toEqual([]);
  });

  it('each is due once what it looks at is done, and no longer once somebody has gone on', () => {
    expect(checksAfter(syrup, 'water', 'sugar')).toBeUndefined();
    expect(checksAfter(syrup, 'water', 'sugar', 'thick')).toBe('thick:cold-spoon');
    expect(checksAfter(syrup, 'water', 'sugar', 'thick', 'thick:cold-spoon')).toBe('thick:taste');
    expect(checksAfter(syrup, 'water', 'sugar', 'thick', 'jar')).toBeUndefined();
  });
});
