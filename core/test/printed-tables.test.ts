import { ingredientById, molarMass } from '../src/catalogue';
import type { Composition, ExtensiveProperty } from '../src/liquid';
import { convert, readIngredientLine } from '../src/quantity';

/** Level spoons and cups as household-measure tables print them, g; rounded there to the figures given. */
const PRINTED_SPOONS: readonly (readonly [ingredient: string, form: string, teaspoon_g: number, cup_g: number])[] = [
  ['table-salt', '', 6, 288],
  ['hibiscus-dried', 'cut', 1.58, 76],
  ['sea-salt-fine', '', 5.57, 267],
  ['nettle-dried', '', 0.42, 20],
  ['sea-salt-coarse', '', 4.98, 239],
  ['lemon-balm-dried', '', 0.3, 14],
  ['flake-salt-dense', '', 4.78, 229],
  ['peppermint-dried', '', 0.49, 24],
  ['flake-salt-light', '', 2.81, 135],
  ['chamomile-dried', '', 0.39, 19],
  ['white-sugar', '', 4.16, 200],
  ['elderflower-dried', '', 0.35, 17],
  ['caster-sugar', '', 4.39, 211],
  ['goji-dried', '', 1.87, 90],
  ['brown-sugar', 'packed', 4.58, 220],
  ['cinnamon-ground', '', 2.61, 125],
  ['brown-sugar', 'loose', 3.01, 144],
  ['turmeric-ground', '', 3.01, 144],
  ['powdered-sugar', '', 2.5, 120],
  ['ginger-ground', '', 1.8, 86],
  ['glucose-monohydrate', '', 3.2, 154],
  ['cloves-ground', '', 2.12, 102],
  ['fructose', '', 3.94, 189],
  ['black-pepper-ground', '', 2.3, 110],
  ['honey', '', 7, 336],
  ['cayenne-ground', '', 1.8, 86],
  ['maple-syrup', '', 6.53, 313],
  ['cardamom-ground', '', 2.02, 97],
  ['agave-syrup', '', 6.7, 322],
  ['cloves-whole', '', 2.22, 106],
  ['molasses', '', 7, 336],
  ['chia-seed', '', 3.45, 166],
  ['potassium-chloride', '', 5.2, 250],
  ['ginger-fresh', 'grated', 2.96, 142],
  ['tripotassium-citrate', '', 4.68, 225],
  ['ginger-fresh', 'chopped', 2.02, 97],
  ['trisodium-citrate', '', 4.68, 225],
  ['garlic', 'chopped', 2.81, 135],
  ['citric-acid', '', 4.44, 213],
  ['lemon', 'zest', 2.02, 97],
  ['malic-acid', '', 4.19, 201],
  ['spearmint-fresh', '', 0.3, 14],
  ['cream-of-tartar', '', 3.01, 144],
  ['blueberries', '', 3.09, 148],
  ['ascorbic-acid', '', 4.53, 218],
  ['raspberries', '', 2.56, 123],
  ['sodium-ascorbate', '', 4.68, 225],
  ['blackberries', '', 3.01, 144],
  ['baking-soda', '', 4.6, 221],
  ['elderberries-fresh', '', 3.02, 145],
  ['potassium-bicarbonate', '', 4.93, 237],
  ['strawberries', 'sliced', 3.45, 166],
  ['magnesium-bisglycinate', '', 2.71, 130],
  ['cranberries', '', 2.08, 100],
  ['magnesium-citrate', '', 2.96, 142],
  ['sour-cherries', '', 3.23, 155],
  ['magnesium-chloride', '', 4.19, 201],
  ['apple', 'chopped', 2.6, 125],
  ['magnesium-sulfate', '', 4.93, 237],
  ['pineapple', 'chopped', 3.44, 165],
  ['calcium-chloride', '', 4.19, 201],
  ['watermelon', 'chopped', 3.16, 152],
  ['calcium-lactate', '', 2.71, 130],
  ['cucumber', 'sliced', 2.17, 104],
  ['elderberries-dried', '', 2.17, 104],
  ['orange', 'sections', 3.75, 180],
  ['rose-hips-dried', 'cut', 2.46, 118],
  ['pomegranate', '', 3.62, 174],
  ['rose-hips-dried', 'whole', 2.22, 106],
  ['tamarind-pulp', '', 2.5, 120],
  ['hibiscus-dried', 'whole', 0.79, 38],
  ['dates', 'chopped', 3.06, 147],
];

/** Words that name a form of an ingredient in a line. */
const line = (amount: string, id: string, form: string): string => `${amount} ${form} ${id.replaceAll('-', ' ')}`;

