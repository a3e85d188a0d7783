import { View } from 'react-native';
import { Text } from '../../ui/text';
import type { StepView } from './check-view';

/** The element of a step, where its threads come in. */
export const stepId = (step: number): string => `runs-${step}`;

/** The steps that a recipe comes to. */
export function Runs({ steps }: { readonly steps: readonly StepView[] }) {
  return (
    <View role="list" aria-label="As it runs">
      {steps.map(({ title, detail, where }, index) => (
        <View
          key={index}
          role="listitem"
          className="min-h-[46px] justify-center border-b border-line py-[6px]"
          nativeID={stepId(index)}
        >
          <Text variant="strong">{title}</Text>
          {detail || where ? <Text variant="small">{[where, detail].filter(Boolean).join(' · ')}</Text> : null}
        </View>
      ))}
    </View>
  );
}
