import type { DrinkDocument } from './drink-document';
import type { Variant, VariantBoard } from './variant-board';

/**
 * A drink with the slots filled as a variant has them.
 *
 * @returns the same drink, its board left behind; picks that are no choice of their slot take the first
 */
export function variantDocument(document: DrinkDocument, { slots }: VariantBoard, variant: Variant): DrinkDocument {
  const lines = new Map(
    slots.map(({ id, stepId, choices }) => [stepId, choices[variant.picks[id] ?? 0] ?? choices[0] ?? '']),
  );
  const { variants: _board, ...rest } = document;
  return {
    ...rest,
    steps: document.steps.flatMap((step) => {
      const line = lines.get(step.id);
      if (line === undefined) return [step];
      return line.trim() === '' ? [] : [{ ...step, text: line }];
    }),
  };
}
