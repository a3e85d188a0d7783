import type { Nutrients } from './nutrients';

/** A figure of a serving that is worth a line: what it is called, its unit, and the least that is told. */
interface ServingFigureRow {
  readonly key: keyof Nutrients;
  readonly name: string;
  readonly unit: 'kcal' | 'g' | 'mg';
  readonly least: number;
}

/** What a serving brings, in the order in which it is told, on the page of a bottle and on its label. */
export const SERVING_FIGURE_ROWS = [
  { key: 'energy_kcal', name: 'Energy', unit: 'kcal', least: 1 },
  { key: 'sugars_g', name: 'Sugars', unit: 'g', least: 0.1 },
  { key: 'sodium_mg', name: 'Sodium', unit: 'mg', least: 1 },
  { key: 'potassium_mg', name: 'Potassium', unit: 'mg', least: 1 },
  { key: 'magnesium_mg', name: 'Magnesium', unit: 'mg', least: 1 },
  { key: 'calcium_mg', name: 'Calcium', unit: 'mg', least: 1 },
  { key: 'vitaminC_mg', name: 'Vitamin C', unit: 'mg', least: 1 },
  { key: 'caffeine_mg', name: 'Caffeine', unit: 'mg', least: 1 },
  { key: 'ethanol_g', name: 'Alcohol', unit: 'g', least: 0.1 },
] as const satisfies readonly ServingFigureRow[];
export type ServingFigure = (typeof SERVING_FIGURE_ROWS)[number]['key'];

/** Those of the figures that are worth a line, each with its amount. */
export const servingFigureLines = (figures: Readonly<Record<ServingFigure, number>>) =>
  SERVING_FIGURE_ROWS.filter(({ key, least }) => figures[key] >= least).map(({ key, name, unit }) => ({
    key,
    name,
    unit,
    amount: figures[key],
  }));
