import type { BottleRecord } from '@wellhydra/contract';
import { View } from 'react-native';
import { GrowingList } from '../../ui/growing-list';
import { Text } from '../../ui/text';
import { BottleLine } from '../bottles/bottle-line';
import type { ForMeView } from './drinker-view';

const STEP = 30;

interface BottlesForMeProps {
  readonly views: readonly ForMeView[];
  readonly onPour: (bottle: BottleRecord) => void;
}

/** What stands on the shelf: what may be had on top, what needs a word with somebody below. */
export const BottlesForMe = ({ views, onPour }: BottlesForMeProps) => (
  <View className="gap-3">
    <Text variant="heading">On the shelf</Text>
    {views.length === 0 ? <Text className="text-mute">Nothing is bottled just now.</Text> : null}
    <GrowingList label="On the shelf" items={views} step={STEP} idOf={({ bottle }) => bottle.id}>
      {({ bottle, standing, aside, grave }) => (
        <BottleLine view={standing} onPour={() => onPour(bottle)}>
          {aside ? (
            <Text variant={grave ? 'smallStrong' : 'small'} className={grave ? 'text-heat' : ''}>
              {aside}
            </Text>
          ) : null}
        </BottleLine>
      )}
    </GrowingList>
  </View>
);
