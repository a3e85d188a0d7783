import { View } from 'react-native';
import { router } from 'expo-router';
import { useAppDispatch } from '../../domain/store';
import { Button } from '../../ui/button';
import { MomentField } from '../../ui/moment-field';
import { Text } from '../../ui/text';
import { usePinning } from './use-pinning';
import type { PlanRow } from './plan-view';
import { momentWords } from '../../domain/words/moment-words';
import { requestChanged, requestRemoved } from '../../domain/plans/plans';

/** A drink of the plan in words: when, in what, what is wrong, and what can be done with it. */
export function PlannedRow({ row, now }: { readonly row: PlanRow; readonly now: Date }) {
  const dispatch = useAppDispatch();
  const pin = usePinning();
  return (
    <View role="listitem" className="gap-1 border-b border-line py-2">
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <View className="min-w-[200px] flex-1">
          <Text variant="strong">{row.name}</Text>
          <Text variant="small">
            {momentWords(row.begin, now)} to {momentWords(row.end, now)}
            {row.words ? ` · ${row.words}` : ''}
          </Text>
          {row.goesInto ? <Text variant="small">goes into {row.goesInto}; none stands on the shelf</Text> : null}
          {row.trouble ? (
            <Text variant="smallStrong" role="status" className="text-heat">
              {row.trouble}
            </Text>
          ) : null}
        </View>
        <View className="flex-row flex-wrap gap-1">
          <Button
            label={row.pinned ? 'Let go' : 'Pin'}
            hint={`${row.pinned ? 'Let go' : 'Pin'} ${row.name}`}
            kind="quiet"
            onPress={() => pin(row, row.pinned ? null : row.begin)}
          />
          <Button
            label="Make it"
            hint={`Make it: ${row.name}`}
            kind="plain"
            onPress={() => router.push(`/make/new?drink=${row.drinkId}`)}
          />
          {row.goesInto ? null : (
            <Button
              label="Remove"
              hint={`Remove ${row.name}`}
              kind="quiet"
              onPress={() => dispatch(requestRemoved(row.id))}
            />
          )}
        </View>
      </View>
      {row.goesInto ? null : (
        <MomentField
          label={`Ready by, ${row.name}`}
          bare
          value={row.readyBy}
          onChange={(at) => dispatch(requestChanged({ id: row.id, readyBy: at.toISOString(), agreed: null }))}
        />
      )}
    </View>
  );
}
