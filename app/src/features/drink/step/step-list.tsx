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
import { memo, useCallback, useDeferredValue, useLayoutEffect, useMemo, useState, type ReactNode } from 'react';
import { View, type LayoutChangeEvent } from 'react-native';
import { Text } from '../../../ui/text';
import { useIsWide } from '../../../ui/use-layout';
import { RowTexts, RowTextsContext } from './row-texts';
import { StepRow, type StepRowActions } from './step-row';
import { Stream } from '../stream/stream';
import type { StepView } from './steps-view';

interface StepListProps extends StepRowActions {
  readonly steps: readonly StepView[];
  readonly analysis: Analysis;
  readonly conflictAt?: (id: string) => ReactNode;
  /** A tool stands beside it on a wide screen. */
  readonly narrow?: boolean;
}

/** Width of the stream, px, and of the gap beside it. */
const STREAM_px = { phone: 92, wide: 208, gap: { phone: 14, wide: 34 } } as const;
/** A press this far moved is a drag, px. */
const DRAG_AFTER_px = 6;
// Outside the component: an option made anew at every key would redraw every row.
const POINTER = { activationConstraint: { distance: DRAG_AFTER_px } };
const KEYBOARD = { coordinateGetter: sortableKeyboardCoordinates };

/** Steps in order with the stream beside them, and under them what is done to each glass. */
export const StepList = memo(function StepList({
  steps,
  analysis,
  conflictAt,
  narrow = false,
  ...actions
}: StepListProps) {
  const [editing, setEditing] = useState<string | null>(null);
  const [texts] = useState(() => new RowTexts(steps));
  // The stream and the rails come first; what stands beside each step follows a frame later.
  const late = useDeferredValue(steps);
  useLayoutEffect(() => texts.show(late), [texts, late]);
  const [heights, setHeights] = useState<Readonly<Record<string, number>>>({});
  const size = useIsWide() && !narrow ? 'wide' : 'phone';
  const width = STREAM_px[size];
  const room = width + STREAM_px.gap[size];
  const sensors = useSensors(useSensor(PointerSensor, POINTER), useSensor(KeyboardSensor, KEYBOARD));
  const batch = useMemo(() => steps.filter(({ batchIndex }) => batchIndex !== null), [steps]);
  const glass = useMemo(() => steps.filter(({ batchIndex }) => batchIndex === null), [steps]);
  const order = batch.map(({ id }) => id).join(' ');
  const ids = useMemo(() => (order === '' ? [] : order.split(' ')), [order]);
  const crowding = analysis.cautions.filter(({ severity }) => severity === 'stop').length;
  const dropped = ({ active, over }: DragEndEvent) => {
    const to = batch.find(({ id }) => id === over?.id);
    if (to && to.id !== active.id) actions.onMove(String(active.id), to.index);
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
  const row = (step: StepView, index: number, among: readonly StepView[]) => (
    <View key={step.id} onLayout={(event) => measured(step.id, event)}>
      <StepRow
        step={step}
        up={among[index - 1]?.index ?? null}
        down={among[index + 1]?.index ?? null}
        editing={editing === step.id}
        crowding={crowding}
        onEdit={setEditing}
        {...actions}
      />
      {conflictAt?.(step.id)}
    </View>
  );
  return (
    <RowTextsContext.Provider value={texts}>
      <View className="gap-4">
        <View className="relative" style={{ paddingLeft: room }}>
          {allMeasured ? <Stream analysis={analysis} rowEnds={rowEnds} width={width} room={room} /> : null}
          <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
            <SortableContext items={ids} strategy={verticalListSortingStrategy}>
              <View role="list" aria-label="Steps">
                {batch.map(row)}
              </View>
            </SortableContext>
          </DndContext>
        </View>
        {glass.length > 0 ? (
          <View>
            <Text variant="subheading">Into each glass</Text>
            <DndContext>
              <View role="list" aria-label="Into each glass">
                {glass.map(row)}
              </View>
            </DndContext>
          </View>
        ) : null}
      </View>
    </RowTextsContext.Provider>
  );
});
