import type { BottleRecord, BrewLots, BrewRun, LogbookBrew } from '@wellhydra/contract';
import { brewRecipe, brewState, runBrew } from '@wellhydra/core/brew';
import type { Caution } from '@wellhydra/core/caution';
import { formatNumber } from '@wellhydra/core/quantity';
import { bySeverity, keepingView } from '../../../domain/drinks/cautions-view';
import { momentWords } from '../../../domain/words/moment-words';
import { stepTitle } from '../../../domain/words/step-words';
import { showMass, showVolume } from '../../../domain/words/units';
import type { LyingBand } from '../../../ui/lying-box';
import { readingViews } from '../../bottles/reading-views';
import { lyingStream } from '../../drink/stream/lying-stream';
import { rowView } from '../logbook-view';

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });

/** What is known of a brew; null of what is not, or not yet. */
export interface KnownOfBrew {
  readonly brew: LogbookBrew;
  readonly run: BrewRun | null;
  readonly bottle: BottleRecord | null;
  readonly lots: BrewLots | null;
}

interface Line {
  readonly id: string;
  readonly words: string;
  readonly beside: string;
}

/** A brew on a card: how it was made, what came, and until when it is good. */
export interface BrewCardView {
  readonly name: string;
  readonly about: string;
  readonly stream: readonly LyingBand[];
  /** Until when it is good, and why; null where that is not known. */
  readonly due: { readonly title: string; readonly text: string } | null;
  readonly stops: readonly { readonly title: string; readonly text: string }[];
  readonly warns: readonly string[];
  readonly figures: readonly Line[];
  readonly made: readonly Line[];
  readonly readings: readonly Line[];
  readonly wentIn: readonly Line[];
  readonly tasted: readonly Line[];
  readonly note: string;
}

/** Its steps as they were made, and when each was done; of a brew whose steps were not noted there are none. */
function madeLines(run: BrewRun, now: Date) {
  const recipe = brewRecipe(run.recipe);
  const state = brewState(run.events);
  const { steps, analysis } = runBrew(recipe, state);
  const when = (step: string): string => {
    const left = state.left.get(step);
    return left ? momentWords(new Date(left.at), now) : '';
  };
  const leftOut = recipe.document.steps.filter(({ id }) => state.left.get(id)?.how === 'skipped');
  return {
    analysis,
    made: [
      ...steps.map((step, index): Line => ({ id: `${index}`, words: stepTitle(step), beside: when(step.of) })),
      ...leftOut.map((step): Line => ({ id: step.id, words: stepTitle(step), beside: 'left out' })),
    ],
    readings: readingViews(run.recipe, run.events, now).map(({ id, words, where }) => ({ id, words, beside: where })),
  };
}

type Said = Pick<Caution, 'code' | 'severity' | 'title' | 'text'>;

export function brewCardView({ brew, run, bottle, lots }: KnownOfBrew, now: Date, currency?: string): BrewCardView {
  const row = rowView(brew, currency);
  const figures: readonly (readonly [string, string])[] = [
    ['Expected', row.expected],
    ['Got', row.got],
    ['°Brix', row.brix],
    ['pH', row.pH],
    ['Taste, out of 5', row.taste],
    ['A serving costs', row.cost],
    ['Bottles', brew.bottleIds.length > 0 ? formatNumber(brew.bottleIds.length) : ''],
  ];
  const own = run ? madeLines(run, now) : null;
  // Bottles say what became of it since; where none is left, it is what came out of the pot.
  const { stops, others } = bySeverity<Said>(bottle?.cautions ?? own?.analysis.cautions ?? []);
  const wentIn = lots
    ? [
        ...lots.bottles.map(({ bottleId, drinkName, batch, volume_mL }) => ({
          id: bottleId,
          words: `${drinkName}, ${batch}`,
          beside: showVolume(volume_mL),
        })),
        ...lots.lots.map(({ lotId, name, origin, grams, within }) => ({
          id: `${lotId} ${within}`,
          words: `${[name, origin].filter(Boolean).join(', ')}${within ? ` (in ${within})` : ''}`,
          beside: showMass(grams),
        })),
      ]
    : [];
  return {
    name: row.drink,
    about: [`Batch ${brew.batch}`, day.format(new Date(brew.madeAt)), brew.cook].filter(Boolean).join(' · '),
    stream: own ? lyingStream(own.analysis) : [],
    made: own?.made ?? [],
    readings: own?.readings ?? [],
    due: bottle
      ? { title: `Use by ${day.format(new Date(bottle.useBy))}`, text: bottle.useByReason }
      : own && keepingView(own.analysis),
    stops: stops.map(({ title, text }) => ({ title, text })),
    warns: others.map(({ title, text }) => `${title}. ${text}`),
    figures: figures.filter(([, value]) => value).map(([words, beside]) => ({ id: words, words, beside })),
    wentIn,
    tasted: brew.tastings.map(({ id, score, taster, words }) => ({
      id,
      words: [taster, words].filter(Boolean).join(': '),
      beside: `${score} of 5`,
    })),
    note: brew.note,
  };
}
