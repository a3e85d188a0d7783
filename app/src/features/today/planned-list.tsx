import { router } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useAppSelector } from '../../domain/store';
import type { Brews } from '../../domain/brews/brews';
import { useListDrinksQuery } from '../../domain/drinks/drink-endpoints';
import { useGetPlanQuery } from '../../domain/plans/plan-endpoints';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { Replanned } from '../plan/replanned';
import { planToday } from './plan-today';

/** How often the plan is asked for, so that what others agree on arrives, ms. */
const POLL_ms = 30_000;
// The answers go to the plan of this device; nothing is drawn anew for them here.
const nothing = () => ({});

/** What the kitchen has agreed to begin, and what of it was missed. */
export function PlannedList({
  brews,
  now,
  className,
}: {
  readonly brews: Brews;
  readonly now: Date;
  readonly className: string;
}) {
  useGetPlanQuery(undefined, { pollingInterval: POLL_ms, refetchOnMountOrArgChange: true, selectFromResult: nothing });
  const { requests } = useAppSelector((state) => state.plans.mine);
  const { data } = useListDrinksQuery(undefined, { skip: requests.length === 0 });
  const names = useMemo(
    () => new Map(data?.drinks.map(({ id, document }) => [id, document.name || 'Unnamed drink'])),
    [data],
  );
  const planned = planToday(requests, names, brews, now);
  if (planned.length === 0) return null;
  return (
    <View className={className}>
      <Text variant="heading">To be begun</Text>
      <View role="list" aria-label="To be begun">
        {planned.map(({ id, drinkId, name, missed, words }) => (
          <View
            key={id}
            role="listitem"
            className="flex-row items-center justify-between gap-3 border-b border-line py-2"
          >
            <View className="shrink gap-[2px]">
              <Text variant="strong">{name}</Text>
              <Text variant={missed ? 'smallStrong' : 'small'} className={missed ? 'text-heat' : ''}>
                {words}
              </Text>
            </View>
            <View className="flex-row flex-wrap justify-end gap-2">
              {missed ? <Button label="Plan anew" kind="plain" onPress={() => router.push('/plan')} /> : null}
              <Button
                label="Begin"
                hint={`Begin ${name}`}
                kind="plain"
                onPress={() => router.push(`/make/new?drink=${drinkId}`)}
              />
            </View>
          </View>
        ))}
      </View>
      {planned.some(({ missed }) => missed) ? <Replanned now={now} /> : null}
    </View>
  );
}
