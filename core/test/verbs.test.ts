import { analyseDrink } from '../src/analyse';
import type { DrinkStep } from '../src/drink';
import { DEFAULT_KITCHEN } from '../src/equipment';
import { runSteps, type Trace } from '../src/simulate';

/** What each verb takes, and what it says to everything else. */

const WATER: DrinkStep = { verb: 'add', text: '1 L water' };
const NETTLE: DrinkStep = { verb: 'add', text: '20 g dried nettle' };
const APPLE: DrinkStep = { verb: 'add', text: '1 kg apple, chopped' };
const HOT: DrinkStep = { verb: 'heat', text: 'to boil' };
type Before = readonly DrinkStep[];

const messageOf = (before: Before, step: DrinkStep): string => {
  const { problems } = runSteps([...before, step]);
  expect(problems).toHaveLength(1);
  expect(problems[0]!.step).toBe(before.length);
  return problems[0]!.message;
};

const REFUSED: readonly (readonly [step: DrinkStep, before: Before, says: RegExp])[] = [
  [{ verb: 'heat', text: 'to 70 °C' }, [], /no liquid in the pot/],
  [{ verb: 'heat', text: 'to 70' }, [WATER], /°C or °F/],
  [{ verb: 'heat', text: 'until it hisses' }, [WATER], /Write a temperature/],
  [{ verb: 'heat', text: 'to 120 °C' }, [WATER], /boils at 100 °C/],
  [{ verb: 'heat', text: 'to 400 °C' }, [WATER], /between -30 and 150/],
  [{ verb: 'heat', text: 'to boil', lid: 'sideways' }, [WATER], /on, ajar or off/],
  [{ verb: 'heat', text: 'to boil', burner: 'candle' }, [WATER], /A burner is/],
  [{ verb: 'heat', text: 'to boil', pot: 'cauldron' }, [WATER], /A pot is/],
  [{ verb: 'heat', text: 'to boil', burner: '60 W', lid: 'off' }, [WATER], /no further/],
  [{ verb: 'simmer', text: 'a while' }, [WATER], /Write the time/],
  [{ verb: 'simmer', text: '0 min' }, [WATER], /more than nothing/],
  [{ verb: 'simmer', text: '5 parsecs' }, [WATER], /min, h or days/],
  [{ verb: 'boil', text: '5 min' }, [], /no liquid/],
  [{ verb: 'reduce', text: 'a bit' }, [WATER], /Say how far/],
  [{ verb: 'reduce', text: 'to 2 L' }, [WATER], /reduced further than this already/],
  [{ verb: 'reduce', text: 'to 95 °Brix' }, [WATER], /sets like candy/],
  [{ verb: 'reduce', text: 'by 200 %' }, [WATER], /Say how far/],
  [{ verb: 'reduce', text: 'to 10 mL', lid: 'on', pot: '10 cm pot' }, [WATER], /would take|boil dry/],
  [{ verb: 'steep', text: '10 min', at: 'the moon' }, [WATER], /A place is/],
  [{ verb: 'rest', text: '' }, [WATER], /Write a time/],
  [{ verb: 'soak', text: '1 h', in: '500 mL moonlight' }, [NETTLE], /not in the catalogue/],
  [{ verb: 'mash', text: '' }, [WATER], /no pieces/],
  [{ verb: 'blend', text: '' }, [], /nothing in the jug/],
  [{ verb: 'blend', text: '', loadLimit: '3 kg' }, [APPLE], /jug holds a volume/],
  [{ verb: 'press', text: 'with a tractor' }, [APPLE], /Press by hand|no fruit/],
  [{ verb: 'press', text: 'hand press' }, [WATER], /no fruit and nothing strained/],
  [{ verb: 'strain', text: 'sock' }, [WATER, NETTLE], /A strainer is/],
  [{ verb: 'remove', text: 'ginger' }, [WATER, NETTLE], /There is nettle leaf, dried/],
  [{ verb: 'remove', text: 'ginger' }, [WATER], /no pieces in the pot/],
  [{ verb: 'rinsePass', text: '300 mL water' }, [WATER, NETTLE], /nothing strained off/],
  [{ verb: 'cool', text: 'to 4 °C' }, [WATER, HOT], /Use "chill"/],
  [{ verb: 'cool', text: 'to 40 °C', in: 'a volcano' }, [WATER, HOT], /It cools in/],
  [{ verb: 'carbonate', text: '40 volumes' }, [WATER], /1 to 6 volumes/],
  [{ verb: 'draw', text: '5 L' }, [WATER], /only 1,?000|There is only/],
  [{ verb: 'draw', text: '100 mL' }, [], /no liquid/],
  [{ verb: 'draw', text: '2 slices' }, [WATER], /volume or a mass/],
  [{ verb: 'skim', text: 'some foam' }, [WATER], /number/],
  [{ verb: 'bottle', text: 'jars' }, [WATER], /how many and how large/],
  [{ verb: 'bottle', text: '2 x 500 mL bottle', headspace: 'some' }, [WATER], /number|Headspace/],
  [{ verb: 'process', text: '10 min', method: 'pressure canner' }, [WATER], /tested recipes/],
  [{ verb: 'process', text: '10 min', altitude: 'high' }, [WATER], /altitude in m or ft/],
  [{ verb: 'store', text: 'the moon' }, [WATER], /stored in/],
  [{ verb: 'use', text: '100 mL syrup' }, [WATER], /no preparations/],
];

