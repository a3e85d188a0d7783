import type { BottleRecord } from '@wellhydra/contract';
import type { Person } from '@wellhydra/core/household';
import { labelSummary } from '@wellhydra/core/people';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useAppSelector } from '../../../domain/store';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { LabelSheet } from './label-sheet';

/** Bottles whose label says something that is no longer so. */
export const staleLabels = (
  bottles: readonly BottleRecord[],
  people: Readonly<Record<string, Person>>,
  now: Date,
): readonly BottleRecord[] =>
  bottles.filter((bottle) => bottle.label !== null && bottle.label.said !== labelSummary(bottle, people, now));

/** What has changed since labels were printed, and the way to print those again. */
export function ReprintNote({ bottles }: { readonly bottles: readonly BottleRecord[] }) {
  const people = useAppSelector(({ household }) => household.mine.people);
  const [open, setOpen] = useState(false);
  const stale = useMemo(() => staleLabels(bottles, people, new Date()), [bottles, people]);
  if (stale.length === 0) return null;
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-2 rounded-[12px] bg-amber px-3 py-2">
      <Text className="shrink text-15 text-onamber">
        {stale.length === 1
          ? `The label of ${stale[0]!.drinkName} (${stale[0]!.batch}) says something else: ${stale[0]!.label!.said}.`
          : `${stale.length} labels say something that is no longer so.`}
      </Text>
      <Button label="Print again" kind="plain" onPress={() => setOpen(true)} />
      {open ? <LabelSheet bottles={stale} onClose={() => setOpen(false)} /> : null}
    </View>
  );
}
