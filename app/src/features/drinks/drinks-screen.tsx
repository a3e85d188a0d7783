import { DRINK_KINDS, type DrinkKind } from '@wellhydra/core/drink';
import { Link, router } from 'expo-router';
import Plus from 'lucide-react-native/icons/plus';
import { useMemo, useRef, useState } from 'react';
import { Pressable, SectionList, TextInput, View } from 'react-native';
import { failureOf } from '../../state/api';
import { useAppDispatch, useAppSelector } from '../../domain/store';
import { Button } from '../../ui/button';
import { CompositionBar } from '../../ui/composition-bar';
import { Loading, Message } from '../../ui/page-state';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';
import { Toggle } from '../../ui/toggle';
import { useShortcuts } from '../../ui/use-shortcuts';
import { useGetSettingsQuery } from '../../domain/kitchen/kitchen-endpoints';
import { drinkStarted } from '../../domain/drinks/drafts';
import { useListDrinksQuery } from '../../domain/drinks/drink-endpoints';
import { currentDocuments, drinkGroups, type DrinkLine } from './drinks-view';
import { KIND_NAMES, newDocument } from '../../domain/drinks/kinds';
import { useFigures } from './use-figures';

/** All formulas of the kitchen, by kind. */
export function DrinksScreen() {
  const { data, error, refetch } = useListDrinksQuery(undefined, { refetchOnMountOrArgChange: true });
  const drafts = useAppSelector((state) => state.drafts);
  const [search, setSearch] = useState('');
  const [choosing, setChoosing] = useState(false);
  const searchBox = useRef<TextInput>(null);
  useShortcuts({ '/': () => searchBox.current?.focus(), n: () => setChoosing(true) });
  const documents = useMemo(() => currentDocuments(data?.drinks ?? [], drafts), [data, drafts]);
  const { data: stored } = useGetSettingsQuery();
  const all = useMemo(() => documents.map(({ document }) => document), [documents]);
  const figuresOf = useFigures(stored?.settings ?? null, all);
  const groups = useMemo(() => drinkGroups(documents, search, figuresOf), [documents, search, figuresOf]);
  if (!data && error && documents.length === 0)
    return (
      <Message
        title="The drinks cannot be shown"
        text={failureOf(error).message}
        action={{ label: 'Try again', onPress: () => void refetch() }}
      />
    );
  if (!data && !error) return <Loading what="drinks" />;
  return (
    <View className="flex-1 bg-mist" role="main">
      <SectionList
        sections={groups.map(({ kind, lines }) => ({ title: kind, data: lines }))}
        keyExtractor={({ id }) => id}
        renderItem={({ item }) => <DrinkRow line={item} />}
        renderSectionHeader={({ section }) => (
          <Text
            variant="small"
            role="heading"
            aria-level={2}
            className="mx-auto w-full max-w-[860px] px-4 pt-5 text-[14px] md:px-8"
          >
            {section.title}
          </Text>
        )}
        stickySectionHeadersEnabled={false}
        initialNumToRender={30}
        contentContainerClassName="pb-24"
        ListHeaderComponent={
          <View className="mx-auto w-full max-w-[860px] gap-3 px-4 pt-5 md:px-8">
            <View className="flex-row items-end justify-between gap-2">
              <Text variant="title">Drinks</Text>
              <Button label="New drink" icon={Plus} onPress={() => setChoosing(true)} />
            </View>
            <TextInput
              ref={searchBox}
              aria-label="Search drinks"
              placeholder="Search by name, kind or ingredient"
              placeholderTextColor="#6B807F"
              value={search}
              onChangeText={setSearch}
              className="min-h-[48px] rounded-[12px] border border-line bg-sheet px-3 font-body text-[16px] text-ink"
            />
          </View>
        }
        ListEmptyComponent={
          <NothingHere search={search} onNew={() => setChoosing(true)} onClear={() => setSearch('')} />
        }
      />
      <NewDrinkSheet open={choosing} onClose={() => setChoosing(false)} />
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
    <Message
      inside
      title="No drinks yet"
      text="A drink is a list of steps. Type what goes into the jug and see what is in each glass."
      action={{ label: 'New drink', onPress: onNew }}
    />
  );
}

function DrinkRow({ line }: { readonly line: DrinkLine }) {
  return (
    <View className="mx-auto w-full max-w-[860px] px-4 md:px-8">
      <Link href={`/drinks/${line.id}`} asChild>
        <Pressable className="gap-[6px] border-b border-line py-3 active:bg-line">
          <View className="flex-row items-baseline justify-between gap-3">
            <Text variant="strong" className="font-heading text-[18px]">
              {line.name}
            </Text>
            {line.warning ? (
              <Text variant="smallStrong" className="text-heat">
                {line.warning}
              </Text>
            ) : null}
          </View>
          <CompositionBar parts={line.parts} spoken={line.spoken} />
          <Text variant="small">{line.summary}</Text>
        </Pressable>
      </Link>
    </View>
  );
}

function NewDrinkSheet({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) {
  const dispatch = useAppDispatch();
  const [usual, setUsual] = useState(true);
  const start = (kind: DrinkKind) => {
    const id = crypto.randomUUID();
    dispatch(drinkStarted({ id, document: newDocument(kind, () => crypto.randomUUID(), !usual) }));
    onClose();
    router.push(`/drinks/${id}`);
  };
  return (
    <Sheet title="What will it be?" open={open} onClose={onClose}>
      <Toggle label="Begin with the usual steps" value={usual} onChange={setUsual} />
      <View className="gap-2">
        {DRINK_KINDS.map((kind) => (
          <Button key={kind} label={KIND_NAMES[kind]} kind="plain" size="large" onPress={() => start(kind)} />
        ))}
      </View>
    </Sheet>
  );
}
