import { useSortable } from '@dnd-kit/sortable';
import GripVertical from 'lucide-react-native/icons/grip-vertical';
import { memo, useCallback, useEffect, useRef, useState, type RefObject } from 'react';
import { Pressable, TextInput, View } from 'react-native';
import { Apart } from '../../../ui/apart';
import { Text } from '../../../ui/text';
import { focusIsLost } from '../../../ui/focus';
import { useHasLargeText } from '../../../ui/use-large-text';
import { Completions } from './completions';
import { Suggestions } from './suggestions';
import { RowAfter, RowDetails } from './row-texts';
import { StepKeys } from './step-keys';
import type { StepRowActions } from './step-row-actions';
import type { StepView } from './steps-view';

interface StepRowProps extends StepRowActions {
  readonly step: StepView;
  /** Places of the neighbours it can be moved to; null at an end. */
  readonly up: number | null;
  readonly down: number | null;
  readonly editing: boolean;
  /** Changes when something else on the screen has taken room from the row. */
  readonly crowding: number;
  /** What can be done with it stands above the keyboard and not in the row. */
  readonly keysBelow: boolean;
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
  const words = useRef<View>(null);
  const edited = useRef(editing);
  useEffect(() => {
    // The keys go on from where they were, and not from the top of the page.
    const element = words.current as unknown as HTMLElement | null;
    if (edited.current && !editing && focusIsLost()) {
      element?.focus();
      // Once what had given way is back.
      requestAnimationFrame(() => element?.scrollIntoView?.({ block: 'nearest' }));
    }
    edited.current = editing;
  }, [editing]);
  const { setNodeRef, transform, isDragging } = useSortable({ id: step.id });
  const shift = transform ? [{ translateY: transform.y }] : [];
  return (
    <View
      ref={setNodeRef as never}
      className={`border-b border-line py-2 ${isDragging ? 'z-10 bg-mist' : ''}`}
      style={{ transform: shift }}
    >
      {editing ? <EditingStep {...props} /> : <ReadingStep {...props} words={words} />}
    </View>
  );
}, sameRow);

function ReadingStep({
  step,
  onEdit,
  onOpen,
  onRewrite,
  words,
}: StepRowProps & { readonly words: RefObject<View | null> }) {
  const { attributes, listeners, setActivatorNodeRef } = useSortable({ id: step.id });
  const large = useHasLargeText();
  return (
    <>
      <View className="flex-row items-start gap-1">
        <Pressable
          ref={words}
          role="button"
          onPress={() => onEdit(step.id)}
          className="min-h-[44px] flex-1 justify-center"
          {...moreKey(() => onOpen(step.id))}
        >
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

/** What a key does in the box of a step, where it is not typed. */
type BoxKey = 'up' | 'down' | 'more';

const BOX_KEYS: Readonly<Record<string, BoxKey | 'leave'>> = { ArrowUp: 'up', ArrowDown: 'down', Escape: 'leave' };

function boxKey({ key, altKey = false }: { readonly key: string; readonly altKey?: boolean }): BoxKey | 'leave' | null {
  if (key === 'Enter' && altKey) return 'more';
  return BOX_KEYS[key] ?? null;
}

/** The key for more about a step, where its words are read. */
const moreKey = (run: () => void) =>
  ({
    onKeyDown: (event: { key: string; altKey: boolean; preventDefault: () => void }) => {
      if (boxKey(event) !== 'more') return;
      event.preventDefault();
      run();
    },
  }) as object;

/** The box holds exactly what is typed, by itself: a key in it redraws nothing here. The step is what is made of it. */
const StepBox = memo(function StepBox({
  label,
  start,
  crowding,
  onType,
  onLeave,
  onKey,
}: {
  readonly label: string;
  readonly start: string;
  readonly crowding: number;
  readonly onType: (line: string) => void;
  readonly onLeave: () => void;
  /** Up and down to the lines beside it, and to more about it. */
  readonly onKey: (key: BoxKey) => void;
}) {
  const box = useRef<TextInput>(null);
  // With what is made of it, below; and a warning may have taken the room it stood in.
  useEffect(() => {
    const element = box.current as unknown as HTMLElement | null;
    const show = () => {
      element?.closest('[role=listitem]')?.scrollIntoView?.({ block: 'nearest' });
      element?.scrollIntoView?.({ block: 'nearest' });
    };
    show();
    // And once what stands around it has given way.
    const frame = requestAnimationFrame(show);
    return () => cancelAnimationFrame(frame);
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
        onKeyPress={(event) => {
          const key = boxKey(event.nativeEvent);
          if (key === null) return;
          event.preventDefault();
          if (key === 'leave') onLeave();
          else onKey(key);
        }}
        className="h-[48px] scroll-my-2 rounded-[10px] border-2 border-teal bg-sheet px-3 font-body text-16 text-ink"
      />
    </Apart>
  );
});

function EditingStep(props: StepRowProps) {
  const { step, crowding, keysBelow, onEdit, ...actions } = props;
  const { id } = step;
  const { onRewrite } = actions;
  // A suggestion that is taken begins the box anew.
  const [start, setStart] = useState(step.line);
  const type = useCallback((text: string) => onRewrite(id, text), [id, onRewrite]);
  const leave = useCallback(() => onEdit(null), [onEdit]);
  const { onBeside, onOpen } = actions;
  const onKey = useCallback(
    (key: BoxKey) => {
      if (key !== 'more') return onBeside(id, key);
      // What the sheet changes is not what stands in the box.
      onEdit(null);
      return onOpen(id);
    },
    [id, onBeside, onEdit, onOpen],
  );
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
        onKey={onKey}
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
      {step.line === start ? null : <Completions line={step.line} onPick={(text) => pick(`${text} `)} />}
      {keysBelow ? null : (
        <View className="-ml-2 flex-row flex-wrap items-center">
          <StepKeys {...actions} id={id} onEdit={onEdit} />
        </View>
      )}
    </View>
  );
}
