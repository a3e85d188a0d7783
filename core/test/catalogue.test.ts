import {
  CATALOGUE,
  INGREDIENT_NAMES,
  findIngredient,
  ingredientById,
  molarMass,
  normaliseName,
  searchIngredients,
  countElements,
} from '../src/catalogue';
import { carbohydrateOf, massOf, sugarsOf, WEAK_ACIDS, type Composition } from '../src/liquid';

const tabulated = CATALOGUE.flatMap((ingredient) =>
  ingredient.composition ? [[ingredient.id, ingredient.composition, ingredient] as const] : [],
);

describe('the catalogue', () => {
  test('has the forty that waters, salts, sugars and juices need, with contents', () => {
    const wanted = tabulated.filter(([, , row]) => ['water', 'salt', 'acid', 'sweetener', 'juice'].includes(row.role));
    expect(wanted.length).toBeGreaterThanOrEqual(40);
  });

  test('no name means two things', () => {
    for (const ingredient of CATALOGUE)
      for (const name of [ingredient.name, ...ingredient.aliases])
        expect([name, INGREDIENT_NAMES.get(normaliseName(name))?.id]).toEqual([name, ingredient.id]);
  });

  test('ids are unique and every row names its source', () => {
    expect(new Set(CATALOGUE.map(({ id }) => id)).size).toBe(CATALOGUE.length);
    for (const row of CATALOGUE) expect(row.source.length).toBeGreaterThan(5);
  });

  test.each(tabulated)('%s weighs a gram, and every part of it is between nothing and all', (_id, c) => {
    expect(massOf(c)).toBeCloseTo(1, 2);
    const acids_g = WEAK_ACIDS.filter(({ property }) => !['acetic_mmol', 'carbonic_mmol'].includes(property)).reduce(
      (sum, acid) => sum + (c[acid.property] * acid.molarMass_g_mol) / 1000,
      0,
    );
    expect(carbohydrateOf(c)).toBeLessThanOrEqual(c.solubleSolids_g + 0.003);
    if (c.salts_g === 0) expect(sugarsOf(c) + acids_g).toBeLessThanOrEqual(c.solubleSolids_g + 0.003 + acids_g * 0.1);
    for (const [property, value] of Object.entries(c))
      if (property !== 'residualAnion_mEq') expect(value).toBeGreaterThanOrEqual(0);
  });

  test.each(tabulated.filter(([, , row]) => row.role !== 'salt' && row.role !== 'acid'))(
    '%s: energy agrees with 3.9 sugars + 2.5 acids + 9 fat within a fifth and 0.06 kcal, or has more carbohydrate than sugar',
    (_id, c) => {
      const least = 3.9 * carbohydrateOf(c) + 9 * c.fat_g;
      expect(c.energy_kcal).toBeGreaterThan(0.8 * least - 0.06);
    },
  );

  test('search finds by part of a name', () => {
    expect(searchIngredients('citrate').map(({ id }) => id)).toEqual(
      expect.arrayContaining(['trisodium-citrate', 'magnesium-citrate']),
    );
    expect(findIngredient('Fine Sea Salts')?.id).toBe('sea-salt-fine');
    expect(() => ingredientById('no-such')).toThrow(RangeError);
  });
});

describe('salts from their formulas', () => {
  // Molar masses: sums of IUPAC atomic weights, checked by a second program.
  test.each([
    ['NaCl', 58.44],
    ['KCl', 74.548],
    ['Na3C6H5O7.2H2O', 294.099],
    ['Mg(C2H4NO2)2', 172.423],
    ['MgSO4.7H2O', 246.466],
    ['Ca(C3H5O3)2.5H2O', 308.293],
    ['C6H8O7', 192.123],
  ])('%s weighs %d g/mol', (formula, mass) => expect(molarMass(formula)).toBeCloseTo(mass, 2));

  const contents = (id: string): Composition => ingredientById(id).composition as Composition;
  test.each([
    ['table-salt', 'sodium_mmol', 17.112],
    ['potassium-chloride', 'potassium_mmol', 13.414],
    ['trisodium-citrate', 'sodium_mmol', 10.201],
    ['trisodium-citrate', 'citric_mmol', 3.4],
    ['magnesium-bisglycinate', 'magnesium_mmol', 5.8],
    ['magnesium-sulfate', 'magnesium_mmol', 4.057],
    ['calcium-lactate', 'calcium_mmol', 3.244],
    ['baking-soda', 'sodium_mmol', 11.904],
    ['citric-acid', 'citric_mmol', 5.205],
  ] as const)('a gram of %s has so many %s', (id, property, mmol) =>
    expect(contents(id)[property]).toBeCloseTo(mmol, 2),
  );

  test('crystal water joins the water', () =>
    expect(contents('trisodium-citrate').water_g).toBeCloseTo((2 * 18.015) / 294.099, 4));

  test.each(['NaCl(', 'Xx2', 'na', ')', ''])('%p is no formula', (text) =>
    expect(() => countElements(text)).toThrow(RangeError),
  );
});
