import { router } from 'expo-router';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';

const KEYS: readonly (readonly [string, string])[] = [
  ['a letter', 'In a sheet, a menu or the steps: to what begins with it'],
  ['Arrows', 'Along a menu, a row of choices or tools; Space chooses'],
  ['/', 'Search the drinks, on their list and beside a sheet'],
  ['n', 'New drink, on the list of drinks'],
  ['Enter, ← →', 'While making: done and on, back, ahead'],
  ['?', 'These keys'],
  ['.', 'All that can be done with a drink'],
  ['Enter', 'Add the step that is typed'],
  ['↑ ↓', 'From the box of a step to the one above or below it'],
  ['Alt Enter', 'On a step, or in its box: more about it'],
  ['Esc', 'Close a sheet, or stop editing a step'],
  ['Space, arrows', 'On a step’s grip: pick it up, move it, put it down'],
];

/** What the keys do. */
export function KeysSheet({ onClose }: { readonly onClose: () => void }) {
  return (
    <Sheet title="Keys" open onClose={onClose}>
      {KEYS.map(([key, does]) => (
        <View key={key} className="flex-row gap-4">
          <Text variant="strong" className="w-[120px]">
            {key}
          </Text>
          <Text className="flex-1">{does}</Text>
        </View>
      ))}
      <Button
        label="What the words mean"
        kind="plain"
        className="self-start"
        onPress={() => {
          onClose();
          router.push('/words');
        }}
      />
    </Sheet>
  );
}
