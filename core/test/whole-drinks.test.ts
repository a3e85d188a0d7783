import type { Analysis } from '../src/analyse';
import type { DrinkKind } from '../src/drink';
import { massOf } from '../src/liquid';
import { analyse, trialDrink } from './trial-drink';

/** Forty whole drinks that were worked out by hand; how, and what comes out, stands in docs/science/whole-drinks.md. */

/** Figures, and how far off they may be: a share of the figure, or so much. Source: the errors of the models. */
const FIGURES = {
  sodium: [(a) => a.perLitre!.sodium_mmol, { share: 0.01 }],
  potassium: [(a) => a.perLitre!.potassium_mmol, { share: 0.01, so: 0.05 }],
  chloride: [(a) => a.perLitre!.chloride_mmol, { share: 0.01 }],
  citrate: [(a) => a.perLitre!.citrate_mmol, { share: 0.01, so: 0.05 }],
  osmolarity: [(a) => a.liquid!.osmolarity_mOsm_L, { share: 0.01 }],
  osmolality: [(a) => a.liquid!.osmolality_mOsm_kg, { share: 0.04 }],
  energy: [(a) => a.litre!.energy_kcal, { share: 0.02 }],
  steam: [(a) => a.trace.losses.steam_g, { share: 0.1 }],
  decoction: [(a) => a.trace.entries.find(({ verb }) => verb === 'strain')!.volume_mL!, { share: 0.03 }],
  liquor: [(a) => massOf(a.trace.pot.liquid), { share: 0.05 }],
  volume: [(a) => a.liquid!.volume_mL, { share: 0.01 }],
  brix: [(a) => a.liquid!.brix, { share: 0.05, so: 0.05 }],
  activity: [(a) => a.liquid!.waterActivity, { so: 0.015 }],
  pH: [(a) => a.liquid!.pH, { so: 0.1 }],
  viscosity: [(a) => a.liquid!.viscosity_mPas.at20C, { share: 0.05 }],
  acetic: [(a) => (a.trace.pot.liquid.acetic_mmol * 6.005) / massOf(a.trace.pot.liquid), { share: 0.02 }],
  alcohol: [(a) => a.liquid!.alcohol_pctABV, { so: 0.05 }],
  sugars: [(a) => a.batch.sugars_g, { share: 0.03 }],
  energyOfAll: [(a) => a.batch.energy_kcal, { share: 0.02 }],
  fat: [(a) => a.batch.fat_g, { share: 0.04 }],
  fibre: [(a) => a.batch.fibre_g, { share: 0.03 }],
} as const satisfies Record<string, readonly [(a: Analysis) => number, { share?: number; so?: number }]>;
type Worked = Partial<Record<keyof typeof FIGURES, number>>;
type Drink = readonly [name: string, kind: DrinkKind, steps: string, worked: Worked];

const litre = (doses: string): string =>
  `${doses
    .split(', ')
    .map((dose) => `add ${dose}`)
    .join(' | ')} | add distilled water to 1000 mL | dissolve 2 min`;
const salts = (
  sodium: number,
  potassium: number,
  chloride: number,
  citrate: number,
  osmolarity: number,
  osmolality: number,
  energy: number,
): Worked => ({ sodium, potassium, chloride, citrate, osmolarity, osmolality, energy });
const elder = (lid: string, strainer: string, honey_g: number, more = ''): string =>
  `add 100 g dried elderberries | add 950 g water | simmer 45 min; lid ${lid} | strain ${strainer} | add ${honey_g} g honey${more}`;
const elderly = (
  steam: number,
  decoction: number,
  volume: number,
  brix: number,
  activity: number,
  pH: number,
): Worked => ({
  steam,
  decoction,
  volume,
  brix,
  activity,
  pH,
});
const syrup = (brix: number, volume: number, activity: number, viscosity: number): Worked => ({
  brix,
  volume,
  activity,
  viscosity,
});
const lemon = (water: string, more = ''): string => `add ${water} | add 30 g lemon juice${more}`;

