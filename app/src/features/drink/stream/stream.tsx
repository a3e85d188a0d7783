import type { Analysis } from '@wellhydra/core/analyse';
import { memo, useContext, useEffect, useId, useMemo, useState } from 'react';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { BandPatterns, bandFill } from '../../../ui/band-patterns';
import { useLiveAnalysis } from '../live-run';
import { AskedMomentContext } from './asked-moment';
import { Moment } from './moment';
import { momentView, type MomentView } from './moment-view';
import { OUTFLOW_FILL, OUTFLOW_OPACITY } from './outflow-fill';
import { streamShape } from './stream-shape';

interface StreamProps {
  readonly analysis: Analysis;
  readonly rowEnds: readonly number[];
  readonly width: number;
  /** From its left edge to the steps beside it. */
  readonly room: number;
  /** Its straight bank is at the right, for two that stand face to face. */
  readonly mirrored?: boolean;
}

/** Width of what is said of a place, px, and how far it stands from the edge. */
const CARD_px = 228;
const CARD_EDGE_px = 6;

const rowAt = (rowEnds: readonly number[], y: number): number => {
  const row = rowEnds.findIndex((end) => y < end);
  return row < 0 ? rowEnds.length - 1 : row;
};

/** The pot as a river beside its steps; any place on it can be asked what is in the pot there. */
export const Stream = memo(function Stream({ analysis, rowEnds, width, room, mirrored = false }: StreamProps) {
  const [asked, setAsked] = useState<number | null>(null);
  const height = rowEnds.at(-1) ?? 0;
  const last = rowEnds.length - 1;
  const row = asked === null ? null : Math.min(asked, last);
  const moment = useMemo(() => momentView(analysis, row ?? last), [analysis, row, last]);
  const elsewhere = useContext(AskedMomentContext);
  // Where the card would cover the steps, the panel says it.
  const panel = room < CARD_px + CARD_EDGE_px ? elsewhere : null;
  const told = row === null ? null : moment;
  useEffect(() => {
    panel?.ask(told);
    return () => panel?.ask(null);
  }, [panel, told]);
  if (height === 0) return null;
  const move = (by: number) => setAsked(Math.max(0, Math.min(last, (row ?? (by > 0 ? -1 : last + 1)) + by)));
  const keys: Readonly<Record<string, () => void>> = {
    ArrowDown: () => move(1),
    ArrowUp: () => move(-1),
    Home: () => setAsked(0),
    End: () => setAsked(last),
    Escape: () => setAsked(null),
  };
  return (
    <View className="absolute bottom-0 left-0 top-0 z-20 block" style={{ width: room, pointerEvents: 'box-none' }}>
      <View
        role="slider"
        tabIndex={0}
        aria-label="Stream: what is in the pot, step by step. Salts are drawn ten times as wide."
        aria-orientation="vertical"
        aria-valuemin={1}
        aria-valuemax={last + 1}
        aria-valuenow={(row ?? last) + 1}
        aria-valuetext={moment?.spoken ?? 'The pot is empty'}
        style={
          {
            width,
            height,
            touchAction: 'pan-y',
            contain: 'size layout style',
            ...(mirrored ? { transform: [{ scaleX: -1 }], marginLeft: room - width } : {}),
          } as object
        }
        {...({
          onPointerMove: ({ nativeEvent }: { nativeEvent: { offsetY: number } }) =>
            setAsked(rowAt(rowEnds, nativeEvent.offsetY)),
          onPointerDown: ({ nativeEvent }: { nativeEvent: { offsetY: number } }) =>
            setAsked(rowAt(rowEnds, nativeEvent.offsetY)),
          onPointerLeave: ({ nativeEvent }: { nativeEvent: { pointerType?: string } }) =>
            nativeEvent.pointerType === 'mouse' && setAsked(null),
          onBlur: () => setAsked(null),
          onKeyDown: (event: { key: string; preventDefault: () => void }) => {
            const run = keys[event.key];
            if (!run) return;
            event.preventDefault();
            run();
          },
        } as object)}
      >
        <Drawing analysis={analysis} rowEnds={rowEnds} width={width} room={room} />
        {row === null ? null : (
          <View
            className="absolute left-0 border-t-2 border-dashed border-ink"
            style={{ width: room, top: rowEnds[row]! - 3, pointerEvents: 'none' }}
          />
        )}
      </View>
      {row !== null && moment && !panel ? (
        <MomentCard
          moment={moment}
          top={rowEnds[row]! + 2}
          left={mirrored ? room - CARD_px - CARD_EDGE_px : CARD_EDGE_px}
        />
      ) : null}
    </View>
  );
});

/** The river itself. Its frame stands still while what is in it follows every key. */
const Drawing = memo(function Drawing({ analysis, rowEnds, width, room }: StreamProps) {
  const scope = useId();
  return (
    <Svg width={room} height={rowEnds.at(-1) ?? 0} style={UNTOUCHED}>
      <BandPatterns scope={scope} />
      <Rivers scope={scope} analysis={analysis} rowEnds={rowEnds} width={width} room={room} />
    </Svg>
  );
});

/** Of the newest run, ahead of the page while a step is being typed. */
const Rivers = memo(function Rivers({
  scope,
  analysis: shown,
  rowEnds,
  width,
  room,
}: StreamProps & { readonly scope: string }) {
  const analysis = useLiveAnalysis(shown);
  const { bands, outflows } = useMemo(
    () => streamShape(analysis, rowEnds, width, room),
    [analysis, rowEnds, width, room],
  );
  return (
    <>
      {outflows.map(({ kind, step, path }) => (
        <River key={`${step}-${kind}`} path={path} fill={OUTFLOW_FILL[kind](scope)} opacity={OUTFLOW_OPACITY[kind]} />
      ))}
      {bands.map(({ band, path }) => (
        <River key={band} path={path} fill={bandFill(scope, band)} opacity={1} />
      ))}
    </>
  );
});
const UNTOUCHED = { pointerEvents: 'none' } as const;

const River = memo(function River({
  path,
  fill,
  opacity,
}: {
  readonly path: string;
  readonly fill: string;
  readonly opacity: number;
}) {
  return <Path d={path} fill={fill} opacity={opacity} />;
});

/** What is in the pot at the place that was asked for. */
function MomentCard({
  moment,
  top,
  left,
}: {
  readonly moment: MomentView;
  readonly top: number;
  readonly left: number;
}) {
  return (
    <View
      className="on-panel absolute gap-1 rounded-[12px] bg-panel p-3"
      style={{ top, left, width: CARD_px, pointerEvents: 'none' }}
    >
      <Moment moment={moment} />
    </View>
  );
}
