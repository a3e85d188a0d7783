import type { Analysis, SpreadFigure } from '@wellhydra/core/analyse';
import { compareFigures, compareSteps } from '@wellhydra/core/compare';
import type { DrinkDocument, EditedStep } from '@wellhydra/core/drink';
import { analyseDocument } from '../../../domain/run/analyse-document';
import type { RunContext } from '../../../domain/run/run-context';
import { durationWords, shelfWords } from '@wellhydra/core/quantity';
import { sensible } from '../figures/figures-view';
import { yieldWords } from '../../../domain/words/yield-words';
import { qualifierWords, stepTitle } from '../../../domain/words/step-words';

/** Two drinks side by side, as they are shown. */
export interface CompareView {
  readonly steps: readonly {
    readonly key: string;
    readonly kind: 'same' | 'changed' | 'only-first' | 'only-second';
    readonly first: string;
    readonly second: string;
  }[];
  readonly figures: readonly {
    readonly label: string;
    readonly first: string;
    readonly second: string;
    /** How much more or less the second has, in words. */
    readonly change: string;
  }[];
}

/** Figures that are worth comparing, by what they are called. */
const LABELS: Readonly<Partial<Record<SpreadFigure, readonly [label: string, unit: string]>>> = {
  'perServing.sugars_g': ['Sugars a serving', 'g'],
  'perServing.energy_kcal': ['Energy a serving', 'kcal'],
  'perServing.sodium_mg': ['Sodium a serving', 'mg'],
  'perServing.potassium_mg': ['Potassium a serving', 'mg'],
  'perServing.magnesium_mg': ['Magnesium a serving', 'mg'],
  'perServing.vitaminC_mg': ['Vitamin C a serving', 'mg'],
  'perServing.fat_g': ['Fat a serving', 'g'],
  'perServing.fibre_g': ['Fibre a serving', 'g'],
  'perServing.caffeine_mg': ['Caffeine a serving', 'mg'],
  'perServing.ethanol_g': ['Alcohol a serving', 'g'],
  'liquid.brix': ['Strength', '°Brix'],
  'liquid.pH': ['Acidity', 'pH'],
  'liquid.osmolality_mOsm_kg': ['Dissolved particles', 'mOsm/kg'],
  'liquid.viscosity_mPas.at5C': ['Thickness in the fridge', 'mPa s'],
};

const words = (step: EditedStep | null): string =>
  step ? [stepTitle(step), qualifierWords(step)].filter(Boolean).join(' · ') : '';

const value = (number: number | null, unit: string): string => (number === null ? '–' : `${sensible(number)} ${unit}`);

function changeOf(a: number | null, b: number | null, unit: string): string {
  if (a === null || b === null) return '';
  if (unit === 'pH') return b < a ? 'more sour' : 'less sour';
  if (Math.abs(a) < 1e-6) return 'new';
  const percent = Math.round(100 * (b / a - 1));
  return percent > 900 ? 'many times as much' : `${percent > 0 ? '+' : '−'}${Math.abs(percent)} %`;
}

function plainFigures(first: Analysis, second: Analysis) {
  const rows: [string, string, string][] = [
    ['Makes', yieldWords(first).total, yieldWords(second).total],
    ['Serving', first.serving?.text ?? '–', second.serving?.text ?? '–'],
    ['Time', durationWords(first.trace.total_min), durationWords(second.trace.total_min)],
    ['Your hands for', durationWords(first.trace.handsOn_min), durationWords(second.trace.handsOn_min)],
    [
      'Keeps',
      first.keeping ? shelfWords(first.keeping.days) : '–',
      second.keeping ? shelfWords(second.keeping.days) : '–',
    ],
  ];
  return rows.filter(([, a, b]) => a !== b).map(([label, a, b]) => ({ label, first: a, second: b, change: '' }));
}

/** What differs between two drinks, and what that does a serving. */
export function compareView(first: DrinkDocument, second: DrinkDocument, context: RunContext): CompareView {
  const [a, b] = [analyseDocument(first, context), analyseDocument(second, context)];
  return {
    steps: compareSteps(first.steps, second.steps, context.options).map(({ kind, first: was, second: is }, index) => ({
      key: `${index}`,
      kind,
      first: words(was),
      second: words(is),
    })),
    figures: [
      ...plainFigures(a, b),
      ...compareFigures(a, b).flatMap(({ figure, first: was, second: is }) => {
        const known = LABELS[figure];
        if (!known) return [];
        const [label, unit] = known;
        const shown = { first: value(was, unit), second: value(is, unit) };
        return shown.first === shown.second ? [] : [{ label, ...shown, change: changeOf(was, is, unit) }];
      }),
    ],
  };
}
