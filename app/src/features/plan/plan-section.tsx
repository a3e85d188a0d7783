import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Text } from '../../ui/text';

/** A part of the plan under its heading. */
export function PlanSection({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <View className="gap-2 pt-2">
      <Text variant="heading">{title}</Text>
      {children}
    </View>
  );
}
