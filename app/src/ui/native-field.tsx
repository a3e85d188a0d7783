import { View } from 'react-native';
import { Text } from './text';

interface NativeFieldProps {
  readonly type: 'date' | 'datetime-local' | 'month' | 'time';
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  /** The latest that can be chosen, as the field writes it. */
  readonly latest?: string | undefined;
  readonly placeholder?: string | undefined;
  /** True where the label is only for those who cannot see what stands around it. */
  readonly bare?: boolean;
}

/** A date or a time in the browser's own field. */
export function NativeField({ type, label, value, onChange, latest, placeholder, bare = false }: NativeFieldProps) {
  return (
    <View className="gap-1">
      {bare ? null : <Text variant="smallStrong">{label}</Text>}
      <input
        type={type}
        aria-label={label}
        value={value}
        max={latest}
        placeholder={placeholder}
        onChange={(event) => onChange(event.target.value)}
        className="min-h-[48px] self-start rounded-[10px] border border-line bg-sheet px-3 font-body text-16 text-ink"
      />
    </View>
  );
}
