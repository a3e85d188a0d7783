import type { DrinkKind } from '../drink';
import { type Liquid, massOf, type Composition, WEAK_ACIDS } from '../liquid';
import type { StoragePlace } from '../simulate';
import {
  acidSugarIndex,
  classesByContents,
  classifyKeeping,
  keepsByAlcohol,
  lowAcid,
  surelyAcid,
} from './classify-keeping';
import type { Contents } from './contents';
import { STOOD_WARM_h } from './hours-warm';
import type { KeepingProperties } from './keeping-properties';
import { KEEPING_TIMES, type KeepingClass, type KeepingTimes } from './keeping-classes';

export type KeepingPlace = StoragePlace;

/** Months in a freezer, as days: vitamin and flavour go before it spoils. Source: household convention. */
const FREEZER_days = 240;
/** A jar that is measured to be no less sour than this may stand in a warm place, processed as tested. */
const SEALED_pH = 4.2;
/** A meter or strip may be off by so much. */
const METER_MARGIN_pH = 0.1;
/** A tested, acid, processed jar keeps a year closed. Source: USDA/NCHFP. */
const PROCESSED_days = 365;

/** How long a drink keeps, where, and why no longer. An estimate. */
export interface Keeping {
  readonly class: KeepingClass;
  readonly place: KeepingPlace;
  readonly days: number;
  readonly daysOpened: number;
  readonly daysInCoolRoom: number;
  /** Days closed in each place it may be put, whatever place the steps name. */
  readonly closed: Readonly<Record<KeepingPlace, number>>;
  readonly heldBackBy: readonly string[];
  readonly lowAcid: boolean;
  /** pH that it goes by: as it was measured, else as predicted; null where there is none. */
  readonly pH: number | null;
}

/** What the steps said of storing it. */
export interface Stored {
  readonly place?: StoragePlace;
  /** Processed in boiling water by a tested recipe, long enough for the altitude. */
  readonly processed?: boolean;
  /** pH of this batch, where it was measured. */
  readonly measured_pH?: number;
  /** Plants still lie in it. */
  readonly pieces?: boolean;
  /** Hours that it stood warm since it last boiled, and whether it is poured away after four of them. */
  readonly warm_h?: number;
  readonly spoilsWarm?: boolean;
}

/** What standing warm takes away: nothing, a day, or every day; with why, in words. */
function standing({ warm_h = 0, spoilsWarm = false }: Stored): { readonly lost: number; readonly because: string[] } {
  if (warm_h <= STOOD_WARM_h.warn) return { lost: 0, because: [] };
  const all = spoilsWarm || warm_h > STOOD_WARM_h.none;
  const stood = `it stood warm for ${Math.round(warm_h)} h`;
  if (!all) return { lost: 1, because: [`${stood}, which took a day of it`] };
  return {
    lost: Infinity,
    because: [spoilsWarm ? `${stood}: pour it away` : `${stood}: bring it back to the boil, or drink it now`],
  };
}

/** Whether a pH that was measured is low enough whatever the meter is off by. */
export const surelySour = (pH: number | undefined): boolean =>
  pH !== undefined && surelyAcid({ pH, phMargin: METER_MARGIN_pH });

/** The strictest of some classes: in each place no longer than the shortest; of equal ones the first gives the reason. */
function strictest(classes: readonly KeepingClass[]): { readonly name: KeepingClass; readonly times: KeepingTimes } {
  const least = (place: 'fridge' | 'fridgeOpened' | 'room') =>
    Math.min(...classes.map((each) => KEEPING_TIMES[each][place]));
  const fridge = least('fridge');
  const name = classes.find((each) => KEEPING_TIMES[each].fridge === fridge)!;
  const { because } = KEEPING_TIMES[name];
  return { name, times: { fridge, fridgeOpened: least('fridgeOpened'), room: least('room'), because } };
}

const molarMass = (property: string): number =>
  WEAK_ACIDS.find((acid) => acid.property === property)?.molarMass_g_mol as number;

