import { analyseDrink, type Analysis } from '@wellhydra/core/analyse';
import type { DrinkDocument, DrinkKind } from '@wellhydra/core/drink';

/** Runs a drink as it stands on the screen. */
export function analyseDocument(document: DrinkDocument): Analysis {
  return analyseDrink({
    name: document.name,
    kind: document.kind as DrinkKind,
    serving: document.serving,
    ...(document.target ? { target: document.target } : {}),
    steps: document.steps,
  });
}
