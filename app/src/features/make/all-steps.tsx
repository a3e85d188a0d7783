import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import type { StepPage } from './make-view';

interface AllStepsProps {
  readonly pages: readonly StepPage[];
  readonly onLook: (to: number) => void;
}

/** Every step of a brew with what became of it, each a way there. */
export function AllSteps({ pages, onLook }: AllStepsProps) {
  return (
    <View className="gap-2">
      <Text variant="subheading">All steps</Text>
      <View role="list" aria-label="All steps">
        {pages.map((page, index) => (
          <View
            key={page.id}
            role="listitem"
            className="flex-row items-center justify-between gap-2 border-b border-line"
          >
            <Text className="shrink">
              {index + 1}. {page.title}
              {page.left ? <Text variant="small"> · {page.left === 'done' ? 'done' : 'left out'}</Text> : null}
            </Text>
            <Button label="Look" hint={`Look at step ${index + 1}`} kind="quiet" onPress={() => onLook(index)} />
          </View>
        ))}
      </View>
    </View>
  );
}
