import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useAskedMoment } from '../stream/asked-moment';
import { Moment } from '../stream/moment';

/** What is in the pot at the place on the stream that is asked about, in place of the figures of the whole. */
export function AskedOr({ children }: { readonly children: ReactNode }) {
  const moment = useAskedMoment();
  if (!moment) return children;
  return (
    <View className="gap-1">
      <Moment moment={moment} />
    </View>
  );
}
