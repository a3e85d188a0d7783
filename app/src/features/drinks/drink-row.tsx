import { Link } from 'expo-router';
import { memo } from 'react';
import { Pressable, View } from 'react-native';
import { LyingStream } from '../../ui/lying-stream';
import { Text } from '../../ui/text';
import type { DrinkLine } from './drinks-view';
import type { LeftView } from './left-view';

const LEFT_LOOKS: Readonly<Record<LeftView['has'], string>> = {
  some: 'text-ink',
  'under-way': 'text-teal',
  none: 'text-mute',
};

/** A drink of the list: its stream lying down, what it comes to, and what there is of it. */
export const DrinkRow = memo(function DrinkRow({
  line: { id, name, kind, size, summary, warning, stream, spoken },
  left,
  underKind,
}: {
  readonly line: DrinkLine;
  readonly left: LeftView;
  /** Its kind stands over it already. */
  readonly underKind: boolean;
}) {
  return (
    <Link href={`/drinks/${id}`} asChild>
      <Pressable className="min-h-[88px] flex-1 flex-row items-center gap-4 border-t border-line py-3 active:bg-line">
        <View className="h-[56px] w-[88px] md:w-[120px] xl:w-[200px]">
          <LyingStream bands={stream} spoken={spoken} />
        </View>
        <View className="min-w-0 flex-1 gap-[2px]">
          <Text variant="strong" className="font-heading text-18">
            {name}
          </Text>
          <Text variant="small">{[underKind ? '' : kind, size.trim()].filter(Boolean).join(' · ')}</Text>
          <Text variant="small">
            <Text variant="smallStrong" className={LEFT_LOOKS[left.has]}>
              {left.words}
            </Text>
            {'  '}
            {warning ? (
              <Text variant="smallStrong" className="text-heat">
                {warning}
              </Text>
            ) : (
              summary
            )}
          </Text>
        </View>
      </Pressable>
    </Link>
  );
});
