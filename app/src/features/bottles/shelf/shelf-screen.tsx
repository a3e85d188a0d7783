import { router } from 'expo-router';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { useListBottlesQuery } from '../../../domain/bottles/bottle-endpoints';
import { useRunContext } from '../../../domain/run/use-run-context';
import { failureOf } from '../../../state/api';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { Loading, Message } from '../../../ui/page-state';
import { Text } from '../../../ui/text';
import { useHasRoomBeside } from '../../../ui/use-layout';
import { useNow } from '../../../ui/use-now';
import { shelfSummary } from '../bottles-view';
import { usePour } from '../pour/use-pour';
import { ReprintNote } from '../labels/reprint-note';
import { PlaceShelf } from './place-shelf';
import { ScanSheet } from './scan-sheet';
import { found, shelfGroups } from './shelf-groups';
import { ShelfTable } from './shelf-table';
import { UseFirst } from './use-first';

const POLL_ms = 15_000;
type View_ = 'place' | 'first' | 'table';
const VIEWS: readonly { readonly value: View_; readonly label: string }[] = [
  { value: 'place', label: 'By place' },
  { value: 'first', label: 'Use first' },
  { value: 'table', label: 'Table' },
];

/** What stands in the kitchen: drawn by place, in the order of use, or as a table; on a wide screen drawn beside the table. */
export function ShelfScreen() {
  const { data, error, refetch } = useListBottlesQuery(undefined, {
    pollingInterval: POLL_ms,
    refetchOnMountOrArgChange: true,
  });
  const now = useNow();
  const wide = useHasRoomBeside();
  const { settings } = useRunContext();
  const { pour, question } = usePour();
  const [chosen, setChosen] = useState<View_>('place');
  const [words, setWords] = useState('');
  const [scanning, setScanning] = useState(false);
  if (!data && error)
    return (
      <Message
        title="The shelf cannot be shown"
        text={failureOf(error).message}
        action={{ label: 'Try again', onPress: () => void refetch() }}
      />
    );
  if (!data) return <Loading what="the shelf" />;
  // One that was emptied a moment ago is still in the list.
  const full = data.bottles.filter(({ remaining_mL }) => remaining_mL >= 0.01);
  if (full.length === 0)
    return (
      <Message
        title="The shelf is empty"
        text="Make a drink to the end, and the bottles it fills stand here, each with the day it is to be used up. “Made it”, under More, does so for one made without its steps."
        action={{ label: 'Go to drinks', onPress: () => router.push('/drinks') }}
      />
    );
  const shown = found(full, words);
  const shelves = shelfGroups(shown, settings, now).map((group) => <PlaceShelf key={group.key} group={group} />);
  const first = <UseFirst bottles={shown} now={now} onPour={pour} />;
  const table = <ShelfTable bottles={shown} now={now} />;
  const parts = { place: <View className="gap-4">{shelves}</View>, first, table };
  return (
    <ScrollView className="flex-1 bg-mist" contentContainerClassName="pb-16" role="main">
      {question}
      <View className="w-full max-w-[1400px] self-center gap-4 px-4 pt-5 md:px-8">
        <View className="flex-row flex-wrap items-end justify-between gap-2">
          <Text variant="title">Shelf</Text>
          <Text variant="small" className="text-15">
            {shelfSummary(full)}
          </Text>
        </View>
        {error ? (
          <Text variant="small" role="status" className="text-heat">
            {failureOf(error).message} This is how it was a moment ago.
          </Text>
        ) : null}
        <View className="flex-row flex-wrap items-end justify-between gap-3">
          <Choice
            label="How the shelf is shown"
            options={wide ? VIEWS.filter(({ value }) => value !== 'table') : VIEWS}
            value={wide && chosen === 'table' ? 'place' : chosen}
            onChange={setChosen}
          />
          <View className="min-w-[240px] flex-1 flex-row items-end gap-2 md:max-w-[420px]">
            <View className="flex-1">
              <Field label="Find by name, batch or place" value={words} onChangeText={setWords} />
            </View>
            <Button label="Scan" hint="Scan the code on a label" kind="plain" onPress={() => setScanning(true)} />
          </View>
        </View>
        <ReprintNote bottles={full} />
        {shown.length === 0 ? <Text className="text-mute">No bottle is called that.</Text> : null}
        {wide ? (
          <View className="flex-row items-start gap-8">
            <View className="min-w-0 flex-1">{chosen === 'first' ? first : parts.place}</View>
            <View className="min-w-0 flex-1 rounded-[12px] bg-sheet p-3">{table}</View>
          </View>
        ) : (
          parts[chosen]
        )}
      </View>
      {scanning ? <ScanSheet bottles={full} onClose={() => setScanning(false)} /> : null}
    </ScrollView>
  );
}
