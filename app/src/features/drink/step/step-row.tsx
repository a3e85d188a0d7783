import { useSortable } from '@dnd-kit/sortable';
import ArrowDown from 'lucide-react-native/icons/arrow-down';
import ArrowUp from 'lucide-react-native/icons/arrow-up';
import Copy from 'lucide-react-native/icons/copy';
import GripVertical from 'lucide-react-native/icons/grip-vertical';
import SlidersHorizontal from 'lucide-react-native/icons/sliders-horizontal';
import Trash from 'lucide-react-native/icons/trash';
import { memo, useCallback, useEffect, useRef, useState } from 'react';
import { Pressable, TextInput, View } from 'react-native';
import { Apart } from '../../../ui/apart';
import { Button } from '../../../ui/button';
import { IconButton } from '../../../ui/icon-button';
import { Text } from '../../../ui/text';
import { useHasLargeText } from '../../../ui/use-large-text';
import { Suggestions } from './suggestions';
import { RowAfter, RowDetails } from './row-texts';
import type { StepView } from './steps-view';

export interface StepRowActions {
  readonly onRewrite: (id: string, line: string) => void;
  readonly onMove: (id: string, to: number) => void;
  readonly onRemove: (id: string) => void;
  readonly onDuplicate: (id: string) => void;
  /** Opens the sheet with everything a step can say. */
  readonly onOpen: (id: string) => void;
}

interface StepRowProps extends StepRowActions {
  readonly step: StepView;
  /** Places of the neighbours it can be moved to; null at an end. */
  readonly up: number | null;
  readonly down: number | null;
  readonly editing: boolean;
  /** Changes when something else on the screen has taken room from the row. */
  readonly crowding: number;
  readonly onEdit: (id: string | null) => void;
}

/** What changes with nearly every key stands in texts of its own. */
const still = ({ details: _details, after: _after, ...rest }: StepView) => JSON.stringify(rest);
const sameView = (a: StepView, b: StepView): boolean => a === b || still(a) === still(b);

/** A key redraws the row it changes and leaves the others alone. */
const sameRow = ({ step: a, ...before }: StepRowProps, { step: b, ...after }: StepRowProps): boolean =>
  sameView(a, b) && (Object.keys(before) as (keyof typeof before)[]).every((key) => before[key] === after[key]);

/** A step: read it, tap to change its words, drag or press to move it. */
export const StepRow = memo(function StepRow(props: StepRowProps) {
  const { step, editing } = props;
  const { setNodeRef, transform, isDragging } = useSortable({ id: step.id });
  const shift = transform ? [{ translateY: transform.y }] : [];
  return (
    <View
      ref={setNodeRef as never}
      role="listitem"
      className={`border-b border-line py-2 ${isDragging ? 'z-10 bg-mist' : ''}`}
      style={{ transform: shift }}
    >
      {editing ? <EditingStep {...props} /> : <ReadingStep {...props} />}
    </View>
  );
}, sameRow);

function ReadingStep({ step, onEdit, onRewrite }: StepRowProps) {
  const { attributes, listeners, setActivatorNodeRef } = useSortable({ id: step.id });
  const large = useHasLargeText();
  return (
    <>
      <View className="flex-row items-start gap-1">
        <Pressable role="button" onPress={() => onEdit(step.id)} className="min-h-[44px] flex-1 justify-center">
          <View className={`flex-row items-baseline justify-between gap-x-3 ${large ? 'flex-wrap' : ''}`}>
            <Text
              variant="strong"
              className={`shrink font-heading text-18 leading-23 tracking-tight ${step.problem ? 'text-heat' : ''}`}
            >
              {step.title}
            </Text>
            <RowAfter id={step.id} />
          </View>
          {step.optional ? <Text variant="smallStrong">Optional</Text> : null}
          <RowDetails id={step.id} />
          {step.note ? <Text className="text-14 leading-20">{step.note}</Text> : null}
          {step.notes.map((note) => (
            <View key={note} className="mt-1 border-l-[3px] border-heat pl-2">
              <Text variant="small" className="text-ink">
                {note}
              </Text>
            </View>
          ))}
        </Pressable>
        <View
          ref={setActivatorNodeRef as never}
          {...(attributes as object)}
          {...(listeners as object)}
          aria-label={`Drag step ${step.index + 1} to move it`}
          className="h-[44px] w-[32px] cursor-grab items-center justify-center"
          style={{ touchAction: 'none' } as object}
        >
          <Text className="text-mute">
            <GripVertical size={18} color="currentColor" />
          </Text>
        </View>
      </View>
      {step.problem ? (
        <View role="alert" className="gap-2 pb-1">
          <Text variant="small" className="text-heat">
            {step.problem.message}
          </Text>
          <Suggestions texts={step.problem.suggestions} onPick={(text) => onRewrite(step.id, text)} />
        </View>
      ) : null}
    </>
  );
}

