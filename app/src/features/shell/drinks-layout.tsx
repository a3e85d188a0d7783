import { Slot, usePathname } from 'expo-router';
import { View } from 'react-native';
import { useIsPageAlone } from '../../ui/page-alone';
import { useHasLargeText } from '../../ui/use-large-text';
import { useHasRoomForList } from '../../ui/use-layout';
import { LazyDrinksBeside } from './screens';

/** A drink has the others beside it where there is room for them, and no tool that needs it. */
export function DrinksLayout() {
  const [, open] = /^\/drinks\/(.+)$/.exec(usePathname()) ?? [];
  const room = useHasRoomForList();
  const large = useHasLargeText();
  const alone = useIsPageAlone();
  const beside = open !== undefined && room && !large && !alone;
  return (
    <View className="min-h-0 flex-1 flex-row">
      {beside ? <LazyDrinksBeside current={open} /> : null}
      <View className="min-w-0 flex-1">
        <Slot />
      </View>
    </View>
  );
}
