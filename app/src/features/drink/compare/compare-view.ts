import type { Analysis, SpreadFigure } from '@wellhydra/core/analyse';
import {
  compareSteps,
  mostMoved,
  takenOver,
  type FigureDifference,
  type StepDifference,
} from '@wellhydra/core/compare';
import type { Nutrients } from '@wellhydra/core/serving';
import type { DrinkDocument, EditedStep } from '@wellhydra/core/drink';
import { durationWords, shelfWords } from '@wellhydra/core/quantity';
import type { Basis } from '../../../state/preferences';
import { analyseDocument } from '../../../domain/run/analyse-document';
import type { RunContext } from '../../../domain/run/run-context';
import { qualifierWords, stepTitle } from '../../../domain/words/step-words';
import { yieldWords } from '../../../domain/words/yield-words';
import { WORTH_SHOWING } from '../figures/figure-measures';
import { figuresView, sensible, type FigureView } from '../figures/figures-view';
import { bandsIn } from '../stream/pot-bands';
import { facingPots } from './facing-rows';
import type { FacingRow, FacingStream } from './facing-streams';

/** Two drinks side by side, as they are shown. */
export interface CompareView {
  readonly steps: readonly FacingRow[];
  readonly streams: readonly [FacingStream, FacingStream];
  /** Bands of either stream, as its legend takes them. */
  readonly bands: string;
  /** What each comes to: how much, how long, until when. */
  readonly ends: readonly [EndView, EndView];
  /** Figures that differ, as the second has them, each with what it is in the first. */
  readonly rails: readonly FigureView[];
  /** What each difference does by itself, the one that does most first. */
  readonly differences: readonly DifferenceView[];
}

export interface EndView {
  readonly total: string;
  readonly words: string;
}

/** One difference in the steps, and what the first drink comes to with it. */
export interface DifferenceView {
  readonly key: string;
  readonly title: string;
  readonly does: string;
  /** The first drink with this taken over. */
  readonly taken: DrinkDocument;
}

/** Figures that a difference is told by, by what they are called. */
const LABELS: Readonly<Partial<Record<SpreadFigure, readonly [label: string, unit: string]>>> = {
  'perServing.sugars_g': ['sugars a serving', 'g'],
  'perServing.energy_kcal': ['energy a serving', 'kcal'],
  'perServing.sodium_mg': ['sodium a serving', 'mg'],
  'perServing.potassium_mg': ['potassium a serving', 'mg'],
  'perServing.magnesium_mg': ['magnesium a serving', 'mg'],
  'perServing.vitaminC_mg': ['vitamin C a serving', 'mg'],
  'perServing.fat_g': ['fat a serving', 'g'],
  'perServing.fibre_g': ['fibre a serving', 'g'],
  'perServing.caffeine_mg': ['caffeine a serving', 'mg'],
  'perServing.ethanol_g': ['alcohol a serving', 'g'],
  'liquid.brix': ['strength', '°Brix'],
  'liquid.pH': ['acidity', 'pH'],
};
/** What is told where none of these differs. */
const THICKNESS: SpreadFigure = 'liquid.viscosity_mPas.at5C';

const words = (step: EditedStep | null): string =>
  step ? [stepTitle(step), qualifierWords(step)].filter(Boolean).join(' · ') : '';

function value(number: number | null, unit: string): string {
  if (number === null) return '–';
  return unit === 'pH' ? `pH ${number.toFixed(1)}` : `${sensible(number)} ${unit}`;
}

function endView(analysis: Analysis): EndView {
  const { trace, keeping, serving } = analysis;
  return {
    total: yieldWords(analysis).total,
    words: [
      serving ? `in servings of ${serving.text}` : '',
      `${durationWords(trace.total_min)}, your hands for ${durationWords(trace.handsOn_min)}`,
      keeping ? `keeps ${shelfWords(keeping.days)}` : '',
    ]
      .filter(Boolean)
      .join(' · '),
  };
}

function titleOf({ kind, first, second }: StepDifference<EditedStep>): string {
  if (kind === 'only-first') return `Without ${words(first)}`;
  return kind === 'only-second' ? `With ${words(second)}` : `${words(second)} instead of ${words(first)}`;
}

/** Less than this in a serving is as good as none. Source of sodium and sugars: 21 CFR 101.61(b)(1), 101.60(c)(1). */
const AS_NONE: Readonly<Partial<Record<keyof Nutrients, number>>> = { ...WORTH_SHOWING, sodium_mg: 5, sugars_g: 0.5 };

/** Whether somebody would see a difference: enough of it, and told in other words. */
function isSeen({ figure, first, second }: FigureDifference): boolean {
  const [, unit] = LABELS[figure] ?? [];
  const [group, nutrient] = figure.split('.') as [string, keyof Nutrients];
  const least = group === 'perServing' ? (AS_NONE[nutrient] ?? 0) : 0;
  return unit !== undefined && Math.max(first ?? 0, second ?? 0) >= least && value(first, unit) !== value(second, unit);
}

/** What a difference does, in words, and how much that is from 0 to 1. */
function doingOf(before: Analysis, after: Analysis): { readonly does: string; readonly share: number } {
  const moved = mostMoved(before, after, isSeen);
  if (moved) {
    const [label, unit] = LABELS[moved.figure]!;
    return { does: `${label} ${value(moved.first, unit)} → ${value(moved.second, unit)}`, share: moved.share };
  }
  const thick = mostMoved(before, after, ({ figure }) => figure === THICKNESS);
  if (thick)
    return { does: thick.second! > thick.first! ? 'thicker in the fridge' : 'thinner in the fridge', share: 0 };
  const [was, is] = [before, after].map((each) => yieldWords(each).total) as [string, string];
  return { does: was === is ? 'changes no figure that is told here' : `makes ${is} instead of ${was}`, share: 0 };
}

const newId = (): string => crypto.randomUUID();

function differencesOf(
  document: DrinkDocument,
  rows: readonly StepDifference<EditedStep>[],
  before: Analysis,
  context: RunContext,
): readonly DifferenceView[] {
  const found = rows.flatMap((row, index) => {
    if (row.kind === 'same') return [];
    const steps = takenOver(rows, index, (step, instead) => ({ ...step, id: instead?.id ?? newId() }));
    const taken: DrinkDocument = { ...document, steps };
    const { does, share } = doingOf(before, analyseDocument(taken, context));
    return { key: String(index), title: titleOf(row), does, taken, share };
  });
  return found.sort((a, b) => b.share - a.share).map(({ share: _share, ...shown }) => shown);
}

/** What differs between two drinks, and what that does, on a basis of the first. */
export function compareView(
  first: DrinkDocument,
  second: DrinkDocument,
  context: RunContext,
  basis: Basis = 'serving',
): CompareView {
  const both = [analyseDocument(first, context), analyseDocument(second, context)] as const;
  const rows = compareSteps(first.steps, second.steps, context.options);
  return {
    steps: rows.map(({ kind, first: was, second: is }, index) => ({
      key: String(index),
      kind,
      first: words(was),
      second: words(is),
    })),
    streams: facingPots(rows, both, ({ atServing }) => !atServing),
    bands: bandsIn(both).join(' '),
    ends: [endView(both[0]), endView(both[1])],
    rails: figuresView(both[1], basis, {}, both[0]).filter(({ was }) => was !== undefined),
    differences: differencesOf(first, rows, both[0], context),
  };
}
