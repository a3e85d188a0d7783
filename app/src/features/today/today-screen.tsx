import { Link, router } from 'expo-router';
import { Pressable, ScrollView, View } from 'react-native';
import { useAppDispatch, useAppSelector } from '../../domain/store';
import { asideRead } from '../../state/sync/queue';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { useIsWide } from '../../ui/use-layout';
import { useNow } from '../../ui/use-now';
import { useListBottlesQuery } from '../../domain/bottles/bottle-endpoints';
import { bottleView } from '../bottles/bottles-view';
import { DueBadge } from '../bottles/due-badge';
import { usePour } from '../bottles/pour/use-pour';
import { useSpoons } from '../../domain/people/use-spoons';
import { useRuns } from '../../domain/brews/use-runs';
import { StoresNote } from '../stores/stores-note';
import { DayRibbon, RibbonKey } from './day-ribbon';
import { PlannedList } from './planned-list';
import { SpoonsToday } from './spoons-today';
import { inWords, thenWords, todayView, type RunningView } from './today-view';

const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'long' });
const TICK_ms = 10_000;
/** So many bottles are shown here; the others stand on the shelf. */
const FIRST_BOTTLES = 3;

/** What runs, what is next, what to drink first. */
export function TodayScreen() {
  const now = useNow(TICK_ms);
  const brews = useRuns();
  const running = todayView(brews, now);
  const isDue = running.filter(({ next }) => next?.now).length;
  const [first] = running;
  const wide = useIsWide();
  const day = (
    <>
      {running.length > 0 ? (
        <>
          <DayRibbon brews={running} now={now} />
          <RibbonKey />
        </>
      ) : null}
      {first?.next ? <NextAction brew={first} now={now} /> : null}
      <Refusals />
    </>
  );
  const underWay = running.length === 0 ? <NothingRuns /> : <UnderWay running={running} now={now} />;
  const due = <Due now={now} />;
  return (
    <ScrollView className="flex-1 bg-mist" contentContainerClassName="pb-16" role="main">
      <View className={`w-full ${wide ? 'max-w-[1480px]' : 'max-w-[860px]'} self-center gap-4 pt-5`}>
        <View className="flex-row flex-wrap items-end justify-between gap-2 px-4 md:px-8">
          <Text variant="title" className="max-w-full">
            {weekday.format(now)}
          </Text>
          <Button label="Plan" kind="plain" onPress={() => router.push('/plan')} />
          <Text variant="small" className="w-full">
            {running.length === 0 ? 'nothing is being made' : `${running.length} under way`}
            {isDue > 0 ? ` · ${isDue} now` : ''}
          </Text>
        </View>
        {wide ? (
          // What goes on at the left, what is due at the right; the day has as much room as both leave.
          <View className="flex-row items-start gap-8 px-8">
            <View className="min-w-0 flex-1 gap-4">
              {day}
              <View className="flex-row flex-wrap gap-x-8 gap-y-4">
                <View className={`${COLUMN} gap-4`}>{underWay}</View>
                <PlannedList brews={brews} now={now} className={`${COLUMN} gap-4`} />
              </View>
            </View>
            <View className="w-[360px] gap-4">{due}</View>
          </View>
        ) : (
          <>
            {day}
            <View className="gap-4 px-4 md:px-8">
              {underWay}
              <PlannedList brews={brews} now={now} className="gap-4" />
              {due}
            </View>
          </>
        )}
      </View>
    </ScrollView>
  );
}

/** As many beside each other as there is room for. */
const COLUMN = 'min-w-[300px] flex-1';

function NothingRuns() {
  return (
    <View className="items-start gap-3 py-4">
      <Text className="text-mute">Pick a drink and press “Make it”: what runs and what is due stands here.</Text>
      <Button label="Go to drinks" onPress={() => router.push('/drinks')} />
    </View>
  );
}

function UnderWay({ running, now }: { readonly running: readonly RunningView[]; readonly now: Date }) {
  return (
    <>
      <Text variant="heading">Under way</Text>
      <View role="list" aria-label="Under way">
        {running.map((brew) => (
          <RunningRow key={brew.id} brew={brew} now={now} />
        ))}
      </View>
    </>
  );
}