/** The box holds exactly what is typed, by itself: a key in it redraws nothing here. The step is what is made of it. */
const StepBox = memo(function StepBox({
  label,
  start,
  crowding,
  onType,
  onLeave,
}: {
  readonly label: string;
  readonly start: string;
  readonly crowding: number;
  readonly onType: (line: string) => void;
  readonly onLeave: () => void;
}) {
  const box = useRef<TextInput>(null);
  // A warning may have taken the room it stood in.
  useEffect(() => {
    (box.current as unknown as HTMLElement | null)?.scrollIntoView?.({ block: 'nearest' });
  }, [crowding]);
  return (
    <Apart className="h-[48px]">
      <TextInput
        ref={box}
        aria-label={label}
        autoFocus
        spellCheck={false}
        defaultValue={start}
        onChangeText={onType}
        onSubmitEditing={onLeave}
        onKeyPress={({ nativeEvent }) => nativeEvent.key === 'Escape' && onLeave()}
        className="h-[48px] rounded-[10px] border-2 border-teal bg-sheet px-3 font-body text-16 text-ink"
      />
    </Apart>
  );
});

function EditingStep(props: StepRowProps) {
  const { step, up, down, crowding, onEdit, onRewrite, onMove, onRemove, onDuplicate, onOpen } = props;
  const { id } = step;
  // A suggestion that is taken begins the box anew.
  const [start, setStart] = useState(step.line);
  const type = useCallback((text: string) => onRewrite(id, text), [id, onRewrite]);
  const leave = useCallback(() => onEdit(null), [onEdit]);
  const pick = (text: string) => {
    setStart(text);
    type(text);
  };
  return (
    <View className="gap-1">
      <StepBox
        key={start}
        label={`Step ${step.index + 1}`}
        start={start}
        crowding={crowding}
        onType={type}
        onLeave={leave}
      />
      {step.problem ? (
        <>
          <Text variant="small" role="alert" className="text-heat">
            {step.problem.message}
          </Text>
          <Suggestions texts={step.problem.suggestions} onPick={pick} />
        </>
      ) : (
        <View role="status">
          <RowDetails id={step.id} before={step.title} />
        </View>
      )}
      <View className="-ml-2 flex-row flex-wrap items-center">
        <IconButton
          icon={ArrowUp}
          label="Move up"
          disabled={up === null}
          onPress={() => up !== null && onMove(step.id, up)}
        />
        <IconButton
          icon={ArrowDown}
          label="Move down"
          disabled={down === null}
          onPress={() => down !== null && onMove(step.id, down)}
        />
        <IconButton icon={Copy} label="Duplicate step" onPress={() => onDuplicate(step.id)} />
        <IconButton
          icon={SlidersHorizontal}
          label="More about this step"
          onPress={() => {
            // What the sheet changes is not what stands in the box.
            onEdit(null);
            onOpen(step.id);
          }}
        />
        <IconButton icon={Trash} label="Remove step" onPress={() => onRemove(step.id)} />
        <View className="flex-1" />
        <Button label="Done" kind="quiet" onPress={() => onEdit(null)} />
      </View>
    </View>
  );
}
