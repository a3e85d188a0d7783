import type { JuiceYieldRow, PieceRow, RootRow } from '../ingredient-row';

/** Countable pieces as bought. Source: household-measure tables; slices and peels computed from them. */
export const PIECES: readonly PieceRow[] = [
  { ingredient: 'lemon', piece: 'whole', mass_g: 108, cv: 0.18, edible: 0.53, note: 'medium, with peel', confidence: 'B' },
  { ingredient: 'lemon', piece: 'slice', mass_g: 9, cv: 0.3, note: '5 mm of a 6 cm fruit', confidence: 'C' },
  { ingredient: 'lemon', piece: 'wedge', mass_g: 13.5, cv: 0.25, note: 'an eighth', confidence: 'C' },
  { ingredient: 'lemon', piece: 'peel', mass_g: 40, cv: 0.35, note: 'with its pith', confidence: 'C' },
  { ingredient: 'lime', piece: 'whole', mass_g: 80, cv: 0.2, edible: 0.84, confidence: 'B' },
  { ingredient: 'lime', piece: 'slice', mass_g: 8, cv: 0.3, note: '5 mm of a 5 cm fruit', confidence: 'C' },
  { ingredient: 'lime', piece: 'wedge', mass_g: 10, cv: 0.25, note: 'an eighth', confidence: 'C' },
  { ingredient: 'orange', piece: 'whole', mass_g: 180, cv: 0.18, edible: 0.73, confidence: 'B' },
  { ingredient: 'orange', piece: 'slice', mass_g: 12.5, cv: 0.3, note: '5 mm of a 7 cm fruit', confidence: 'C' },
  { ingredient: 'orange', piece: 'peel', mass_g: 40, cv: 0.35, note: 'with its pith', confidence: 'C' },
  { ingredient: 'grapefruit', piece: 'whole', mass_g: 450, cv: 0.18, edible: 0.5, confidence: 'B' },
  { ingredient: 'cucumber', piece: 'whole', mass_g: 300, cv: 0.2, edible: 0.97, note: '21 cm', confidence: 'B' },
  { ingredient: 'cucumber', piece: 'slice', mass_g: 7.1, cv: 0.3, note: '5 mm of a 21 cm fruit', confidence: 'C' },
  { ingredient: 'apple', piece: 'whole', mass_g: 182, cv: 0.18, edible: 0.9, confidence: 'A' },
  { ingredient: 'pineapple', piece: 'whole', mass_g: 1100, cv: 0.25, edible: 0.51, note: 'with crown', confidence: 'B' },
  { ingredient: 'watermelon', piece: 'wedge', mass_g: 450, cv: 0.25, edible: 0.58, note: 'a sixteenth of 7 kg', confidence: 'B' },
  { ingredient: 'pomegranate', piece: 'whole', mass_g: 280, cv: 0.2, edible: 0.55, confidence: 'B' },
  { ingredient: 'spearmint-fresh', piece: 'leaf', mass_g: 0.08, cv: 0.5, note: '5 cm', confidence: 'C' },
  { ingredient: 'spearmint-fresh', piece: 'sprig', mass_g: 1.5, cv: 0.4, edible: 0.75, note: '10 cm', confidence: 'C' },
  { ingredient: 'spearmint-fresh', piece: 'bunch', mass_g: 50, cv: 0.5, confidence: 'C' },
  { ingredient: 'peppermint-fresh', piece: 'leaf', mass_g: 0.05, cv: 0.5, confidence: 'C' },
  { ingredient: 'peppermint-fresh', piece: 'sprig', mass_g: 1.5, cv: 0.4, edible: 0.75, confidence: 'C' },
  { ingredient: 'cinnamon-stick', piece: 'whole', mass_g: 3.5, cv: 0.35, note: '8 cm', confidence: 'B' },
  { ingredient: 'cinnamon-stick', piece: 'stick', mass_g: 3.5, cv: 0.35, note: '8 cm', confidence: 'B' },
  { ingredient: 'cloves-whole', piece: 'whole', mass_g: 0.08, cv: 0.2, confidence: 'B' },
  { ingredient: 'garlic', piece: 'clove', mass_g: 3.3, cv: 0.35, edible: 0.9, confidence: 'A' },
  { ingredient: 'tea', piece: 'bag', mass_g: 2, cv: 0.15, confidence: 'B' },
  { ingredient: 'star-anise', piece: 'whole', mass_g: 1.3, cv: 0.3, confidence: 'B' },
  { ingredient: 'cardamom-pods', piece: 'whole', mass_g: 0.22, cv: 0.25, confidence: 'B' },
  { ingredient: 'peppercorns', piece: 'whole', mass_g: 0.05, cv: 0.2, confidence: 'B' },
  { ingredient: 'turmeric-fresh', piece: 'finger', mass_g: 11, cv: 0.4, edible: 0.88, note: '1.5 x 6 cm', confidence: 'C' },
  { ingredient: 'ginger-fresh', piece: 'thumb', mass_g: 22, cv: 0.4, edible: 0.88, note: '2.2 x 5.5 cm', confidence: 'C' },
  { ingredient: 'ginger-fresh', piece: 'knob', mass_g: 15, cv: 0.5, edible: 0.88, confidence: 'C' },
  { ingredient: 'ginger-fresh', piece: 'coin', mass_g: 1.5, cv: 0.3, note: '3 mm', confidence: 'C' },
  { ingredient: 'ginger-fresh', piece: 'slice', mass_g: 1.5, cv: 0.3, note: '3 mm', confidence: 'C' },
  { ingredient: 'dates', piece: 'whole', mass_g: 24, cv: 0.15, edible: 0.92, note: 'with stone', confidence: 'B' },
  { ingredient: 'strawberries', piece: 'whole', mass_g: 12, cv: 0.35, edible: 0.95, confidence: 'B' },
  { ingredient: 'vanilla-bean', piece: 'whole', mass_g: 3, cv: 0.3, confidence: 'B' },
  { ingredient: 'bay-leaf', piece: 'whole', mass_g: 0.2, cv: 0.4, confidence: 'B' },
];

/** Roots as cylinders, g = π/4 d² l ρ; the spread is that of the thickness, 2 to 3 cm for ginger. */
export const ROOTS: readonly RootRow[] = [
  { ingredient: 'ginger-fresh', diameter_cm: 2.5, density_g_mL: 1, cv: 0.4 },
  { ingredient: 'turmeric-fresh', diameter_cm: 1.5, density_g_mL: 1, cv: 0.4 },
];

/** Juice pressed by hand, as a share of the fruit as bought. Source: weighings in print; citrus B, others C. */
export const JUICE_YIELDS: readonly JuiceYieldRow[] = [
  { fruit: 'lemon', juice: 'lemon-juice', share: 0.42, low: 0.35, high: 0.5, confidence: 'B' },
  { fruit: 'lime', juice: 'lime-juice', share: 0.42, low: 0.32, high: 0.55, confidence: 'B' },
  { fruit: 'orange', juice: 'orange-juice', share: 0.46, low: 0.38, high: 0.52, confidence: 'B' },
  { fruit: 'grapefruit', juice: 'grapefruit-juice', share: 0.43, low: 0.36, high: 0.5, confidence: 'B' },
  { fruit: 'pomegranate', juice: 'pomegranate-juice', share: 0.36, low: 0.28, high: 0.43, confidence: 'C' },
];
