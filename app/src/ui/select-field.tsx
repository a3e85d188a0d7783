import { View } from 'react-native';
import { Text } from './text';

interface SelectFieldProps {
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** One of many, in the browser's own list. */
export function SelectField({ label, options, value, onChange }: SelectFieldProps) {
  return (
    <View className="gap-1">
      <Text variant="smallStrong">{label}</Text>
      <select
        aria-label={label}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        className="min-h-[48px] max-w-full rounded-[10px] border border-line bg-sheet px-3 font-body text-16 text-ink"
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </View>
  );
}
