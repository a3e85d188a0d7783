import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import type { Analysis } from '@wellhydra/core/analyse';
import { memo, useCallback, useMemo, useState, type ReactNode } from 'react';
import { View, type LayoutChangeEvent } from 'react-native';
import { useIsWide } from '../../ui/use-layout';
import { StepRow, type StepRowActions } from './step-row';
import { Stream } from './stream';
import type { StepView } from './steps-view';

interface StepListProps extends StepRowActions {
  readonly steps: readonly StepView[];
  readonly analysis: Analysis;
  readonly conflictAt?: (id: string) => ReactNode;
}

/** Width of the stream, px, and of the gap beside it. */
const STREAM_px = { phone: 72, wide: 190, gap: 18 } as const;
/** A press this far moved is a drag, px. */
const DRAG_AFTER_px = 6;
// Outside the component: an option made anew at every key would redraw every row.
const POINTER = { activationConstraint: { distance: DRAG_AFTER_px } };
const KEYBOARD = { coordinateGetter: sortableKeyboardCoordinates };

/** Steps in order, with the stream beside them. */
export const StepList = memo(function StepList({
  steps,
  analysis,
  conflictAt,
  onRewrite,
  onMove,
  onRemove,
}: StepListProps) {
  const [editing, setEditing] = useState<string | null>(null);
  const [heights, setHeights] = useState<Readonly<Record<string, number>>>({});
  const width = useIsWide() ? STREAM_px.wide : STREAM_px.phone;
  const sensors = useSensors(useSensor(PointerSensor, POINTER), useSensor(KeyboardSensor, KEYBOARD));
  const order = steps.map(({ id }) => id).join(' ');
  const ids = useMemo(() => (order === '' ? [] : order.split(' ')), [order]);
  const crowding = analysis.cautions.filter(({ severity }) => severity === 'stop').length;
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over && over.id !== active.id) onMove(String(active.id), ids.indexOf(String(over.id)));
  };
  // Heights and not places: a row that moves because another grew is not measured again.
  const measured = useCallback((id: string, { nativeEvent: { layout } }: LayoutChangeEvent) => {
    setHeights((before) => (before[id] === layout.height ? before : { ...before, [id]: layout.height }));
  }, []);
  const rowEnds = useMemo(() => {
    let end = 0;
    return ids.map((id) => (end += heights[id] ?? 0));
  }, [ids, heights]);
  const allMeasured = ids.every((id) => heights[id] !== undefined);
  return (
    <View className="relative" style={{ paddingLeft: width + STREAM_px.gap }}>
      {allMeasured ? <Stream analysis={analysis} rowEnds={rowEnds} width={width} /> : null}
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <View role="list" aria-label="Steps">
            {steps.map((step, index) => (
              <View key={step.id} onLayout={(event) => measured(step.id, event)}>
                <StepRow
                  step={step}
                  last={index === steps.length - 1}
                  editing={editing === step.id}
                  crowding={crowding}
                  onEdit={setEditing}
                  onRewrite={onRewrite}
                  onMove={onMove}
                  onRemove={onRemove}
                />
                {conflictAt?.(step.id)}
              </View>
            ))}
          </View>
        </SortableContext>
      </DndContext>
    </View>
  );
});
