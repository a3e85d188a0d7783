import { analyseDrink } from '@wellhydra/core/analyse';
import { ingredientById } from '@wellhydra/core/catalogue';
import type { Drink } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS, settingsFor } from '@wellhydra/core/kitchen';
import {
  ENOUGH_WEIGHINGS,
  measureNameTrouble,
  readIngredientLine,
  usualMeasure,
  weighedMeasure,
  type OwnMeasure,
} from '@wellhydra/core/quantity';
import { kitchenOptions } from '@wellhydra/core/simulate';
import { measureGains, surerBy } from '@wellhydra/core/weighing';

const PINCH: OwnMeasure = { id: 'p', name: 'pinch', of: 'table-salt', weighed_g: [0.5, 0.55, 0.45] };
const KNOB: OwnMeasure = { id: 'k', name: 'knob', of: 'ginger-fresh', weighed_g: [30, 33, 27] };
const MUG: OwnMeasure = { id: 'm', name: 'blue mug', of: 'water', weighed_g: [400, 404, 396] };

const gramsOf = (text: string, measures: readonly OwnMeasure[] = []) => {
  const line = readIngredientLine(text, { measures });
  if (line.kind !== 'read') return line.message;
  if (line.dose.kind !== 'mass') throw new RangeError('not a mass');
  return line.dose.mass_g;
};
const cvOf = (text: string, measures: readonly OwnMeasure[] = []) => {
  const line = readIngredientLine(text, { measures });
  return line.kind === 'read' && line.dose.kind === 'mass' ? line.dose.cv : NaN;
};

describe('mean and spread of what was weighed', () => {
  it('is the arithmetic mean, and half of the usual variance as one weighing more', () => {
    const { mean_g, each, ofMean } = weighedMeasure([1, 1, 1, 1], 0.4);
    expect(mean_g).toBe(1);
    expect(each).toBeCloseTo(Math.sqrt(0.4 ** 2 / 2 / 4), 12);
    expect(ofMean).toBeCloseTo(each / 2, 12);
  });

  it('comes to the sample’s own spread with many weighings', () => {
    const weighed = Array.from({ length: 400 }, (_, index) => Math.exp(index % 2 ? 0.2 : -0.2));
    expect(weighedMeasure(weighed, 0.5).each).toBeCloseTo(0.2, 2);
  });

  it('narrows with each weighing that is alike', () => {
    const spreads = [1, 2, 3, 5, 10].map(
      (n) =>
        weighedMeasure(
          Array.from({ length: n }, () => 2),
          0.45,
        ).each,
    );
    expect([...spreads].sort((a, b) => b - a)).toEqual(spreads);
  });

  it.each([[[]], [[0]], [[-1]], [[NaN]], [[1, Infinity]]])('refuses %j', (weighed) => {
    expect(() => weighedMeasure(weighed)).toThrow(RangeError);
  });
});

describe('lines in the maker’s own measures', () => {
  it('weigh what was weighed', () => {
    expect(gramsOf('2 pinches table salt', [PINCH])).toBeCloseTo(1, 9);
    expect(gramsOf('a knob of ginger', [KNOB])).toBeCloseTo(30, 9);
    expect(gramsOf('2 blue mugs water', [MUG])).toBeCloseTo(800, 9);
    expect(gramsOf('1 Blue Mug  of honey', [MUG])).toBeCloseTo(
      (400 / ingredientById('water').bulkDensities[0]!.density_g_mL) *
        ingredientById('honey').bulkDensities[0]!.density_g_mL,
      6,
    );
  });

  it('say so, and are nearer than the tables', () => {
    const line = readIngredientLine('1 pinch table salt', { measures: [PINCH] });
    expect(line).toMatchObject({
      understood: '1 pinch table salt',
      byOwn: PINCH,
    });
    expect(cvOf('1 pinch table salt', [PINCH])).toBeLessThan(0.6 * cvOf('1 pinch table salt'));
  });

  it('carry a pinch over to another powder by its volume', () => {
    const [salt, sugar] = [ingredientById('table-salt'), ingredientById('white-sugar')];
    const volume_mL = 0.5 / salt.bulkDensities[0]!.density_g_mL;
    expect(gramsOf('1 pinch white sugar', [PINCH])).toBeCloseTo(volume_mL * sugar.bulkDensities[0]!.density_g_mL, 9);
    expect(cvOf('1 pinch white sugar', [PINCH])).toBeGreaterThan(cvOf('1 pinch table salt', [PINCH]));
  });

  it('do not carry a knob of one root over to another thing', () => {
    expect(gramsOf('1 handful dried elderberries', [{ ...KNOB, name: 'handful' }])).toBe(
      gramsOf('1 handful dried elderberries'),
    );
  });

  it('leave the tables as long as it was weighed too seldom; what no table knows is known at once', () => {
    const seldom = { ...PINCH, weighed_g: PINCH.weighed_g.slice(0, ENOUGH_WEIGHINGS - 1) };
    expect(gramsOf('1 pinch table salt', [seldom])).toBe(gramsOf('1 pinch table salt'));
    expect(gramsOf('1 blue mug water', [{ ...MUG, weighed_g: [410] }])).toBeCloseTo(410, 9);
    expect(gramsOf('1 blue mug water')).toMatch(/blue/);
  });

  it('hold half as much in half a mug, and err less in many', () => {
    expect(gramsOf('1/2 blue mug water', [MUG])).toBeCloseTo(200, 9);
    expect(cvOf('9 pinches table salt', [PINCH])).toBeLessThan(cvOf('1 pinch table salt', [PINCH]));
  });

  it('take what was weighed with the very thing before what was weighed with another', () => {
    const sugar = { ...PINCH, id: 's', of: 'white-sugar', weighed_g: [0.9, 0.9, 0.9] };
    expect(gramsOf('1 pinch white sugar', [PINCH, sugar])).toBeCloseTo(0.9, 9);
    expect(gramsOf('1 pinch table salt', [sugar, PINCH])).toBeCloseTo(0.5, 9);
  });
});

