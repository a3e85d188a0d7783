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
import { useHasLargeText } from '../../../ui/use-large-text';
import { useIsWide } from '../../../ui/use-layout';
import { Stream } from '../../drink/stream/stream';
import { rowView } from '../logbook-view';
import {
  compareBrews,
  comparedFigures,
  LARGE_ROW_px,
  ROW_px,
  type ComparedBrews,
  type ComparedStream,
} from './compare-brews-view';

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
  const row_px = useHasLargeText() ? LARGE_ROW_px : ROW_px;
  const compared = useMemo(() => (runA && runB ? compareBrews(runA, runB, row_px) : null), [runA, runB, row_px]);
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
        <TwoStreams compared={compared} names={[a.batch, b.batch]} row_px={row_px} />
      ) : (
        <Text className="text-mute">
          One of the two was put on the shelf without being made here step by step: how it went is not known.
        </Text>
      )}
    </View>
  );
}

const SAYS = { same: '', changed: 'differs', 'only-first': 'only here', 'only-second': 'only there' } as const;
const STREAM_px = { wide: 200, phone: 76 } as const;
/** What leaves the pot reaches out of the stream, px. */
const REACH_px = 36;

/** The two pots, each at its edge, drawn to one scale, with the steps between them. */
function TwoStreams({
  compared,
  names,
  row_px,
}: {
  readonly compared: ComparedBrews;
  readonly names: readonly [string, string];
  readonly row_px: number;
}) {
  const lines = (most: number) => (row_px === ROW_px ? { numberOfLines: most } : {});
  const width = STREAM_px[useIsWide() ? 'wide' : 'phone'];
  const { rows, first, second } = compared;
  return (
    <View className="flex-row gap-2 rounded-[18px] bg-sheet p-3">
      <Pot stream={first} name={names[0]} width={width} height={rows.length * row_px} />
      <View role="list" aria-label="Steps of both" className="min-w-0 flex-1 pt-[1.5rem]">
        {rows.map(({ key, kind, first: one, second: other }) => (
          <View
            key={key}
            role="listitem"
            style={{ height: row_px }}
            className="justify-center overflow-hidden border-b border-line"
          >
            {kind === 'same' && one === other ? (
              <Text variant="small" {...lines(3)} className="text-center">
                {one}
              </Text>
            ) : (
              <>
                <Text variant="small" {...lines(2)}>
                  {one || '–'}
                </Text>
                <Text variant="small" {...lines(2)} className="text-right">
                  {other || '–'}
                </Text>
                {SAYS[kind] ? (
                  <Text variant="smallStrong" className="text-center">
                    {SAYS[kind]}
                  </Text>
                ) : null}
              </>
            )}
          </View>
        ))}
      </View>
      <Pot stream={second} name={names[1]} width={width} height={rows.length * row_px} mirrored />
    </View>
  );
}

interface PotProps {
  readonly stream: ComparedStream;
  readonly name: string;
  readonly width: number;
  readonly height: number;
  readonly mirrored?: boolean;
}

function Pot({ stream, name, width, height, mirrored = false }: PotProps) {
  const drawn = Math.max(8, (width - REACH_px) * stream.share);
  return (
    <View style={{ width }} aria-label={`Batch ${name}`} role="group">
      <Text variant="smallStrong" className={`h-[1.5rem] ${mirrored ? 'text-right' : ''}`}>
        {name}
      </Text>
      <View style={{ height }}>
        <Stream
          analysis={stream.run.analysis}
          rowEnds={stream.rowEnds}
          width={drawn}
          room={width}
          mirrored={mirrored}
        />
      </View>
    </View>
  );
}
