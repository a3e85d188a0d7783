import { memo } from 'react';
import { Pressable, View } from 'react-native';
import { LyingStream } from '../../../ui/lying-stream';
import { Text } from '../../../ui/text';
import type { KindRow } from './kind-rows';

interface KindRowProps extends KindRow {
  readonly onStart: (kind: KindRow['kind']) => void;
}

/** A kind by its stream and a line; a touch begins one. */
export const KindLine = memo(function KindLine({ kind, name, line, house, stream, onStart }: KindRowProps) {
  return (
    <Pressable
      role="button"
      onPress={() => onStart(kind)}
      className="min-h-[64px] flex-row items-center gap-4 border-t border-line py-2 active:bg-line"
    >
      <View className="h-[40px] w-[88px]" aria-hidden>
        <LyingStream bands={stream} spoken="" />
      </View>
      <View className="min-w-0 flex-1">
        <Text variant="strong" className="font-heading text-17">
          {name}
        </Text>
        <Text variant="small">{line}</Text>
        {house ? <Text variant="smallStrong">{house}</Text> : null}
      </View>
    </Pressable>
  );
});
