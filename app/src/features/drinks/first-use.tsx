import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';

const STEPS: readonly (readonly [string, string])[] = [
  ['Begin a drink', 'With words, a recipe you paste, what is in the house, or a kind.'],
  ['See what is in each glass', 'Salts, sugars, how it keeps and what to mind stand there from the first line on.'],
  ['Make it', 'A step a screen, with its timers. The bottles stand on the shelf, each with its day.'],
];

/** A kitchen without a drink: what there is to do, in three steps, and the first of them. */
export function FirstUse({ onNew }: { readonly onNew: () => void }) {
  return (
    <View className="w-full max-w-[480px] gap-4 self-center p-6">
      <Text variant="heading">No drinks yet</Text>
      {STEPS.map(([title, text], at) => (
        <View key={title} className="flex-row gap-4">
          <Text className="w-[28px] font-heading text-28 font-bold leading-32 text-teal">{at + 1}</Text>
          <View className="min-w-0 flex-1">
            <Text variant="strong">{title}</Text>
            <Text className="text-mute">{text}</Text>
          </View>
        </View>
      ))}
      <Button label="New drink" size="large" className="self-start" onPress={onNew} />
    </View>
  );
}
