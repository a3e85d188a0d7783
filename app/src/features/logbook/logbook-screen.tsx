import type { LogbookFilter, LogbookRow, LogbookSort } from '@wellhydra/contract';
import { router } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { queryOf, useChartLogbookQuery, useListLogbookInfiniteQuery } from '../../domain/logbook/logbook-endpoints';
import { useRunContext } from '../../domain/run/use-run-context';
import { areAnswered, useOnce } from '../../state/answered';
import { failureOf } from '../../state/api';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Loading, Message } from '../../ui/page-state';
import { SelectField } from '../../ui/select-field';
import { Text } from '../../ui/text';
import { useIsWide } from '../../ui/use-layout';
import { BrewList, BrewTable } from './brew-table';
import { LogbookChartsPart } from './charts';
import { Filters, useFiltersKnown } from './filters';
import { rowView } from './logbook-view';

const SORTS: readonly { readonly value: LogbookSort; readonly label: string }[] = [
  { value: 'newest', label: 'Newest first' },
  { value: 'oldest', label: 'Oldest first' },
  { value: 'drink', label: 'By drink' },
  { value: 'got', label: 'Most first' },
  { value: 'taste', label: 'Best first' },
  { value: 'brix', label: 'Strongest first' },
  { value: 'pH', label: 'Sourest last' },
];

type View_ = 'brews' | 'charts';
/** A phone has room for one of the two. */
const VIEWS: readonly { readonly value: View_; readonly label: string }[] = [
  { value: 'brews', label: 'Brews' },
  { value: 'charts', label: 'What they teach' },
];

/** Who has made these brews, and who is asked for, by name. */
const cooksOf = (brews: readonly LogbookRow[], asked?: string): readonly string[] =>
  [...new Set([...brews.map(({ cook }) => cook), ...(asked ? [asked] : [])])].sort((a, b) => a.localeCompare(b, 'en'));

/** Saves the brews that are looked at as a file. */
function saveCsv(filter: LogbookFilter): void {
  const link = document.createElement('a');
  link.href = `/api/logbook/brews.csv${queryOf(filter)}`;
  link.download = 'wellhydra-logbook.csv';
  link.click();
}

/** Every brew: what was promised and what came, how it was liked, what it cost. */
export function LogbookScreen() {
  const wide = useIsWide();
  const [typed, setFilter] = useState<LogbookFilter>({});
  const [sort, setSort] = useState<LogbookSort>('newest');
  const [view, setView] = useState<View_>('brews');
  const [filtering, setFiltering] = useState(false);
  const [now] = useState(() => new Date());
  const filter = useDeferredValue(typed);
  const { settings } = useRunContext();
  const asked = { ...filter, sort };
  const { data, error, hasNextPage, isFetchingNextPage, fetchNextPage, refetch } = useListLogbookInfiniteQuery(asked, {
    refetchOnMountOrArgChange: true,
  });
  const brews = data?.pages.flatMap((page) => page.brews);
  const cooks = cooksOf(brews ?? [], typed.cook);
  const drawn = useChartLogbookQuery(filter, { refetchOnMountOrArgChange: true });
  const { data: charts } = drawn;
  const filtersKnown = useFiltersKnown();
  const aboveKnown = useOnce(filtersKnown && areAnswered(drawn));
  if (!brews && error)
    return (
      <Message
        title="The logbook cannot be shown"
        text={failureOf(error).message}
        action={{ label: 'Try again', onPress: () => void refetch() }}
      />
    );
  // On a wide screen filters and drawings stand above the brews.
  if (!brews || (wide && !aboveKnown)) return <Loading what="the logbook" />;
  const rows = brews.map((row) => rowView(row, settings.currency));
  // A month is a beginning and an end.
  const asks = Object.keys(typed).filter((key) => key !== 'to').length;
  const filtered = Object.keys(filter).length > 0;
  return (
    <ScrollView className="flex-1 bg-sheet" contentContainerClassName="pb-16" role="main">
      <View className="w-full max-w-[1240px] self-center gap-5 px-4 pt-5 md:px-8">
        <View className="flex-row flex-wrap items-center justify-between gap-3">
          <Text variant="title">Logbook</Text>
          <View className="flex-row gap-2">
            {wide ? null : (
              <Button
                label={asks > 0 ? `Filter, ${asks}` : 'Filter'}
                kind="plain"
                expanded={filtering}
                onPress={() => setFiltering(!filtering)}
              />
            )}
            <Button
              label="CSV"
              hint="Save these brews as CSV"
              why={rows.length === 0 ? 'There is no brew to save' : null}
              onPress={() => saveCsv(filter)}
            />
          </View>
        </View>
        {rows.length === 0 && !filtered ? (
          <View className="items-start gap-3">
            <Text className="text-mute">
              Make a drink and put it on the shelf: what it was to be and what came stands here.
            </Text>
            <Button label="Go to drinks" onPress={() => router.push('/drinks')} />
          </View>
        ) : (
          <>
            {wide || filtering ? <Filters filter={typed} now={now} cooks={cooks} onChange={setFilter} /> : null}
            {wide ? null : <Choice label="What is shown" options={VIEWS} value={view} onChange={setView} />}
            {charts && rows.length > 0 && (wide || view === 'charts') ? <LogbookChartsPart charts={charts} /> : null}
            {rows.length === 0 ? (
              <View className="items-start gap-3">
                <Text className="text-mute">No brew is like that.</Text>
                <Button label="Show all" kind="plain" onPress={() => setFilter({})} />
              </View>
            ) : null}
            {wide ? (
              rows.length > 0 ? (
                <BrewTable rows={rows} sort={sort} onSort={setSort} />
              ) : null
            ) : view === 'charts' ? null : (
              <>
                <SelectField
                  label="In what order"
                  options={SORTS}
                  value={sort}
                  onChange={(next) => setSort(next as LogbookSort)}
                />
                <BrewList rows={rows} />
              </>
            )}
            {hasNextPage && (wide || view === 'brews') ? (
              <Button
                label="More brews"
                kind="plain"
                className="self-start"
                disabled={isFetchingNextPage}
                onPress={() => void fetchNextPage()}
              />
            ) : null}
          </>
        )}
      </View>
    </ScrollView>
  );
}
