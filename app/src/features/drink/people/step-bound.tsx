import type { DrinkDocument, EditedStep } from '@wellhydra/core/drink';
import { useDeferredValue, useMemo } from 'react';
import { View } from 'react-native';
import { peopleOf, type PersonRow } from '../../../domain/people/use-people';
import type { RunContext } from '../../../domain/run/run-context';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { stepBound } from './made-for-view';

interface StepBoundProps {
  readonly document: DrinkDocument;
  readonly step: EditedStep;
  readonly context: RunContext;
  /** Those the drink is made for. */
  readonly chosen: readonly PersonRow[];
  readonly onTake: (text: string) => void;
}

/** How much of a step there can be for those the drink is made for. */
export function StepBound({ document, step, context, chosen, onTake }: StepBoundProps) {
  // It takes some twenty runs: keys come first.
  const typed = useDeferredValue(document);
  const { id, verb } = step;
  const bound = useMemo(() => {
    const now = typed.steps.find((each) => each.id === id);
    if (verb !== 'add' || !now) return null;
    return stepBound(typed, now, context, { people: peopleOf(chosen), now: new Date() });
  }, [typed, id, verb, context, chosen]);
  if (!bound) return null;
  const { words, take } = bound;
  return (
    <View role="status" className={`gap-2 rounded-[12px] p-3 ${take ? 'bg-amber' : 'bg-mist'}`}>
      <Text className={take ? 'text-onamber' : ''}>{words}</Text>
      {take ? (
        <Button label={`Make it ${take}`} kind="plain" className="self-start" onPress={() => onTake(take)} />
      ) : null}
    </View>
  );
}
