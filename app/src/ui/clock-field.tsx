import { NativeField } from './native-field';

interface ClockFieldProps {
  readonly label: string;
  /** Minutes from midnight. */
  readonly value: number;
  readonly onChange: (minutes: number) => void;
}

const two = (number: number): string => String(number).padStart(2, '0');

/** A time of day. */
export function ClockField({ label, value, onChange }: ClockFieldProps) {
  return (
    <NativeField
      type="time"
      label={label}
      value={`${two(Math.floor(value / 60))}:${two(value % 60)}`}
      onChange={(text) => {
        const [hours = NaN, minutes = NaN] = text.split(':').map(Number);
        if (Number.isFinite(hours + minutes)) onChange(60 * hours + minutes);
      }}
    />
  );
}
