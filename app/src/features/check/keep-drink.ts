import { drinkDocumentOf, type Drink, type DrinkDocument } from '@wellhydra/core/drink';

/** A drink that was read from a recipe, and the drinks that are made beforehand for it. */
export interface KeptDrinks {
  readonly main: DrinkDocument;
  readonly parts: readonly DrinkDocument[];
}

/** A name that no drink of the kitchen has. */
function freeName(name: string, taken: ReadonlySet<string>): string {
  if (!taken.has(name)) return name;
  for (let count = 2; ; count += 1) if (!taken.has(`${name} ${count}`)) return `${name} ${count}`;
}

/**
 * A checked recipe as drinks of the kitchen: its parts are drinks of their own, which it uses by their names.
 *
 * @param source the recipe in the words in which it was written
 * @param taken names that drinks of the kitchen have
 */
export function keptDrinks(drink: Drink, source: string, taken: ReadonlySet<string>, newId: () => string): KeptDrinks {
  const names = new Map(Object.keys(drink.preparations ?? {}).map((name) => [name, freeName(name, taken)]));
  const parts = Object.entries(drink.preparations ?? {}).map(([name, part]) =>
    drinkDocumentOf({ ...part, name: names.get(name)! }, newId),
  );
  const main = drinkDocumentOf({ ...drink, source }, newId);
  const steps = main.steps.map((step) => {
    const used = step.verb === 'use' ? [...names].find(([name]) => step.text.endsWith(` ${name}`)) : undefined;
    return used ? { ...step, text: step.text.slice(0, -used[0].length) + used[1] } : step;
  });
  return { main: { ...main, steps }, parts };
}

/** A recipe as a document beside which others are laid, and the documents of what is made beforehand for it. */
export function comparedDrinks(drink: Drink): KeptDrinks {
  const ids = (function* () {
    for (let count = 1; ; count += 1) yield `c${count}`;
  })();
  const newId = (): string => ids.next().value;
  const parts = Object.entries(drink.preparations ?? {}).map(([name, part]) =>
    drinkDocumentOf({ ...part, name }, newId),
  );
  return { main: drinkDocumentOf(drink, newId), parts };
}
