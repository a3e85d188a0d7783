import type { KeepingClass } from './keeping-classes';
import type { KeepingProperties } from './keeping-properties';

/** pH below which the germs that matter in closed jars do not grow. Source: 21 CFR 114. */
export const ACID_LINE_pH = 4.6;
/** Water activity at or below which they do not grow either. Source: 21 CFR 113. */
export const WATER_ACTIVITY_LINE = 0.85;
/** Acid-sugar index of a mixture that keeps on vinegar and sugar together. */
export const ACID_SUGAR_LINE = 63;
/** Alcohol that keeps by itself, % by volume. Source: household practice for tinctures and liqueurs. */
const SPIRIT_pctABV = 20;
const OXYMEL_pH = 3.8;
const CITRUS_pH = 3.6;

/**
 * Acid-sugar index of a vinegar mixture: 15.75 A/(1 + 10^(pH - 4.756)) + 3.08 salt + hexose
 * + 0.5 disaccharide, all in % by mass.
 *
 * Source: after the CIMSCEE index for sauces.
 */
export function acidSugarIndex(parts: {
  readonly acetic_pct: number;
  readonly salt_pct: number;
  readonly hexose_pct: number;
  readonly disaccharide_pct: number;
  readonly pH: number;
}): number {
  const undissociated = parts.acetic_pct / (1 + Math.pow(10, parts.pH - 4.756));
  return 15.75 * undissociated + 3.08 * parts.salt_pct + parts.hexose_pct + 0.5 * parts.disaccharide_pct;
}

/** True when the drink is acid enough with its margin of doubt. */
export function surelyAcid(p: Pick<KeepingProperties, 'pH' | 'phMargin'>): boolean {
  return p.pH !== null && p.pH + p.phMargin <= ACID_LINE_pH;
}

/** True when its spirit keeps it, whatever its acid. */
export const keepsByAlcohol = (p: Pick<KeepingProperties, 'alcohol_pctABV'>): boolean =>
  p.alcohol_pctABV >= SPIRIT_pctABV;

/** True when nothing but cold keeps a sealed bottle of it safe. */
export function lowAcid(p: Pick<KeepingProperties, 'pH' | 'phMargin' | 'waterActivity'>): boolean {
  return !surelyAcid(p) && !(p.waterActivity !== null && p.waterActivity <= WATER_ACTIVITY_LINE);
}

const rawClass = (p: KeepingProperties): KeepingClass =>
  p.pH !== null && p.pH < CITRUS_pH ? 'citrus_juice' : 'fresh_juice';

function byKind(p: KeepingProperties): KeepingClass {
  switch (p.kind) {
    case 'sport':
    case 'daily-hydration':
      return 'electrolyte_drink';
    case 'juice':
    case 'concentrate':
      return rawClass(p);
    case 'infused-water':
      return 'infused_water';
    case 'tonic':
    case 'syrup':
    case 'vinegar-honey':
      return p.contents.boiled ? 'decoction' : 'herbal_infusion';
    default:
      return 'herbal_infusion';
  }
}

/** pH with its margin up to which what spoils like milk keeps as long as anything so sour. */
const SOUR_MILK_pH = 4.2;

/**
 * Classes that what is in it may belong to besides, whatever its liquid is like: the strictest of all holds. Source:
 * extension-service and food-safety guidance, condensed.
 */
export function classesByContents(p: KeepingProperties): readonly KeepingClass[] {
  const { contents } = p;
  const sour = p.pH !== null && p.pH + p.phMargin <= SOUR_MILK_pH;
  return [
    ...(contents.undescribed ? (['unknown'] as const) : []),
    ...(contents.plantsInOil ? (['plants_in_oil'] as const) : []),
    ...(contents.garlicInHoney ? (['garlic_in_honey'] as const) : []),
    ...(contents.perishable && !sour ? (['perishable'] as const) : []),
    // What sugar, vinegar or spirit keeps is kept by them, raw or not.
    ...(contents.raw && !p.dry && classByLiquid(p) === undefined ? [rawClass(p)] : []),
  ];
}

/** The class that a property of the liquid decides; undefined where none does. */
function classByLiquid(p: KeepingProperties): KeepingClass | undefined {
  const brix = p.brix ?? 0;
  if (keepsByAlcohol(p)) return 'alcohol_20';
  if (p.acetic_pct >= 4) return 'vinegar_extract';
  if (brix >= 65) return 'syrup_65';
  if (p.acidSugarIndex >= ACID_SUGAR_LINE && p.pH !== null && p.pH <= OXYMEL_pH) return 'oxymel';
  if (p.kind === 'gel') return undefined;
  if (brix >= 50) return surelyAcid(p) ? 'syrup_mid_acid' : 'syrup_mid_lowacid';
  if (brix >= 25) return surelyAcid(p) ? 'syrup_low_acid' : 'syrup_low_lowacid';
  return undefined;
}

/**
 * The keeping class of a drink, by the property that decides first: dry, rehydration, alcohol,
 * vinegar, sugar, acid and sugar together, gel, weaker syrups, and then its kind.
 */
export function classifyKeeping(p: KeepingProperties): KeepingClass {
  if (p.dry) return 'dry_powder';
  if (p.kind === 'rehydration') return 'ors';
  return classByLiquid(p) ?? (p.kind === 'gel' ? 'gel' : byKind(p));
}
