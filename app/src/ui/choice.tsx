import { Pressable, View } from 'react-native';
import { ARROW_KEYS } from './list-keys';
import { Text } from './text';

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: Value; readonly label: string }[];
  readonly value: Value;
  readonly onChange: (value: Value) => void;
  /** On the dark panel the colours turn round. */
  readonly onPanel?: boolean;
}

const LOOKS = {
  sheet: { on: 'bg-ink border-ink', off: 'bg-sheet border-line', onWords: 'text-sheet', offWords: 'text-ink' },
  panel: {
    on: 'bg-chosen border-chosen',
    off: 'bg-transparent border-panelline',
    onWords: 'text-onchosen',
    offWords: 'text-onpanel',
  },
} as const;

/** One of a few, all in sight. */
export function Choice<Value extends string>({ label, options, value, onChange, onPanel = false }: ChoiceProps<Value>) {
  const none = !options.some((option) => option.value === value);
  const look = LOOKS[onPanel ? 'panel' : 'sheet'];
  return (
    <View role="radiogroup" aria-label={label} className="max-w-full flex-row flex-wrap gap-2" {...ARROW_KEYS}>
      {options.map((option, index) => {
        const chosen = option.value === value;
        return (
          <Pressable
            key={option.value}
            role="radio"
            aria-checked={chosen}
            // Tab comes to the one that is chosen, arrows to the others.
            tabIndex={chosen || (index === 0 && none) ? 0 : -1}
            onPress={() => onChange(option.value)}
            className={`min-h-[44px] justify-center rounded-[10px] border px-3 ${chosen ? look.on : look.off}`}
          >
            <Text variant="smallStrong" className={`text-14 ${chosen ? look.onWords : look.offWords}`}>
              {option.label}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}