function grams(text: string): number {
  const read = readIngredientLine(text);
  if (read.kind !== 'read' || read.dose.kind !== 'mass') throw new Error(`${text} was not read`);
  return read.dose.mass_g;
}

describe('printed spoons and cups', () => {
  test.each(PRINTED_SPOONS)('%s %s', (id, form, teaspoon_g, cup_g) => {
    // Half of the last printed figure.
    expect(Math.abs(grams(line('1 tsp', id, form)) - teaspoon_g)).toBeLessThanOrEqual(0.0051 + 0.02 * teaspoon_g);
    expect(Math.abs(grams(line('1 cup', id, form)) / cup_g - 1)).toBeLessThanOrEqual(0.5 / cup_g + 0.003);
  });

  test.each(PRINTED_SPOONS)('%s %s by the cup and back', (id, form, _teaspoon_g, cup_g) => {
    const there = convert(line('3 cups', id, form), 'g');
    if (there.kind !== 'converted') throw new Error(there.message);
    expect(Math.abs(there.value / (3 * cup_g) - 1)).toBeLessThan(0.5 / cup_g + 0.003);
    const back = convert(line(`${there.value.toFixed(6)} g`, id, form), 'cup');
    if (back.kind !== 'converted') throw new Error(back.message);
    expect(back.value).toBeCloseTo(3, 5);
  });
});

/** Salts as computed by a second program from the same atomic weights: molar mass, and mmol in a gram. */
const COMPUTED_SALTS: readonly (readonly [
  id: string,
  molarMass: number,
  contents: Readonly<Partial<Record<ExtensiveProperty, number>>>,
])[] = [
  ['table-salt', 58.44, { sodium_mmol: 17.112, chloride_mmol: 17.112 }],
  ['potassium-chloride', 74.548, { potassium_mmol: 13.414, chloride_mmol: 13.414 }],
  ['trisodium-citrate', 294.099, { sodium_mmol: 10.201, citric_mmol: 3.4 }],
  ['trisodium-citrate-anhydrous', 258.069, { sodium_mmol: 11.625, citric_mmol: 3.875 }],
  ['tripotassium-citrate', 324.408, { potassium_mmol: 9.248, citric_mmol: 3.083 }],
  ['baking-soda', 84.006, { sodium_mmol: 11.904, carbonic_mmol: 11.904 }],
  ['potassium-bicarbonate', 100.114, { potassium_mmol: 9.989, carbonic_mmol: 9.989 }],
  ['magnesium-bisglycinate', 172.423, { magnesium_mmol: 5.8, glycine_mmol: 11.599 }],
  ['magnesium-citrate', 451.113, { magnesium_mmol: 6.65, citric_mmol: 4.433 }],
  ['magnesium-citrate-nonahydrate', 613.248, { magnesium_mmol: 4.892, citric_mmol: 3.261 }],
  ['magnesium-hydrogen-citrate', 214.412, { magnesium_mmol: 4.664, citric_mmol: 4.664 }],
  ['magnesium-chloride', 203.295, { magnesium_mmol: 4.919, chloride_mmol: 9.838 }],
  ['magnesium-sulfate', 246.466, { magnesium_mmol: 4.057, sulfate_mmol: 4.057 }],
  ['calcium-lactate', 308.293, { calcium_mmol: 3.244, lactic_mmol: 6.487 }],
  ['calcium-chloride', 147.008, { calcium_mmol: 6.802, chloride_mmol: 13.605 }],
  ['calcium-carbonate', 100.086, { calcium_mmol: 9.991, carbonic_mmol: 9.991 }],
  ['citric-acid', 192.123, { citric_mmol: 5.205 }],
  ['citric-acid-monohydrate', 210.138, { citric_mmol: 4.759 }],
  ['malic-acid', 134.087, { malic_mmol: 7.458 }],
  ['tartaric-acid', 150.086, { tartaric_mmol: 6.663 }],
  ['ascorbic-acid', 176.124, { ascorbic_mmol: 5.678 }],
  ['sodium-ascorbate', 198.106, { sodium_mmol: 5.048, ascorbic_mmol: 5.048 }],
];

test.each(COMPUTED_SALTS)('%s weighs %d g/mol and holds what its formula says', (id, mass, contents) => {
  const { formula, composition } = ingredientById(id);
  expect(molarMass(formula as string)).toBeCloseTo(mass, 2);
  for (const [property, mmol] of Object.entries(contents))
    expect(Math.abs((composition as Composition)[property as ExtensiveProperty] - mmol)).toBeLessThan(0.0011);
});
