import type { DrinkKind } from '../drink';
import type { Target } from './target';

/** Targets that ship with the application. Each says where its bands come from. */
export const TARGETS: readonly Target[] = [
  {
    code: 'reduced-osmolarity-rehydration',
    name: 'Reduced-osmolarity rehydration',
    kinds: ['rehydration'],
    bands: [
      { figure: 'perLitre.sodium_mmol', aim: 75, low: 60, high: 90 },
      { figure: 'perLitre.glucoseEquivalent_mmol', aim: 75, low: 60, high: 111 },
      { figure: 'perLitre.potassium_mmol', aim: 20, low: 15, high: 25 },
      { figure: 'perLitre.chloride_mmol', aim: 65, low: 50, high: 80 },
      { figure: 'perLitre.citrate_mmol', aim: 10, low: 8, high: 12 },
      { figure: 'liquid.osmolarity_mOsm_L', aim: 245, low: 200, high: 310 },
    ],
    note: 'The composition of the standard sachet. A ready-measured sachet is better than a home mix.',
    source: 'WHO/UNICEF, Oral rehydration salts: production of the new ORS (2006); acceptance window of the same',
  },
  {
    code: 'home-sugar-and-salt',
    name: 'Home sugar and salt',
    kinds: ['rehydration'],
    bands: [
      // 95 % of litres made with level measuring spoons: sodium 44-60; sugar CV 0.06.
      { figure: 'perLitre.sodium_mmol', aim: 51, low: 44, high: 60 },
      { figure: 'perLitre.glucoseEquivalent_mmol', aim: 74, low: 65, high: 83 },
      { figure: 'liquid.osmolarity_mOsm_L', aim: 176, low: 155, high: 200 },
    ],
    note: 'Six level teaspoons of sugar and half a level teaspoon of salt in a litre of safe water: a stop-gap until there is a sachet.',
    source: 'WHO/UNICEF home fluid; bands computed from level measuring spoons',
  },
  {
    code: 'sports-6-percent',
    name: 'Sports drink, 6 %',
    kinds: ['sport'],
    bands: [
      { figure: 'perLitre.carbohydrate_g', aim: 60, low: 40, high: 80 },
      { figure: 'perLitre.sodium_mmol', aim: 25, low: 20, high: 50 },
      { figure: 'perLitre.potassium_mmol', aim: 3.5, low: 2, high: 5 },
      { figure: 'liquid.osmolality_mOsm_kg', aim: 290, low: 200, high: 330 },
    ],
    note: 'For effort of an hour and more. Stronger than 8 % leaves the stomach slowly.',
    source: 'ACSM position stand on fluid replacement (2007); SCF on carbohydrate-electrolyte drinks (2001)',
  },
  {
    code: 'light-daily-hydration',
    name: 'Light daily hydration',
    kinds: ['daily-hydration', 'infused-water'],
    bands: [
      { figure: 'perLitre.sodium_mmol', aim: 15, low: 8, high: 25 },
      { figure: 'perLitre.potassium_mmol', aim: 6, low: 2, high: 10 },
      { figure: 'perLitre.magnesium_mmol', aim: 1.5, low: 0, high: 3 },
      { figure: 'perLitre.carbohydrate_g', aim: 10, low: 0, high: 20 },
      { figure: 'liquid.osmolality_mOsm_kg', aim: 100, low: 0, high: 200 },
      { figure: 'liquid.pH', aim: 3.8, low: 3.2, high: 4.6 },
    ],
    note: 'A little salt and little sugar, for every day. Not for anyone told to limit salt or potassium.',
    source: 'Definition of ours (C): a tenth to a third of a sports drink',
  },
];

/** The target with a code, or undefined. */
export function targetByCode(code: string): Target | undefined {
  return TARGETS.find((target) => target.code === code);
}

/** The target a drink is measured against: its own, or the first for its kind. */
export function targetFor(drink: { readonly kind: DrinkKind; readonly target?: string | null }): Target | undefined {
  const own = drink.target ? targetByCode(drink.target) : undefined;
  return own ?? TARGETS.find((target) => target.kinds.includes(drink.kind));
}
