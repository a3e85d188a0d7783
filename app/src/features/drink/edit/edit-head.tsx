import { memo } from 'react';
import { View } from 'react-native';
import type { TypedAhead } from '../../../domain/drinks/typed-ahead';
import { Text } from '../../../ui/text';
import { SavedWords } from '../header/saved-words';

interface EditHeadProps {
  readonly name: string;
  /** How many lines, and how many of them ask. */
  readonly lines: string;
  readonly saved: string;
  readonly typing: TypedAhead;
}

/** All that stands over the lines while one is edited on a phone. */
export const EditHead = memo(function EditHead({ name, lines, saved, typing }: EditHeadProps) {
  return (
    <View className="min-h-[44px] flex-row flex-wrap items-center justify-between gap-x-3 border-b border-line bg-sheet px-4 py-1">
      <Text variant="title" className="shrink text-17 leading-22">
        {name || 'Unnamed drink'}
      </Text>
      <Text variant="small" role="status">
        {lines} · <SavedWords saved={saved} typing={typing} />
      </Text>
    </View>
  );
});
