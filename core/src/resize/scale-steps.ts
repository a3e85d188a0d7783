import type { DrinkStep } from '../drink';
import type { LineOptions } from '../quantity';
import { scaleIngredientLine, scaleText } from './scale-line';

const VOLUME = /\d\s*(?:ml|cl|dl|l|litres?|liters?|cups?|pints?|quarts?|fl oz|g|kg)\b/i;

/** Bottles are whole: as many as it takes. */
function scaleBottles(text: string, factor: number): string {
  const match = /^\s*(\d+)(\s*[x×]\s*.*)$/i.exec(text);
  return match ? `${Math.max(1, Math.ceil(Number(match[1]) * factor - 1e-6))}${match[2]}` : text;
}

function scaleStep<Step extends DrinkStep>(step: Step, factor: number, options: LineOptions): Step | undefined {
  const withText = (text: string | undefined): Step | undefined => (text === undefined ? undefined : { ...step, text });
  switch (step.verb) {
    case 'add':
    case 'use':
    case 'rinsePass':
      return withText(scaleIngredientLine(step.text, factor, options));
    case 'carbonate':
      return VOLUME.test(step.text) ? withText(scaleText(step.text, factor)) : step;
    case 'reduce':
    case 'draw':
    case 'skim':
      return VOLUME.test(step.text) ? withText(scaleText(step.text, factor)) : step;
    case 'soak': {
      const liquid = step.in === undefined ? undefined : scaleIngredientLine(step.in, factor, options);
      return liquid === undefined ? step : { ...step, in: liquid };
    }
    case 'bottle':
      return withText(scaleBottles(step.text, factor));
    default:
      return step;
  }
}

/**
 * Steps of so much more or less: amounts, marks and bottles grow, times and temperatures stay.
 *
 * @param steps of a batch; whatever else they carry stays
 * @param factor above 0
 * @param options with which lines are read
 * @returns the steps, and those whose amount has no number that could be exchanged, which stay as they are
 * @throws RangeError for a factor that is not above 0
 */
export function scaleSteps<Step extends DrinkStep>(
  steps: readonly Step[],
  factor: number,
  options: LineOptions = {},
): { readonly steps: readonly Step[]; readonly left: readonly number[] } {
  if (!(factor > 0)) throw new RangeError(`scaleSteps: factor must be above 0, got ${factor}`);
  const left: number[] = [];
  const scaled = steps.map((step, index) => {
    const next = scaleStep(step, factor, options);
    if (next === undefined) left.push(index);
    return next ?? step;
  });
  return { steps: scaled, left };
}
