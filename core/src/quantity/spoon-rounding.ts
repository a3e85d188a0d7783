import { TEASPOON_mL } from './us-sizes';

/** A spoon of a set, by name and volume. */
export interface Spoon {
  readonly name: string;
  readonly volume_mL: number;
}

/** The measuring spoons of a US set. */
export const US_SPOONS: readonly Spoon[] = [
  { name: '1/8 tsp', volume_mL: TEASPOON_mL / 8 },
  { name: '1/4 tsp', volume_mL: TEASPOON_mL / 4 },
  { name: '1/2 tsp', volume_mL: TEASPOON_mL / 2 },
  { name: '1 tsp', volume_mL: TEASPOON_mL },
  { name: '1 tbsp', volume_mL: 3 * TEASPOON_mL },
];

/** Most scoops, and most sizes of spoon, that a person will bother with. */
export const MOST_SCOOPS = 4;
const SCOOP_COST = 0.01;
const SIZE_COST = 0.01;

export interface SpoonRounding {
  /** "1 x 1/8 tsp + 1 x 1/4 tsp" */
  readonly words: string;
  readonly volume_mL: number;
  /** Relative error against what was wanted. */
  readonly error: number;
}

/**
 * The spoons that come nearest to a volume: at most {@link MOST_SCOOPS} scoops of at most two
 * sizes, by |ln(V/target)| + 0.01 for each further scoop and size.
 *
 * @param volume_mL wanted, above 0
 * @param spoons the set, smallest first
 * @throws RangeError when the volume is not positive
 */
export function roundToSpoons(volume_mL: number, spoons: readonly Spoon[] = US_SPOONS): SpoonRounding {
  if (!(volume_mL > 0)) throw new RangeError(`roundToSpoons: volume must be above 0 mL, got ${volume_mL}`);
  let best: (SpoonRounding & { cost: number }) | undefined;
  const consider = (parts: readonly (readonly [number, Spoon])[]) => {
    const used = parts.filter(([count]) => count > 0);
    const scoops = used.reduce((sum, [count]) => sum + count, 0);
    const total = used.reduce((sum, [count, spoon]) => sum + count * spoon.volume_mL, 0);
    const cost = Math.abs(Math.log(total / volume_mL)) + SCOOP_COST * (scoops - 1) + SIZE_COST * (used.length - 1);
    if (best && best.cost <= cost) return;
    const words = used.map(([count, spoon]) => `${count} x ${spoon.name}`).join(' + ');
    best = { words, volume_mL: total, error: total / volume_mL - 1, cost };
  };
  spoons.forEach((small, index) => {
    for (let count = 1; count <= MOST_SCOOPS; count += 1) {
      consider([[count, small]]);
      for (const large of spoons.slice(index + 1))
        for (let more = 1; count + more <= MOST_SCOOPS; more += 1)
          consider([
            [count, small],
            [more, large],
          ]);
    }
  });
  const { words, volume_mL: total, error } = best as SpoonRounding;
  return { words, volume_mL: total, error };
}
