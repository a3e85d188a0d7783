import type { BottleRecord } from '@wellhydra/contract';
import { Link, router } from 'expo-router';
import { Pressable, View } from 'react-native';
import { failureOf } from '../../state/api';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Loading, Message } from '../../ui/page-state';
import { Text } from '../../ui/text';
import { useNow } from '../../ui/use-now';
import { BottleDrawing } from './bottle-drawing';
import { useListBottlesQuery } from '../../domain/bottles/bottle-endpoints';
import { shelfView, type BottleView } from './bottles-view';
import { DueBadge } from './due-badge';
import { drinkColour } from './drink-colour';
import { usePour } from './pour/use-pour';

const POLL_ms = 15_000;

/** What stands in the kitchen, the first to be used up first. */
export function ShelfScreen() {
  const { data, error, refetch } = useListBottlesQuery(undefined, {
    pollingInterval: POLL_ms,
    refetchOnMountOrArgChange: true,
  });
  const now = useNow();
  const { pour, question } = usePour();
  if (!data && error)
    return (
      <Message
        title="The shelf cannot be shown"
        text={failureOf(error).message}
        action={{ label: 'Try again', onPress: () => void refetch() }}
      />
    );
  if (!data) return <Loading what="the shelf" />;
  if (data.bottles.length === 0)
    return (
      <Message
        title="The shelf is empty"
        text="Make a drink to the end, and the bottles it fills stand here, each with the day it is to be used up. “Made it”, under More, does so for one made without its steps."
        action={{ label: 'Go to drinks', onPress: () => router.push('/drinks') }}
      />
    );
  const { full, empty, summary } = shelfView(data.bottles, now);
  const byId = new Map(data.bottles.map((bottle) => [bottle.id, bottle]));
  return (
    <Page title="Shelf" aside={summary}>
      {question}
      <Text className="text-mute">What to use up first stands on top.</Text>
      {error ? (
        <Text variant="small" role="status" className="text-heat">
          {failureOf(error).message} This is how it was a moment ago.
        </Text>
      ) : null}
      <View role="list">
        {full.map((view) => (
          <BottleRow key={view.id} view={view} bottle={byId.get(view.id)!} onPour={pour} />
        ))}
      </View>
      {empty.length > 0 ? (
        <View className="gap-1 pt-4">
          <Text variant="heading">Empty</Text>
          {empty.map((view) => (
            <Link key={view.id} href={`/bottles/${view.id}`} className="py-2">
              <Text variant="small" className="text-[15px]">
                {view.name} · {view.batch}
              </Text>
            </Link>
          ))}
        </View>
      ) : null}
    </Page>
  );
}

function BottleRow({
  view,
  bottle,
  onPour,
}: {
  readonly view: BottleView;
  readonly bottle: BottleRecord;
  readonly onPour: (bottle: BottleRecord) => void;
}) {
  return (
    <View role="listitem" className="flex-row items-center gap-3 border-b-[3px] border-ink pt-3 dark:border-mute">
      <Link href={`/bottles/${view.id}`} asChild>
        <Pressable className="flex-1 flex-row items-end gap-3">
          <View style={{ marginBottom: -3 }}>
            <BottleDrawing fill={view.fill} colour={drinkColour(bottle.kind)} size={72} />
          </View>
          <View className="flex-1 gap-[3px] pb-2">
            <Text variant="strong" className="font-heading text-[17px]">
              {view.name}
            </Text>
            <Text variant="small">{view.left}</Text>
            <View className="flex-row flex-wrap items-center gap-2">
              <DueBadge due={view.due} />
              <Text variant="small">
                {view.place} · {view.batch}
              </Text>
            </View>
          </View>
        </Pressable>
      </Link>
      <Button
        label="Pour"
        hint={`${view.pourLabel} of ${view.name}`}
        kind="plain"
        onPress={() => void onPour(bottle)}
      />
    </View>
  );
}
