import { router } from 'expo-router';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Text } from '../../ui/text';
import { showVolume } from '../../domain/words/units';
import { AllSteps } from './all-steps';
import { brewName } from './brew-name';
import type { StepPage } from './make-view';
import type { MakingProps } from './use-brew';

interface BrewOverProps extends MakingProps {
  readonly pages: readonly StepPage[];
  readonly onLook: (to: number) => void;
}

/** A brew that is bottled or given up: how it went, and the way back to what was read wrong. */
export function BrewOver({ brew, recipe, state, run, pages, onLook }: BrewOverProps) {
  const bottled = state.stage === 'finished';
  const { liquid } = run.analysis;
  return (
    <Page
      title={bottled ? 'It is bottled' : 'This brew was given up'}
      aside={brewName(recipe.document.name, brew.batch)}
    >
      <Text className="text-mute">
        {bottled
          ? `Its bottles stand on the shelf.${liquid ? ` By what was read there was ${showVolume(liquid.volume_mL)}.` : ''}`
          : state.abandonedText}
      </Text>
      <View className="flex-row">
        <Button label="To the shelf" onPress={() => router.replace('/shelf')} />
      </View>
      {bottled ? (
        <Text className="text-mute">
          Something was read or noted wrong? Look at its step and put it right: the figures of the bottles follow.
        </Text>
      ) : null}
      <AllSteps pages={pages} onLook={onLook} />
    </Page>
  );
}
