import type { DrinkDocument } from '@wellhydra/core/drink';

/** Whether a drink is made with another: only then the others are needed to run it. */
export const usesOthers = (document: DrinkDocument): boolean => document.steps.some(({ verb }) => verb === 'use');

/** Drinks of the kitchen that a drink is made with, and those that these are made with. */
export function usedDocuments(document: DrinkDocument, all: readonly DrinkDocument[]): readonly DrinkDocument[] {
  const used = new Set<DrinkDocument>();
  const follow = ({ steps }: DrinkDocument): void => {
    const texts = steps.filter(({ verb }) => verb === 'use').map(({ text }) => text.toLowerCase());
    for (const other of all) {
      const name = other.name.trim().toLowerCase();
      if (name === '' || used.has(other) || !texts.some((text) => text.includes(name))) continue;
      used.add(other);
      follow(other);
    }
  };
  follow(document);
  return [...used];
}
