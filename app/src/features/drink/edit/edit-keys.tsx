import { memo } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { KEEPS_FOCUS } from '../../../ui/focus';
import { StepKeys } from '../step/step-keys';
import type { StepRowActions } from '../step/step-row-actions';
import type { StepView } from '../step/steps-view';
import type { NextLine } from './next-line';

interface EditKeysProps {
  /** The step that is edited; none where the next one is typed. */
  readonly step: StepView | undefined;
  readonly steps: readonly StepView[];
  readonly next: NextLine;
  readonly actions: StepRowActions;
  readonly onEdit: (at: string | null) => void;
}

/** Above the keyboard of a phone: what can be done with the line, the next one, and done. */
export const EditKeys = memo(function EditKeys({ step, steps, next, actions, onEdit }: EditKeysProps) {
  const among = steps.filter(({ batchIndex }) => (batchIndex === null) === (step?.batchIndex === null));
  const at = among.findIndex(({ id }) => id === step?.id);
  const nextKey = (
    <Button
      label="Next"
      hint={next.asks ? 'Next line that asks' : 'Next line'}
      kind="quiet"
      onPress={() => onEdit(next.at)}
      className="px-3"
    />
  );
  return (
    <View
      role="toolbar"
      aria-label="This line"
      className="flex-row flex-wrap items-center bg-mist px-2 py-0.5"
      // With the keys in the box the keyboard stays on the screen.
      {...KEEPS_FOCUS}
    >
      {step ? (
        <StepKeys
          {...actions}
          id={step.id}
          up={among[at - 1]?.index ?? null}
          down={among[at + 1]?.index ?? null}
          onEdit={onEdit}
        >
          {nextKey}
        </StepKeys>
      ) : (
        <>
          <View className="flex-1" />
          {next.asks ? nextKey : null}
          <Button label="Done" kind="quiet" onPress={() => onEdit(null)} />
        </>
      )}
    </View>
  );
});
