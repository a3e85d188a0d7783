import ChevronRight from 'lucide-react-native/icons/chevron-right';
import { Pressable, View } from 'react-native';
import { ARROW_KEYS } from '../../../ui/list-keys';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';

/** What can be done with a drink as a whole. */
export const MENU = [
  { key: 'made', label: 'Made it', about: 'Put on the shelf what was made without this page' },
  { key: 'settings', label: 'Size and kind', about: 'Serving, total, what it is measured against' },
  { key: 'for', label: 'Made for', about: 'Whose lines a serving keeps within' },
  { key: 'resize', label: 'Resize', about: 'By servings, bottles, a pot, or what is there' },
  { key: 'cost', label: 'What it costs', about: 'By your lots, the stove and the bottles; and against a shop' },
  { key: 'aim', label: 'Aim the doses', about: 'Doses that come to a target' },
  { key: 'variants', label: 'Variants', about: 'Slots with choices, tasted side by side' },
  { key: 'well', label: 'What went well', about: 'What the tastings liked, and what to change next' },
  { key: 'versions', label: 'Versions', about: 'What it was before, and going back' },
  { key: 'compare', label: 'Compare', about: 'With another drink, or one you paste' },
  { key: 'moments', label: 'The pot, step by step', about: 'The stream as a table' },
  { key: 'picture', label: 'A picture of it', about: 'The stream with its steps, to share' },
  { key: 'paper', label: 'On paper', about: 'Its steps to tick off, to print and hang up' },
  { key: 'source', label: 'As it was written', about: 'The recipe that it was read from' },
  { key: 'fork', label: 'Copy it', about: 'A drink of its own that begins like this one' },
] as const;
export type MenuKey = (typeof MENU)[number]['key'];
/** What there is only of something that can be made. */
const NEED_A_POT: ReadonlySet<MenuKey> = new Set<MenuKey>(['made', 'picture', 'paper']);

interface DrinkMenuProps {
  /** Whether there is anything that can be made. */
  readonly ready: boolean;
  /** Whether it was read from a recipe. */
  readonly hasSource: boolean;
  readonly onPick: (key: MenuKey) => void;
  readonly onClose: () => void;
}

export function DrinkMenu({ ready, hasSource, onPick, onClose }: DrinkMenuProps) {
  const shown = MENU.filter(({ key }) => (ready || !NEED_A_POT.has(key)) && (hasSource || key !== 'source'));
  return (
    <Sheet title="More" open onClose={onClose}>
      <View role="menu" {...ARROW_KEYS}>
        {shown.map(({ key, label, about }) => (
          <Pressable
            key={key}
            role="menuitem"
            aria-label={label}
            onPress={() => onPick(key)}
            className="min-h-[56px] flex-row items-center justify-between gap-3 border-b border-line py-2 active:bg-mist"
          >
            <View className="flex-1">
              <Text variant="strong">{label}</Text>
              <Text variant="small">{about}</Text>
            </View>
            <Text className="text-mute">
              <ChevronRight size={20} color="currentColor" />
            </Text>
          </Pressable>
        ))}
      </View>
    </Sheet>
  );
}
