import type { Analysis } from '@wellhydra/core/analyse';
import type { DrinkDocument, EditedStep } from '@wellhydra/core/drink';
import { useMemo } from 'react';
import { useListBottlesQuery } from '../../../domain/bottles/bottle-endpoints';
import type { RunContext } from '../../../domain/run/run-context';
import { useMadeFor } from '../../../domain/people/use-made-for';
import { peopleOf } from '../../../domain/people/use-people';
import { suitsAsWritten, troubleWords, withStepText } from '../people/made-for-view';
import { StepBound } from '../people/step-bound';
import type { Pickable } from './ingredient-picker';
import { StepAlternatives } from './step-alternatives';
import { StepSheet } from './step-sheet';
import { StepSubstitutes } from './step-substitutes';
import type { StepView } from './steps-view';

interface OpenedStepProps {
  readonly drinkId: string;
  readonly view: StepView;
  readonly document: DrinkDocument;
  readonly analysis: Analysis;
  readonly context: RunContext;
  readonly onExchange: (id: string, steps: readonly Omit<EditedStep, 'id'>[]) => void;
  readonly onReplace: (step: EditedStep) => void;
  readonly onClose: () => void;
}

/** Drinks that can go into another: those that stand ready on the shelf first. */
function usePreparations({ documents }: RunContext): readonly Pickable[] {
  const { data } = useListBottlesQuery();
  return useMemo(() => {
    const ready = new Set(
      (data?.bottles ?? []).filter(({ remaining_mL }) => remaining_mL > 0).map(({ drinkName }) => drinkName),
    );
    return documents
      .filter(({ name }) => name.trim() !== '')
      .map(({ name }): Pickable => ({
        name,
        about: ready.has(name) ? 'on the shelf' : 'a drink of yours',
        state: 'liquid',
        preparation: true,
      }))
      .sort((a, b) => Number(ready.has(b.name)) - Number(ready.has(a.name)) || a.name.localeCompare(b.name));
  }, [data, documents]);
}

/** The sheet of the step that is open, if one is. */
export function OpenedStep({
  drinkId,
  view,
  document,
  analysis,
  context,
  onReplace,
  onExchange,
  onClose,
}: OpenedStepProps) {
  const preparations = usePreparations(context);
  const { chosen } = useMadeFor(drinkId);
  // Each line that is judged is a run of the drink: not at every drawing.
  const suiting = useMemo(() => {
    if (chosen.length === 0) return null;
    const madeFor = { people: peopleOf(chosen), now: new Date() };
    return (text: string) => troubleWords(suitsAsWritten(withStepText(document, view.id, text), context, madeFor));
  }, [chosen, document, view.id, context]);
  const write = (text: string) => onReplace({ ...view.step, text });
  return (
    <StepSheet
      view={view}
      settings={context.settings}
      preparations={preparations}
      onReplace={onReplace}
      onClose={onClose}
    >
      <StepBound document={document} step={view.step} context={context} chosen={chosen} onTake={write} />
      {view.batchIndex === null ? null : (
        <>
          <StepAlternatives
            document={document}
            batchIndex={view.batchIndex}
            context={context}
            onTake={(steps) => {
              onClose();
              onExchange(view.id, steps);
            }}
          />
          <StepSubstitutes
            analysis={analysis}
            batchIndex={view.batchIndex}
            settings={context.settings}
            suiting={suiting}
            onTake={write}
          />
        </>
      )}
    </StepSheet>
  );
}
