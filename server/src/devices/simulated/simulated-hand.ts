import { createHash } from 'node:crypto';
import { catalogued } from '@wellhydra/core/catalogue';
import { usualMeasure } from '@wellhydra/core/quantity';

/** One of a measure that no table knows, g: about a tea cup. */
const UNKNOWN_g = 150;
/** How much smaller or larger than usual a hand can be, and how far it is off from time to time. */
const HANDS_APART = 0.35;
const FROM_TIME_TO_TIME = 0.12;

const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/**
 * What somebody's hand puts on the scale: the same somewhat smaller or larger hand each time, and never twice the same.
 *
 * @param who whose hand it is
 * @returns g
 */
export function simulatedHand(
  who: string,
  { name, of, count }: { readonly name: string; readonly of: string; readonly count: number },
  random: () => number,
): number {
  const ingredient = catalogued(of);
  const usual_g = (ingredient && usualMeasure(name, ingredient)?.mass_g) ?? UNKNOWN_g;
  const hash = createHash('sha256').update(`${who}/${name}/${of}`).digest();
  const own_g = usual_g * Math.exp(HANDS_APART * (hash[0]! / 128 - 1));
  let sum_g = 0;
  for (let each = 0; each < count; each += 1) sum_g += own_g * Math.exp(FROM_TIME_TO_TIME * normal(random));
  return sum_g;
}
