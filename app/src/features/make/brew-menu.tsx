import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Sheet } from '../../ui/sheet';
import { AllSteps } from './all-steps';
import { brewName } from './brew-name';
import type { MakingProps } from './use-brew';
import type { StepPage } from './make-view';

interface BrewMenuProps extends MakingProps {
  readonly pages: readonly StepPage[];
  /** The step on the screen, if one is. */
  readonly step: StepPage | undefined;
  readonly onLook: (to: number) => void;
  readonly onClose: () => void;
}

/** What else can be done with a brew: leave a step out, pause, give up, see all its steps. */
export function BrewMenu({ pages, step, state, happened, recipe, brew, onLook, onClose }: BrewMenuProps) {
  const [giving, setGiving] = useState(false);
  const [what, setWhat] = useState('');
  const paused = state.stage === 'paused';
  const say = (happening: Parameters<typeof happened>[0]) => {
    happened(happening);
    onClose();
  };
  const title = brewName(recipe.document.name, brew.batch);
  return (
    <Sheet title={title} open onClose={onClose}>
      <View className="flex-row flex-wrap gap-2">
        {step && step.left === null ? (
          <Button
            label="Leave this step out"
            kind="plain"
            onPress={() => say({ kind: 'step-skipped', step: step.id })}
          />
        ) : null}
        {paused ? null : <Button label="Pause" kind="plain" onPress={() => say({ kind: 'paused' })} />}
        <Button label="Leave it running" kind="plain" onPress={() => (onClose(), router.push('/today'))} />
        <Button label="Give it up" kind="danger" expanded={giving} onPress={() => setGiving(!giving)} />
      </View>
      {giving ? (
        <View className="gap-2">
          <Field
            label="What becomes of what is in the pot?"
            value={what}
            onChangeText={setWhat}
            placeholder="Poured away; strained and frozen; into the next batch"
          />
          <Button
            label="Give this brew up"
            kind="danger"
            why={what.trim() === '' ? 'Say first what becomes of it' : null}
            onPress={() => say({ kind: 'abandoned', text: what.trim() })}
          />
        </View>
      ) : null}
      <AllSteps
        pages={pages}
        onLook={(index) => {
          onLook(index);
          onClose();
        }}
      />
    </Sheet>
  );
}
