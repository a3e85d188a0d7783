import { durationWords } from '@wellhydra/core/quantity';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { inSentence } from '../../domain/words/step-words';
import { Button } from '../../ui/button';
import { StopNote } from '../../ui/stop-note';
import { Text } from '../../ui/text';
import { useShortcuts } from '../../ui/use-shortcuts';
import { Additions } from './additions';
import { JarLabel } from './jar-label';
import { MakeFrame } from './make-frame';
import type { StepPage } from './make-view';
import { leftTooEarly, type StopView } from './safeguards';
import { ReadingCard } from './readings/reading-card';
import { TimerCard } from './timers/timer-card';
import type { MakingProps } from './use-brew';
import type { Sensors } from './readings/use-sensors';

interface StepFrameProps extends MakingProps {
  readonly sensors: Sensors;
  readonly page: StepPage;
  /** What must not be drunk as it is going. */
  readonly stops: readonly StopView[];
  readonly above: ReactNode;
  readonly isCurrent: boolean;
  /** Whether the page has stood long enough for a press to be meant for it. */
  readonly seen: () => boolean;
  /** It is bottled or given up: what was noted is put right here, and nothing is made any more. */
  readonly over: boolean;
  readonly then: string;
  readonly onBack: (() => void) | undefined;
  readonly onNext: () => void;
  readonly onStay: () => void;
  /** Something is typed that is not noted yet; false once it is. */
  readonly onTyping: (busy: boolean) => void;
}

/** One step: what, how much, how long, what to look for, what can go wrong. */
export function StepFrame(props: StepFrameProps) {
  const {
    page,
    stops,
    above,
    isCurrent,
    seen,
    over,
    then,
    brew,
    sensors,
    recipe,
    state,
    run,
    happened,
    onBack,
    onNext,
    onStay,
    onTyping,
  } = props;
  const timer = state.timers.find(({ step }) => step === page.id);
  const [early, setEarly] = useState<number | null>(null);
  const leave = () => {
    setEarly(null);
    happened({ kind: 'step-done', step: page.id });
    onStay();
  };
  const done = () => {
    // A second tap is no answer, and neither is one that was meant for the step another phone has just done.
    if (early !== null || !seen()) return;
    const minutes = leftTooEarly(recipe, state, run, { of: page.of, at: new Date(), begun: brew.startedAt });
    if (minutes === null) leave();
    else setEarly(minutes);
  };
  const reopen = () => {
    const undoes = state.left.get(page.id)?.event;
    if (undoes) happened({ kind: 'step-reopened', step: page.id, undoes });
    onStay();
  };
  const open = page.left === null && !over;
  const next = open ? done : onNext;
  useShortcuts({ Enter: next, ArrowRight: onNext, ...(onBack ? { ArrowLeft: onBack } : {}) });
  return (
    <MakeFrame
      above={above}
      then={`Then: ${inSentence(then)}`}
      back={{ label: 'Back', why: onBack ? null : 'This is the first step', onPress: () => onBack?.() }}
      next={{ label: open ? (isCurrent ? 'Done, next step' : 'Done') : 'Next step', onPress: next }}
    >
      {stops.length > 0 ? (
        <View role="alert" className="gap-3">
          {stops.map(({ code, title, text, mend }) => (
            <View key={code} className="gap-2">
              <StopNote title={title} text={text} />
              {mend ? (
                <Button
                  label={`Add ${mend}`}
                  kind="onPanel"
                  size="large"
                  onPress={() => happened({ kind: 'added', step: page.of, text: mend })}
                />
              ) : null}
            </View>
          ))}
        </View>
      ) : null}
      <View className="gap-3">
        <Text variant="title" className="text-38 leading-43 text-onpanel">
          {page.title}
        </Text>
        {page.left ? (
          <View className="flex-row items-center gap-3">
            <Text role="status" className="text-17 font-bold text-onpanel">
              {page.left === 'done' ? 'Done' : 'Left out'}
            </Text>
            {over ? null : <Button label="Do it again" kind="onPanel" onPress={reopen} />}
          </View>
        ) : null}
        {page.facts ? <Text className="text-20 leading-28 text-onpanel">{page.facts}</Text> : null}
        {page.note ? <Text className="text-18 leading-26 text-onpanel">{page.note}</Text> : null}
        {page.look ? <Text className="text-18 leading-26 text-onpanel">{page.look}</Text> : null}
        {page.mind ? (
          <View className="border-l-[4px] border-[#E3A21A] pl-3">
            <Text className="text-18 leading-26 text-onpanel">{page.mind}</Text>
          </View>
        ) : null}
        {page.notes.map((note) => (
          <View key={note} className="border-l-[4px] border-[#FF8F6B] pl-3">
            <Text className="text-17 leading-25 text-onpanel">{note}</Text>
          </View>
        ))}
      </View>
      {early === null ? null : (
        <View role="alert" className="gap-3 rounded-[18px] bg-amber p-4">
          <Text className="text-17 font-bold leading-24 text-onamber">
            {`It had ${durationWords(early)} of ${durationWords(page.timer_min ?? early)}, by the clock. Cooked as short as that it must not be drunk. How long was it?`}
          </Text>
          <View className="flex-row flex-wrap gap-2">
            <Button label="Not yet, it goes on" size="large" onPress={() => setEarly(null)} />
            <Button
              label={`As written, ${durationWords(page.timer_min ?? early)}`}
              kind="plain"
              size="large"
              onPress={leave}
            />
            <Button
              label={`Only ${durationWords(early)}`}
              kind="plain"
              size="large"
              onPress={() => {
                happened({ kind: 'reading', step: page.of, quantity: 'minutes', value: early });
                leave();
              }}
            />
          </View>
        </View>
      )}
      {page.timer_min === null || over ? null : (
        <TimerCard
          step={page.id}
          minutes={page.timer_min}
          timer={timer}
          pausedAt={state.pausedAt}
          happened={happened}
        />
      )}
      {over ? null : <JarLabel brew={brew} recipe={recipe} state={state} run={run} step={page.of} />}
      {page.readings.length > 0 ? (
        <ReadingCard
          brew={brew.id}
          sensors={sensors}
          step={page.of}
          quantities={page.readings}
          goesIn={page.goesIn}
          pieces={page.pieces}
          recipe={recipe}
          state={state}
          happened={happened}
          over={over}
          onTyping={onTyping}
          onMoreTime={(minutes) => {
            happened({ kind: 'timer-started', step: page.of, minutes });
          }}
        />
      ) : null}
      {page.canAdd ? (
        <Additions page={page} options={recipe.options} happened={happened} onTyping={onTyping} over={over} />
      ) : null}
    </MakeFrame>
  );
}
