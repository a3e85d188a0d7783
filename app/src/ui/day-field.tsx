import { NativeField } from './native-field';

interface DayFieldProps {
  readonly label: string;
  /** Null where none is said. */
  readonly value: Date | null;
  readonly onChange: (day: Date | null) => void;
}

const two = (number: number): string => String(number).padStart(2, '0');
/** A day as the browser's own field writes it. */
const written = (day: Date): string => `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`;

/** A day of local time, or none: its first moment. */
export function DayField({ label, value, onChange }: DayFieldProps) {
  return (
    <NativeField
      type="date"
      label={label}
      value={value ? written(value) : ''}
      onChange={(text) => {
        const day = text === '' ? null : new Date(`${text}T00:00`);
        if (day === null || !Number.isNaN(day.getTime())) onChange(day);
      }}
    />
  );
}
