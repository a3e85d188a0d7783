import { View } from 'react-native';
import { Text } from '../../ui/text';
import { durationWords } from '@wellhydra/core/quantity';
import { PlanSection } from './plan-section';
import type { HandsOn } from './plan-view';
import { momentWords } from '../../domain/words/moment-words';

/** What hands have to do, in order. */
export function HandsList({ hands, now }: { readonly hands: readonly HandsOn[]; readonly now: Date }) {
  return (
    <PlanSection title="Hands needed">
      <View role="list" aria-label="Hands needed">
        {hands.map(({ id, title, drink, from, to }) => (
          <View key={id} role="listitem" className="flex-row gap-3 border-b border-line py-2">
            <Text variant="strong" className="w-[112px]">
              {momentWords(from, now)}
            </Text>
            <View className="flex-1">
              <Text>{title}</Text>
              <Text variant="small">
                {drink} · {durationWords((to.getTime() - from.getTime()) / 60_000)}
              </Text>
            </View>
          </View>
        ))}
      </View>
    </PlanSection>
  );
}
