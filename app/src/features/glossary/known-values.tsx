import { View } from 'react-native';
import type { GlossaryEntry } from '../../domain/words/glossary';
import { Text } from '../../ui/text';

/** Values that somebody knows, for holding a figure against. */
export function KnownValues({ known }: Pick<GlossaryEntry, 'known'>) {
  return (
    <View role="list" aria-label="For comparison" className="max-w-[440px]">
      {known.map(([what, value]) => (
        <View key={what} role="listitem" className="flex-row justify-between gap-4 border-b border-line py-1">
          <Text className="shrink text-15">{what}</Text>
          <Text variant="strong" className="text-right text-15">
            {value}
          </Text>
        </View>
      ))}
    </View>
  );
}
