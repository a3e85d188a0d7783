import { View } from 'react-native';
import { Text } from './text';

interface ClockFieldProps {
  readonly label: string;
  /** Minutes from midnight. */
  readonly value: number;
  readonly onChange: (minutes: number) => void;
}

const two = (number: number): string => String(number).padStart(2, '0');

/** A time of day, in the browser's own field. */
export function ClockField({ label, value, onChange }: ClockFieldProps) {
  return (
    <View className="gap-1">
      <Text variant="smallStrong">{label}</Text>
      <input
        type="time"
        aria-label={label}
        value={`${two(Math.floor(value / 60))}:${two(value % 60)}`}
        onChange={(event) => {
          const [hours, minutes] = event.target.value.split(':').map(Number);
          if (hours !== undefined && minutes !== undefined && Number.isFinite(hours + minutes))
            onChange(60 * hours + minutes);
        }}
        className="min-h-[48px] self-start rounded-[10px] border border-line bg-sheet px-3 font-body text-[16px] text-ink"
      />
    </View>
  );
}
