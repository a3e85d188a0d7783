import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';

interface RowProps {
  readonly title: string;
  /** How it stands, in a line. */
  readonly says: string;
  /** What can be done about it; nothing where there is none. */
  readonly action?: { readonly label: string; readonly hint: string; readonly onPress: () => void };
  readonly expanded?: boolean;
  readonly children?: ReactNode;
}

/** Something of the kitchen, how it stands, and what can be done about it; what opens stands below. */
export function Row({ title, says, action, expanded, children = null }: RowProps) {
  return (
    <View className="gap-3 border-b border-line py-2">
      <View className="flex-row items-center justify-between gap-3">
        <View className="min-w-0 flex-1">
          <Text variant="strong">{title}</Text>
          <Text variant="small">{says}</Text>
        </View>
        {action ? (
          <Button
            label={action.label}
            hint={action.hint}
            kind="quiet"
            {...(expanded === undefined ? {} : { expanded })}
            onPress={action.onPress}
          />
        ) : null}
      </View>
      {children}
    </View>
  );
}
