import type { TriedBrews } from '@wellhydra/contract';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { formatNumber, readIngredientLine } from '@wellhydra/core/quantity';
import { scaleIngredientLine } from '@wellhydra/core/resize';
import { LEAST_TRIES, nextTrial, whatWentWell, type Factor, type Liked, type NextTrial } from '@wellhydra/core/trial';
import type { RunContext } from '../../../domain/run/run-context';
import { ingredientName } from '../../../domain/stores/ingredient-name';
import { withStepText } from '../people/made-for-view';

export interface LikedView {
  readonly key: string;
  readonly name: string;
  /** "liked better with more of it, likely: 0.5 of a point for 20 g/L more". */
  readonly words: string;
  readonly sure: string;
  /** A dot a brew: place along the amounts and taste, each 0 to 1. */
  readonly dots: readonly { readonly x: number; readonly y: number }[];
  readonly spoken: string;
}

export interface TrialView {
  readonly title: string;
  readonly because: string;
  readonly tells: string;
  /** The drink with that one change; null where no line of it can be changed. */
  readonly document: DrinkDocument | null;
}

export type WentWellView =
  | { readonly kind: 'too-few'; readonly words: string }
  | {
      readonly kind: 'known';
      readonly about: string;
      readonly liked: readonly LikedView[];
      readonly same: string;
      readonly trial: TrialView | null;
    };

const FIGURES: Readonly<Record<string, string>> = { brix: '°Brix', pH: 'pH' };
const nameOf = ({ key }: Factor): string => FIGURES[key] ?? ingredientName(key);
/** A difference that one would make from one brew to the next, in the factor's own unit. */
const stepOf = ({ kind, mean, key }: Factor): { readonly step: number; readonly unit: string } =>
  kind === 'amount'
    ? { step: mean * 0.1, unit: 'g/L' }
    : key === 'pH'
      ? { step: 0.1, unit: '' }
      : { step: 1, unit: '' };

const points = (value: number): string => formatNumber(Math.abs(value), 2);
const SURE = {
  likely: 'Likely, also when everything that was looked at is counted.',
  perhaps: 'Perhaps: one of so many would look like this by chance alone now and then.',
  unknown: 'Not known: it may as well be nothing.',
} as const;

function likedView({ factor, slope, low, high, known }: Liked, tastes: readonly number[]): LikedView {
  const { step, unit } = stepOf(factor);
  const more = `${formatNumber(step, 2)}${unit ? ` ${unit}` : ''} more`;
  const [least, most] = [Math.min(...factor.values), Math.max(...factor.values)];
  const ends = [low * step, high * step].map((end) => `${end < 0 ? '−' : '+'}${points(end)}`);
  const name = nameOf(factor);
  const words =
    known === 'unknown'
      ? `${more}: anything from ${ends[0]} to ${ends[1]} points`
      : `${slope > 0 ? 'better' : 'less'} with ${more}: ${points(slope * step)} points (${ends[0]} to ${ends[1]})`;
  return {
    key: factor.key,
    name,
    words,
    sure: SURE[known],
    dots: factor.values.map((value, index) => ({ x: (value - least) / (most - least), y: (tastes[index]! - 1) / 4 })),
    spoken: `${name}, ${formatNumber(least, 2)} to ${formatNumber(most, 2)} ${unit}: ${words}`,
  };
}

const BECAUSE: Readonly<Record<NextTrial['because'], string>> = {
  promising: 'It was liked better that way so far, and nobody has gone further.',
  unclear: 'Of all that was varied, this may still change most.',
  'never-varied': 'It was the same in every brew: nobody knows whether it matters.',
};

/** The document with every line of an ingredient so many times as much; null where there is none. */
function changed(
  document: DrinkDocument,
  { ingredient, times }: NextTrial,
  { options }: Pick<RunContext, 'options'>,
): DrinkDocument | null {
  const lines = document.steps.flatMap(({ id, verb, text, atServing }) => {
    const line = verb === 'add' && !atServing ? readIngredientLine(text, options) : null;
    const more =
      line?.kind === 'read' && line.ingredient.id === ingredient
        ? scaleIngredientLine(text, times, options)
        : undefined;
    return more && more !== text ? [{ id, more }] : [];
  });
  return lines.length === 0
    ? null
    : lines.reduce((changing, { id, more }) => withStepText(changing, id, more), document);
}

function trialView(trial: NextTrial, document: DrinkDocument, context: Pick<RunContext, 'options'>): TrialView {
  const { ingredient, times, before, after, because } = trial;
  const share = Math.round(100 * Math.abs(times - 1));
  return {
    title: `${share} % ${times > 1 ? 'more' : 'less'} ${ingredientName(ingredient).toLowerCase()}, and nothing else changed`,
    because: BECAUSE[because],
    tells:
      before !== null && after !== null
        ? `What is known of it would come to within ${Math.round(100 * (after / before))} % of how far off it may be now.`
        : 'It would be the first brew to tell anything of it.',
    document: changed(document, trial, context),
  };
}

/** What the tastings of a drink liked, how little is known, and what to change next. */
export function wentWellView(
  { brews }: TriedBrews,
  document: DrinkDocument,
  context: Pick<RunContext, 'options'>,
): WentWellView {
  const found = whatWentWell(brews);
  if (!found)
    return {
      kind: 'too-few',
      words: `${brews.length === 0 ? 'No brew' : brews.length === 1 ? 'One brew' : `${brews.length} brews`} of it ${brews.length > 1 ? 'were' : 'was'} tasted. From ${LEAST_TRIES} on it is said what the tastings liked; with fewer, anything would be made up.`,
    };
  const tastes = brews.filter(({ got }) => got > 0).map(({ taste }) => taste);
  const trial = nextTrial(found);
  const count = found.liked.length;
  return {
    kind: 'known',
    about: `${found.brews} brews, ${count === 0 ? 'nothing differed' : count === 1 ? 'one thing differed' : `${count} things differed`}. Each is looked at by itself: what was changed together cannot be told apart.`,
    liked: found.liked.map((each) => likedView(each, tastes)),
    same: found.same.length > 0 ? found.same.map(nameOf).join(', ') : '',
    trial: trial ? trialView(trial, document, context) : null,
  };
}
