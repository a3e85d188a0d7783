import {
  batchSteps,
  meanScore,
  variantDocument,
  type DrinkDocument,
  type Slot,
  type Variant,
  type VariantBoard,
} from '@wellhydra/core/drink';
import { formatNumber } from '@wellhydra/core/quantity';
import { saltPinches, sugarTeaspoons } from '@wellhydra/core/serving';
import type { RunContext } from '../../../domain/run/run-context';
import { analyseDocument } from '../../../domain/run/analyse-document';
import { sensible } from '../figures/figures-view';
import { yieldWords } from '../../../domain/words/yield-words';
import { stepTitle } from '../../../domain/words/step-words';

export const SLOT_NAMES = ['base', 'liquid', 'salt', 'sweetener', 'fruit', 'herb'] as const;

/** A variant as it stands beside the others. */
export interface VariantRow {
  readonly id: string;
  readonly name: string;
  readonly picks: string;
  readonly sugar: string;
  readonly salt: string;
  readonly total: string;
  readonly problem: string | null;
  readonly warning: string | null;
  readonly score: string;
  readonly points: number | null;
}

/** Sodium said in pinches of salt. */
export function pinchWords(sodium_mg: number): string {
  const pinches = saltPinches(sodium_mg);
  return pinches < 0.1 ? 'no salt to speak of' : `${formatNumber(pinches, 2)} pinches of salt`;
}

/** A choice of a slot, in words. */
export const choiceWords = (line: string | undefined): string => (line?.trim() ? line.trim() : 'left out');

const pickWords = ({ slots }: VariantBoard, { picks }: Variant): string =>
  slots.map(({ id, choices }) => choiceWords(choices[picks[id] ?? 0])).join(' · ');

/** Variants side by side: what is in a serving of each, and what was thought of it. */
export function variantRows(document: DrinkDocument, board: VariantBoard, context: RunContext): readonly VariantRow[] {
  return board.variants.map((variant): VariantRow => {
    const analysis = analyseDocument(variantDocument(document, board, variant), context);
    const { sugars_g, sodium_mg } = analysis.perServing;
    const mean = meanScore(variant);
    const stop = analysis.cautions.find(
      ({ severity, code }) => severity === 'stop' && code !== 'honey-under-12-months',
    );
    return {
      id: variant.id,
      name: variant.name,
      picks: pickWords(board, variant),
      sugar: `${sensible(sugarTeaspoons(sugars_g))} tsp sugar (${sensible(sugars_g)} g)`,
      salt: `${pinchWords(sodium_mg)} (${sensible(sodium_mg)} mg sodium)`,
      total: `${yieldWords(analysis).total}, each ${analysis.serving?.text ?? document.serving}`,
      problem: analysis.problems[0]?.message ?? null,
      warning: stop?.title ?? null,
      score: mean === null ? 'not tasted yet' : `${formatNumber(mean, 2)} of 5 from ${variant.scores.length}`,
      points: mean,
    };
  });
}

/** The variant with the best mean score; undefined before two were tasted. */
export function winnerOf({ variants }: VariantBoard): Variant | undefined {
  const tasted = variants.filter((variant) => meanScore(variant) !== null);
  if (tasted.length < 2) return undefined;
  return [...tasted].sort((a, b) => meanScore(b)! - meanScore(a)!)[0];
}

/** Additions that can still become a slot. */
export const freeSteps = (document: DrinkDocument, { slots }: VariantBoard) =>
  batchSteps(document)
    .filter(({ id, verb }) => verb === 'add' && !slots.some(({ stepId }) => stepId === id))
    .map((step) => ({ id: step.id, title: stepTitle(step) }));

const MOST_MADE = 8;

/** Every way to fill the slots, up to eight, each named by a letter. */
export function everyVariant(slots: readonly Slot[], newId: () => string): readonly Variant[] {
  let picks: Readonly<Record<string, number>>[] = [{}];
  for (const { id, choices } of slots)
    picks = picks.flatMap((before) => choices.map((_choice, index) => ({ ...before, [id]: index })));
  return picks
    .slice(0, MOST_MADE)
    .map((each, index) => ({ id: newId(), name: String.fromCharCode(65 + index), picks: each, scores: [] }));
}
