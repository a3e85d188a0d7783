import { Link } from 'expo-router';
import { memo, useMemo, useRef, useState } from 'react';
import { FlatList, Pressable, type TextInput, View } from 'react-native';
import { LyingStream } from '../../ui/lying-stream';
import { Text } from '../../ui/text';
import { useShortcuts } from '../../ui/use-shortcuts';
import type { DrinkLine } from './drinks-view';
import { NONE_LEFT, type LeftView } from './left-view';
import { SearchDrinks } from './search-drinks';
import { useDrinksList } from './use-drinks-list';

/** A line's height, px: the one that is open is scrolled to by it. */
const LINE_px = 68;

/** The list of drinks beside the sheet of one of them, on a wide screen. */
export function DrinksBeside({ current }: { readonly current: string }) {
  const [search, setSearch] = useState('');
  const box = useRef<TextInput>(null);
  useShortcuts({ '/': () => box.current?.focus() });
  const { groups, left, isHere } = useDrinksList(search);
  const lines = useMemo(() => groups.flatMap((group) => group.lines), [groups]);
  const first = Math.max(0, lines.findIndex(({ id }) => id === current) - 1);
  return (
    <View role="navigation" aria-label="Other drinks" className="w-[272px] border-r border-line bg-mist">
      <View className="p-3">
        <SearchDrinks box={box} search={search} onSearch={setSearch} className="min-h-[44px] text-15" />
      </View>
      {isHere ? (
        <FlatList
          data={lines}
          keyExtractor={({ id }) => id}
          renderItem={({ item }) => (
            <Line line={item} left={left.get(item.id) ?? NONE_LEFT} isOpen={item.id === current} />
          )}
          initialNumToRender={20}
          initialScrollIndex={search === '' ? first : 0}
          getItemLayout={(_lines, index) => ({ length: LINE_px, offset: LINE_px * index, index })}
          ListEmptyComponent={
            <Text variant="small" className="p-3">
              No drink has “{search}” in its name, kind or steps.
            </Text>
          }
        />
      ) : null}
    </View>
  );
}

const Line = memo(function Line({
  line: { id, name, stream, spoken },
  left,
  isOpen,
}: {
  readonly line: DrinkLine;
  readonly left: LeftView;
  readonly isOpen: boolean;
}) {
  return (
    <Link href={`/drinks/${id}`} asChild>
      <Pressable
        style={{ height: LINE_px }}
        className={`flex-row items-center gap-3 overflow-hidden px-3 active:bg-line ${isOpen ? 'bg-sheet' : ''}`}
        {...(isOpen ? ({ 'aria-current': 'page' } as object) : {})}
      >
        <View className="h-[36px] w-[60px]">
          <LyingStream bands={stream} spoken={spoken} />
        </View>
        <View className="min-w-0 flex-1">
          <Text className={`text-15 leading-18 ${isOpen ? 'font-bold' : ''}`} numberOfLines={2}>
            {name}
          </Text>
          <Text variant="small" className={left.has === 'under-way' ? 'text-teal' : ''} numberOfLines={1}>
            {left.words}
          </Text>
        </View>
      </Pressable>
    </Link>
  );
});
