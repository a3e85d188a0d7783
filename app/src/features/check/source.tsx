import FileUp from 'lucide-react-native/icons/file-up';
import Mic from 'lucide-react-native/icons/mic';
import PenLine from 'lucide-react-native/icons/pen-line';
import X from 'lucide-react-native/icons/x';
import { useRef, useState, type RefObject } from 'react';
import { TextInput, View } from 'react-native';
import { LONGEST_CHECK } from '../../domain/checks/limits';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch } from '../../domain/store';
import { Button } from '../../ui/button';
import { Refusal } from '../../ui/refusal';
import { Text } from '../../ui/text';
import { canDictate, chooseFile, dictate } from './put-in';
import type { CheckHandle } from './use-check';
import { Written } from './written';

interface SourceProps {
  readonly check: CheckHandle;
  readonly writing: boolean;
  readonly box: RefObject<TextInput | null>;
  readonly onFocus: () => void;
  readonly onWrite: () => void;
  readonly onRead: () => void;
}

const PLACEHOLDER = `Paste or type a recipe, in any words:

Quay tea, for four
1 litre water
a thumb of ginger, sliced
2 tbsp honey

Simmer the ginger in the water for 20 minutes…`;

/** The text of a recipe: to write in, or as it was read. */
export function Source({ check, writing, box, onFocus, onWrite, onRead }: SourceProps) {
  const { text, view, busy, failure, write } = check;
  return (
    <View className="gap-3 px-4 pt-5">
      <View className="flex-row flex-wrap items-baseline justify-between gap-2">
        <Text variant="small">Check a recipe</Text>
        <Text variant="small" role="status" aria-live="polite">
          {busy ? 'Reading it' : view ? view.certain : ''}
        </Text>
      </View>
      <Text variant="title" className="text-28 leading-32">
        As it was written
      </Text>
      {writing ? (
        <TextInput
          ref={box}
          aria-label="The recipe"
          multiline
          value={text}
          maxLength={LONGEST_CHECK}
          onChangeText={write}
          onFocus={onFocus}
          placeholder={PLACEHOLDER}
          placeholderTextColor="#6B807F"
          textAlignVertical="top"
          className="min-h-[300px] rounded-[12px] border border-line bg-sheet p-3 font-body text-16 leading-24 text-ink"
        />
      ) : (
        <>{view ? <Written lines={view.lines} /> : <Text className="whitespace-pre-wrap">{text}</Text>}</>
      )}
      <Refusal message={failure} />
      <Actions check={check} writing={writing} onWrite={onWrite} onRead={onRead} />
    </View>
  );
}

function Actions({ check, writing, onWrite, onRead }: Omit<SourceProps, 'box' | 'onFocus'>) {
  const dispatch = useAppDispatch();
  const [hearing, setHearing] = useState(false);
  const stop = useRef<(() => void) | null>(null);
  const openFile = () => {
    chooseFile().then(
      (file) => file && check.open(file.text, file.name),
      (error: Error) => dispatch(noticeRaised({ text: error.message, grave: true })),
    );
  };
  const hear = () => {
    if (hearing) return stop.current?.();
    setHearing(true);
    stop.current = dictate(check.hear, () => setHearing(false));
    return undefined;
  };
  const empty = check.text.trim() === '';
  return (
    <View className="flex-row flex-wrap gap-2">
      {writing && !empty ? <Button label="Read it" onPress={onRead} /> : null}
      {writing ? null : <Button kind="plain" icon={PenLine} label="Write in it" onPress={onWrite} />}
      <Button kind="quiet" icon={FileUp} label="Open a file" onPress={openFile} />
      {canDictate() ? (
        <Button kind="quiet" icon={Mic} label={hearing ? 'Stop listening' : 'Dictate'} onPress={hear} />
      ) : null}
      {empty ? null : (
        <Button kind="quiet" icon={X} label="Clear" onPress={() => check.change('', 'The recipe is cleared')} />
      )}
    </View>
  );
}