describe('what a measure can be called', () => {
  it.each(['pinch', 'Knob', 'blue mug', "gran's ladle", 'tsp', 'jar'])('%s', (name) => {
    expect(measureNameTrouble(name)).toBeUndefined();
  });

  it.each(['g', 'kg', 'mL', 'pint', 'cm', 'capsule', '', '  ', '2 mugs', 'my very own blue mug', 'honey', 'a/b', '🙂'])(
    'not %j',
    (name) => {
      expect(measureNameTrouble(name)).toEqual(expect.any(String));
    },
  );
});

describe('measures of a kitchen', () => {
  const mine = { ...PINCH, id: 'mine', member: 'juno', weighed_g: [0.8, 0.8, 0.8] };
  const settings = { ...DEFAULT_SETTINGS, measures: [PINCH, KNOB, mine] };

  it('are one’s own before everybody’s, and never anybody else’s', () => {
    const of = (member: string | null) =>
      gramsOf('1 pinch table salt', kitchenOptions(settingsFor(settings, member)).measures);
    expect(of('juno')).toBeCloseTo(0.8, 9);
    expect(of('tam')).toBeCloseTo(0.5, 9);
    expect(of(null)).toBeCloseTo(0.5, 9);
    expect(gramsOf('1 pinch table salt', kitchenOptions(settings).measures)).toBeCloseTo(0.5, 9);
  });

  it('are left as they are where nothing is anybody’s own', () => {
    const common = { ...DEFAULT_SETTINGS, measures: [PINCH] };
    expect(settingsFor(common, 'juno')).toBe(common);
  });
});

describe('what weighing is worth', () => {
  const drink: Drink = {
    name: 'By hand',
    kind: 'rehydration',
    steps: [
      { verb: 'add', text: '1 L water' },
      { verb: 'add', text: '6 pinches table salt' },
      { verb: 'add', text: '1 mug orange juice' },
      { verb: 'add', text: '30 g white sugar' },
    ],
    serving: '250 mL',
  };
  const analysis = analyseDrink(drink);

  it('asks for what differs from hand to hand, and not for what was weighed on a scale', () => {
    const asked = measureGains(analysis).map(({ name, ingredient }) => `${name} ${ingredient.id}`);
    expect(asked).toHaveLength(2);
    expect(asked).toContain('pinch table-salt');
    expect(asked.join()).not.toContain('white-sugar');
  });

  it('asks first for what narrows the spread most, and says of what', () => {
    const [first, second] = measureGains(analysis);
    expect(first!.gain).toBeGreaterThan(second!.gain);
    expect(first!.surer!.after).toBeLessThan(first!.surer!.before);
    const salt = measureGains(analysis).find(({ name }) => name === 'pinch')!;
    expect(salt.surer!.figure).toBe('perServing.sodium_mg');
  });

  it('never calls the salt of a thin drink its sweetness', () => {
    const thin = analyseDrink({ ...drink, steps: drink.steps.slice(0, 2) });
    expect(thin.liquid!.brix).toBeLessThan(1);
    expect(measureGains(thin)[0]!.surer!.figure).toBe('perServing.sodium_mg');
    // A handful of sugar in little water is another matter: there it is what there is.
    const sweet = analyseDrink({
      ...drink,
      steps: [
        { verb: 'add', text: '100 mL water' },
        { verb: 'add', text: '5 handfuls white sugar' },
      ],
    });
    for (const { surer } of measureGains(sweet)) expect(surer!.figure).toMatch(/sugars|brix/);
  });

  it('asks no more for what was weighed often enough', () => {
    const options = { measures: [PINCH] };
    expect(measureGains(analyseDrink(drink, options)).map(({ name }) => name)).toEqual(['mug']);
  });

  it('tells how much surer a drink became', () => {
    const surer = surerBy(drink, { measures: [PINCH] }, new Set(['p']))!;
    expect(surer.figure).toBe('perServing.sodium_mg');
    expect(surer.after).toBeLessThan(0.75 * surer.before);
    expect(surerBy(drink, { measures: [KNOB] }, new Set(['k']))).toBeNull();
  });

  it('has nothing to ask of a drink that is weighed throughout', () => {
    expect(
      measureGains(analyseDrink({ ...drink, steps: drink.steps.filter(({ text }) => /\d (g|L)/.test(text)) })),
    ).toEqual([]);
  });
});

it('says what the tables have of a measure', () => {
  expect(usualMeasure('knob', ingredientById('ginger-fresh'))).toMatchObject({ mass_g: 15, cv: 0.5 });
  expect(usualMeasure('blue mug', ingredientById('water'))).toBeUndefined();
});
