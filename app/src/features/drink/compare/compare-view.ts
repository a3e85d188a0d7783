import type { Analysis } from '@wellhydra/core/analyse';
import { compareSteps } from '@wellhydra/core/compare';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { durationWords, shelfWords } from '@wellhydra/core/quantity';
import type { Basis } from '../../../state/preferences';
import { analyseDocument } from '../../../domain/run/analyse-document';
import type { RunContext } from '../../../domain/run/run-context';
import { yieldWords } from '../../../domain/words/yield-words';
import { figuresView, type FigureView } from '../figures/figures-view';
import { bandsIn } from '../stream/pot-bands';
import { stepWords } from './differences';
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
}

export interface EndView {
  readonly total: string;
  readonly words: string;
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

/** What differs between two drinks, on a basis of the first. */
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
      first: stepWords(was),
      second: stepWords(is),
    })),
    streams: facingPots(rows, both, ({ atServing }) => !atServing),
    bands: bandsIn(both).join(' '),
    ends: [endView(both[0]), endView(both[1])],
    rails: figuresView(both[1], basis, {}, { before: both[0] }).filter(({ was }) => was !== undefined),
  };
}
