import { View } from 'react-native';
import { Text } from '../../../ui/text';
import type { CardView } from './card-view';

/** What of the shelf is not for somebody; nothing where all of it may be. */
export function ShelfNote({ shelf }: Pick<CardView, 'shelf'>) {
  if (!shelf) return null;
  return (
    <View className="rounded-[10px] bg-amber px-3 py-2">
      <Text className="text-15 leading-21 text-onamber">
        <Text className="text-15 font-bold leading-21 text-onamber">{shelf.title}</Text> {shelf.text}
      </Text>
    </View>
  );
}
