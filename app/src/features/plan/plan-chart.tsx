import { scaleTime } from 'd3-scale';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { Text } from '../../ui/text';
import type { PlanRow } from './plan-view';

interface PlanChartProps {
  readonly rows: readonly PlanRow[];
  readonly begin: Date;
  readonly onMove: (id: string, to: Date) => void;
}

const LANE_px = 58;
const NAME_px = 22;
/** Room that a time takes up under the scale. */
const TICK_px = 72;
const EDGE_px = 12;
/** An arrow key moves a drink by so much, min. */
const KEY_min = 15;
const GRID_min = 5;
const MINUTE_ms = 60_000;
const TICKS = { narrow: 4, wide: 9 } as const;
const WIDE_px = 640;

const hour = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const dayAndHour = new Intl.DateTimeFormat('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' });
const DAY_ms = 1440 * MINUTE_ms;

const snapped = (at: Date): Date => new Date(Math.round(at.getTime() / (GRID_min * MINUTE_ms)) * GRID_min * MINUTE_ms);

/** The plan in time: a lane for each drink, solid where hands are needed; a drink is dragged, or moved by arrow keys. */
export function PlanChart({ rows, begin, onMove }: PlanChartProps) {
  const [width, setWidth] = useState(0);
  const end = new Date(
    Math.max(
      begin.getTime() + 60 * MINUTE_ms,
      ...rows.map((row) => Math.max(row.end.getTime(), row.readyBy.getTime())),
    ),
  );
  const x = scaleTime([begin, end], [EDGE_px, Math.max(EDGE_px + 1, width - EDGE_px)]);
  const long = end.getTime() - begin.getTime() > DAY_ms;
  return (
    <View className="border-y border-line bg-sheet" onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width === 0 ? null : (
        <>
          <View className="h-[24px]" aria-hidden>
            {apart(x.ticks(width >= WIDE_px ? TICKS.wide : TICKS.narrow), x, width).map((tick) => (
              <View
                key={tick.toISOString()}
                className="absolute w-[72px] items-center"
                style={{ left: x(tick) - TICK_px / 2, top: 3 }}
              >
                <Text variant="small">{(long ? dayAndHour : hour).format(tick)}</Text>
              </View>
            ))}
          </View>
          {rows.map((row) => (
            <Lane key={row.id} row={row} x={x} onMove={onMove} />
          ))}
        </>
      )}
    </View>
  );
}

/** Times that have room beside each other. */
function apart(ticks: readonly Date[], x: (at: Date) => number, width: number): readonly Date[] {
  const half = TICK_px / 2;
  const kept: Date[] = [];
  for (const tick of ticks) {
    const last = kept.at(-1);
    const fits = x(tick) >= half && x(tick) <= width - half;
    if (fits && (!last || x(tick) - x(last) >= TICK_px)) kept.push(tick);
  }
  return kept;
}

function Lane({
  row,
  x,
  onMove,
}: {
  readonly row: PlanRow;
  readonly x: ReturnType<typeof scaleTime<number>>;
  readonly onMove: PlanChartProps['onMove'];
}) {
  const [shift, setShift] = useState(0);
  const grip = useRef<number | null>(null);
  const left = x(row.begin);
  const moved = (by_px: number) => snapped(x.invert(left + by_px));
  const byMinutes = (minutes: number) => onMove(row.id, new Date(row.begin.getTime() + minutes * MINUTE_ms));
  const keys: Readonly<Record<string, () => void>> = {
    ArrowLeft: () => byMinutes(-KEY_min),
    ArrowRight: () => byMinutes(KEY_min),
  };
  return (
    <View style={{ height: LANE_px }} className="border-t border-line">
      <Text variant="smallStrong" numberOfLines={1} className="px-3 pt-1">
        {row.name}
      </Text>
      <View
        className="absolute top-0 w-[2px] bg-heat"
        style={{ left: x(row.readyBy) - 1, height: LANE_px }}
        aria-hidden
      />
      <View
        role="slider"
        tabIndex={0}
        aria-label={`${row.name}, begins ${dayAndHour.format(row.begin)}; arrow keys move it by a quarter of an hour`}
        aria-valuetext={`${dayAndHour.format(row.begin)} to ${dayAndHour.format(row.end)}`}
        aria-valuenow={Math.round(row.begin.getTime() / MINUTE_ms)}
        aria-valuemin={0}
        style={
          {
            left: left + shift,
            width: Math.max(6, x(row.end) - left),
            top: NAME_px,
            height: 32,
            position: 'absolute',
            cursor: 'grab',
            touchAction: 'pan-y',
          } as object
        }
        {...({
          onPointerDown: (event: { clientX: number; pointerId: number; currentTarget: Element }) => {
            grip.current = event.clientX;
            event.currentTarget.setPointerCapture(event.pointerId);
          },
          onPointerMove: ({ clientX }: { clientX: number }) => {
            if (grip.current !== null) setShift(clientX - grip.current);
          },
          onPointerUp: () => {
            const by = shift;
            grip.current = null;
            setShift(0);
            if (Math.abs(by) > 4) onMove(row.id, moved(by));
          },
          onPointerCancel: () => {
            grip.current = null;
            setShift(0);
          },
          onKeyDown: (event: { key: string; preventDefault: () => void }) => {
            const run = keys[event.key];
            if (!run) return;
            event.preventDefault();
            run();
          },
        } as object)}
      >
        <View className="absolute top-[12px] h-[8px] w-full rounded-full bg-[#8FA9A5]" />
        {row.stretches
          .filter(({ hands }) => hands)
          .map(({ from, to }) => (
            <View
              key={from.toISOString()}
              className={`absolute top-[4px] h-[24px] rounded-[5px] ${row.trouble ? 'bg-heat' : 'bg-teal'}`}
              style={{ left: x(from) - left, width: Math.max(3, x(to) - x(from)) }}
            />
          ))}
      </View>
    </View>
  );
}
