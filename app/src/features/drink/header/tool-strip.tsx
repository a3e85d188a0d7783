import { memo } from 'react';
import { Pressable, View } from 'react-native';
import { ARROW_KEYS } from '../../../ui/list-keys';
import { Text } from '../../../ui/text';
import { MENU, type MenuKey } from './drink-menu';

/** Tools that are in sight where there is room for them; the others are under More. */
const IN_SIGHT: readonly MenuKey[] = ['aim', 'variants', 'cost', 'versions', 'compare', 'well'];

/** The tools of a drink in a row, over its steps; the one in hand is marked, and pressing it puts it away. */
export const ToolStrip = memo(function ToolStrip({
  inHand,
  onPick,
}: {
  readonly inHand: MenuKey | null;
  readonly onPick: (tool: MenuKey | null) => void;
}) {
  return (
    <View
      role="toolbar"
      aria-label="Tools"
      className="-mt-4 flex-row flex-wrap gap-x-1 border-b border-line"
      {...ARROW_KEYS}
    >
      {IN_SIGHT.map((key) => {
        const { label } = MENU.find((each) => each.key === key)!;
        const held = inHand === key;
        return (
          <Pressable
            key={key}
            role="button"
            aria-pressed={held}
            onPress={() => onPick(held ? null : key)}
            className={`min-h-[44px] justify-center px-2 ${held ? 'bg-panel' : 'active:bg-mist'}`}
          >
            <Text variant="smallStrong" className={`text-14 ${held ? 'text-onpanel' : 'text-teal'}`}>
              {label}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
});
