import type { LogbookRow } from '@wellhydra/contract';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useGetRunQuery } from '../../../domain/brews/brew-endpoints';
import { useGetLogbookBrewQuery, useListLogbookInfiniteQuery } from '../../../domain/logbook/logbook-endpoints';
import { useRunContext } from '../../../domain/run/use-run-context';
import { Button } from '../../../ui/button';
import { Loading, Message } from '../../../ui/page-state';
import { Page } from '../../../ui/page';
import { SelectField } from '../../../ui/select-field';
import { Text } from '../../../ui/text';
import { FacingStreams } from '../../drink/compare/facing-streams';
import { rowView } from '../logbook-view';
import { compareBrews, comparedFigures } from './compare-brews-view';

interface CompareBrewsScreenProps {
  readonly first: string;
  /** Chosen on the page where it is not said. */
  readonly second: string | undefined;
}

const NO_ROWS: readonly LogbookRow[] = [];

/** Two brews of the logbook as two streams, and what came of each. */
export function CompareBrewsScreen({ first, second }: CompareBrewsScreenProps) {
  const { data: brew, error } = useGetLogbookBrewQuery(first);
  const { settings } = useRunContext();
  const { data: pages } = useListLogbookInfiniteQuery(brew ? { drinkId: brew.drinkId } : {}, { skip: !brew });
  const others = (pages?.pages.flatMap(({ brews }) => brews) ?? NO_ROWS).filter(({ id }) => id !== first);
  if (!brew && error)
    return (
      <Message
        title="No such brew"
        text="It was taken back, or the address is not quite right."
        action={{ label: 'To the logbook', onPress: () => router.replace('/logbook') }}
      />
    );
  if (!brew) return <Loading what="the brew" />;
  return (
    <Page
      title={brew.drinkName}
      aside={`Batch ${brew.batch}`}
      actions={
        <Button
          label="Back to the brew"
          kind="plain"
          className="self-start"
          onPress={() => router.push(`/logbook/${first}`)}
        />
      }
    >
      {others.length === 0 ? (
        <Text className="text-mute">It was brewed once. Brew it again, and the two stand side by side here.</Text>
      ) : (
        <SelectField
          label="Beside it"
          options={[
            { value: '', label: 'Choose a brew' },
            ...others.map((row) => {
              const { batch, made, cook, taste } = rowView(row, settings.currency);
              return { value: row.id, label: `${batch}, ${made}, ${cook}${taste ? `, taste ${taste}` : ''}` };
            }),
          ]}
          value={second ?? ''}
          onChange={(id) => router.setParams({ with: id })}
        />
      )}
      {second ? <TwoBrews key={second} first={first} second={second} /> : null}
    </Page>
  );
}

function TwoBrews({ first, second }: { readonly first: string; readonly second: string }) {
  const { settings } = useRunContext();
  const { data: a } = useGetLogbookBrewQuery(first);
  const { data: b, error } = useGetLogbookBrewQuery(second);
  const { data: runA, isLoading: waitsA } = useGetRunQuery(first);
  const { data: runB, isLoading: waitsB } = useGetRunQuery(second);
  const compared = useMemo(() => (runA && runB ? compareBrews(runA, runB) : null), [runA, runB]);
  if (error) return <Text role="alert">The other brew is not there any more.</Text>;
  if (!a || !b || waitsA || waitsB) return <Loading what="the two" />;
  const figures = comparedFigures([a, b], [runA, runB], settings.currency);
  return (
    <View className="gap-5">
      <table className="w-full border-collapse font-body text-16 text-ink" aria-label="What came of them">
        <thead>
          <tr className="border-b-2 border-ink">
            <th className="py-2 text-left">Batch</th>
            <th className="py-2 text-left">{a.batch}</th>
            <th className="py-2 text-left">{b.batch}</th>
          </tr>
        </thead>
        <tbody>
          {figures.map(({ label, first: one, second: other }) => (
            <tr key={label} className="border-b border-line">
              <th className="py-2 pr-2 text-left font-normal">{label}</th>
              <td className={`py-2 pr-2 ${one === other ? 'text-mute' : 'font-bold'}`}>{one}</td>
              <td className={`py-2 ${one === other ? 'text-mute' : 'font-bold'}`}>{other}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {compared ? (
        <View className="gap-1 rounded-[18px] bg-sheet p-3">
          <View className="flex-row justify-between">
            <Text variant="smallStrong">{a.batch}</Text>
            <Text variant="smallStrong">{b.batch}</Text>
          </View>
          <FacingStreams
            label="Steps of both"
            names={[`Batch ${a.batch}`, `Batch ${b.batch}`]}
            rows={compared.rows}
            streams={compared.streams}
          />
        </View>
      ) : (
        <Text className="text-mute">
          One of the two was put on the shelf without being made here step by step: how it went is not known.
        </Text>
      )}
    </View>
  );
}
