import type { DrinkKind } from '../drink';
import type { KeepingClass } from './keeping-classes';

/** pH below which the germs that matter in closed jars do not grow. Source: 21 CFR 114. */
export const ACID_LINE_pH = 4.6;
/** Water activity at or below which they do not grow either. Source: 21 CFR 113. */
export const WATER_ACTIVITY_LINE = 0.85;
/** Acid-sugar index of a mixture that keeps on vinegar and sugar together. */
export const ACID_SUGAR_LINE = 63;
const OXYMEL_pH = 3.8;
const CITRUS_pH = 3.6;

/** What decides how a drink keeps; percentages by mass. */
export interface KeepingProperties {
  readonly kind: DrinkKind;
  readonly dry: boolean;
  readonly pH: number | null;
  readonly phMargin: number;
  readonly waterActivity: number | null;
  readonly brix: number | null;
  readonly alcohol_pctABV: number;
  readonly acetic_pct: number;
  readonly acidSugarIndex: number;
}

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

/** True when nothing but cold keeps a sealed bottle of it safe. */
export function lowAcid(p: Pick<KeepingProperties, 'pH' | 'phMargin' | 'waterActivity'>): boolean {
  return !surelyAcid(p) && !(p.waterActivity !== null && p.waterActivity <= WATER_ACTIVITY_LINE);
}

function byKind(p: KeepingProperties): KeepingClass {
  switch (p.kind) {
    case 'sport':
    case 'daily-hydration':
      return 'electrolyte_drink';
    case 'juice':
    case 'concentrate':
      return p.pH !== null && p.pH < CITRUS_pH ? 'citrus_juice' : 'fresh_juice';
    case 'infused-water':
      return 'infused_water';
    case 'tonic':
    case 'syrup':
    case 'vinegar-honey':
      return 'decoction';
    default:
      return 'herbal_infusion';
  }
}

/**
 * The keeping class of a drink, by the property that decides first: dry, rehydration, alcohol,
 * vinegar, sugar, acid and sugar together, gel, weaker syrups, and then its kind.
 */
export function classifyKeeping(p: KeepingProperties): KeepingClass {
  const brix = p.brix ?? 0;
  if (p.dry) return 'dry_powder';
  if (p.kind === 'rehydration') return 'ors';
  if (p.alcohol_pctABV >= 20) return 'alcohol_20';
  if (p.acetic_pct >= 4) return 'vinegar_extract';
  if (brix >= 65) return 'syrup_65';
  if (p.acidSugarIndex >= ACID_SUGAR_LINE && p.pH !== null && p.pH <= OXYMEL_pH) return 'oxymel';
  if (p.kind === 'gel') return 'gel';
  if (brix >= 50) return surelyAcid(p) ? 'syrup_mid_acid' : 'syrup_mid_lowacid';
  if (brix >= 25) return surelyAcid(p) ? 'syrup_low_acid' : 'syrup_low_lowacid';
  return byKind(p);
}
