import { View } from 'react-native';
import { NativeField } from './native-field';
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

/** A month of a year. */
export function MonthField({ help, ...field }: MonthFieldProps) {
  return (
    <View className="gap-1">
      <NativeField type="month" placeholder="2019-05" {...field} />
      {help ? <Text variant="small">{help}</Text> : null}
    </View>
  );
}
