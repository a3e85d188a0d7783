import type { DrinkDocument, DrinkStep, EditedStep } from '@wellhydra/core/drink';

const withSteps = (document: DrinkDocument, steps: readonly EditedStep[]): DrinkDocument => ({ ...document, steps });

/** A step put in at a place, or at the end. */
export function insertStep(document: DrinkDocument, step: EditedStep, index = document.steps.length): DrinkDocument {
  return withSteps(document, [...document.steps.slice(0, index), step, ...document.steps.slice(index)]);
}

/** What a step is besides what its line says. */
const asideOf = ({ id, note, optional, atServing }: EditedStep) => ({
  id,
  ...(note ? { note } : {}),
  ...(optional ? { optional } : {}),
  ...(atServing ? { atServing } : {}),
});

/** What a step's line says exchanged; its note, and whether it is optional or for each glass, stay. */
export function rewriteStep(document: DrinkDocument, id: string, line: DrinkStep): DrinkDocument {
  return withSteps(
    document,
    document.steps.map((step) => (step.id === id ? { ...line, ...asideOf(step) } : step)),
  );
}

/** A step exchanged as a whole; one without an answer is left as it is. */
export function replaceStep(document: DrinkDocument, step: EditedStep): DrinkDocument {
  return withSteps(
    document,
    document.steps.map((each) => (each.id === step.id ? step : each)),
  );
}

/** A copy of a step behind it. */
export function duplicateStep(document: DrinkDocument, id: string, newId: string): DrinkDocument {
  const index = document.steps.findIndex((step) => step.id === id);
  const step = document.steps[index];
  return step ? insertStep(document, { ...step, id: newId }, index + 1) : document;
}

export function removeStep(document: DrinkDocument, id: string): DrinkDocument {
  return withSteps(
    document,
    document.steps.filter((step) => step.id !== id),
  );
}

/** A step moved to a place, counted without it. */
export function moveStep(document: DrinkDocument, id: string, to: number): DrinkDocument {
  const step = document.steps.find((each) => each.id === id);
  if (!step) return document;
  return insertStep(removeStep(document, id), step, Math.max(0, Math.min(to, document.steps.length - 1)));
}

const FILL_MARK = /^(.*?\b(?:to|up to|to make|made up to)\s+)\S.*$/i;
const isFill = ({ verb, text }: EditedStep): boolean =>
  verb === 'add' && !/^\s*[\d½⅓⅔¼¾⅛]/.test(text) && FILL_MARK.test(text);

/** The mark a drink is filled up to, as written; undefined when no step fills up. */
export function totalMark(document: DrinkDocument): string | undefined {
  const fill = document.steps.findLast(isFill);
  const before = fill && FILL_MARK.exec(fill.text)?.[1];
  return fill && before ? fill.text.slice(before.length) : undefined;
}

/** The drink filled up to another total: the last step that fills up is changed, or one is put at the end of the additions. */
export function withTotal(document: DrinkDocument, mark: string, newId: string): DrinkDocument {
  const fill = document.steps.findLast(isFill);
  if (fill)
    return rewriteStep(document, fill.id, {
      verb: 'add',
      text: fill.text.replace(FILL_MARK, (_all, before: string) => before + mark),
    });
  const lastAddition = document.steps.findLastIndex(({ verb }) => verb === 'add');
  return insertStep(document, { id: newId, verb: 'add', text: `water to ${mark}` }, lastAddition + 1);
}

/** A step exchanged for several, or for none; the first keeps what the old one was besides its line. */
export function exchangeStep(
  document: DrinkDocument,
  id: string,
  steps: readonly DrinkStep[],
  newId: () => string,
): DrinkDocument {
  return withSteps(
    document,
    document.steps.flatMap((step): readonly EditedStep[] =>
      step.id === id
        ? steps.map((each, index) => (index === 0 ? { ...each, ...asideOf(step) } : { ...each, id: newId() }))
        : [step],
    ),
  );
}
