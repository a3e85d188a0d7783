import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import type { WorthWeighing } from './answer-measures';
import { worthWords } from './measures-view';

interface WorthRowProps {
  readonly worth: WorthWeighing;
  /** What its button says. */
  readonly label: string;
  readonly onPress: () => void;
}

/** A measure that would be worth weighing, what that would bring, and what can be done about it. */
export function WorthRow({ worth, label, onPress }: WorthRowProps) {
  const { ask, brings } = worthWords(worth);
  return (
    <View role="listitem" className="flex-row flex-wrap items-center justify-between gap-2 border-b border-line py-3">
      <View className="shrink gap-1">
        <Text variant="strong">{ask}</Text>
        <Text variant="small">{brings}</Text>
      </View>
      <Button label={label} kind="plain" hint={`${label}: ${ask}`} onPress={onPress} />
    </View>
  );
}
