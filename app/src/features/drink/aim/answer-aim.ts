import { AIM_FIGURES, aimAt, type Aim, type AimFigure, type Instrument } from '@wellhydra/core/aim';
import { analyseDrink, type SpreadFigure } from '@wellhydra/core/analyse';
import { ingredientById } from '@wellhydra/core/catalogue';
import { REHYDRATION_SODIUM } from '@wellhydra/core/caution';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { formatMass, formatNumber, readIngredientLine } from '@wellhydra/core/quantity';
import { measureSpread, type Range } from '@wellhydra/core/spread';

/** A dose that stays as it is. */
export interface LockedDose {
  readonly id: string;
  readonly mass_g: number;
}

export interface AimQuestion {
  readonly volume_mL: number;
  readonly figures: Readonly<Partial<Record<AimFigure, number>>>;
  readonly available: readonly string[];
  readonly locked: readonly LockedDose[];
  readonly instrument: Instrument;
}

export interface AimedDose {
  readonly id: string;
  readonly name: string;
  readonly mass_g: number;
  /** As it is measured: "2.6 g", "1/2 level tsp + 1/8 level tsp". */
  readonly words: string;
  /** Lines that put it in. */
  readonly lines: readonly string[];
  readonly locked: boolean;
}

export interface AimAnswer {
  readonly doses: readonly AimedDose[];
  readonly figures: readonly {
    readonly figure: AimFigure;
    readonly target: number;
    readonly value: number;
    readonly range: Range | null;
  }[];
  readonly distance: number;
  readonly proven: boolean;
  readonly obstacles: readonly string[];
  /** Share of litres measured like this that are above the salt line of rehydration drinks. */
  readonly chanceTooSalty: number | null;
}

const DRAWS = 1000;

/** The figure of an analysis behind a figure that is aimed at. */
const spreadFigureOf = (figure: AimFigure): SpreadFigure =>
  figure === 'osmolarity_mOsm_L'
    ? 'liquid.osmolarity_mOsm_L'
    : (`perLitre.${figure.replace(/_L$/, '')}` as SpreadFigure);

/** Lines that the reader understands: a line for each size of spoon, or grams where it would not. */
function linesOf(name: string, mass_g: number, words: string): readonly string[] {
  const plain = name.toLowerCase();
  const lines = words.split(' + ').map((part) => `${part} ${plain}`);
  return lines.every((line) => readIngredientLine(line).kind === 'read') ? lines : [`${formatMass(mass_g)} ${plain}`];
}

/** Steps of a litre with the doses: each dose, and water to the mark. */
export function aimedSteps(
  doses: readonly AimedDose[],
  volume_mL: number,
): readonly Pick<DrinkDocument['steps'][number], 'verb' | 'text'>[] {
  return [
    ...doses.flatMap(({ lines }) => lines.map((text) => ({ verb: 'add' as const, text }))),
    { verb: 'add', text: `water to ${formatNumber(volume_mL)} mL` },
    { verb: 'dissolve', text: '2 min' },
  ];
}

/** Doses for a target, and how far they may be off; runs in the worker, and in place where there is none. */
export function answerAim(question: AimQuestion): AimAnswer {
  const { volume_mL, figures, available, locked, instrument } = question;
  const fixed = locked.map(({ id, mass_g }) => ({ ingredient: ingredientById(id), mass_g }));
  const free = available.filter((id) => !locked.some((each) => each.id === id)).map(ingredientById);
  const aim: Aim = { volume_mL, figures, available: free, fixed, instrument };
  const result = aimAt(aim);
  const doses: AimedDose[] = [
    ...fixed.map(({ ingredient, mass_g }) => ({
      id: ingredient.id,
      name: ingredient.name,
      mass_g,
      words: formatMass(mass_g),
      lines: [`${formatMass(mass_g)} ${ingredient.name.toLowerCase()}`],
      locked: true,
    })),
    ...result.doses.map(({ ingredient, mass_g, words }) => ({
      id: ingredient.id,
      name: ingredient.name,
      mass_g,
      words,
      lines: linesOf(ingredient.name, mass_g, words),
      locked: false,
    })),
  ];
  const analysis = analyseDrink({
    name: 'Aim',
    kind: 'rehydration',
    serving: '250 mL',
    steps: aimedSteps(doses, volume_mL),
  });
  const spread = measureSpread(analysis, { draws: DRAWS });
  return {
    doses,
    figures: result.figures.map(({ figure, target, value }) => ({
      figure,
      target,
      value,
      range: spread.ranges[spreadFigureOf(figure)] ?? null,
    })),
    distance: result.distance,
    proven: result.proven,
    obstacles: result.obstacles,
    chanceTooSalty:
      'sodium_mmol_L' in figures ? spread.chanceAbove('perLitre.sodium_mmol', REHYDRATION_SODIUM.high) : null,
  };
}

/** A figure as it is called and counted: "Sodium", "mmol/L". */
export function figureName(figure: AimFigure): { readonly name: string; readonly unit: string } {
  const { name } = AIM_FIGURES[figure];
  const unit = figure.endsWith('mmol_L') ? 'mmol/L' : figure.endsWith('g_L') ? 'g/L' : 'mOsm/L';
  return { name: name.charAt(0).toUpperCase() + name.slice(1), unit };
}
