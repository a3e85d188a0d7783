import type { DrinkKind } from '../drink/drink';
import type { Liquid } from '../liquid/describe-liquid';
import { massOf, type Composition } from '../liquid/composition';
import { WEAK_ACIDS } from '../liquid/weak-acids';
import { acidSugarIndex, classifyKeeping, lowAcid, surelyAcid, type KeepingProperties } from './classify-keeping';
import { KEEPING_TIMES, type KeepingClass } from './keeping-classes';

export type KeepingPlace = 'fridge' | 'cupboard';

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

/**
 * How a drink keeps, from its kind and its liquid.
 *
 * @param kind what it is for
 * @param composition totals of what is in the pot
 * @param liquid its properties, or null for a dry mix
 */
export function keepingOf(kind: DrinkKind, composition: Composition, liquid: Liquid | null): Keeping {
  const properties = propertiesOf(kind, composition, liquid);
  const keepingClass = classifyKeeping(properties);
  const times = KEEPING_TIMES[keepingClass];
  // A thick syrup keeps in a room only when its water is bound, or its acid is certain.
  const roomSafe = !lowAcid(properties) || surelyAcid(properties) || properties.dry;
  const room = keepingClass === 'syrup_65' && !roomSafe ? 4 / 24 : times.room;
  const inCupboard = room >= times.fridge;
  return {
    class: keepingClass,
    place: inCupboard && keepingClass !== 'ors' ? 'cupboard' : 'fridge',
    days: times.fridge,
    daysOpened: times.fridgeOpened,
    daysInCoolRoom: room,
    heldBackBy: [times.because],
    lowAcid: !properties.dry && lowAcid(properties),
  };
}
