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
import { LETTER_KEYS } from '../../../ui/list-keys';
import { Text } from '../../../ui/text';
import { useIsWide } from '../../../ui/use-layout';
import { RowTexts, RowTextsContext } from './row-texts';
import { PhaseBar, PhaseHead } from './phase-bar';
import { rowElement } from './row-element';
import { StepRow } from './step-row';
import type { StepRowActions } from './step-row-actions';
import { Stream } from '../stream/stream';
import type { StepView } from './steps-view';
import { standingRows, usePhases } from './use-phases';

interface StepListProps extends StepRowActions {
  readonly steps: readonly StepView[];
  readonly analysis: Analysis;
  readonly conflictAt?: (id: string) => ReactNode;
  /** A tool stands beside it on a wide screen. */
  readonly narrow?: boolean;
  /** The step whose words are being edited. */
  readonly editing: string | null;
  readonly onEdit: (id: string | null) => void;
  /** What can be done with it stands elsewhere. */
  readonly keysBelow: boolean;
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
  editing,
  onEdit,
  keysBelow,
  ...actions
}: StepListProps) {
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
  const { phases, fold, foldAll } = usePhases(batch, analysis, editing);
  const standing = useMemo(() => standingRows(ids, phases), [ids, phases]);
  const shownIds = useMemo(() => ids.filter((_, at) => !standing[at]?.folded), [ids, standing]);
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
    return standing.map(({ row, share }) => (end += (heights[row] ?? 0) * share));
  }, [standing, heights]);
  const allMeasured = standing.every(({ row }) => heights[row] !== undefined);
  const jump = useCallback(
    (at: number) => {
      fold(at, false);
      // Once it is open.
      requestAnimationFrame(() =>
        rowElement(phases[at]?.ids[0])?.scrollIntoView({ block: 'start', behavior: 'smooth' }),
      );
    },
    [fold, phases],
  );
  const heads = useMemo(() => new Map(phases.map((phase, at) => [phase.ids[0]!, { ...phase, at }])), [phases]);
  const stepRow = (step: StepView, index: number, among: readonly StepView[]) => (
    <>
      <StepRow
        step={step}
        up={among[index - 1]?.index ?? null}
        down={among[index + 1]?.index ?? null}
        editing={editing === step.id}
        crowding={crowding}
        keysBelow={keysBelow}
        onEdit={onEdit}
        {...actions}
      />
      {conflictAt?.(step.id)}
    </>
  );
  const row = (step: StepView, index: number, among: readonly StepView[]) => {
    const head = heads.get(step.id);
    // Of a phase that is folded, its heading stands for its steps.
    const folded = step.batchIndex !== null && standing[index]?.folded;
    if (folded && !head) return null;
    return (
      <View key={step.id} id={`row-${step.id}`} role="listitem" onLayout={(event) => measured(step.id, event)}>
        {head ? (
          <PhaseHead name={head.name} count={head.ids.length} folded={head.folded} at={head.at} onFold={fold} />
        ) : null}
        {folded ? null : stepRow(step, index, among)}
      </View>
    );
  };
  return (
    <RowTextsContext.Provider value={texts}>
      <View className="gap-4">
        {phases.length > 1 ? <PhaseBar phases={phases} onJump={jump} onFoldAll={foldAll} /> : null}
        <View className="relative" style={{ paddingLeft: room }}>
          {allMeasured ? <Stream analysis={analysis} rowEnds={rowEnds} width={width} room={room} /> : null}
          <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
            <SortableContext items={shownIds} strategy={verticalListSortingStrategy}>
              <View role="list" aria-label="Steps" {...LETTER_KEYS}>
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
