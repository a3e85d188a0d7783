import type { Analysis } from '@wellhydra/core/analyse';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { durationWords } from '@wellhydra/core/quantity';
import { cautionsView, keepingView } from '../../../domain/drinks/cautions-view';
import { KIND_NAMES } from '../../../domain/drinks/kinds';
import { basisTitle, yieldWords } from '../../../domain/words/yield-words';
import type { LyingBand } from '../../../ui/lying-box';
import { figuresView } from '../figures/figures-view';
import { stepsView } from '../step/steps-view';
import { lyingStream } from '../stream/lying-stream';

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });

export interface PaperStep {
  readonly id: string;
  readonly title: string;
  readonly details: string;
  /** What was written to it, and what is found of it. */
  readonly notes: readonly string[];
}

/** A drink on paper: all that is needed to make it where there is no screen. */
export interface DrinkPaperView {
  readonly name: string;
  readonly about: string;
  readonly stream: readonly LyingBand[];
  readonly stops: readonly { readonly title: string; readonly text: string }[];
  readonly steps: readonly PaperStep[];
  readonly inGlass: readonly string[];
  readonly figuresTitle: string;
  readonly figures: readonly { readonly id: string; readonly label: string; readonly value: string }[];
  readonly cautions: readonly { readonly title: string; readonly text: string }[];
  readonly keeping: { readonly title: string; readonly text: string } | null;
  readonly foot: string;
}

export function drinkPaperView(document: DrinkDocument, analysis: Analysis, now: Date): DrinkPaperView {
  const { total, servings } = yieldWords(analysis);
  const { total_min, handsOn_min } = analysis.trace;
  const { stops, others } = cautionsView(analysis);
  const steps = stepsView(document, analysis);
  const said = ({ title, text }: { readonly title: string; readonly text: string }) => ({ title, text });
  return {
    name: document.name || 'Unnamed drink',
    about: [
      KIND_NAMES[analysis.drink.kind],
      total,
      `${servings} × ${analysis.serving?.text ?? document.serving}`,
      `${durationWords(total_min)}, ${durationWords(handsOn_min)} of it by hand`,
    ].join(' · '),
    stream: lyingStream(analysis),
    stops: stops.map(said),
    steps: steps
      .filter(({ batchIndex }) => batchIndex !== null)
      .map(({ id, title, details, note, notes, problem, optional }) => ({
        id,
        title: optional ? `${title} (can be left out)` : title,
        details,
        notes: [note, ...notes, problem ? `Not read: ${problem.message}` : ''].filter(Boolean),
      })),
    inGlass: steps
      .filter(({ batchIndex }) => batchIndex === null)
      .map(({ title, details }) => [title, details].filter(Boolean).join(' · ')),
    figuresTitle: basisTitle(analysis, 'serving'),
    figures: figuresView(analysis, 'serving', {}).map(({ id, label, value }) => ({ id, label, value })),
    cautions: others.map(said),
    keeping: keepingView(analysis),
    foot: `As it was written on ${day.format(now)}. Figures are worked out, not measured.`,
  };
}
