import { View } from 'react-native';
import { Text } from './text';

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

/** A date and a time, in the browser's own field. */
export function MomentField({ label, value, onChange, bare = false }: MomentFieldProps) {
  return (
    <View className="gap-1">
      {bare ? null : <Text variant="smallStrong">{label}</Text>}
      <input
        type="datetime-local"
        aria-label={label}
        value={localMoment(value)}
        onChange={(event) => {
          const at = new Date(event.target.value);
          if (!Number.isNaN(at.getTime())) onChange(at);
        }}
        className="min-h-[48px] self-start rounded-[10px] border border-line bg-sheet px-3 font-body text-[16px] text-ink"
      />
    </View>
  );
}