test.each(REFUSED)('%j is refused in words', (step, before, says) => expect(messageOf(before, step)).toMatch(says));

test('a refused step changes nothing', () => {
  for (const [step, before] of REFUSED) {
    const without = runSteps(before);
    const withIt = runSteps([...before, step]);
    expect(withIt.pot.mass_g).toBeCloseTo(without.pot.mass_g, 6);
    expect(withIt.entries).toHaveLength(without.entries.length);
  }
});

const run = (...steps: readonly DrinkStep[]): Trace => {
  const trace = runSteps(steps);
  expect(trace.problems).toEqual([]);
  return trace;
};
const last = (trace: Trace) => trace.entries[trace.entries.length - 1]!;

describe('temperatures', () => {
  test.each([
    ['to boil', 100],
    ['to a simmer', 95],
    ['to 160 °F', 71.11],
    ['70 C', 70],
    ['to 42.5 °C', 42.5],
  ])('heat %s', (text, celsius) =>
    expect(last(run(WATER, { verb: 'heat', text })).temperature_C).toBeCloseTo(celsius, 0),
  );
  test('boiling water into cold water meets in the middle', () =>
    expect(
      last(run({ verb: 'add', text: '500 g water' }, { verb: 'add', text: '500 g boiling water' })).temperature_C,
    ).toBeCloseTo(59, 0));
  test('ice takes its heat of melting', () => {
    // 1 kg at 20 °C and 100 g of ice: (20 x 1000 - 80 x 100)/1100.
    const chilled = last(run({ verb: 'add', text: '1 kg water' }, { verb: 'add', text: '100 g ice' }));
    expect(chilled.temperature_C).toBeCloseTo(10.9, 0);
  });
  test.each([
    ['off heat', 25, 60],
    ['fridge', 4, 30],
    ['20 °C', 20, 20],
  ])('a steep of 3 h at %s ends between %d and %d °C', (at, low, high) => {
    const end = last(run(WATER, HOT, { verb: 'steep', text: '3 h', at })).temperature_C;
    expect(end).toBeGreaterThanOrEqual(low);
    expect(end).toBeLessThanOrEqual(high);
  });
  test('up a mountain it boils cooler', () => {
    const trace = runSteps([WATER, HOT], { kitchen: { altitude_m: 1500 } });
    expect(last(trace).temperature_C).toBeCloseTo(95, 0);
  });
});

