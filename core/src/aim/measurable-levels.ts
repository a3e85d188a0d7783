import type { Ingredient } from '../catalogue';
import { bulkDensityFor, formatNumber, MOST_SCOOPS, US_SPOONS } from '../quantity';

/** What doses are measured with. */
export const INSTRUMENTS = ['0.1 g scale', '1 g scale', 'spoon set'] as const;
export type Instrument = (typeof INSTRUMENTS)[number];

/** Doses that an instrument can measure, and how a person says each. */
export interface Levels {
  readonly grams: Float64Array;
  readonly words: (level: number) => string;
}

const STEP_g = { '0.1 g scale': 0.1, '1 g scale': 1 } as const;

/** Doses are told apart no finer than this share of a usual one: nobody weighs 43.7 g of juice. */
const FINEST_SHARE = 1 / 250;
const ROUND_STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500] as const;

function scaleLevels(step_g: number, most_g: number, usual_g: number): Levels {
  const times = ROUND_STEPS.find((each) => each * step_g >= usual_g * FINEST_SHARE) ?? 1000;
  const count = Math.max(1, Math.floor(most_g / (times * step_g) + 1e-9));
  // Multiples, not sums: 0.1 g a thousand times over is 100 g.
  const grams = Float64Array.from({ length: count + 1 }, (_, level) => Math.round(level * times * step_g * 10) / 10);
  // The digits say what it is weighed with: 3.0 g is not 3 g.
  const tenths = times * step_g < 1;
  const words = (level: number) => `${tenths ? grams[level]!.toFixed(1) : formatNumber(grams[level]!)} g`;
  return { grams, words };
}

/** "1/2 level tsp", "3 level tsp", "2 x 1/4 level tsp". */
function spoonWords(count: number, spoon: string): string {
  const [size, name] = spoon.split(' ') as [string, string];
  if (count === 1) return `${size} level ${name}`;
  return size === '1' ? `${count} level ${name}` : `${count} x ${size} level ${name}`;
}

/** Level spoons, at most four scoops of at most two sizes. */
function spoonLevels(ingredient: Ingredient, most_g: number): Levels | undefined {
  const bulk = bulkDensityFor(ingredient);
  if (!bulk) return undefined;
  const combinations = new Map<number, { grams: number; words: string; parts: number }>();
  const add = (parts: readonly (readonly [count: number, spoon: (typeof US_SPOONS)[number]])[]): void => {
    const used = parts.filter(([count]) => count > 0);
    const grams = used.reduce((sum, [count, spoon]) => sum + count * spoon.volume_mL, 0) * bulk.density_g_mL;
    const scoops = used.reduce((sum, [count]) => sum + count, 0);
    const key = Math.round(grams * 1e6);
    const known = combinations.get(key);
    if (grams > most_g || (known && known.parts <= scoops)) return;
    combinations.set(key, {
      grams,
      words: used.map(([count, { name }]) => spoonWords(count, name)).join(' + '),
      parts: scoops,
    });
  };
  US_SPOONS.forEach((small, at) => {
    for (let count = 1; count <= MOST_SCOOPS; count += 1) {
      add([[count, small]]);
      for (const large of US_SPOONS.slice(at + 1))
        for (let more = 1; count + more <= MOST_SCOOPS; more += 1)
          add([
            [more, large],
            [count, small],
          ]);
    }
  });
  const sorted = [...combinations.values()].sort((a, b) => a.grams - b.grams);
  return {
    grams: Float64Array.of(0, ...sorted.map(({ grams }) => grams)),
    words: (level) => (level === 0 ? 'none' : sorted[level - 1]!.words),
  };
}

/**
 * Doses of an ingredient that an instrument can measure, up to a mass.
 *
 * @param usual_g what of it a target takes, which says how finely it is worth weighing
 * @returns levels from 0; undefined when a spoon cannot measure it
 */
export function levelsFor(
  ingredient: Ingredient,
  instrument: Instrument,
  most_g: number,
  usual_g: number,
): Levels | undefined {
  return instrument === 'spoon set'
    ? spoonLevels(ingredient, most_g)
    : scaleLevels(STEP_g[instrument], most_g, usual_g);
}
