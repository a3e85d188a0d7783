import { completionsOf } from '@wellhydra/core/read';
import { Pressable, View } from 'react-native';
import { Text } from '../../../ui/text';

/** What the word that is being typed could become; one tap, or a press of Tab and Enter, takes it. */
export function Completions({ line, onPick }: { readonly line: string; readonly onPick: (line: string) => void }) {
  const found = completionsOf(line);
  if (found.length === 0) return null;
  return (
    <View role="group" aria-label="Goes on as" className="flex-row flex-wrap gap-2">
      {found.map(({ word, line: completed }) => (
        <Pressable
          key={completed}
          role="button"
          aria-label={`Complete to “${word}”`}
          onPress={() => onPick(completed)}
          className="min-h-[44px] justify-center rounded-[10px] bg-mist px-3 active:opacity-70"
        >
          <Text variant="smallStrong">{word}</Text>
        </Pressable>
      ))}
    </View>
  );
}
