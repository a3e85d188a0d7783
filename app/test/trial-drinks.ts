import { type DrinkDocument, stepFromLine } from '@wellhydra/core/drink';

/** A drink of additions. */
export const drink = (lines: readonly string[], more: Partial<DrinkDocument> = {}): DrinkDocument => ({
  name: 'Trial',
  kind: 'rehydration',
  serving: '250 mL',
  target: null,
  steps: lines.map((text, index) => ({ id: `s${index}`, verb: 'add', text })),
  ...more,
});

/** The sachet of rehydration salts. */
export const SACHET = drink([
  '2.6 g table salt',
  '13.5 g glucose',
  '1.5 g potassium chloride',
  '2.9 g trisodium citrate dihydrate',
  'water to 1 L',
]);

/** A drink of lines as people type them. */
export const steps = (...lines: readonly string[]): DrinkDocument => ({
  ...drink([], { kind: 'tonic', serving: '150 mL' }),
  steps: lines.map((line, index) => ({ id: `s${index}`, ...stepFromLine(line) })),
});
