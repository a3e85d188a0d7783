import { Link } from 'expo-router';
import { memo } from 'react';
import { View } from 'react-native';
import type { TypedAhead } from '../../../domain/drinks/typed-ahead';
import { Text } from '../../../ui/text';
import { SavedWords } from './saved-words';

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
        {kind} · <SavedWords saved={saved} typing={typing} />
      </Text>
    </View>
  );
});
