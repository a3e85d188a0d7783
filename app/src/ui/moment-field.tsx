import { NativeField } from './native-field';

interface MomentFieldProps {
  readonly label: string;
  readonly value: Date;
  readonly onChange: (at: Date) => void;
  /** True where the label is only for those who cannot see what stands around it. */
  readonly bare?: boolean;
}

/** A moment as the browser's own date field writes it, in local time. */
export const localMoment = (date: Date): string =>
  new Date(date.getTime() - date.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);

/** A date and a time. */
export function MomentField({ label, value, onChange, bare = false }: MomentFieldProps) {
  return (
    <NativeField
      type="datetime-local"
      label={label}
      bare={bare}
      value={localMoment(value)}
      onChange={(text) => {
        const at = new Date(text);
        if (!Number.isNaN(at.getTime())) onChange(at);
      }}
    />
  );
}
