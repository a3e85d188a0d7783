import { analyseDrink, type Analysis } from '@wellhydra/core/analyse';
import { documentDrink, type DrinkDocument } from '@wellhydra/core/drink';
import { usesOthers } from './used-documents';
import { USUAL_CONTEXT, type RunContext } from './run-context';

/** Runs a drink as it stands on the screen, in the kitchen it stands in. */
export function analyseDocument(
  document: DrinkDocument,
  context: Pick<RunContext, 'options' | 'preparationsFor'> = USUAL_CONTEXT,
): Analysis {
  const preparations = usesOthers(document) ? context.preparationsFor(document.name) : undefined;
  return analyseDrink(documentDrink(document, preparations), context.options);
}
