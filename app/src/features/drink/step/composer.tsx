import type { LineOptions } from '@wellhydra/core/quantity';
import { memo, useEffect, useRef } from 'react';
import { TextInput, View } from 'react-native';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { Completions } from './completions';
import { Suggestions } from './suggestions';
import { composerView } from './steps-view';

interface ComposerProps {
  readonly line: string;
  /** With which lines are read in this kitchen. */
  readonly options?: LineOptions;
  readonly onType: (line: string) => void;
  readonly onAdd: (line: string) => void;
  /** Takes a text of several lines as a recipe; whether it was one. */
  readonly onPaste: (text: string) => boolean;
  /** Puts an empty step there and opens its sheet. */
  readonly onPick?: () => void;
  /** The keys were brought here. */
  readonly onFocus?: () => void;
  /** Out of it by a key: up to the last step to be edited, or only away from it. */
  readonly onLeave?: (way: 'up' | 'away') => void;
  /** Asks for the keys, by being another number. */
  readonly called?: number;
}

/** Where the next step is typed. */
export const Composer = memo(function Composer({
  line,
  options,
  onType,
  onAdd,
  onPaste,
  onPick,
  onFocus,
  onLeave,
  called = 0,
}: ComposerProps) {
  const input = useRef<TextInput>(null);
  const box = useRef<View>(null);
  const view = composerView(line, options);
  useEffect(() => {
    const element = input.current as unknown as HTMLElement | null;
    // A box of one line would run the lines of a recipe together.
    const pasted = (event: ClipboardEvent) => {
      if (onPaste(event.clipboardData?.getData('text/plain') ?? '')) event.preventDefault();
    };
    element?.addEventListener?.('paste', pasted);
    return () => element?.removeEventListener?.('paste', pasted);
  }, [onPaste]);
  // What is made of the line stands below the box: it is kept in sight while something is typed.
  useEffect(() => {
    const element = box.current as unknown as HTMLElement | null;
    if (line !== '' && element?.contains(globalThis.document?.activeElement ?? null))
      element.scrollIntoView?.({ block: 'nearest' });
  }, [line]);
  useEffect(() => {
    if (called > 0) input.current?.focus();
  }, [called]);
  const add = (typed: string) => {
    if (typed.trim() === '') return;
    onAdd(typed);
    input.current?.focus();
  };
  const complete = (completed: string) => {
    onType(`${completed} `);
    input.current?.focus();
  };
  return (
    <View ref={box} className="gap-2">
      <View className="flex-row gap-2">
        <TextInput
          ref={input}
          aria-label="Next step"
          placeholder="Next: simmer 35 min, lid ajar"
          placeholderTextColor="#6B807F"
          value={line}
          onChangeText={onType}
          onFocus={onFocus}
          onKeyPress={(event) => {
            const { key } = event.nativeEvent;
            const { value } = event.target as unknown as HTMLInputElement;
            const way = key === 'Escape' ? 'away' : key === 'ArrowUp' && value === '' ? 'up' : null;
            if (!way || !onLeave) return;
            event.preventDefault();
            onLeave(way);
          }}
          // What is in the box: whoever is quick presses Enter before the page has followed the last key.
          onSubmitEditing={({ nativeEvent }) => add(nativeEvent.text)}
          // react-native-web knows this name alone; without it the box lets go of the keys a moment after Enter.
          blurOnSubmit={false}
          className="min-h-[52px] min-w-0 flex-1 rounded-[12px] border-2 border-line bg-sheet px-3 font-body text-16 text-ink"
        />
        {line.trim() === '' && onPick ? (
          <Button label="Pick" hint="Pick a step" kind="plain" size="large" onPress={onPick} />
        ) : (
          <Button
            label="Add"
            size="large"
            why={line.trim() === '' ? 'Type a step first' : null}
            onPress={() => add(line)}
          />
        )}
      </View>
      <Completions line={line} onPick={complete} />
      {view.kind === 'understood' ? (
        <Text variant="small" role="status">
          {[view.text, view.details].filter(Boolean).join(' · ')}
        </Text>
      ) : null}
      {view.kind === 'problem' ? (
        <>
          <Text variant="small" role="status" className="text-heat">
            {view.message}
          </Text>
          <Suggestions texts={view.suggestions} onPick={onType} />
        </>
      ) : null}
    </View>
  );
});
