import type { BottleRecord } from '@wellhydra/contract';
import type { Household } from '@wellhydra/core/household';
import { Link, router } from 'expo-router';
import { View } from 'react-native';
import { failureOf } from '../../state/api';
import { Button } from '../../ui/button';
import { Page } from '../../ui/page';
import { Loading, Message } from '../../ui/page-state';
import { StopNote } from '../../ui/stop-note';
import { Text } from '../../ui/text';
import { useNow } from '../../ui/use-now';
import { useNamedCautions } from '../../domain/people/use-named';
import { usePeople } from '../../domain/people/use-people';
import { NamedList } from '../../ui/named-list';
import { bySeverity } from '../../domain/drinks/cautions-view';
import { BrewLotsList } from './brew-lots';
import { HowItWent } from './how-it-went';
import { TakeBack } from './take-back';
import { BottleDrawing } from './bottle-drawing';
import { useGetBottleQuery, useListPoursInfiniteQuery } from '../../domain/bottles/bottle-endpoints';
import { BottleActions } from './changes/bottle-actions';
import { standingView } from './shelf/shelf-groups';
import { bottleView, paceWords, dateWords, measure, servingFigures } from './bottles-view';
import { DueBadge } from './due-badge';
import { usePour } from './pour/use-pour';
import { WentInto } from './went-into';

const POLL_ms = 15_000;

/** One bottle: what is in it, until when, and who had of it. */
export function BottleScreen({ id }: { readonly id: string }) {
  const { data: bottle, error } = useGetBottleQuery(id, { pollingInterval: POLL_ms, refetchOnMountOrArgChange: true });
  const now = useNow();
  const named = useNamedCautions(bottle?.facts ?? null);
  const { household } = usePeople();
  const { pour, question } = usePour();
  if (!bottle && error) {
    const { code, message } = failureOf(error);
    return (
      <Message
        title={code === 'offline' ? 'The bottle cannot be shown' : 'No such bottle'}
        text={code === 'offline' ? message : 'The address is not quite right, or it stands in another kitchen.'}
        action={{ label: 'To the shelf', onPress: () => router.replace('/shelf') }}
      />
    );
  }
  if (!bottle) return <Loading what="the bottle" />;
  const view = bottleView(bottle, now);
  const standing = standingView(bottle, now);
  const cautions = bySeverity(bottle.cautions);
  return (
    <Page title={view.name} aside={`Batch ${view.batch}`}>
      {question}
      <View className="flex-row items-center gap-5">
        <BottleDrawing fill={standing.level} colour={standing.colour} shape={standing.shape} size={150} />
        <View className="flex-1 gap-2">
          <DueBadge due={view.due} />
          <Text variant="strong">Use by {dateWords(bottle.useBy)}</Text>
          <Text variant="small" className="text-14">
            {bottle.useByReason}
          </Text>
          <Text>{view.empty ? 'Empty' : `${view.left} · ${view.place.toLowerCase()}`}</Text>
        </View>
      </View>
      <View className="flex-row flex-wrap gap-2">
        {view.empty ? null : <Button label={view.pourLabel} size="large" onPress={() => pour(bottle)} />}
      </View>
      {view.empty ? null : <BottleActions bottle={bottle} />}
      <NamedList cautions={named} />
      {cautions.stops.map(({ title, text }) => (
        <StopNote key={title} title={title} text={text} />
      ))}
      {cautions.others.length > 0 ? (
        <View className="gap-2 rounded-[12px] bg-amber p-3">
          {cautions.others.map(({ title, text }) => (
            <View key={title} className="gap-[2px]">
              <Text variant="strong" className="text-15 text-onamber">
                {title}
              </Text>
              {text ? <Text className="text-14 leading-20 text-onamber">{text}</Text> : null}
            </View>
          ))}
        </View>
      ) : null}
      <PerServing bottle={bottle} />
      <Pours bottle={bottle} people={household.people} />
      <WentInto bottle={bottle} />
      <Text variant="small" className="text-14">
        Made {dateWords(bottle.madeAt)} from{' '}
        <Link href={`/drinks/${bottle.drinkId}`} className="text-teal underline">
          its formula
        </Link>
        .
      </Text>
      <BrewLotsList bottle={bottle} />
      <HowItWent brewId={bottle.brewId} />
      <TakeBack brew={bottle} />
    </Page>
  );
}

/** What a serving brings, as the brew came out. */
function PerServing({ bottle }: { readonly bottle: BottleRecord }) {
  const figures = servingFigures(bottle);
  if (figures.length === 0) return null;
  return (
    <View className="gap-1">
      <Text variant="heading">In {measure(bottle, bottle.serving_mL)}, a serving</Text>
      {figures.map(({ name, amount }) => (
        <View key={name} className="flex-row justify-between border-b border-line py-1">
          <Text>{name}</Text>
          <Text className="text-mute">{amount}</Text>
        </View>
      ))}
    </View>
  );
}

/** What was poured from it, the newest first; what is further back on asking. */
function Pours({ bottle, people }: { readonly bottle: BottleRecord; readonly people: Household['people'] }) {
  const { data, error, hasNextPage, isFetchingNextPage, fetchNextPage } = useListPoursInfiniteQuery(bottle.id);
  const pours = data?.pages.flatMap((page) => page.pours);
  const now = useNow();
  const pace = paceWords(bottle, pours ?? [], now);
  return (
    <View className="gap-1">
      <Text variant="heading">Poured</Text>
      {pace ? <Text>{pace}</Text> : null}
      {pours?.length === 0 ? <Text className="text-mute">Nothing yet.</Text> : null}
      {!pours && error ? <Text className="text-mute">{failureOf(error).message}</Text> : null}
      {pours?.map(({ id, volume_mL, pouredAt, pouredBy, personId, additions }) => (
        <View key={id} className="flex-row justify-between border-b border-line py-2">
          <Text className="shrink">
            {people[personId ?? '']?.name ?? pouredBy}
            {additions.length > 0 ? <Text variant="small"> with {additions.join(', ')}</Text> : null}
          </Text>
          <Text className="text-mute">
            {measure(bottle, volume_mL)} · {dateWords(pouredAt)}
          </Text>
        </View>
      ))}
      {hasNextPage ? (
        <Button label="Earlier pours" kind="plain" disabled={isFetchingNextPage} onPress={() => void fetchNextPage()} />
      ) : null}
    </View>
  );
}
