import { View } from 'react-native';
import { Text } from './text';

interface MonthFieldProps {
  readonly label: string;
  /** "2019-05"; nothing while it is not said. */
  readonly value: string;
  readonly onChange: (month: string) => void;
  readonly help?: string;
  /** The latest that can be, "2026-11". */
  readonly latest: string;
}

/** A month of a year, in the browser's own field. */
export function MonthField({ label, value, onChange, help, latest }: MonthFieldProps) {
  return (
    <View className="gap-1">
      <Text variant="smallStrong">{label}</Text>
      <input
        type="month"
        aria-label={label}
        value={value}
        max={latest}
        min="1900-01"
        placeholder="2019-05"
        onChange={(event) => onChange(event.target.value)}
        className="min-h-[48px] self-start rounded-[10px] border border-line bg-sheet px-3 font-body text-[16px] text-ink"
      />
      {help ? <Text variant="small">{help}</Text> : null}
    </View>
  );
}
