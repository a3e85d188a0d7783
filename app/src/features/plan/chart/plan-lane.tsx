import { useDraggable } from '@dnd-kit/core';
import type { ScaleTime } from 'd3-scale';
import { View } from 'react-native';
import { Text } from '../../../ui/text';
import type { PlanRow } from '../plan-view';
import { dayWords, momentWords } from '../../../domain/words/moment-words';

interface PlanLaneProps {
  readonly row: PlanRow;
  readonly x: ScaleTime<number, number>;
  readonly onMove: (id: string, to: Date) => void;
}

const LANE_px = 58;
const NAME_px = 22;
const BAR_px = 32;
/** Shorter ones could not be taken hold of, px. */
const LEAST_BAR_px = 6;
const LEAST_HANDS_px = 3;
const MINUTE_ms = 60_000;
/** An arrow key moves a drink by so much, min. */
const KEY_min = { ArrowLeft: -15, ArrowRight: 15 } as const;

/** What of a drink lies after the end of the chart. */
function beyond({ begin, end }: PlanRow, last: Date): string {
  if (begin > last) return `begins ${dayWords(begin)}`;
  return end > last ? `until ${dayWords(end)}` : '';
}

/** A drink of the plan: its name, its bar, and when it is wanted. */
export function PlanLane({ row, x, onMove }: PlanLaneProps) {
  return (
    <View style={{ height: LANE_px }} className="border-t border-line">
      <View className="flex-row items-baseline justify-between gap-2 px-3 pt-1">
        <Text variant="smallStrong" numberOfLines={1} className="shrink">
          {row.name}
        </Text>
        <Text variant="small">{beyond(row, x.domain()[1]!)}</Text>
      </View>
      <View
        className="absolute w-[2px] bg-heat"
        style={{ left: x(row.readyBy) - 1, top: NAME_px, height: LANE_px - NAME_px }}
        aria-hidden
      />
      <Bar row={row} x={x} onMove={onMove} />
    </View>
  );
}

/** Dragged along the lane, or moved by arrow keys. */
function Bar({ row, x, onMove }: PlanLaneProps) {
  const { setNodeRef, listeners, transform } = useDraggable({ id: row.id });
  const left = x(row.begin);
  const [begin] = x.domain() as [Date, Date];
  const style = {
    left: left + (transform?.x ?? 0),
    width: Math.max(LEAST_BAR_px, x(row.end) - left),
    top: NAME_px,
    height: BAR_px,
    position: 'absolute',
    cursor: 'grab',
    touchAction: 'pan-y',
  };
  const onKeyDown = (event: { key: string; preventDefault: () => void }) => {
    const { key } = event;
    if (key !== 'ArrowLeft' && key !== 'ArrowRight') return;
    event.preventDefault();
    onMove(row.id, new Date(row.begin.getTime() + KEY_min[key] * MINUTE_ms));
  };
  return (
    <View
      ref={setNodeRef as never}
      role="slider"
      tabIndex={0}
      aria-label={`${row.name}, begins ${momentWords(row.begin, begin)}; arrow keys move it by a quarter of an hour`}
      aria-valuetext={`${momentWords(row.begin, begin)} to ${momentWords(row.end, begin)}`}
      aria-valuenow={Math.round(row.begin.getTime() / MINUTE_ms)}
      aria-valuemin={0}
      style={style as object}
      {...(listeners as object)}
      {...({ onKeyDown } as object)}
    >
      <View className="absolute top-[12px] h-[8px] w-full rounded-full bg-[#8FA9A5]" />
      {row.tasks
        .filter(({ hands }) => hands)
        .map(({ from, to }) => (
          <View
            key={from.toISOString()}
            className={`absolute top-[4px] h-[24px] rounded-[5px] ${row.trouble ? 'bg-heat' : 'bg-teal'}`}
            style={{ left: x(from) - left, width: Math.max(LEAST_HANDS_px, x(to) - x(from)) }}
          />
        ))}
    </View>
  );
}
