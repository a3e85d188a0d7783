import type { KeepingProperties } from './keeping-properties';

export type KeepingClass =
  | 'infused_water'
  | 'fresh_juice'
  | 'citrus_juice'
  | 'herbal_infusion'
  | 'decoction'
  | 'syrup_low_lowacid'
  | 'syrup_low_acid'
  | 'syrup_mid_lowacid'
  | 'syrup_mid_acid'
  | 'syrup_65'
  | 'oxymel'
  | 'vinegar_extract'
  | 'alcohol_20'
  | 'dry_powder'
  | 'electrolyte_drink'
  | 'ors'
  | 'gel'
  | 'perishable'
  | 'plants_in_oil'
  | 'garlic_in_honey'
  | 'unknown';

/** How long a class keeps, days: closed and opened in a fridge at 5 °C or less, and closed in a cool dark room. */
export interface KeepingTimes {
  readonly fridge: number;
  readonly fridgeOpened: number;
  readonly room: number;
  /** Which property holds it back, for the person who keeps it; where it can be more than one, by what it is like. */
  readonly because: string | ((p: KeepingProperties) => string);
}

/** From this pH on a drink is called nearly neutral. */
const NEARLY_NEUTRAL_pH = 5;
const isNearlyNeutral = ({ pH }: KeepingProperties): boolean => pH === null || pH >= NEARLY_NEUTRAL_pH;

const hours = (count: number): number => count / 24;

/**
 * Conservative household conventions, shortest for vulnerable drinkers; an estimate, never a
 * laboratory test. Source: extension-service and food-safety guidance, condensed.
 */
export const KEEPING_TIMES: Readonly<Record<KeepingClass, KeepingTimes>> = {
  infused_water: {
    fridge: 1,
    fridgeOpened: 1,
    room: hours(2),
    because: 'it has too little acid and sugar to hold germs back, and plant pieces carry some',
  },
  fresh_juice: {
    fridge: 2,
    fridgeOpened: 2,
    room: hours(2),
    because: ({ contents }) =>
      contents.raw
        ? 'it is raw, and what is in it feeds germs'
        : 'what is in it feeds germs, and it is not sour enough',
  },
  citrus_juice: {
    fridge: 3,
    fridgeOpened: 3,
    room: hours(4),
    because: 'its acid slows bacteria, but yeasts still grow',
  },
  herbal_infusion: {
    fridge: 2,
    fridgeOpened: 2,
    room: hours(4),
    because: (p) =>
      isNearlyNeutral(p)
        ? 'it is nearly neutral and mostly water'
        : p.contents.boiled
          ? 'it is mostly water, with too little acid and sugar to keep'
          : 'it is mostly water, and was never boiled',
  },
  decoction: { fridge: 3, fridgeOpened: 3, room: hours(4), because: 'it is boiled, but not sour enough to keep' },
  syrup_low_lowacid: {
    fridge: 7,
    fridgeOpened: 7,
    room: hours(4),
    because: 'it is too dilute to keep on sugar, and not sour enough',
  },
  syrup_low_acid: {
    fridge: 14,
    fridgeOpened: 14,
    room: hours(4),
    because: 'it is too dilute to keep on sugar; its acid leaves yeasts and moulds',
  },
  syrup_mid_lowacid: {
    fridge: 14,
    fridgeOpened: 14,
    room: hours(4),
    because: 'it has too little sugar to keep (under 65 °Brix), and is not sour enough',
  },
  syrup_mid_acid: {
    fridge: 30,
    fridgeOpened: 30,
    room: 1,
    because: 'it has too little sugar to keep out yeasts (under 65 °Brix)',
  },
  syrup_65: {
    fridge: 180,
    fridgeOpened: 90,
    room: 30,
    because: 'its sugar holds most growth back; water on its surface does not',
  },
  oxymel: { fridge: 180, fridgeOpened: 90, room: 30, because: 'acid and sugar together hold most growth back' },
  vinegar_extract: { fridge: 365, fridgeOpened: 180, room: 180, because: 'its acetic acid holds growth back' },
  alcohol_20: { fridge: 365, fridgeOpened: 365, room: 365, because: 'its alcohol holds growth back' },
  dry_powder: { fridge: 365, fridgeOpened: 90, room: 365, because: 'it is dry; damp air cakes it and vitamin C fades' },
  electrolyte_drink: {
    fridge: 2,
    fridgeOpened: 1,
    room: hours(8),
    because: 'there is little in it to feed germs, but it is not sterile',
  },
  ors: { fridge: 1, fridgeOpened: 1, room: 1, because: 'it is for someone who is ill: make it fresh every 24 hours' },
  gel: {
    fridge: 5,
    fridgeOpened: 3,
    room: hours(2),
    because: (p) =>
      isNearlyNeutral(p) ? 'it is wet and nearly neutral' : 'it is wet, with too little acid and sugar to keep',
  },
  perishable: {
    fridge: 2,
    fridgeOpened: 2,
    room: hours(2),
    because: 'milk, egg, plant milk and grain feed germs like nothing else',
  },
  plants_in_oil: {
    fridge: 4,
    fridgeOpened: 4,
    room: hours(2),
    because: 'there is no air under oil, where soil germs on fresh plants can make toxin',
  },
  garlic_in_honey: {
    fridge: 14,
    fridgeOpened: 14,
    room: hours(2),
    because: 'garlic brings soil germs, and its water thins the honey around it',
  },
  unknown: {
    fridge: 2,
    fridgeOpened: 2,
    room: hours(2),
    because: 'how it keeps is not known here: it is neither dry nor a plain liquid',
  },
};

/** Printed with every time. */
export const KEEPING_NOTE =
  'Kitchen rule, not a laboratory test. If it smells, fizzes, clouds or grows anything, throw it out.';
