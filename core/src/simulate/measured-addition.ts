import { volumeOf } from '../liquid';
import type { Ingredient } from '../catalogue';
import type { Column } from './chance';
import { solidMass } from './solid';
import type { WorkingPot } from './pot';
import { evenColumn, type MeasuredAddition } from './step-run';

/** How far a reading is from what was expected, whichever is more. */
const farFrom = (read: number, expected: number): number => Math.abs(Math.log(read / expected));

/** All that lies in the pot, g in sample 0. */
function contents(pot: WorkingPot): number {
  return (
    pot.liquid.mass() +
    pot.solids.reduce((sum, solid) => sum + solidMass(solid)[0]!, 0) +
    [...pot.sediment.values()].reduce((sum, grams) => sum + grams[0]!, 0)
  );
}

/** An addition as it was measured. */
interface Measurable {
  readonly ingredient: Ingredient;
  readonly planned: Column;
}

/**
 * What went in by what was measured: the addition by itself, or all that lies there now less what lay there before,
 * whichever is nearer to what was planned. Into a pot of liquid a reading that is nearer to the whole is one of the
 * pot, and says nothing of the addition.
 *
 * @param pot before the addition
 * @param measured of the step, g or mL
 * @returns grams in each sample; undefined where nothing was measured of the addition
 */
export function additionAsMeasured(
  pot: WorkingPot,
  measured: MeasuredAddition | undefined,
  { ingredient, planned }: Measurable,
): Column | undefined {
  const planned_g = planned[0]!;
  if (!measured || !(planned_g > 0)) return undefined;
  const { mass_g, volume_mL } = measured;
  if (mass_g !== undefined) {
    const before_g = contents(pot);
    if (before_g === 0 || farFrom(mass_g, planned_g) <= farFrom(mass_g, before_g + planned_g))
      return evenColumn(pot, mass_g);
    return pot.dry && mass_g > before_g ? evenColumn(pot, mass_g - before_g) : undefined;
  }
  const per_mL = ingredient.state === 'solid' ? undefined : ingredient.composition && volumeOf(ingredient.composition);
  if (volume_mL === undefined || !per_mL) return undefined;
  const before_mL = pot.dry ? 0 : pot.body().volume();
  if (farFrom(volume_mL, planned_g * per_mL) > farFrom(volume_mL, before_mL + planned_g * per_mL)) return undefined;
  return evenColumn(pot, volume_mL / per_mL);
}
