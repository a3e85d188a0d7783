import { Link } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useListDrinksQuery } from '../../domain/drinks/drink-endpoints';
import { useHouse } from '../../domain/stores/use-house';
import { usableBottles } from '../../domain/stores/house';
import { dayWords } from '../../domain/words/moment-words';
import { Text } from '../../ui/text';
import { ownBottles } from './make-view';

/** What was made here and goes into other drinks, with the bottle to be used first; nothing where no drink is so made. */
export function OwnBottlesList({ now, search }: { readonly now: Date; readonly search: string }) {
  const { data } = useListDrinksQuery();
  const { bottles } = useHouse(now);
  const own = useMemo(
    () =>
      ownBottles(
        (data?.drinks ?? []).map(({ document }) => document),
        usableBottles(bottles, now),
      ),
    [data, bottles, now],
  );
  const shown = own.filter(({ name }) => name.toLowerCase().includes(search.trim().toLowerCase()));
  if (shown.length === 0) return null;
  return (
    <View className="gap-1">
      <Text variant="subheading" aria-level={2}>
        Made here, for other drinks
      </Text>
      <View role="list" aria-label="Made here, for other drinks" className="md:grid md:grid-cols-2 md:gap-x-8">
        {shown.map(({ name, left, first }) => (
          <View key={name} role="listitem" className="gap-[2px] border-b border-line py-2">
            <View className="flex-row items-baseline justify-between gap-3">
              <Text className="shrink">{name}</Text>
              <Text variant="small" className={first ? '' : 'text-heat'}>
                {left}
              </Text>
            </View>
            {first ? (
              <Link href={`/bottles/${first.id}`} className="min-h-[44px] py-2 font-body text-15 text-teal underline">
                First to be used up, by {dayWords(new Date(first.useBy))}
              </Link>
            ) : null}
          </View>
        ))}
      </View>
    </View>
  );
}
