import type { WaterRow } from '../ingredient-row';

/** Waters by their minerals, mg/L. Plain "water" carries none until the kitchen says which tap it has. */
export const WATERS: readonly WaterRow[] = [
  { id: 'water', name: 'Water', aliases: ['plain water', 'clean water', 'boiled water', 'safe water', 'cold water', 'warm water', 'hot water', 'filtered water', 'distilled water', 'still water', 'drinking water'], mg_L: {}, source: 'formula', confidence: 'A' },
  { id: 'tap-water-soft', name: 'Tap water, soft', aliases: ['soft tap water', 'soft water'], mg_L: { sodium: 8, potassium: 1, magnesium: 2, calcium: 12, chloride: 10, sulfate: 8, bicarbonate: 40 }, source: 'water-report', confidence: 'B' },
  { id: 'tap-water', name: 'Tap water, average', aliases: ['tap water', 'average tap water'], mg_L: { sodium: 20, potassium: 2, magnesium: 8, calcium: 45, chloride: 28, sulfate: 35, bicarbonate: 140 }, source: 'water-report', confidence: 'B' },
  { id: 'tap-water-hard', name: 'Tap water, hard', aliases: ['hard tap water', 'hard water'], mg_L: { sodium: 25, potassium: 3, magnesium: 18, calcium: 105, chloride: 45, sulfate: 60, bicarbonate: 326 }, source: 'water-report', confidence: 'B' },
];
