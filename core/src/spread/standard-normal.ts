import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/**
 * A source of standard normal numbers by the Box-Muller transform.
 *
 * @param seed whole number; the same seed gives the same numbers
 */
export function standardNormal(seed: number): () => number {
  const generator = xoroshiro128plus(seed);
  let spare: number | undefined;
  return () => {
    if (spare !== undefined) {
      const kept = spare;
      spare = undefined;
      return kept;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - uniformFloat64(generator)));
    const angle = 2 * Math.PI * uniformFloat64(generator);
    spare = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
}
