import { router } from 'expo-router';
import Plus from 'lucide-react-native/icons/plus';
import { useMemo, useRef, useState, type ComponentType } from 'react';
import { FlatList, type TextInput, View } from 'react-native';
import { failureOf } from '../../state/api';
import { Button } from '../../ui/button';
import { Loading, Message } from '../../ui/page-state';
import { Text } from '../../ui/text';
import { useIsWide } from '../../ui/use-layout';
import { useShortcuts } from '../../ui/use-shortcuts';
import { DrinkRow } from './drink-row';
import { FirstUse } from './first-use';
import { drinkRows } from './drinks-view';
import { NONE_LEFT } from './left-view';
import { SearchDrinks } from './search-drinks';
import { useDrinksList } from './use-drinks-list';

interface DrinksScreenProps {
  /** Begins a new one; not part of the first load, since it reckons. */
  readonly NewDrink: ComponentType<{ readonly onClose: () => void }>;
}

/** All formulas of the kitchen, by kind. */
export function DrinksScreen({ NewDrink }: DrinksScreenProps) {
  const [search, setSearch] = useState('');
  const [choosing, setChoosing] = useState(false);
  const searchBox = useRef<TextInput>(null);
  useShortcuts({ '/': () => searchBox.current?.focus(), n: () => setChoosing(true) });
  const { groups, left, isEmpty, isHere, error, refetch } = useDrinksList(search);
  const columns = useIsWide() ? 2 : 1;
  const rows = useMemo(() => drinkRows(groups, columns), [groups, columns]);
  if (!isHere && error && isEmpty)
    return (
      <Message
        title="The drinks cannot be shown"
        text={failureOf(error).message}
        action={{ label: 'Try again', onPress: () => void refetch() }}
      />
    );
  if (!isHere && !error) return <Loading what="drinks" />;
  return (
    <View className="flex-1 bg-sheet" role="main">
      <FlatList
        data={rows}
        keyExtractor={({ key }) => key}
        renderItem={({ item: { heading, lines } }) => (
          <View className="mx-auto w-full max-w-[1160px] px-4 md:px-8">
            {heading ? (
              <Text variant="small" role="heading" aria-level={2} className="pb-1 pt-5 text-14">
                {heading}
              </Text>
            ) : null}
            <View className="flex-row gap-9">
              {lines.map((line) => (
                <DrinkRow key={line.id} line={line} left={left.get(line.id) ?? NONE_LEFT} underKind={columns === 1} />
              ))}
              {lines.length < columns ? <View className="flex-1" /> : null}
            </View>
          </View>
        )}
        initialNumToRender={30}
        contentContainerClassName="pb-24"
        ListHeaderComponent={
          <View className="mx-auto w-full max-w-[1160px] flex-row flex-wrap items-center gap-3 px-4 pb-3 pt-5 md:px-8">
            <Text variant="title" className="flex-1">
              Drinks
            </Text>
            <SearchDrinks
              box={searchBox}
              search={search}
              onSearch={setSearch}
              className="order-last min-h-[48px] text-16 md:order-none md:w-[300px]"
            />
            {columns > 1 ? <Button label="Check a recipe" kind="plain" onPress={() => router.push('/check')} /> : null}
            <Button label="New drink" icon={Plus} onPress={() => setChoosing(true)} />
          </View>
        }
        ListEmptyComponent={
          <NothingHere search={search} onNew={() => setChoosing(true)} onClear={() => setSearch('')} />
        }
      />
      {choosing ? <NewDrink onClose={() => setChoosing(false)} /> : null}
    </View>
  );
}

function NothingHere({
  search,
  onNew,
  onClear,
}: {
  readonly search: string;
  readonly onNew: () => void;
  readonly onClear: () => void;
}) {
  return search ? (
    <Message
      inside
      title="Nothing found"
      text={`No drink has “${search}” in its name, kind or steps.`}
      action={{ label: 'Show all', onPress: onClear }}
    />
  ) : (
    <FirstUse onNew={onNew} />
  );
}
