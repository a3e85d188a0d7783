import { router } from 'expo-router';
import { View } from 'react-native';
import type { LastsView } from '../../../domain/people/spoons';
import { requestAdded } from '../../../domain/plans/plans';
import { useAppDispatch, useAppSelector } from '../../../domain/store';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';

/** How long what is left lasts, and the way to the plan for the next one. */
export function LastsPart({ lasts }: { readonly lasts: LastsView }) {
  const dispatch = useAppDispatch();
  const { drinkId, drinkName, words, readyBy } = lasts;
  const planned = useAppSelector(({ plans }) => plans.mine.requests.some((request) => request.drinkId === drinkId));
  const plan = () => {
    dispatch(requestAdded({ id: crypto.randomUUID(), drinkId, readyBy: readyBy!.toISOString() }));
    router.push('/plan');
  };
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-2">
      <Text variant="small" className="shrink text-14">
        {words}
      </Text>
      {!readyBy ? null : planned ? (
        <Button label="See it in the plan" kind="quiet" onPress={() => router.push('/plan')} />
      ) : (
        <Button label="Plan the next" hint={`Plan the next ${drinkName}`} kind="plain" onPress={plan} />
      )}
    </View>
  );
}