function NextAction({ brew, now }: { readonly brew: RunningView; readonly now: Date }) {
  const { title, at, now: isNow } = brew.next!;
  return (
    <View className="flex-row items-center justify-between gap-3 bg-teal px-4 py-4 md:px-8">
      <View className="shrink">
        <Text className="text-15 text-onteal">
          {isNow ? 'now' : `next, ${inWords(at, now)}`}
          {brew.late ? ` · ${brew.late}` : ''}
        </Text>
        <Text variant="heading" className="text-onteal">
          {title}
        </Text>
        <Text className="text-15 text-onteal">
          {brew.name}
          {brew.batch ? `, batch ${brew.batch}` : ''}
        </Text>
      </View>
      <Pressable
        role="button"
        aria-label={`Go on with ${brew.name}`}
        onPress={() => router.push(`/make/${brew.id}`)}
        className="min-h-[52px] items-center justify-center rounded-[12px] bg-onteal px-5"
      >
        <Text className="font-heading text-17 font-bold text-teal">Go on</Text>
      </Pressable>
    </View>
  );
}

function RunningRow({ brew, now }: { readonly brew: RunningView; readonly now: Date }) {
  return (
    <View role="listitem" className="border-b border-line">
      <Link href={`/make/${brew.id}`} asChild>
        <Pressable className="min-h-[56px] justify-center gap-1 py-2 active:bg-sheet">
          <Text variant="strong">
            {brew.name}
            {brew.batch ? <Text variant="small"> · {brew.batch}</Text> : null}
          </Text>
          <Text variant="small">
            {brew.words}
            {thenWords(brew, now)}
          </Text>
          {brew.late ? (
            <Text variant="smallStrong" className="text-heat">
              {brew.late}
            </Text>
          ) : null}
        </Pressable>
      </Link>
    </View>
  );
}

/** What the server would not take: it is told, with its reason, and goes when it was read. */
function Refusals() {
  const dispatch = useAppDispatch();
  const aside = useAppSelector((state) => state.queue.aside);
  return aside.map(({ id, entry, message }) => (
    <View key={id} role="alert" className="mx-4 gap-2 rounded-[12px] border border-heat bg-sheet p-3 md:mx-8">
      <Text variant="strong">
        {entry.kind.startsWith('brew-') ? 'Something of a brew could not be stored' : 'Something could not be stored'}
      </Text>
      <Text>
        {entry.about || 'A brew'}: {message}
      </Text>
      <Button label="I have read it" kind="plain" className="self-start" onPress={() => dispatch(asideRead(id))} />
    </View>
  ));
}

/** What is to be taken, drunk and bought, each below what is known of the one before. */
function Due({ now }: { readonly now: Date }) {
  const { spoons, lasts, answered } = useSpoons(now);
  if (!answered) return null;
  return (
    <>
      <SpoonsToday spoons={spoons} lasts={lasts} />
      <DrinkFirst now={now} />
      <StoresNote now={now} />
    </>
  );
}

function DrinkFirst({ now }: { readonly now: Date }) {
  const { data } = useListBottlesQuery(undefined, { refetchOnMountOrArgChange: true });
  const { pour, question } = usePour();
  if (!data) return null;
  const byId = new Map(data.bottles.map((bottle) => [bottle.id, bottle]));
  const first = data.bottles
    .map((bottle) => bottleView(bottle, now))
    .filter(({ empty }) => !empty)
    .slice(0, FIRST_BOTTLES);
  if (first.length === 0) return null;
  return (
    <>
      {question}
      <Text variant="heading">Drink these first</Text>
      <View role="list" aria-label="Drink these first">
        {first.map((view) => (
          <View
            key={view.id}
            role="listitem"
            className="flex-row items-center justify-between gap-3 border-b border-line py-2"
          >
            <Link href={`/bottles/${view.id}`} asChild>
              <Pressable className="min-h-[44px] shrink justify-center">
                <Text variant="strong">{view.name}</Text>
                <View className="flex-row flex-wrap items-center gap-2">
                  <Text variant="small">{view.left}</Text>
                  <DueBadge due={view.due} />
                </View>
              </Pressable>
            </Link>
            <Button
              label="Pour"
              kind="plain"
              hint={`Pour from ${view.name}`}
              onPress={() => pour(byId.get(view.id)!)}
            />
          </View>
        ))}
      </View>
    </>
  );
}
