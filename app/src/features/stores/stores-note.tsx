import type { LotRecord } from '@wellhydra/contract';
import { Link } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useListLotsQuery } from '../../domain/stores/store-endpoints';
import { Text } from '../../ui/text';
import { storesWorth } from './stores-view';

const NONE: readonly LotRecord[] = [];
/** So many are named; the others stand in the stores. */
const MOST = 4;
const HOUR_ms = 3_600_000;

/** What of the stores is low or to be used up soon; nothing where there is nothing to say. */
export function StoresNote({ now }: { readonly now: Date }) {
  const { data } = useListLotsQuery();
  const lots = data?.lots ?? NONE;
  const hour = Math.floor(now.getTime() / HOUR_ms);
  const { low, soon } = useMemo(() => storesWorth(lots, new Date(hour * HOUR_ms)), [lots, hour]);
  if (low.length + soon.length === 0) return null;
  return (
    <View className="gap-1">
      <Text variant="heading">In the stores</Text>
      {low.length > 0 ? (
        <Text>
          Low: {low.slice(0, MOST).join('; ')}
          {low.length > MOST ? `; and ${low.length - MOST} more` : ''}.
        </Text>
      ) : null}
      {soon.slice(0, MOST).map(({ id, words }) => (
        <Link key={id} href={`/stores/${id}`} className="min-h-[44px] py-2 font-body text-16 text-teal underline">
          {words}
        </Link>
      ))}
      <Link href="/stores" className="min-h-[44px] py-2 font-body text-16 text-teal underline">
        All stores
      </Link>
    </View>
  );
}
