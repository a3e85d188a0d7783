import { useMemo } from 'react';
import { View } from 'react-native';
import { useListDrinksQuery } from '../../domain/drinks/drink-endpoints';
import { useSpoons } from '../../domain/people/use-spoons';
import { useWeekHad } from '../../domain/people/use-people';
import { useHouse } from '../../domain/stores/use-house';
import { analyseDocument } from '../../domain/run/analyse-document';
import { useRunContext } from '../../domain/run/use-run-context';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { runningOut, wantedAgain } from './running-out';
import { useListing } from './use-listing';

const NONE: readonly never[] = [];

/** Drinks that run out within two weeks, and what is missing to make them again. */
export function RunningOutPart({ now }: { readonly now: Date }) {
  const { lasts } = useSpoons(now);
  const { had } = useWeekHad(now);
  const house = useHouse(now);
  const { bottles } = house;
  const { data: list } = useListDrinksQuery();
  const context = useRunContext();
  const put = useListing(house);
  const drinks = list?.drinks ?? NONE;
  const views = useMemo(() => {
    const names = new Map(drinks.map(({ id, document }) => [id, document.name || 'Unnamed drink']));
    return runningOut({ lasts, bottles, had: had ?? NONE, names, now });
  }, [lasts, bottles, had, drinks, now]);
  if (views.length === 0) return null;
  const missing = () =>
    put(
      views.flatMap((view) => {
        const document = drinks.find(({ id }) => id === view.drinkId)?.document;
        return document ? [wantedAgain(view, analyseDocument(document, context))] : [];
      }),
    );
  return (
    <View className="gap-1">
      <Text variant="subheading" aria-level={2}>
        Running out
      </Text>
      {views.map(({ drinkId, words }) => (
        <Text key={drinkId} variant="small">
          {words}
        </Text>
      ))}
      <Button
        label="What is missing for these"
        hint="What is missing for these, on the list"
        kind="plain"
        className="self-start"
        onPress={missing}
      />
    </View>
  );
}
