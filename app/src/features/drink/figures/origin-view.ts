import { contributionsTo, type Analysis } from '@wellhydra/core/analyse';
import type { Composition } from '@wellhydra/core/liquid';
import { nutrientsOf, perLitreOf, type Nutrients, type PerLitre } from '@wellhydra/core/serving';
import type { Basis } from '../../../state/preferences';
import { sensible, type FigureView } from './figures-view';
import { wordOfFigure, type GlossaryEntry } from '../../../domain/words/glossary';
import { shareOfBatch } from '../../../domain/words/portions';

/** Where a figure comes from, as it is shown. */
export interface OriginView {
  readonly title: string;
  /** How it is computed, in a sentence. */
  readonly how: string;
  /** What the figure means, in plain words; undefined of one that everybody knows. */
  readonly word: GlossaryEntry | undefined;
  readonly rows: readonly {
    readonly id: string;
    readonly name: string;
    readonly amount: string;
    readonly share: number;
    readonly steps: string;
    readonly source: string;
  }[];
}

const CONFIDENCE = { A: 'sure', B: 'fairly sure', C: 'an estimate' } as const;

/** Figures that do not add up, and how they are found. */
const MODELS: Readonly<Record<string, string>> = {
  'liquid.pH':
    'Worked out from all the salts and acids in the drink together. Where nobody has measured the acids of a plant, its printed pH is gone by, so the margin stands beside it.',
  'liquid.osmolality_mOsm_kg':
    'Dissolved salts and sugars counted in the water, each with what it really adds. Good to about 4 % in drinks, less in syrups.',
};
const ADDS_UP = 'Adds up over what went in, less what was strained off or left as steam.';
const DRY =
  'Dried plant whose strength came through the strainer. It says how much plant a portion stands for, not how much of a substance.';

/** The linear function behind a figure of the panel; undefined where it is none. */
function linearOf(id: string): ((c: Composition) => number) | undefined {
  if (id === 'liquid.osmolarity_mOsm_L') return undefined;
  if (id.startsWith('perLitre.')) return (c) => perLitreOf(c, 1)[id.slice('perLitre.'.length) as keyof PerLitre];
  return id.includes('.') || id.startsWith('plant:') ? undefined : (c) => nutrientsOf(c)[id as keyof Nutrients];
}

/** Less than this share is a trace. */
const LEAST_SHARE = 0.002;

/** Where a figure of the panel comes from: which ingredients, which steps, which sources. */
export function originView(analysis: Analysis, basis: Basis, figure: FigureView): OriginView {
  const title = `${figure.label}: ${figure.value}`;
  const linear = linearOf(figure.id);
  const word = wordOfFigure(figure.id);
  if (!linear)
    return { title, how: MODELS[figure.id] ?? (figure.id.startsWith('plant:') ? DRY : ADDS_UP), word, rows: [] };
  const unit = figure.value.replace(/^[\d.,]+\s*/, '');
  const parts = contributionsTo(analysis, linear);
  const perLitre = figure.id.startsWith('perLitre.');
  const scale = perLitre ? 1 / (analysis.liquid?.volume_mL ?? 1) : (shareOfBatch(analysis, basis) ?? 1);
  return {
    title,
    word,
    how: parts.some(({ exact }) => !exact)
      ? `${ADDS_UP} What plants give is what the others leave of the whole, shared out by what is in them.`
      : ADDS_UP,
    rows: parts
      .filter(({ share }) => share >= LEAST_SHARE)
      .map(({ ingredient, amount, share, steps }) => ({
        id: ingredient.id,
        name: ingredient.name,
        amount: `${sensible(amount * scale)} ${unit}`,
        share,
        steps: steps.length === 0 ? 'in a preparation' : `step ${steps.map((step) => step + 1).join(', ')}`,
        source: `${ingredient.source}; ${CONFIDENCE[ingredient.confidence]}`,
      })),
  };
}