const DRINKS: readonly Drink[] = [
  [
    'rehydration salts of 2006',
    'rehydration',
    litre('2.6 g table salt, 1.5 g potassium chloride, 2.9 g trisodium citrate, 13.5 g glucose'),
    salts(74.1, 20.1, 64.6, 9.9, 244, 233, 50),
  ],
  [
    'the older citrate salts',
    'rehydration',
    litre('3.5 g table salt, 1.5 g potassium chloride, 2.9 g trisodium citrate, 20 g glucose'),
    salts(89.5, 20.1, 80, 9.9, 310, 300, 75),
  ],
  [
    'salts with bicarbonate',
    'rehydration',
    litre('3.5 g table salt, 1.5 g potassium chloride, 2.5 g baking soda, 20 g glucose'),
    salts(89.7, 20.1, 80, 0, 331, 321, 75),
  ],
  [
    'home sugar and salt',
    'rehydration',
    litre('25.2 g white sugar, 3 g table salt'),
    salts(51.3, 0, 51.3, 0, 176, 173, 98),
  ],
  ['salt doubled', 'rehydration', litre('25.2 g white sugar, 6 g table salt'), salts(102.7, 0, 102.7, 0, 279, 270, 98)],
  [
    'sports drink of 6 %',
    'sport',
    litre('1.3 g table salt, 0.5 g trisodium citrate, 0.25 g potassium chloride, 20 g glucose, 40 g white sugar'),
    salts(27.3, 3.4, 25.6, 1.7, 286, 295, 230),
  ],
  [
    'low-sugar daily mix',
    'daily-hydration',
    litre('0.8 g table salt, 0.6 g trisodium citrate, 0.8 g tripotassium citrate, 1 g citric acid, 10 g white sugar'),
    salts(19.8, 7.4, 13.7, 9.7, 80, 77, 41),
  ],
  ['elder syrup, lid off, pressed', 'syrup', elder('off', 'press', 339), elderly(228, 566, 798, 33.6, 0.95, 4.2)],
  ['elder syrup, lid ajar', 'syrup', elder('ajar', 'press', 339), elderly(103, 691, 923, 29.7, 0.959, 4.2)],
  ['elder syrup, lid on', 'syrup', elder('on', 'press', 339), elderly(34, 760, 991, 27.9, 0.962, 4.2)],
  ['elder syrup, cloth', 'syrup', elder('off', 'cloth', 339), elderly(228, 626, 858, 31.8, 0.954, 4.2)],
  ['elder syrup, drained', 'syrup', elder('off', 'drain', 339), elderly(228, 466, 698, 37.2, 0.941, 4.1)],
  ['elder syrup, twice the honey', 'syrup', elder('off', 'press', 678), elderly(228, 566, 1031, 46.9, 0.91, 4.1)],
  [
    'elder syrup with lemon',
    'syrup',
    elder('off', 'press', 339, ' | add 60 g lemon juice'),
    elderly(228, 566, 856, 32, 0.954, 3.3),
  ],
  [
    'whole raspberries in honey',
    'vinegar-honey',
    'add 400 g honey | add 300 g raspberries | rest 2 d; at 21 °C',
    { liquor: 613, brix: 56 },
  ],
  [
    'crushed raspberries in honey',
    'vinegar-honey',
    'add 400 g honey | add 300 g raspberries, crushed | rest 1 d; at 21 °C',
    { liquor: 672, brix: 52 },
  ],
  [
    'raspberry vinegar',
    'vinegar-honey',
    'add 500 g distilled vinegar | add 600 g raspberries | rest 7 d; at 21 °C',
    { liquor: 1029, brix: 3.6, acetic: 2.43 },
  ],
  [
    'fresh elderberries',
    'syrup',
    'add 1.5 kg fresh elderberries | add 500 g water | rest 30 min; at 95 °C',
    { liquor: 1880, brix: 9.7 },
  ],
  [
    'blackberries in their juice',
    'syrup',
    'add 1 kg blackberries | add 60 g water | rest 20 min; at 95 °C',
    { liquor: 1000, brix: 8 },
  ],
  [
    'strawberry water',
    'infused-water',
    'add 150 g strawberries, sliced | add 1 kg water | infuse 4 h; at 5 °C',
    { liquor: 1077, brix: 0.5 },
  ],
  ['ginger and honey', 'juice', 'add 90 g ginger | add 90 g honey | add 90 g water | blend', { liquor: 253, brix: 31 }],
  [
    'sugar syrup 1:1 by weight',
    'syrup',
    'add 100 g water | add 100 g white sugar | stir 2 min',
    syrup(50, 163, 0.935, 15.8),
  ],
  [
    'sugar syrup 1:1 by cup',
    'syrup',
    'add 236 g water | add 200 g white sugar | stir 2 min',
    syrup(45.9, 361, 0.946, 10.4),
  ],
  [
    'sugar syrup 2:1 by cup',
    'syrup',
    'add 236 g water | add 400 g white sugar | heat to 60 °C; lid on',
    syrup(62.9, 488, 0.879, 98.4),
  ],
  [
    'sugar syrup 2:1 by weight',
    'syrup',
    'add 100 g water | add 200 g white sugar | heat to 60 °C; lid on',
    syrup(66.6, 226, 0.853, 212.6),
  ],
  [
    'honey syrup 1:1 by weight',
    'syrup',
    'add 100 g water | add 100 g honey | stir 2 min',
    syrup(41.3, 169, 0.927, 6.1),
  ],
  ['honey syrup 1:1 by cup', 'syrup', 'add 236 g water | add 336 g honey | stir 2 min', syrup(48.5, 468, 0.902, 10.9)],
  [
    'honey syrup 2:1 by weight',
    'syrup',
    'add 100 g water | add 200 g honey | stir 2 min',
    syrup(55.1, 238, 0.871, 21.3),
  ],
  ['honey syrup 2:1 by cup', 'syrup', 'add 236 g water | add 672 g honey | stir 2 min', syrup(61.1, 702, 0.833, 46.3)],
  [
    'vinegar and honey',
    'vinegar-honey',
    'add 250 mL cider vinegar | add 250 mL honey | stir 2 min',
    { acetic: 2.08, brix: 50, pH: 3.33 },
  ],
  ['lemon in distilled water', 'infused-water', lemon('970 g distilled water'), { pH: 2.78 }],
  ['lemon in average tap water', 'infused-water', lemon('970 g tap water'), { pH: 3.06 }],
  ['lemon in hard tap water', 'infused-water', lemon('970 g hard tap water'), { pH: 3.49 }],
  ['a little lemon in tap water', 'infused-water', 'add 990 g tap water | add 10 g lemon juice', { pH: 3.86 }],
  [
    'lemon and half a gram of soda',
    'infused-water',
    lemon('970 g distilled water', ' | add 0.5 g baking soda'),
    { pH: 3.6 },
  ],
  ['lemon and a gram of soda', 'infused-water', lemon('970 g distilled water', ' | add 1 g baking soda'), { pH: 4.6 }],
  [
    'lemon and two grams of soda',
    'infused-water',
    lemon('970 g distilled water', ' | add 2 g baking soda'),
    { pH: 5.8 },
  ],
  ['a spirit thinned', 'tonic', 'add 440 mL water | add 60 mL vodka', { alcohol: 4.8 }],
  ['dates, blended', 'juice', 'add 500 mL distilled water | add 96 g dates | blend', { sugars: 64 }],
  [
    'chia, stirred in',
    'infused-water',
    'add 1 L distilled water | add 40 g chia seed | stir 1 min',
    { energyOfAll: 194, fat: 12, fibre: 14 },
  ],
];

test('there are forty', () => expect(DRINKS).toHaveLength(40));

test.each(DRINKS)('%s', (_name, kind, steps, worked) => {
  const analysis = analyse(trialDrink(kind, steps));
  for (const [name, expected] of Object.entries(worked)) {
    const [value, error] = FIGURES[name as keyof Worked];
    const { share = 0, so = 0 } = error as { share?: number; so?: number };
    const found = value(analysis);
    if (Math.abs(found - expected) > Math.max(share * Math.abs(expected), so))
      throw new Error(`${name}: ${found}, worked out as ${expected}`);
  }
});
