import Check from 'lucide-react-native/icons/check';
import { Pressable, View } from 'react-native';
import { SPACE_CHOOSES } from './list-keys';
import { Text } from './text';

interface ToggleProps {
  readonly label: string;
  readonly value: boolean;
  readonly onChange: (value: boolean) => void;
}

/** Yes or no, with its words beside it. */
export function Toggle({ label, value, onChange }: ToggleProps) {
  return (
    <Pressable
      role="checkbox"
      aria-checked={value}
      onPress={() => onChange(!value)}
      className="min-h-[44px] flex-row items-center gap-3"
      {...SPACE_CHOOSES}
    >
      <View
        className={`h-[26px] w-[26px] items-center justify-center rounded-[8px] border-2 ${value ? 'border-teal bg-teal' : 'border-line bg-sheet'}`}
      >
        {value ? (
          <Text className="text-onteal">
            <Check size={18} color="currentColor" />
          </Text>
        ) : null}
      </View>
      <Text className="flex-1">{label}</Text>
    </Pressable>
  );
}
