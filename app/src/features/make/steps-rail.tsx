import { Pressable, ScrollView, View } from 'react-native';
import { Text } from '../../ui/text';
import type { StepPage } from './make-view';

interface StepsRailProps {
  readonly pages: readonly StepPage[];
  readonly at: number;
  readonly current: number;
  readonly onLook: (to: number) => void;
}

const DONE_LOOKS = { done: '✓', skipped: '–' } as const;

/** All steps of a brew at the left of a wide screen: what is done, what is now, each a way there. */
export function StepsRail({ pages, at, current, onLook }: StepsRailProps) {
  return (
    <View className="w-[280px] border-r border-panelline" role="navigation" aria-label="Steps of this brew">
      <ScrollView contentContainerClassName="py-4">
        {pages.map((page, index) => {
          const here = index === at;
          return (
            <Pressable
              key={page.id}
              role="button"
              aria-current={here ? 'step' : undefined}
              onPress={() => onLook(index)}
              className={`min-h-[48px] flex-row items-center gap-3 px-4 py-2 active:opacity-80 ${here ? 'bg-[#163B3B]' : ''}`}
            >
              <Text
                aria-hidden={page.left !== null}
                className={`w-[24px] text-right text-15 ${index === current ? 'font-bold text-[#E3A21A]' : 'text-panelmute'}`}
              >
                {page.left ? DONE_LOOKS[page.left] : index + 1}
              </Text>
              <Text
                className={`shrink text-16 leading-21 ${page.left && !here ? 'text-panelmute' : 'text-onpanel'} ${index === current ? 'font-bold' : ''}`}
              >
                {page.title}
                {page.left ? <Text className="sr-only">, {page.left}</Text> : null}
              </Text>
            </Pressable>
          );
        })}
      </ScrollView>
    </View>
  );
}
