import { brewState, type BrewTimer } from '@wellhydra/core/brew';
import { stepFromLine } from '@wellhydra/core/drink';
import { Link, usePathname } from 'expo-router';
import { useEffect, useMemo } from 'react';
import { Pressable, View } from 'react-native';
import { useAppSelector } from '../../../domain/store';
import { Text } from '../../../ui/text';
import { useNow } from '../../../ui/use-now';
import { stepTitle } from '../../../domain/words/step-words';
import { eventsOf, selectBrews, type Brews } from '../../../domain/brews/brews';
import { ring, ringsNow } from '../../../domain/alarms/notify';
import { restOf } from './timers';
import { clockWords } from '@wellhydra/core/quantity';

interface RunningTimer {
  readonly key: string;
  readonly brew: string;
  readonly drink: string;
  readonly step: string;
  readonly pausedAt: string | null;
  readonly timer: BrewTimer;
}

/** Timers of all brews on this device, the next to ring first. */
export function runningTimers(brews: Brews): readonly RunningTimer[] {
  return Object.values(brews.byId)
    .flatMap(({ id, recipe }) => {
      const { timers, pausedAt, stage } = brewState(eventsOf(brews, id));
      if (stage === 'finished' || stage === 'abandoned') return [];
      return timers.map((timer): RunningTimer => {
        const step = recipe.document.steps.find((each) => each.id === timer.step) ?? stepFromLine('');
        return {
          key: `${id} ${timer.step} ${timer.endsAt}`,
          brew: id,
          drink: recipe.document.name || 'Unnamed drink',
          step: stepTitle(step),
          pausedAt,
          timer,
        };
      });
    })
    .sort((a, b) => a.timer.endsAt.localeCompare(b.timer.endsAt));
}

const TITLE = 'Wellhydra';
/** So many stand over each page, the next to ring first; the others are on Today. */
const MOST_SHOWN = 3;

/** Every timer that runs, on every page: it rings wherever one is. */
export function TimerBar() {
  const brews = useAppSelector(selectBrews);
  const timers = useMemo(() => runningTimers(brews), [brews]);
  const now = useNow(1000);
  const path = usePathname();
  const over = timers.filter(({ timer, pausedAt }) => restOf(timer, pausedAt, now) <= 0);
  useEffect(() => {
    for (const { key, brew, drink, step, timer, pausedAt } of over)
      if (ringsNow(key, -restOf(timer, pausedAt, now), now))
        ring({ title: `Time is up: ${step}`, text: drink, href: `/make/${brew}` });
  });
  const [first] = over;
  const title = first ? `Time is up: ${first.step}` : TITLE;
  useEffect(() => {
    document.title = title;
    return () => {
      document.title = TITLE;
    };
  }, [title]);
  const shown = timers.filter(({ brew }) => path !== `/make/${brew}`);
  if (shown.length === 0) return null;
  return (
    <View role="navigation" aria-label="Timers" className="on-panel flex-row flex-wrap bg-panel">
      {shown.slice(0, MOST_SHOWN).map(({ key, brew, drink, step, timer, pausedAt }) => {
        const rest_ms = restOf(timer, pausedAt, now);
        return (
          <Link key={key} href={`/make/${brew}`} asChild>
            <Pressable
              className={`min-h-[44px] max-w-full flex-1 basis-[300px] flex-row items-center justify-between gap-3 px-4 py-1 ${rest_ms <= 0 ? 'bg-amber' : ''}`}
            >
              <Text className={`shrink text-15 ${rest_ms <= 0 ? 'text-onamber' : 'text-onpanel'}`}>
                {step} · {drink}
              </Text>
              <Text className={`font-heading text-18 font-bold ${rest_ms <= 0 ? 'text-onamber' : 'text-onpanel'}`}>
                {clockWords(rest_ms)}
              </Text>
            </Pressable>
          </Link>
        );
      })}
      {shown.length > MOST_SHOWN ? (
        <Link href="/today" asChild>
          <Pressable className="min-h-[44px] justify-center px-4">
            <Text className="text-15 text-onpanel">{shown.length - MOST_SHOWN} more</Text>
          </Pressable>
        </Link>
      ) : null}
    </View>
  );
}
