import { addScaled, emptyComposition, massOf, scaled, type Composition, type MutableComposition } from '../liquid';
import { Mixture } from './mixture';
import type { Cake, WorkingPot } from './pot';
import { addRemains, type Solid } from './solid';

/** What went into a pot, and where it is now: equal for mass, water, spirit and every solute, to rounding. */
export interface MassBalance {
  readonly added: Composition;
  readonly accounted: Composition;
}

/** What a solid still has: all it brought less what it has given. */
function leftIn(total: MutableComposition, solid: Solid): void {
  const rest = new Mixture(solid.grams.length);
  addRemains(rest, solid);
  addScaled(total, rest.composition(0), 1);
}

function addCake(total: MutableComposition, cake: Cake): void {
  addScaled(total, cake.held.composition(), 1);
  for (const solid of cake.solids) leftIn(total, solid);
}

/**
 * The books of a pot in sample 0: everything that went in against the pot, what was strained, drawn
 * and skimmed off it, its steam, and the vitamin C and alcohol that were lost to heat.
 */
export function massBalance(pot: WorkingPot): MassBalance {
  const added = emptyComposition();
  for (const { ingredient, mass_g } of pot.entries)
    if (ingredient.composition) addScaled(added, ingredient.composition, mass_g);
    else added.insoluble_g += mass_g;
  const total = emptyComposition();
  const { ledger } = pot;
  for (const mixture of [pot.liquid, ledger.drawn, ledger.skimmed]) addScaled(total, mixture.composition(), 1);
  for (const [ingredient, grams] of pot.sediment)
    if (ingredient.composition) addScaled(total, scaled(ingredient.composition, grams[0]!), 1);
  for (const solid of pot.solids) leftIn(total, solid);
  for (const cake of ledger.discarded) addCake(total, cake);
  if (pot.cake) addCake(total, pot.cake);
  total.water_g += ledger.steam_g[0]!;
  total.ethanol_g += ledger.spirit_g[0]!;
  total.ascorbic_mmol += ledger.vitaminC_mmol[0]!;
  return { added, accounted: total };
}

/** Grams that a balance is out by. */
export const imbalance = ({ added, accounted }: MassBalance): number => massOf(accounted) - massOf(added);
