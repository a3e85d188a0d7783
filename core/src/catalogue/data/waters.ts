import type { WaterRow } from '../ingredient-row';

/** Waters by their minerals, mg/L. Plain "water" carries none until the kitchen says which tap it has. */
export const WATERS: readonly WaterRow[] = [
  { id: 'water', name: 'Water', aliases: ['plain water', 'clean water', 'boiled water', 'safe water', 'cold water', 'warm water', 'hot water', 'boiling water', 'just-boiled water', 'ice water', 'iced water', 'fresh water', 'filtered water', 'distilled water', 'still water', 'drinking water'], mg_L: {}, source: 'formula', confidence: 'A' },
  { id: 'tap-water-soft', name: 'Tap water, soft', aliases: ['soft tap water', 'soft water'], mg_L: { sodium: 8, potassium: 1, magnesium: 2, calcium: 12, chloride: 10, sulfate: 8, bicarbonate: 40 }, source: 'water-report', confidence: 'B' },
  { id: 'tap-water', name: 'Tap water, average', aliases: ['tap water', 'average tap water'], mg_L: { sodium: 20, potassium: 2, magnesium: 8, calcium: 45, chloride: 28, sulfate: 35, bicarbonate: 140 }, source: 'water-report', confidence: 'B' },
  { id: 'tap-water-hard', name: 'Tap water, hard', aliases: ['hard tap water', 'hard water'], mg_L: { sodium: 25, potassium: 3, magnesium: 18, calcium: 105, chloride: 45, sulfate: 60, bicarbonate: 326 }, source: 'water-report', confidence: 'B' },
  { id: 'sparkling-water', name: 'Sparkling water', aliases: ['fizzy water', 'soda water', 'carbonated water'], mg_L: { sodium: 10, potassium: 2, magnesium: 5, calcium: 40, chloride: 15, sulfate: 20, bicarbonate: 120 }, carbonDioxide_mmol_L: 130, source: 'water-report', confidence: 'B' },
  { id: 'mineral-water', name: 'Mineral water, still', aliases: ['mineral water', 'still mineral water'], mg_L: { sodium: 12, potassium: 3, magnesium: 26, calcium: 80, chloride: 10, sulfate: 25, bicarbonate: 330 }, source: 'water-report', confidence: 'B' },
  { id: 'mineral-water-rich', name: 'Mineral water, rich in magnesium', aliases: ['magnesium-rich mineral water'], mg_L: { sodium: 30, potassium: 5, magnesium: 110, calcium: 350, chloride: 30, sulfate: 900, bicarbonate: 400 }, source: 'water-report', confidence: 'C' },
  { id: 'rain-water', name: 'Rain water, boiled', aliases: ['rain water', 'rainwater'], mg_L: { sodium: 3, chloride: 5, sulfate: 2, calcium: 1 }, source: 'water-report', confidence: 'C' },
  { id: 'sea-water', name: 'Sea water', aliases: ['seawater'], mg_L: { sodium: 10780, potassium: 399, magnesium: 1284, calcium: 412, chloride: 19350, sulfate: 2712, bicarbonate: 108 }, source: 'water-report', confidence: 'A' },
  { id: 'ice', name: 'Ice', aliases: ['ice cubes', 'crushed ice', 'ice cube'], mg_L: {}, source: 'formula', confidence: 'A' },
];