describe('time', () => {
  test('twice the water takes about twice as long to heat', () => {
    const minutes = (text: string) =>
      last(run({ verb: 'add', text }, { verb: 'heat', text: 'to boil', pot: 'saucepan' })).minutes;
    expect(minutes('2 L water') / minutes('1 L water')).toBeGreaterThan(1.7);
    expect(minutes('2 L water') / minutes('1 L water')).toBeLessThan(2.1);
  });
  test.each([
    ['gas small', 'gas large'],
    ['gas medium', 'induction'],
    ['400 W', '1.2 kW'],
  ])('%s is slower than %s', (slow, fast) => {
    const minutes = (burner: string) => last(run(WATER, { verb: 'heat', text: 'to boil', burner })).minutes;
    expect(minutes(slow)).toBeGreaterThan(minutes(fast));
  });
  test('ice water cools faster than a room, stirred ice faster still', () => {
    const minutes = (place: string) => last(run(WATER, HOT, { verb: 'cool', text: 'to 40 °C', in: place })).minutes;
    expect(minutes('pot')).toBeGreaterThan(2 * minutes('ice bath'));
    expect(minutes('ice bath')).toBeGreaterThan(minutes('stirred ice bath'));
  });
  test('hands are busy for less than the whole', () => {
    const { total_min, handsOn_min } = run(WATER, NETTLE, { verb: 'simmer', text: '2 h' });
    expect(handsOn_min).toBeLessThan(total_min / 4);
  });
});

describe('steam', () => {
  const steam = (more: Partial<DrinkStep>) => run(WATER, { verb: 'simmer', text: '30 min', ...more }).losses.steam_g;
  test('a lid keeps it in, a wide pan lets it out', () => {
    expect(steam({ lid: 'on' })).toBeLessThan(steam({ lid: 'ajar' }));
    expect(steam({ lid: 'ajar' })).toBeLessThan(steam({ lid: 'off' }));
    expect(steam({ lid: 'off', pot: 'wide pan' }) / steam({ lid: 'off', pot: 'saucepan' })).toBeCloseTo(2.25, 0);
  });
  test('at the boil a lid does not matter, the burner does', () => {
    const boiled = (more: Partial<DrinkStep>) => run(WATER, { verb: 'boil', text: '10 min', ...more }).losses.steam_g;
    expect(boiled({ lid: 'on' }) / boiled({ lid: 'off' })).toBeCloseTo(1, 1);
    expect(boiled({ burner: 'gas large' })).toBeGreaterThan(boiled({ burner: 'gas small' }));
  });
});

