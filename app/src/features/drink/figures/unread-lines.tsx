import type { Analysis } from '@wellhydra/core/analyse';
import { batchSteps, lineFromStep, type DrinkDocument } from '@wellhydra/core/drink';
import { Pressable, View } from 'react-native';
import { Text } from '../../../ui/text';

/** A line that nobody can read yet: its step, and what stands there. */
export interface UnreadLine {
  readonly id: string;
  readonly text: string;
}

/** Lines of a drink that are not in its figures; an empty one is only begun. */
export function unreadLines(document: DrinkDocument, { problems }: Analysis): readonly UnreadLine[] {
  const steps = batchSteps(document);
  const found = new Set(problems.flatMap(({ step }) => (step === null ? [] : [step])));
  return [...found].flatMap((at) => {
    const step = steps[at];
    return step && step.text.trim() !== '' ? [{ id: step.id, text: lineFromStep(step) }] : [];
  });
}

interface UnreadNoteProps {
  readonly lines: readonly UnreadLine[];
  /** In one line, whatever their number. */
  readonly brief: boolean;
  readonly onOpen: (id: string) => void;
}

/** What the figures are without: each line is one touch away. */
export function UnreadNote({ lines, brief, onOpen }: UnreadNoteProps) {
  const [first] = lines;
  if (!first) return null;
  if (brief && lines.length > 1)
    return (
      <View role="status" className="rounded-[10px] bg-amber px-2">
        <Pressable
          role="button"
          onPress={() => onOpen(first.id)}
          className="min-h-[44px] justify-center active:opacity-70"
        >
          <Text variant="smallStrong" className="text-onamber underline">
            without {lines.length} lines: to the first of them
          </Text>
        </Pressable>
      </View>
    );
  return (
    <View role="status" className="rounded-[10px] bg-amber px-2">
      {lines.map(({ id, text }) => (
        <Pressable
          key={id}
          role="button"
          aria-label={`Without “${text}”: open this step`}
          onPress={() => onOpen(id)}
          className="min-h-[44px] justify-center active:opacity-70"
        >
          <Text variant="smallStrong" className="text-onamber" numberOfLines={1}>
            without: <Text className="text-15 text-onamber underline">{text}</Text>
          </Text>
        </Pressable>
      ))}
    </View>
  );
}
