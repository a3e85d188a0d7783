import { router } from 'expo-router';
import { useCallback, useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Loading, Message } from '../../ui/page-state';
import { Text } from '../../ui/text';
import { useHasRoomBeside } from '../../ui/use-layout';
import { BrewMenu } from './brew-menu';
import { BrewOver } from './brew-over';
import { FinishPage } from './finish-page';
import { stepPages } from './make-view';
import { PotPanel } from './pot-panel';
import { stopsView } from './safeguards';
import { Segments } from './segments';
import { StepFrame } from './step-frame';
import { StepsRail } from './steps-rail';
import { useBrew, useBrewNews, useOpenBrew, type MakingProps } from './use-brew';
import { useGetRunQuery } from '../../domain/brews/brew-endpoints';
import { useSeen } from './use-seen';
import { useSensors } from './readings/use-sensors';
import { useWakeLock } from './use-wake-lock';

/** A brew, one step filling the screen. */
export function MakeScreen({ id }: { readonly id: string }) {
  const making = useBrew(id);
  const { error } = useGetRunQuery(id, { skip: making.brew !== undefined });
  useOpenBrew(id);
  useBrewNews(id);
  useWakeLock();
  const { brew, recipe, run } = making;
  if (brew && recipe && run) return <Making {...making} brew={brew} recipe={recipe} run={run} />;
  if (!error) return <Loading what="the brew" />;
  return (
    <Message
      title="No such brew"
      text="It is over, or the address is not quite right."
      action={{ label: 'All drinks', onPress: () => router.replace('/drinks') }}
    />
  );
}

function Making({ happened: store, ...making }: MakingProps) {
  const { brew, recipe, state, run } = making;
  const sensors = useSensors(brew.id);
  const pages = stepPages(recipe, state, run);
  const current = pages.findIndex(({ left }) => left === null);
  // Where somebody looks back or ahead; otherwise the page follows the brew, also when another phone goes on.
  const [looking, setLooking] = useState<number | null>(null);
  // Who is typing is not taken away from it.
  const [held, setHeld] = useState<number | null>(null);
  const over = state.stage === 'abandoned' || state.stage === 'finished';
  const follows = over || current < 0 ? pages.length : current;
  const at = looking ?? held ?? follows;
  const page = pages[at];
  const { turned, touched, seen } = useSeen(page?.id);
  const happened = useCallback<typeof store>((happening) => (turned(), store(happening)), [turned, store]);
  const props = { ...making, happened };
  const look = (to: number) => {
    turned();
    setHeld(null);
    setLooking(to === follows ? null : to);
  };
  const wide = useHasRoomBeside();
  const [menu, setMenu] = useState(false);
  const above = (
    <View className="gap-3">
      <View className="flex-row flex-wrap items-center justify-between gap-3">
        <Text className="min-w-[120px] flex-1 text-14 text-panelmute">
          {recipe.document.name || 'Unnamed drink'}
          {brew.batch ? ` · batch ${brew.batch}` : ''}
        </Text>
        <View className="flex-row items-center gap-3">
          <Text className="text-14 text-panelmute">
            {at < pages.length ? `step ${at + 1} of ${pages.length}` : 'bottles'}
          </Text>
          {over ? (
            <Button label="All steps" kind="onPanel" onPress={() => look(pages.length)} />
          ) : (
            <Button label="More" kind="onPanel" onPress={() => setMenu(true)} />
          )}
        </View>
      </View>
      {wide ? null : <Segments pages={pages} at={at} current={current} onLook={look} />}
      {state.stage === 'paused' ? (
        <View className="flex-row items-center justify-between gap-3 rounded-[12px] bg-amber px-3 py-2">
          <Text role="status" className="shrink font-bold text-onamber">
            Paused. Timers stand still.
          </Text>
          <Button label="Resume" kind="plain" onPress={() => happened({ kind: 'resumed' })} />
        </View>
      ) : null}
    </View>
  );
  const stops = useMemo(
    () => (page && !over ? stopsView(recipe, state, run, page.of) : []),
    [recipe, state, run, page, over],
  );
  return (
    <View className="on-panel flex-1 flex-row bg-panel">
      {wide ? <StepsRail pages={pages} at={at} current={current} onLook={look} /> : null}
      <View className="flex-1">
        {over && !page ? (
          <BrewOver {...props} pages={pages} onLook={look} />
        ) : page ? (
          <StepFrame
            key={page.id}
            {...props}
            sensors={sensors}
            page={page}
            stops={stops}
            above={above}
            isCurrent={at === current}
            seen={seen}
            over={over}
            then={pages[at + 1]?.title ?? (over ? 'how it went' : 'fill the bottles')}
            onBack={at === 0 ? undefined : () => look(at - 1)}
            onNext={() => look(at + 1)}
            onStay={() => setLooking(null)}
            onTyping={(busy) => {
              touched();
              setHeld(busy ? at : null);
            }}
          />
        ) : (
          <FinishPage {...props} above={above} onBack={() => look(pages.length - 1)} />
        )}
      </View>
      {wide ? <PotPanel run={run} step={page?.of ?? null} /> : null}
      {menu ? <BrewMenu {...props} pages={pages} step={page} onLook={look} onClose={() => setMenu(false)} /> : null}
    </View>
  );
}
