import type { Analysis, SpreadFigure } from '@wellhydra/core/analyse';
import {
  compareSteps,
  mostMoved,
  takenOver,
  type FigureDifference,
  type StepDifference,
} from '@wellhydra/core/compare';
import type { DrinkDocument, EditedStep } from '@wellhydra/core/drink';
import type { Nutrients } from '@wellhydra/core/serving';
import { analyseDocument } from '../../../domain/run/analyse-document';
import type { RunContext } from '../../../domain/run/run-context';
import { qualifierWords, stepTitle } from '../../../domain/words/step-words';
import { yieldWords } from '../../../domain/words/yield-words';
import { WORTH_SHOWING } from '../figures/figure-measures';
import { sensible } from '../figures/figures-view';

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

/** A step as one line. */
export const stepWords = (step: EditedStep | null): string =>
  step ? [stepTitle(step), qualifierWords(step)].filter(Boolean).join(' · ') : '';

function value(number: number | null, unit: string): string {
  if (number === null) return '–';
  return unit === 'pH' ? `pH ${number.toFixed(1)}` : `${sensible(number)} ${unit}`;
}

function titleOf({ kind, first, second }: StepDifference<EditedStep>): string {
  if (kind === 'only-first') return `Without ${stepWords(first)}`;
  return kind === 'only-second' ? `With ${stepWords(second)}` : `${stepWords(second)} instead of ${stepWords(first)}`;
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

/** What each difference between two drinks does by itself, the one that does most first. */
export function differencesOf(
  first: DrinkDocument,
  second: DrinkDocument,
  context: RunContext,
): readonly DifferenceView[] {
  const rows = compareSteps(first.steps, second.steps, context.options);
  const before = analyseDocument(first, context);
  const found = rows.flatMap((row, index) => {
    if (row.kind === 'same') return [];
    const steps = takenOver(rows, index, (step, instead) => ({ ...step, id: instead?.id ?? newId() }));
    const taken: DrinkDocument = { ...first, steps };
    const { does, share } = doingOf(before, analyseDocument(taken, context));
    return { key: String(index), title: titleOf(row), does, taken, share };
  });
  return found.sort((a, b) => b.share - a.share).map(({ share: _share, ...shown }) => shown);
}
