import type { BottleRecord } from '@wellhydra/contract';
import { Link } from 'expo-router';
import { View } from 'react-native';
import { useBrewsOfBottleQuery } from '../../domain/stores/store-endpoints';
import { dayWords } from '../../domain/words/moment-words';
import { Text } from '../../ui/text';
import { measure } from './bottles-view';

/** The brews that have taken of a bottle; nothing where none has. */
export function WentInto({ bottle }: { readonly bottle: BottleRecord }) {
  const { data } = useBrewsOfBottleQuery(bottle.id);
  if (!data || data.brews.length === 0) return null;
  return (
    <View className="gap-1">
      <Text variant="heading">Went into other drinks</Text>
      <View role="list" aria-label="Went into other drinks">
        {data.brews.map(({ brewId, batch, drinkName, volume_mL, at }) => (
          <View key={brewId} role="listitem" className="flex-row justify-between gap-3 border-b border-line">
            <Link
              href={`/logbook/${brewId}`}
              className="min-h-[44px] shrink py-2 font-body text-16 text-teal underline"
            >
              {drinkName}, {batch}
            </Link>
            <Text className="self-center text-mute">
              {measure(bottle, volume_mL)} · {dayWords(new Date(at))}
            </Text>
          </View>
        ))}
      </View>
    </View>
  );
}
