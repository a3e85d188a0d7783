/** Where the numbers of the catalogue come from; every row names one. */
export const SOURCES = {
  usda: 'Food composition tables of the USDA type; chloride estimated',
  'food-chemistry': 'Food-chemistry literature, typical values',
  estimate: 'Estimate of ours; show its spread and measure where it matters',
  formula: 'Computed from the chemical formula and IUPAC atomic weights',
  'water-report': 'Typical public supply report for water of this hardness',
  'household-measures': 'Household-measure tables, weighings in print',
} as const;

export type SourceId = keyof typeof SOURCES;
