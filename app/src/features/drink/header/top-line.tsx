import { Link } from 'expo-router';
import { memo, useSyncExternalStore } from 'react';
import { View } from 'react-native';
import type { TypedAhead } from '../../../domain/drinks/typed-ahead';
import { Text } from '../../../ui/text';
import { SAVING } from './save-state';

/** Whether it is stored: what is being typed right now is not, yet. */
export const useSavedWords = (saved: string, { watch, isAhead }: TypedAhead): string =>
  useSyncExternalStore(watch, isAhead) ? SAVING : saved;

interface TopLineProps {
  readonly kind: string;
  readonly saved: string;
  readonly typing: TypedAhead;
}

/** The way back, what it is, and whether it is stored. */
export const TopLine = memo(function TopLine({ kind, saved, typing }: TopLineProps) {
  return (
    <View className="flex-row items-center justify-between gap-3">
      <Link href="/drinks" className="py-1">
        <Text variant="small" className="text-14">
          ‹ Drinks
        </Text>
      </Link>
      <Text variant="small" role="status">
        {kind} · {useSavedWords(saved, typing)}
      </Text>
    </View>
  );
});
