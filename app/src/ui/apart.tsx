import type { ReactNode } from 'react';
import { View } from 'react-native';

/**
 * A place of fixed height whose inside never changes the room around it: the browser then lays it out by itself,
 * and not the whole page with it. A flex item cannot be such a place, so it stands in a block of its own.
 */
export function Apart({ className, children }: { readonly className: string; readonly children: ReactNode }) {
  return (
    <View className={`block ${className}`}>
      <View className={className} style={CONTAINED}>
        {children}
      </View>
    </View>
  );
}
const CONTAINED = { contain: 'size layout' } as object;
