import type { Drink, DrinkKind } from './drink';
import type { DrinkDocument, EditedStep } from './drink-document';

/** The steps of a document that make the batch, in the order in which they are run. */
export const batchSteps = (document: DrinkDocument): readonly EditedStep[] =>
  document.steps.some(({ atServing }) => atServing)
    ? document.steps.filter(({ atServing }) => !atServing)
    : document.steps;

/**
 * A document as a drink that can be run.
 *
 * @param document as it is edited
 * @param preparations other drinks, by the name they are used under
 */
export function documentDrink(document: DrinkDocument, preparations?: Readonly<Record<string, Drink>>): Drink {
  const { name, kind, serving, target, source } = document;
  const glass = document.steps.filter(({ atServing }) => atServing);
  return {
    name,
    kind: kind as DrinkKind,
    serving,
    ...(target ? { target } : {}),
    steps: batchSteps(document),
    ...(glass.length > 0 ? { atServing: glass } : {}),
    ...(source ? { source } : {}),
    ...(preparations && Object.keys(preparations).length > 0 ? { preparations } : {}),
  };
}

/**
 * A drink as a document to be edited; its preparations stay behind.
 *
 * @param newId makes an id for each step
 */
export function drinkDocumentOf(drink: Drink, newId: () => string): DrinkDocument {
  const { name, kind, serving = '', target = null, steps, atServing = [], source } = drink;
  return {
    name,
    kind,
    serving,
    target,
    steps: [
      ...steps.map((step) => ({ ...step, id: newId() })),
      ...atServing.map((step) => ({ ...step, id: newId(), atServing: true })),
    ],
    ...(source ? { source } : {}),
  };
}

/**
 * Other drinks of a kitchen as preparations, by their names; where two share one, the later wins.
 *
 * @param documents of the kitchen
 * @param except name of the drink that uses them, which cannot use itself
 */
export function preparationLibrary(
  documents: readonly DrinkDocument[],
  except: string,
): Readonly<Record<string, Drink>> {
  const named = documents.filter(({ name }) => name.trim() !== '' && name.trim() !== except.trim());
  return Object.fromEntries(named.map((document) => [document.name.trim(), documentDrink(document)]));
}
