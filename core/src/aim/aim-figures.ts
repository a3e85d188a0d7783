import { type Composition, osmolarity } from '../liquid';
import { perLitreOf } from '../serving';
import type { Target } from '../target';

/** Figures that can be aimed at: each adds up from the doses. Amounts a litre. */
export const AIM_FIGURES = {
  sodium_mmol_L: { name: 'sodium', of: (c: Composition) => perLitreOf(c, 1000).sodium_mmol },
  potassium_mmol_L: { name: 'potassium', of: (c: Composition) => perLitreOf(c, 1000).potassium_mmol },
  magnesium_mmol_L: { name: 'magnesium', of: (c: Composition) => perLitreOf(c, 1000).magnesium_mmol },
  calcium_mmol_L: { name: 'calcium', of: (c: Composition) => perLitreOf(c, 1000).calcium_mmol },
  chloride_mmol_L: { name: 'chloride', of: (c: Composition) => perLitreOf(c, 1000).chloride_mmol },
  citrate_mmol_L: { name: 'citrate', of: (c: Composition) => perLitreOf(c, 1000).citrate_mmol },
  bicarbonate_mmol_L: { name: 'bicarbonate', of: (c: Composition) => perLitreOf(c, 1000).bicarbonate_mmol },
  glucose_mmol_L: { name: 'glucose', of: (c: Composition) => perLitreOf(c, 1000).glucose_mmol },
  fructose_mmol_L: { name: 'fructose', of: (c: Composition) => perLitreOf(c, 1000).fructose_mmol },
  sucrose_mmol_L: { name: 'sucrose', of: (c: Composition) => perLitreOf(c, 1000).sucrose_mmol },
  glucoseEquivalent_mmol_L: {
    name: 'glucose that carries sodium',
    of: (c: Composition) => perLitreOf(c, 1000).glucoseEquivalent_mmol,
  },
  carbohydrate_g_L: { name: 'carbohydrate', of: (c: Composition) => perLitreOf(c, 1000).carbohydrate_g },
  osmolarity_mOsm_L: { name: 'dissolved particles', of: (c: Composition) => osmolarity(c, 1000) },
} as const satisfies Readonly<Record<string, { name: string; of: (c: Composition) => number }>>;

export type AimFigure = keyof typeof AIM_FIGURES;
export const isAimFigure = (key: string): key is AimFigure => key in AIM_FIGURES;

function byFigure<Value>(target: Target, value: (band: Target['bands'][number]) => Value) {
  const figures: Partial<Record<AimFigure, Value>> = {};
  for (const band of target.bands) {
    const key = band.figure.replace(/^(?:perLitre|liquid)\./, '').replace(/_(mmol|g)$/, '_$1_L');
    if (isAimFigure(key)) figures[key] = value(band);
  }
  return figures;
}

/** The figures of a target that add up, at what the target aims for. */
export const figuresOf = (target: Target): Readonly<Partial<Record<AimFigure, number>>> =>
  byFigure(target, ({ aim }) => aim);

/** The bands of the same figures. */
export const bandsOf = (target: Target): Readonly<Partial<Record<AimFigure, readonly [low: number, high: number]>>> =>
  byFigure(target, ({ low, high }) => [low, high] as const);
