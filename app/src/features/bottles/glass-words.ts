import { HOT_C } from '@wellhydra/core/brew';
import { isSo } from './fill-bottles';
import type { PartForm } from './use-bottle-form';

/** Vitamin C in a serving from which its loss in the light is worth a word, mg. */
const VITAMIN_C_mg = 5;

/** What is worth knowing of the glass that is filled. */
export function glassWords({ rows, dry, place, analysis }: PartForm): readonly string[] {
  const words: string[] = [];
  const temperature_C = analysis.trace.entries.at(-1)?.temperature_C ?? 0;
  if (!dry && temperature_C > HOT_C && rows.some((row) => !isSo(row, 'heatSafe')))
    words.push(
      `It goes in at ${Math.round(temperature_C)} °C, and not all of this glass is said to be heat-safe: warm it first, or let it cool below ${HOT_C} °C.`,
    );
  if (rows.some((row) => isSo(row, 'reused')))
    words.push(
      'What was used before is washed hot, rinsed, and scalded with its lid. A lid that is dented, rusty or smells of what was in it is not used again.',
    );
  const lit = !dry && place !== 'fridge' && place !== 'freezer' && rows.some((row) => !isSo(row, 'dark'));
  if (lit && analysis.perServing.vitaminC_mg >= VITAMIN_C_mg)
    words.push('Light takes its vitamin C and its colour: keep clear glass in the dark.');
  return words;
}
