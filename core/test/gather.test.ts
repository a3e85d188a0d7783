import { analyseDrink } from '../src/analyse';
import { brewRecipe, brewState, brewTimeline, gatherList, runBrew, type BrewEvent } from '../src/brew';
import { stepFromLine, type DrinkDocument } from '../src/drink';
import { DEFAULT_SETTINGS, type KitchenSettings } from '../src/kitchen';
import { kitchenOptions } from '../src/simulate';

const document = (...lines: readonly string[]): DrinkDocument => ({
  name: 'Trial',
  kind: 'tonic',
  serving: '15 mL',
  target: null,
  steps: lines.map((line, index) => ({ id: `s${index + 1}`, ...stepFromLine(line) })),
});
const gathered = (lines: readonly string[], more: Partial<KitchenSettings> = {}) => {
  const settings = { ...DEFAULT_SETTINGS, ...more };
  const { steps } = document(...lines);
  return gatherList(analyseDrink({ name: 'Trial', kind: 'tonic', steps }, kitchenOptions(settings)), settings);
};
const vessel = (lines: readonly string[], name: RegExp, more: Partial<KitchenSettings> = {}) =>
  gathered(lines, more).vessels.find((each) => name.test(each.name))!;

describe('pots', () => {
  it('the usual one, when it holds what goes in', () => {
    expect(vessel(['1 L water', 'simmer 10 min'], /saucepan/)).toMatchObject({ name: 'saucepan', fits: true });
  });

  it('a larger one, when the usual one would boil over', () => {
    expect(vessel(['3 L water', 'simmer 10 min'], /pan/)).toMatchObject({ name: 'wide pan', fits: true });
  });

  it('the one that is named, and that it is too small', () => {
    const small = vessel(['2 L water', 'simmer 10 min, in small saucepan'], /small saucepan/);
    expect(small.fits).toBe(false);
    expect(small.because).toMatch(/boil over/);
  });

  it('none, when nothing is heated', () => {
    expect(gathered(['1 L water']).vessels).toEqual([]);
  });

  it('none that holds it: in two parts', () => {
    const pots = [{ name: 'mug', width_cm: 10, holds_mL: 400 }];
    expect(vessel(['2 L water', 'simmer 10 min'], /larger/, { pots, usualPot: 'mug' }).because).toMatch(/in two parts/);
  });
});

describe('jars and bottles', () => {
  const HOT = ['500 mL water', 'heat to 90 °C', 'bottle 1 x 500 mL jar'];
  const jar = (heatSafe: boolean, count = 4) => [{ name: 'jar', size_mL: 500, count, heatSafe, dark: false }];

  it.each([
    ['heat-safe', true, true],
    ['not heat-safe', false, false],
  ])('something hot into glass that is %s', (_words, heatSafe, fits) => {
    expect(vessel(HOT, /500 mL/, { containers: jar(heatSafe) }).fits).toBe(fits);
  });

  it('something cold into any glass', () => {
    expect(vessel(['500 mL water', 'bottle 1 x 500 mL jar'], /500 mL/, { containers: jar(false) }).fits).toBe(true);
  });

  it('more than there are', () => {
    const three = vessel(['1.5 L water', 'bottle 3 x 500 mL jar'], /500 mL/, { containers: jar(true, 2) });
    expect(three).toMatchObject({ fits: false, because: expect.stringMatching(/^you have 2/) });
  });
});

it('a blender that is too small takes several loads', () => {
  const lines = ['400 g strawberries', '2 L water', 'blend 1 min'];
  expect(vessel(lines, /blender/, { blenderJug_mL: 1000 }).because).toMatch(/^3 loads of about/);
  expect(vessel(lines, /blender/, { blenderJug_mL: 4000 }).because).toBe('one load');
});

it('a strainer that is not there is said', () => {
  const lines = ['100 g dried elderberries', '1 L water', 'simmer 10 min', 'strain through cloth'];
  expect(vessel(lines, /cloth/, { strainers: ['mesh'] }).fits).toBe(false);
  expect(vessel(lines, /cloth/).fits).toBe(true);
});

it('fresh plants are washed, dark berries stain, salts do neither', () => {
  const { wash, stains } = gathered([
    '2 lemons',
    '100 g dried elderberries',
    '30 g fresh turmeric, sliced',
    '2 g table salt',
  ]);
  expect(wash.some((name) => /lemon/i.test(name))).toBe(true);
  expect(wash.some((name) => /salt|elderberries, dried/i.test(name))).toBe(false);
  expect(stains).toHaveLength(2);
});

describe('a brew in time', () => {
  const START = new Date('2026-10-01T08:00:00Z');
  const after = (minutes: number) => new Date(START.getTime() + minutes * 60_000);
  const recipe = brewRecipe({
    document: document('100 g dried elderberries', '1 L water', 'steep 8 h', 'strain through cloth'),
    preparations: [],
    settings: DEFAULT_SETTINGS,
  });
  const timeline = (events: readonly object[], now: Date) => {
    const state = brewState(events.map((each, index) => ({ id: `e${index}`, ...each }) as BrewEvent));
    return brewTimeline(recipe, state, runBrew(recipe, state), START, now);
  };
  const done = (step: string, minutes: number) => ({ kind: 'step-done', step, at: after(minutes).toISOString() });

  it('each step begins when the one before it ends', () => {
    const { steps } = timeline([done('s1', 5)], after(6));
    for (let index = 1; index < steps.length; index += 1)
      expect(steps[index]!.from.getTime()).toBeGreaterThanOrEqual(steps[index - 1]!.to.getTime());
    expect(steps.map(({ is }) => is)).toEqual(['done', 'now', 'coming', 'coming']);
  });

  it('while it steeps the next thing is the straining, at the end of the steep', () => {
    const { now, next, late_min } = timeline([done('s1', 5), done('s2', 10)], after(60));
    expect(now).toMatchObject({ step: 's3', waiting: true });
    expect(next?.step).toBe('s4');
    expect(next?.from.getTime()).toBe(after(490).getTime());
    expect(late_min).toBe(0);
  });

  it('a timer says when it ends, not the formula', () => {
    const timer = { kind: 'timer-started', step: 's3', minutes: 60, at: after(10).toISOString() };
    expect(timeline([done('s1', 5), done('s2', 10), timer], after(20)).next?.from).toEqual(after(70));
  });

  it('past its time, it is late by so much and next itself, and what comes waits for it', () => {
    const { next, late_min, steps } = timeline([done('s1', 5), done('s2', 10)], after(550));
    expect(next?.step).toBe('s3');
    expect(late_min).toBeCloseTo(60, 6);
    expect(steps.at(-1)!.from).toEqual(after(550));
  });

  it('all done, nothing is next', () => {
    const all = ['s1', 's2', 's3', 's4'].map((step, index) => done(step, index + 1));
    expect(timeline(all, after(60))).toMatchObject({ now: null, next: null, late_min: 0 });
  });
});
