import {
  AIM_FIGURES,
  LINE_OF_PERSON,
  aimAt,
  aimedDrink,
  doseLines,
  remediesFor,
  weighedLine,
  type Aim,
  type AimFigure,
  type Instrument,
  type PersonLimit,
  type Remedy,
} from '@wellhydra/core/aim';
import { analyseDrink, type SpreadFigure } from '@wellhydra/core/analyse';
import { ingredientById } from '@wellhydra/core/catalogue';
import { CAUTION_RULES, REHYDRATION_SODIUM } from '@wellhydra/core/caution';
import type { DrinkKind } from '@wellhydra/core/drink';
import { formatMass, formatNumber } from '@wellhydra/core/quantity';
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
  readonly kinds: readonly DrinkKind[];
  readonly serving_mL?: number;
  readonly bands?: NonNullable<Aim['bands']>;
  readonly limits?: readonly PersonLimit[];
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
    readonly met: boolean;
    /** What counts as met, from low to high. */
    readonly band: readonly [low: number, high: number];
  }[];
  readonly distance: number;
  readonly proven: boolean;
  readonly obstacles: readonly string[];
  /** Lines that hold the doses back, in words. */
  readonly heldBy: readonly string[];
  /** What would bring more of it home. */
  readonly remedies: readonly Remedy[];
  /** Share of litres measured like this that are above the salt line of rehydration drinks. */
  readonly chanceTooSalty: number | null;
}

const DRAWS = 1000;
/** Without a band a figure is met this near its target. */
const NEAR = [0.95, 1.05] as const;

/** What the caution behind a line is called. */
const cautionTitle = (code: string): string =>
  code === LINE_OF_PERSON ? 'their line a day' : (CAUTION_RULES.find((rule) => rule.code === code)?.title ?? code);

/** The figure of an analysis behind a figure that is aimed at. */
const spreadFigureOf = (figure: AimFigure): SpreadFigure =>
  figure === 'osmolarity_mOsm_L'
    ? 'liquid.osmolarity_mOsm_L'
    : (`perLitre.${figure.replace(/_L$/, '')}` as SpreadFigure);

/** Lines of a recipe that put doses in. */
export const linesOf = (doses: readonly AimedDose[]): readonly string[] => doses.flatMap(({ lines }) => lines);

/** Doses for a target, and how far they may be off; runs in the worker, and in place where there is none. */
export function answerAim(question: AimQuestion): AimAnswer {
  const { available, locked, ...asked } = question;
  const { figures, kinds } = asked;
  const fixed = locked.map(({ id, mass_g }) => ({ ingredient: ingredientById(id), mass_g }));
  const free = available.filter((id) => !locked.some((each) => each.id === id)).map(ingredientById);
  const aim: Aim = { ...asked, available: free, fixed };
  const result = aimAt(aim);
  const doses: AimedDose[] = [
    ...fixed.map(({ ingredient, mass_g }) => ({
      id: ingredient.id,
      name: ingredient.name,
      mass_g,
      words: formatMass(mass_g),
      lines: [weighedLine({ ingredient, mass_g })],
      locked: true,
    })),
    ...result.doses.map((dose) => ({
      id: dose.ingredient.id,
      name: dose.ingredient.name,
      mass_g: dose.mass_g,
      words: dose.words,
      lines: doseLines(dose),
      locked: false,
    })),
  ];
  const analysis = analyseDrink(aimedDrink(aim, result));
  const spread = measureSpread(analysis, { draws: DRAWS });
  return {
    doses,
    figures: result.figures.map(({ figure, target, value, met }) => ({
      figure,
      target,
      value,
      met,
      band: question.bands?.[figure] ?? [NEAR[0] * target, NEAR[1] * target],
      range: spread.ranges[spreadFigureOf(figure)] ?? null,
    })),
    distance: result.distance,
    proven: result.proven,
    obstacles: result.obstacles,
    heldBy: result.heldBy.map(
      ({ name, most, unit, code }) => `No more ${name} than ${formatNumber(most)} ${unit}: ${cautionTitle(code)}`,
    ),
    remedies: remediesFor(aim, result),
    chanceTooSalty:
      'sodium_mmol_L' in figures && kinds.includes('rehydration')
        ? spread.chanceAbove('perLitre.sodium_mmol', REHYDRATION_SODIUM.high)
        : null,
  };
}

/** A figure as it is called and counted: "Sodium", "mmol/L". */
export function figureName(figure: AimFigure): { readonly name: string; readonly unit: string } {
  const { name } = AIM_FIGURES[figure];
  const unit = figure.endsWith('mmol_L') ? 'mmol/L' : figure.endsWith('g_L') ? 'g/L' : 'mOsm/L';
  return { name: name.charAt(0).toUpperCase() + name.slice(1), unit };
}