describe('plants', () => {
  const potassium = (...steps: readonly DrinkStep[]) => {
    const { batch, problems } = analyseDrink({ name: 'T', kind: 'tea', steps });
    expect(problems).toEqual([]);
    return batch.potassium_mg;
  };
  const steep = (text: string, at = '20 °C'): DrinkStep => ({ verb: 'steep', text, at });
  test.each([
    ['longer', [WATER, NETTLE, steep('10 min')], [WATER, NETTLE, steep('1 h')]],
    ['hotter', [WATER, NETTLE, steep('10 min')], [WATER, NETTLE, steep('10 min', '90 °C')]],
    [
      'finer',
      [WATER, { verb: 'add', text: '20 g fresh ginger, sliced' }, steep('10 min')],
      [WATER, { verb: 'add', text: '20 g fresh ginger, grated' }, steep('10 min')],
    ],
    [
      'mashed',
      [WATER, { verb: 'add', text: '50 g dried elderberries' }, steep('1 h')],
      [WATER, { verb: 'add', text: '50 g dried elderberries' }, { verb: 'mash', text: '' }, steep('1 h')],
    ],
    [
      'frozen',
      [WATER, { verb: 'add', text: '200 g strawberries, sliced' }, steep('2 h')],
      [WATER, { verb: 'add', text: '200 g strawberries, sliced' }, { verb: 'freeze', text: '12 h' }, steep('2 h')],
    ],
    ['blended', [WATER, APPLE, steep('10 min')], [WATER, APPLE, { verb: 'blend', text: '' }]],
    [
      'in water rather than vinegar',
      [{ verb: 'add', text: '1 L cider vinegar' }, NETTLE, steep('6 h')],
      [{ verb: 'add', text: '1 L cider vinegar' }, NETTLE, steep('60 days')],
    ],
  ] as const)('%s gives more', (_what, less, more) => expect(potassium(...less)).toBeLessThan(potassium(...more)));

  test('what is soaked and poured away is gone', () => {
    const goji: DrinkStep = { verb: 'add', text: '50 g goji berries' };
    const kept = potassium(goji, { verb: 'soak', text: '4 h', in: '300 mL water', keepLiquid: true });
    const away = potassium(goji, { verb: 'soak', text: '4 h', in: '300 mL water' });
    expect(away).toBeLessThan(kept / 2);
  });
  test('the harder it is strained, the more comes through', () => {
    const volume = (text: string) => run(WATER, NETTLE, steep('10 min'), { verb: 'strain', text }).pot.mass_g;
    expect(volume('mesh')).toBeLessThan(volume('press'));
    expect(volume('press')).toBeLessThan(volume('cloth'));
    expect(volume('cloth')).toBeLessThan(volume('mill'));
    const gently = run(WATER, NETTLE, steep('10 min'), { verb: 'strain', text: 'cloth', gently: true }).pot.mass_g;
    expect(gently).toBeCloseTo(volume('mesh'), 6);
  });
  test('drawing off half leaves half, of everything', () => {
    const half = run({ verb: 'add', text: '1 L orange juice' }, { verb: 'draw', text: 'half', as: 'small bottle' }).pot;
    const all = run({ verb: 'add', text: '1 L orange juice' }).pot;
    expect(half.mass_g).toBeCloseTo(all.mass_g / 2, 9);
    expect(half.liquid.ascorbic_mmol).toBeCloseTo(all.liquid.ascorbic_mmol / 2, 9);
  });
});

test('a pot that is too small is exchanged for the next, unless it is named', () => {
  const much: DrinkStep = { verb: 'add', text: '4 L water' };
  expect(DEFAULT_KITCHEN.pots[DEFAULT_KITCHEN.pot]!.holds_mL).toBeLessThan(4000);
  expect(last(run(much, HOT)).notes).toEqual([]);
  expect(last(run(much, { ...HOT, pot: 'saucepan' })).notes![0]!.code).toBe('vessel-overfull');
});

test('what is colder than it is to be cooled to takes no time, and says so', () => {
  const entry = last(run({ verb: 'add', text: '1 L water' }, { verb: 'cool', text: 'to 60 °C' }));
  expect(entry.minutes).toBe(0);
  expect(entry.notes!.map(({ code }) => code)).toEqual(['colder-already']);
});

test('to reduce from cold is to bring it to the boil first, and takes the time of both', () => {
  const start = [{ verb: 'add', text: '1 L water' }] as const;
  const boil = runSteps([...start, { verb: 'heat', text: 'to boil' }]).entries.at(-1)!;
  const cold = runSteps([...start, { verb: 'reduce', text: 'to half' }]).entries.at(-1)!;
  expect(cold.hottest_C).toBeCloseTo(boil.temperature_C, 6);
  expect(cold.minutes - cold.cooking_min!).toBeCloseTo(boil.minutes, 6);
  // A pot that simmers already goes on as it is.
  const hot = runSteps([...start, { verb: 'simmer', text: '5 min' }, { verb: 'reduce', text: 'to half' }]).entries.at(
    -1,
  )!;
  expect(hot.minutes).toBeCloseTo(hot.cooking_min!, 6);
});
