import { type Composition, type ExtensiveProperty, daviesActivity, WEAK_ACIDS } from '../liquid';
import { EXTRACTABLE_SHARES } from '../process';

/** Strength of the infusion that a dried plant's pH stands for, g/L. */
export const REFERENCE_TEA_g_L = 20;

/** Mean charge of a weak acid at a pH, with the activities of its forms at an ionic strength. */
function meanCharge(pKa: readonly number[], topCharge: number, pH: number, ionicStrength: number): number {
  let weight = 1;
  let weights = 1;
  let charge = topCharge;
  pKa.forEach((constant, index) => {
    const before = daviesActivity(topCharge - index, ionicStrength);
    const after = daviesActivity(topCharge - index - 1, ionicStrength);
    weight *= (Math.pow(10, pH - constant) * before) / after;
    weights += weight;
    charge += weight * (topCharge - index - 1);
  });
  return charge / weights;
}

/** What of a dried plant's ions and acids a decoction takes out, as shares by property. */
function decoctionShare(property: ExtensiveProperty): number {
  const shares = EXTRACTABLE_SHARES.decoction;
  if (property === 'magnesium_mmol') return shares.magnesium;
  if (property === 'calcium_mmol') return shares.calcium;
  if (property === 'phosphoric_mmol') return shares.phosphate;
  return property === 'ascorbic_mmol' ? shares.vitaminC : shares.acid;
}

/**
 * Charge of the acids nobody has tabulated, so that a food (or an infusion of a dried plant) has the
 * pH it is known to have: what is left of cations after chloride, sulfate and the known acids.
 *
 * @param c one gram of the food
 * @param pH of the pure food, or of an infusion of {@link REFERENCE_TEA_g_L}
 * @param dried whether it is a dried plant
 * @returns mEq a gram; negative where cations are missing
 * An anchor, not a prediction: pH within about 0.6.
 */
export function residualAnion(c: Composition, pH: number, dried: boolean): number {
  const share = (property: ExtensiveProperty): number => (dried ? decoctionShare(property) : 1);
  const amount = (property: ExtensiveProperty): number => c[property] * share(property);
  const grams_L = dried ? REFERENCE_TEA_g_L : 1000;
  const monovalent = amount('sodium_mmol') + amount('potassium_mmol');
  const divalent = amount('magnesium_mmol') + amount('calcium_mmol');
  let charge = monovalent + 2 * divalent - amount('chloride_mmol') - 2 * amount('sulfate_mmol');
  // The anions that balance the cations are mostly of one charge.
  const ionicStrength = ((monovalent + 4 * divalent + monovalent + 2 * divalent) * grams_L) / 2000;
  for (const acid of WEAK_ACIDS)
    charge += amount(acid.property) * meanCharge(acid.pKa, acid.topCharge, pH, ionicStrength);
  const activity = daviesActivity(1, ionicStrength);
  const protons_mmol_g = (1000 * (Math.pow(10, -pH) - Math.pow(10, pH - 14))) / activity / grams_L;
  return (charge + protons_mmol_g) / share('citric_mmol');
}
