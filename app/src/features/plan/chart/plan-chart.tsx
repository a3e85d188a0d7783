import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { scaleTime } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice } from '../../../ui/choice';
import { Text } from '../../../ui/text';
import { KitchenLanes, Nights } from './kitchen-lanes';
import type { LaneView, Night } from './lanes-view';
import { PlanLane } from './plan-lane';
import { spanOf, zoomFor, zoomsOf, type Zoom } from './plan-span';
import type { PlanRow } from '../plan-view';
import { scaleWords } from '../../../domain/words/moment-words';

interface PlanChartProps {
  readonly rows: readonly PlanRow[];
  readonly begin: Date;
  readonly onMove: (id: string, to: Date) => void;
  /** Under the drinks, where there is room for them. */
  readonly lanes: readonly LaneView[];
  readonly nights: readonly Night[];
}

/** Room that a time takes up under the scale. */
const TICK_px = 84;
const EDGE_px = 12;
const GRID_min = 5;
const MINUTE_ms = 60_000;
const TICKS = { narrow: 4, wide: 9 } as const;
const WIDE_px = 640;
/** A press this far moved is a drag, px. */
const POINTER = { activationConstraint: { distance: 4 } };

const ZOOMS: Readonly<Record<Zoom, string>> = { days: '2 days', week: 'A week', weeks: '2 weeks', all: 'All' };

const snapped = (at: Date): Date => new Date(Math.round(at.getTime() / (GRID_min * MINUTE_ms)) * GRID_min * MINUTE_ms);

/** The plan in time: a lane for each drink, solid where hands are needed; a drink is dragged, or moved by arrow keys. */
export function PlanChart({ rows, begin, onMove, lanes, nights }: PlanChartProps) {
  const [width, setWidth] = useState(0);
  const sensors = useSensors(useSensor(PointerSensor, POINTER));
  const [chosen, setChosen] = useState<Zoom | null>(null);
  const zooms = zoomsOf(rows);
  // Where there is room for the lanes, a plan of more than two days is a week.
  const usual = lanes.length > 0 && zooms.includes('week') ? 'week' : zoomFor(rows);
  const zoom = chosen !== null && zooms.includes(chosen) ? chosen : usual;
  const [from, to] = spanOf(rows, begin, zoom);
  const x = scaleTime([from, to], [EDGE_px, Math.max(EDGE_px + 1, width - EDGE_px)]);
  const words = scaleWords(from, to);
  const dropped = ({ active, delta }: DragEndEvent) => {
    const row = rows.find(({ id }) => id === active.id);
    if (row) onMove(row.id, snapped(x.invert(x(row.begin) + delta.x)));
  };
  return (
    <View className="gap-2">
      {zooms.length > 1 ? (
        <Choice
          label="How much is shown"
          options={zooms.map((value) => ({ value, label: ZOOMS[value] }))}
          value={zoom}
          onChange={setChosen}
        />
      ) : null}
      <View
        className="overflow-hidden border-y border-line bg-sheet"
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      >
        {width === 0 ? null : (
          <>
            <Nights nights={nights} x={x} />
            <View className="h-[24px]" aria-hidden>
              {apart(x.ticks(width >= WIDE_px ? TICKS.wide : TICKS.narrow), x, width).map((tick) => (
                <View
                  key={tick.toISOString()}
                  className="absolute w-[84px] items-center"
                  style={{ left: x(tick) - TICK_px / 2, top: 3 }}
                >
                  <Text variant="small">{words(tick)}</Text>
                </View>
              ))}
            </View>
            <DndContext sensors={sensors} onDragEnd={dropped}>
              {rows.map((row) => (
                <PlanLane key={row.id} row={row} x={x} onMove={onMove} />
              ))}
            </DndContext>
            {lanes.length > 0 ? <KitchenLanes lanes={lanes} x={x} /> : null}
          </>
        )}
      </View>
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
