import type { Analysis } from '@wellhydra/core/analyse';
import { View } from 'react-native';
import { Text } from '../../../ui/text';
import { useHasLargeText } from '../../../ui/use-large-text';
import { useHasRoomBeside, useIsWide } from '../../../ui/use-layout';
import { Stream } from '../stream/stream';

/** A step of either, beside the one of the other that it answers to; '' where one of them has none. */
export interface FacingRow {
  readonly key: string;
  readonly kind: 'same' | 'changed' | 'only-first' | 'only-second';
  readonly first: string;
  readonly second: string;
}

/** A pot through its steps, with the row that each of them ends. */
export interface FacingStream {
  readonly analysis: Analysis;
  /** Rows up to and with that of each step. */
  readonly rowEnds: readonly number[];
  /** Its widest as a share of the wider of the two. */
  readonly share: number;
}

interface FacingStreamsProps {
  /** What the list of steps is called. */
  readonly label: string;
  readonly names: readonly [string, string];
  readonly rows: readonly FacingRow[];
  readonly streams: readonly [FacingStream, FacingStream];
}

/** A row of the page, px; with letters twice as large a step takes as much as that. */
const ROW_px = { wide: 76, phone: 84, large: 264 } as const;
/** A stream with what reaches out of it, px; letters take the room on a tablet, and where they are large. */
const STREAM_px = { wide: 190, tablet: 110, phone: 76 } as const;
/** What leaves the pot reaches out of the stream, px. */
const REACH_px = 36;
/** Between the two, for what they have in common, px. */
const AXIS_px = 52;

const ABSENT = 'not in it';
const LINES = { wide: 3, phone: 2 } as const;

/** Two pots mirrored at one axis, drawn to one scale, step beside step: what is equal is quiet. */
export function FacingStreams(props: FacingStreamsProps) {
  return useIsWide() ? <AtOneAxis {...props} /> : <AtTheEdges {...props} />;
}

const endsOf = ({ rowEnds }: FacingStream, row_px: number): readonly number[] => rowEnds.map((end) => end * row_px);

const MARKS = { same: '=', changed: '≠', 'only-first': '≠', 'only-second': '≠' } as const;

/** The steps stand outside, the streams inside, and between them whether the two are the same. */
function AtOneAxis({ label, names, rows, streams }: FacingStreamsProps) {
  const large = useHasLargeText();
  const row_px = large ? ROW_px.large : ROW_px.wide;
  const width = STREAM_px[useHasRoomBeside() && !large ? 'wide' : 'tablet'];
  const height = rows.length * row_px;
  const inside = 2 * width + AXIS_px;
  return (
    <View>
      <View role="list" aria-label={label}>
        {rows.map(({ key, kind, first, second }) => (
          <View key={key} role="listitem" style={{ height: row_px }} className="flex-row overflow-hidden">
            <Words kind={kind} words={first} most={large ? null : LINES.wide} />
            <View className="items-center justify-start pt-4" style={{ width: inside }}>
              <Text
                variant="strong"
                className={kind === 'same' ? 'text-mute' : 'text-heat'}
                role="img"
                aria-label={kind === 'same' ? 'the same' : 'differs'}
              >
                {MARKS[kind]}
              </Text>
            </View>
            <Words kind={kind} words={second} most={large ? null : LINES.wide} right />
          </View>
        ))}
      </View>
      <View
        className="absolute bottom-0 top-0 flex-row justify-between self-center"
        style={{ width: inside, pointerEvents: 'box-none' }}
      >
        <Pot stream={streams[0]} name={names[0]} width={width} row_px={row_px} height={height} mirrored />
        <Pot stream={streams[1]} name={names[1]} width={width} row_px={row_px} height={height} />
      </View>
    </View>
  );
}

function Words({
  kind,
  words,
  most,
  right = false,
}: {
  readonly kind: FacingRow['kind'];
  readonly words: string;
  readonly most: number | null;
  readonly right?: boolean;
}) {
  return (
    <View className="min-w-0 flex-1 pt-4">
      <Text
        variant={kind === 'same' ? 'small' : 'smallStrong'}
        className={`${right ? 'text-right' : ''} ${words ? '' : 'text-heat'}`}
        {...(most === null ? {} : { numberOfLines: most })}
      >
        {words || ABSENT}
      </Text>
    </View>
  );
}

const SAYS = { same: '', changed: 'differs', 'only-first': 'only here', 'only-second': 'only there' } as const;

/** On a phone each stands at its edge, and the steps between them. */
function AtTheEdges({ label, names, rows, streams }: FacingStreamsProps) {
  const large = useHasLargeText();
  const row_px = large ? ROW_px.large : ROW_px.phone;
  const lines = (most: number) => (large ? {} : { numberOfLines: most });
  const height = rows.length * row_px;
  const pot = { width: STREAM_px.phone, row_px, height };
  return (
    <View className="flex-row gap-2">
      <Pot stream={streams[0]} name={names[0]} {...pot} />
      <View role="list" aria-label={label} className="min-w-0 flex-1">
        {rows.map(({ key, kind, first, second }) => (
          <View
            key={key}
            role="listitem"
            style={{ height: row_px }}
            className="justify-center overflow-hidden border-b border-line"
          >
            {kind === 'same' && first === second ? (
              <Text variant="small" {...lines(3)} className="text-center">
                {first}
              </Text>
            ) : (
              <>
                <Text variant="small" {...lines(LINES.phone)}>
                  {first || '–'}
                </Text>
                <Text variant="small" {...lines(LINES.phone)} className="text-right">
                  {second || '–'}
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
      <Pot stream={streams[1]} name={names[1]} {...pot} mirrored />
    </View>
  );
}

interface PotProps {
  readonly stream: FacingStream;
  readonly name: string;
  readonly width: number;
  readonly row_px: number;
  readonly height: number;
  readonly mirrored?: boolean;
}

function Pot({ stream, name, width, row_px, height, mirrored = false }: PotProps) {
  const drawn = Math.max(8, (width - REACH_px) * stream.share);
  return (
    <View style={{ width, height }} aria-label={name} role="group">
      <Stream
        analysis={stream.analysis}
        rowEnds={endsOf(stream, row_px)}
        width={drawn}
        room={width}
        mirrored={mirrored}
      />
    </View>
  );
}
