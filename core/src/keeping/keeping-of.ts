import type { DrinkKind } from '../drink';
import { type Liquid, massOf, type Composition, WEAK_ACIDS } from '../liquid';
import type { StoragePlace } from '../simulate';
import { acidSugarIndex, classifyKeeping, lowAcid, surelyAcid, type KeepingProperties } from './classify-keeping';
import { KEEPING_TIMES, type KeepingClass, type KeepingTimes } from './keeping-classes';

export type KeepingPlace = StoragePlace;

/** Months in a freezer, as days: vitamin and flavour go before it spoils. Source: household convention. */
const FREEZER_days = 240;
/** A tested, acid, processed jar keeps a year closed. Source: USDA/NCHFP. */
const PROCESSED_days = 365;

/** How long a drink keeps, where, and why no longer. An estimate. */
export interface Keeping {
  readonly class: KeepingClass;
  readonly place: KeepingPlace;
  readonly days: number;
  readonly daysOpened: number;
  readonly daysInCoolRoom: number;
  readonly heldBackBy: readonly string[];
  readonly lowAcid: boolean;
}

/** What the steps said of storing it. */
export interface Stored {
  readonly place?: StoragePlace;
  /** Processed in boiling water, long enough for the altitude. */
  readonly processed?: boolean;
  /** Plants still lie in it. */
  readonly pieces?: boolean;
}

const molarMass = (property: string): number =>
  WEAK_ACIDS.find((acid) => acid.property === property)?.molarMass_g_mol as number;

function propertiesOf(kind: DrinkKind, c: Composition, liquid: Liquid | null): KeepingProperties {
  const mass_g = massOf(c);
  const percent = (grams: number) => (mass_g > 0 ? (100 * grams) / mass_g : 0);
  const acetic_pct = percent((c.acetic_mmol * molarMass('acetic_mmol')) / 1000);
  return {
    kind,
    dry: liquid === null,
    pH: liquid?.pH ?? null,
    phMargin: liquid?.phMargin ?? 0,
    waterActivity: liquid?.waterActivity ?? null,
    brix: liquid?.brix ?? null,
    alcohol_pctABV: liquid?.alcohol_pctABV ?? 0,
    acetic_pct,
    acidSugarIndex: liquid
      ? acidSugarIndex({
          acetic_pct,
          salt_pct: percent((Math.min(c.sodium_mmol, c.chloride_mmol) * 58.44) / 1000),
          hexose_pct: percent(c.glucose_g + c.fructose_g),
          disaccharide_pct: percent(c.sucrose_g + c.otherCarbohydrate_g),
          pH: liquid.pH,
        })
      : 0,
  };
}

const PIECES_IN_IT = 'plants still lie in it: take them out within a day';

interface Spell {
  readonly place: StoragePlace;
  readonly days: number;
  readonly because: readonly string[];
}

/** Days in the place the steps name, or in the better of fridge and cupboard. */
function spellOf(properties: KeepingProperties, times: KeepingTimes, room: number, stored: Stored): Spell {
  if (stored.place === 'freezer')
    return { place: 'freezer', days: FREEZER_days, because: ['flavour and vitamin C fade, frozen'] };
  if (stored.processed && surelyAcid(properties))
    return {
      place: stored.place ?? 'cupboard',
      days: PROCESSED_days,
      because: ['processed and acid: a closed jar fades before it spoils'],
    };
  if (stored.place === 'cool room' || stored.place === 'cupboard')
    return { place: stored.place, days: room, because: [times.because] };
  const inCupboard = stored.place === undefined && room >= times.fridge && properties.kind !== 'rehydration';
  return { place: inCupboard ? 'cupboard' : 'fridge', days: times.fridge, because: [times.because] };
}

/**
 * How a drink keeps, from its kind, its liquid and where it is put.
 *
 * @param kind what it is for
 * @param composition totals of what is in the pot
 * @param liquid its properties, or null for a dry mix
 * @param stored what the steps say of it
 */
export function keepingOf(
  kind: DrinkKind,
  composition: Composition,
  liquid: Liquid | null,
  stored: Stored = {},
): Keeping {
  const properties = propertiesOf(kind, composition, liquid);
  const keepingClass = classifyKeeping(properties);
  const times = KEEPING_TIMES[keepingClass];
  // A thick syrup keeps in a room only when its water is bound, or its acid is certain.
  const roomSafe = !lowAcid(properties) || surelyAcid(properties) || properties.dry;
  const room = keepingClass === 'syrup_65' && !roomSafe ? 4 / 24 : times.room;
  const { place, days, because } = spellOf(properties, times, room, stored);
  const heldUp = stored.pieces === true && days > 1 && keepingClass === 'infused_water';
  return {
    class: keepingClass,
    place,
    days: heldUp ? 1 : days,
    daysOpened: Math.min(days, times.fridgeOpened),
    daysInCoolRoom: room,
    heldBackBy: stored.pieces && !properties.dry ? [...because, PIECES_IN_IT] : because,
    lowAcid: !properties.dry && lowAcid(properties),
  };
}
