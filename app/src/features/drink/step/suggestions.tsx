import { Pressable, View } from 'react-native';
import { Text } from '../../../ui/text';

interface SuggestionsProps {
  readonly texts: readonly string[];
  readonly onPick: (text: string) => void;
}

/** What a line could have meant; one tap takes it. */
export function Suggestions({ texts, onPick }: SuggestionsProps) {
  if (texts.length === 0) return null;
  return (
    <View className="flex-row flex-wrap gap-2">
      {texts.map((text) => (
        <Pressable
          key={text}
          role="button"
          aria-label={`Use "${text}"`}
          onPress={() => onPick(text)}
          className="min-h-[44px] justify-center rounded-[10px] border border-line bg-sheet px-3"
        >
          <Text variant="smallStrong" className="text-teal">
            {text}
          </Text>
        </Pressable>
      ))}
    </View>
  );
}