function propertiesOf(kind: DrinkKind, c: Composition, liquid: Liquid | null, contents: Contents): KeepingProperties {
  const mass_g = massOf(c);
  const percent = (grams: number) => (mass_g > 0 ? (100 * grams) / mass_g : 0);
  const acetic_pct = percent((c.acetic_mmol * molarMass('acetic_mmol')) / 1000);
  return {
    kind,
    contents,
    dry: liquid === null && !contents.undescribed,
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

const MEASURE_IT =
  'only its predicted acid would let the jars stand in the cupboard: measure the pH of this batch, and 4.2 or less does';
const PROCESSED = 'processed and measured to be acid: a closed jar fades before it spoils';
const FROZEN = 'flavour and vitamin C fade, frozen';

/** Why it keeps no longer than it does where the steps put it. */
function reasonAt(place: StoragePlace, properties: KeepingProperties, times: KeepingTimes, safe: boolean): string {
  if (place === 'freezer') return FROZEN;
  if (safe) return PROCESSED;
  return typeof times.because === 'string' ? times.because : times.because(properties);
}

/**
 * How a drink keeps, from its kind, its liquid and where it is put.
 *
 * @param kind what it is for
 * @param composition totals of what is in the pot
 * @param liquid its properties, or null for a dry mix
 * @param contents what is in it, however little of that the liquid shows
 * @param stored what the steps say of it
 */
export function keepingOf(
  kind: DrinkKind,
  composition: Composition,
  liquid: Liquid | null,
  contents: Contents,
  stored: Stored = {},
): Keeping {
  const predicted = propertiesOf(kind, composition, liquid, contents);
  const { measured_pH } = stored;
  const properties =
    measured_pH === undefined ? predicted : { ...predicted, pH: measured_pH, phMargin: METER_MARGIN_pH };
  const byContents = classesByContents(properties);
  const { name: keepingClass, times } = strictest([...byContents, classifyKeeping(properties)]);
  // A thick syrup keeps in a room only when its water is bound, or its acid is certain.
  const roomSafe = !lowAcid(properties) || surelyAcid(properties) || properties.dry;
  const room = keepingClass === 'syrup_65' && !roomSafe ? 4 / 24 : times.room;
  // Boiling water does not make a jar of milk or of oil keep.
  const processed = stored.processed === true && byContents.length === 0 && surelyAcid(properties);
  const jarsKeep = processed && measured_pH !== undefined && measured_pH <= SEALED_pH;
  const isWarm = stored.place === 'cool room' || stored.place === 'cupboard';
  const unmeasured = processed && !jarsKeep && (isWarm || stored.place === undefined);
  const most = stored.pieces === true && keepingClass === 'infused_water' ? 1 : Infinity;
  const warm = Math.min(most, jarsKeep ? PROCESSED_days : room);
  const stood = standing(stored);
  const left = (days: number): number => Math.max(0, days - stood.lost);
  const closed: Record<KeepingPlace, number> = {
    fridge: left(Math.min(most, jarsKeep ? PROCESSED_days : times.fridge)),
    'cool room': left(warm),
    cupboard: left(warm),
    freezer: left(FREEZER_days),
  };
  const best = jarsKeep || (room >= times.fridge && kind !== 'rehydration') ? 'cupboard' : 'fridge';
  const place = unmeasured ? 'fridge' : (stored.place ?? best);
  const because = [...stood.because, reasonAt(place, properties, times, jarsKeep), ...(unmeasured ? [MEASURE_IT] : [])];
  const days = closed[place];
  return {
    class: keepingClass,
    place,
    days,
    daysOpened: Math.min(days, times.fridgeOpened),
    daysInCoolRoom: closed['cool room'],
    closed,
    heldBackBy: stored.pieces && !properties.dry ? [...because, PIECES_IN_IT] : because,
    lowAcid: !properties.dry && !keepsByAlcohol(properties) && lowAcid(properties),
    pH: properties.pH,
  };
}

/** Days that a drink keeps closed in a place; of brews that were stored before every place was reckoned, what is safe. */
export function closedDays(
  keeping: Pick<Keeping, 'place' | 'days' | 'daysOpened' | 'daysInCoolRoom'> & Partial<Pick<Keeping, 'closed'>>,
  place: KeepingPlace,
): number {
  const { closed, days, daysOpened, daysInCoolRoom } = keeping;
  if (closed) return closed[place];
  if (place === 'freezer') return FREEZER_days;
  if (place !== 'fridge') return daysInCoolRoom;
  return keeping.place === 'freezer' ? daysOpened : days;
}
