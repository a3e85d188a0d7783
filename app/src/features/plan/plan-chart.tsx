import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { scaleTime } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import { Text } from '../../ui/text';
import { PlanLane } from './plan-lane';
import type { PlanRow } from './plan-view';

interface PlanChartProps {
  readonly rows: readonly PlanRow[];
  readonly begin: Date;
  readonly onMove: (id: string, to: Date) => void;
}

/** Room that a time takes up under the scale. */
const TICK_px = 72;
const EDGE_px = 12;
const GRID_min = 5;
const MINUTE_ms = 60_000;
const TICKS = { narrow: 4, wide: 9 } as const;
const WIDE_px = 640;
/** A press this far moved is a drag, px. */
const POINTER = { activationConstraint: { distance: 4 } };

const hour = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const dayAndHour = new Intl.DateTimeFormat('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' });
/** Room before the first drink, as a share of what they take. */
const ROOM_BEFORE = 0.3;
const LEAST_ROOM_ms = 60 * MINUTE_ms;
const DAY_ms = 1440 * MINUTE_ms;

const snapped = (at: Date): Date => new Date(Math.round(at.getTime() / (GRID_min * MINUTE_ms)) * GRID_min * MINUTE_ms);

/** The plan in time: a lane for each drink, solid where hands are needed; a drink is dragged, or moved by arrow keys. */
export function PlanChart({ rows, begin, onMove }: PlanChartProps) {
  const [width, setWidth] = useState(0);
  const sensors = useSensors(useSensor(PointerSensor, POINTER));
  const [from, to] = spanOf(rows, begin);
  const x = scaleTime([from, to], [EDGE_px, Math.max(EDGE_px + 1, width - EDGE_px)]);
  const long = to.getTime() - midnightOf(from) > DAY_ms;
  const dropped = ({ active, delta }: DragEndEvent) => {
    const row = rows.find(({ id }) => id === active.id);
    if (row) onMove(row.id, snapped(x.invert(x(row.begin) + delta.x)));
  };
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
          <DndContext sensors={sensors} onDragEnd={dropped}>
            {rows.map((row) => (
              <PlanLane key={row.id} row={row} x={x} onMove={onMove} />
            ))}
          </DndContext>
        </>
      )}
    </View>
  );
}

const midnightOf = (at: Date): number => new Date(at).setHours(0, 0, 0, 0);

/** What the chart shows: all drinks, with room to drag them to an earlier time, but not into the past. */
function spanOf(rows: readonly PlanRow[], begin: Date): readonly [Date, Date] {
  const first = Math.min(...rows.map((row) => row.begin.getTime()));
  const last = Math.max(...rows.map((row) => Math.max(row.end.getTime(), row.readyBy.getTime())));
  const room = Math.max(LEAST_ROOM_ms, ROOM_BEFORE * (last - first));
  return [new Date(Math.max(begin.getTime(), first - room)), new Date(last)];
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
