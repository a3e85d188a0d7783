import { router } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../ui/button';
import { Loading, Message } from '../../ui/page-state';
import { Text } from '../../ui/text';
import { useShortcuts } from '../../ui/use-shortcuts';
import { Additions } from './additions';
import { BrewMenu } from './brew-menu';
import { FinishPage } from './finish-page';
import { MakeFrame } from './make-frame';
import { stepPages, type StepPage } from './make-view';
import { ReadingCard } from './reading-card';
import { TimerCard } from './timer-card';
import { useBrew, useBrewNews, type MakingProps } from './use-brew';
import { useGetRunQuery } from './brew-endpoints';
import { useSensors, type Sensors } from './use-sensors';
import { useWakeLock } from './use-wake-lock';

/** A brew, one step filling the screen. */
export function MakeScreen({ id }: { readonly id: string }) {
  const making = useBrew(id);
  const { error } = useGetRunQuery(id, { skip: making.brew !== undefined });
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

function Making(props: MakingProps) {
  const { brew, recipe, state, run } = props;
  const sensors = useSensors(brew.id);
  const pages = stepPages(recipe, state, run);
  const current = pages.findIndex(({ left }) => left === null);
  // Where somebody looks back or ahead; otherwise the page follows the brew, also when another phone goes on.
  const [looking, setLooking] = useState<number | null>(null);
  // Who is typing is not taken away from it.
  const [held, setHeld] = useState<number | null>(null);
  const follows = current < 0 ? pages.length : current;
  const at = looking ?? held ?? follows;
  const look = (to: number) => {
    setHeld(null);
    setLooking(to === follows ? null : to);
  };
  const [menu, setMenu] = useState(false);
  const above = (
    <View className="gap-3">
      <View className="flex-row items-center justify-between gap-3">
        <Text className="shrink text-[14px] text-panelmute">
          {recipe.document.name || 'Unnamed drink'}
          {brew.batch ? ` · batch ${brew.batch}` : ''}
        </Text>
        <View className="flex-row items-center gap-3">
          <Text className="text-[14px] text-panelmute">
            {at < pages.length ? `step ${at + 1} of ${pages.length}` : 'bottles'}
          </Text>
          <Button label="More" kind="onPanel" onPress={() => setMenu(true)} />
        </View>
      </View>
      <Segments pages={pages} at={at} current={current} onLook={look} />
      {state.stage === 'paused' ? (
        <Text role="status" className="rounded-[12px] bg-amber px-3 py-2 font-bold text-onamber">
          Paused. Timers stand still; resume under More.
        </Text>
      ) : null}
    </View>
  );
  const over = state.stage === 'abandoned' || state.stage === 'finished';
  const page = pages[at];
  return (
    <>
      {over ? (
        <Message
          title={state.stage === 'finished' ? 'It is bottled' : 'This brew was given up'}
          text={state.stage === 'finished' ? 'Its bottles stand on the shelf.' : state.abandonedText}
          action={{ label: 'To the shelf', onPress: () => router.replace('/shelf') }}
        />
      ) : page ? (
        <StepFrame
          key={page.id}
          {...props}
          sensors={sensors}
          page={page}
          above={above}
          isCurrent={at === current}
          then={pages[at + 1]?.title ?? 'fill the bottles'}
          onBack={at === 0 ? undefined : () => look(at - 1)}
          onNext={() => look(at + 1)}
          onStay={() => setLooking(null)}
          onTyping={(busy) => setHeld(busy ? at : null)}
        />
      ) : (
        <FinishPage {...props} above={above} onBack={() => look(pages.length - 1)} />
      )}
      {menu ? <BrewMenu {...props} pages={pages} step={page} onLook={look} onClose={() => setMenu(false)} /> : null}
    </>
  );
}

const SEGMENTS = { left: 'bg-chosen', now: 'bg-[#E3A21A]', open: 'bg-panelline' } as const;

/** How far it is: a mark for every step, each a way there. */
function Segments({
  pages,
  at,
  current,
  onLook,
}: {
  readonly pages: readonly StepPage[];
  readonly at: number;
  readonly current: number;
  readonly onLook: (to: number) => void;
}) {
  return (
    <View className="flex-row gap-1" role="navigation" aria-label="Steps of this brew">
      {pages.map((page, index) => (
        <Pressable
          key={page.id}
          role="button"
          aria-label={`Step ${index + 1}, ${page.title}${page.left ? `, ${page.left}` : ''}`}
          aria-current={index === at ? 'step' : undefined}
          onPress={() => onLook(index)}
          className="h-[24px] flex-1 justify-center"
        >
          <View
            className={`h-[6px] rounded-full ${SEGMENTS[index === current ? 'now' : page.left ? 'left' : 'open']} ${index === at ? 'h-[10px]' : ''}`}
          />
        </Pressable>
      ))}
    </View>
  );
}

interface StepFrameProps extends MakingProps {
  readonly sensors: Sensors;
  readonly page: StepPage;
  readonly above: React.ReactNode;
  readonly isCurrent: boolean;
  readonly then: string;
  readonly onBack: (() => void) | undefined;
  readonly onNext: () => void;
  readonly onStay: () => void;
  /** Something is typed that is not noted yet; false once it is. */
  readonly onTyping: (busy: boolean) => void;
}

/** One step: what, how much, how long, what to look for, what can go wrong. */
function StepFrame(props: StepFrameProps) {
  const { page, above, isCurrent, then, brew, sensors, recipe, state, happened, onBack, onNext, onStay, onTyping } =
    props;
  const timer = state.timers.find(({ step }) => step === page.id);
  const done = () => {
    happened({ kind: 'step-done', step: page.id });
    onStay();
  };
  const reopen = () => {
    const undoes = state.left.get(page.id)?.event;
    if (undoes) happened({ kind: 'step-reopened', step: page.id, undoes });
    onStay();
  };
  const next = page.left === null ? done : onNext;
  useShortcuts({ Enter: next, ArrowRight: onNext, ...(onBack ? { ArrowLeft: onBack } : {}) });
  return (
    <MakeFrame
      above={above}
      then={`Then: ${then.charAt(0).toLowerCase()}${then.slice(1)}`}
      back={{ label: 'Back', disabled: !onBack, onPress: () => onBack?.() }}
      next={{ label: page.left === null ? (isCurrent ? 'Done, next step' : 'Done') : 'Next step', onPress: next }}
    >
      <View className="gap-3">
        <Text variant="title" className="text-[38px] leading-[43px] text-onpanel">
          {page.title}
        </Text>
        {page.left ? (
          <View className="flex-row items-center gap-3">
            <Text role="status" className="text-[17px] font-bold text-onpanel">
              {page.left === 'done' ? 'Done' : 'Left out'}
            </Text>
            <Button label="Do it again" kind="onPanel" onPress={reopen} />
          </View>
        ) : null}
        {page.facts ? <Text className="text-[20px] leading-[28px] text-onpanel">{page.facts}</Text> : null}
        {page.note ? <Text className="text-[18px] leading-[26px] text-onpanel">{page.note}</Text> : null}
        {page.look ? <Text className="text-[18px] leading-[26px] text-onpanel">{page.look}</Text> : null}
        {page.mind ? (
          <View className="border-l-[4px] border-[#E3A21A] pl-3">
            <Text className="text-[18px] leading-[26px] text-onpanel">{page.mind}</Text>
          </View>
        ) : null}
        {page.notes.map((note) => (
          <View key={note} className="border-l-[4px] border-[#FF8F6B] pl-3">
            <Text className="text-[17px] leading-[25px] text-onpanel">{note}</Text>
          </View>
        ))}
      </View>
      {page.timer_min === null ? null : (
        <TimerCard
          step={page.id}
          minutes={page.timer_min}
          timer={timer}
          pausedAt={state.pausedAt}
          happened={happened}
        />
      )}
      {page.readings.length > 0 ? (
        <ReadingCard
          brew={brew.id}
          sensors={sensors}
          step={page.of}
          quantities={page.readings}
          recipe={recipe}
          state={state}
          happened={happened}
          onTyping={onTyping}
          onMoreTime={(minutes) => {
            happened({ kind: 'timer-started', step: page.of, minutes });
          }}
        />
      ) : null}
      {page.canAdd ? <Additions page={page} happened={happened} onTyping={onTyping} /> : null}
    </MakeFrame>
  );
}
