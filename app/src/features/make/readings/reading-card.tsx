import type { BrewHappening, BrewRecipe, BrewState, ReadQuantity } from '@wellhydra/core/brew';
import type { IngredientLine } from '@wellhydra/core/quantity';
import X from 'lucide-react-native/icons/x';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { IconButton } from '../../../ui/icon-button';
import { Text } from '../../../ui/text';
import { adviceView, expectedHere, expectedView, type AdviceView } from '../make-view';
import { asksFor, isFarOff, type Pieces } from '../safeguards';
import { SensorLine } from './sensor-line';
import { ReadingDrawing } from './reading-drawing';
import { ReadingBox } from './reading-box';
import { quantityWords } from '../../../domain/brews/reading-words';
import { QUANTITIES, SCALES } from '../../../domain/brews/step-guide';
import { SENSOR_FOR, type Sensors } from './use-sensors';
import { capital } from '../../../domain/words/step-words';

interface ReadingCardProps {
  readonly brew: string;
  readonly sensors: Sensors;
  readonly step: string;
  readonly quantities: readonly ReadQuantity[];
  /** What goes in at this step: a reading is how much of that. */
  readonly goesIn: IngredientLine | null;
  readonly pieces: Pieces;
  readonly recipe: BrewRecipe;
  readonly state: BrewState;
  readonly happened: (happening: BrewHappening) => void;
  readonly onTyping: (busy: boolean) => void;
  /** It is over: what a reading means for the rest is of no use any more. */
  readonly over: boolean;
  /** Time goes on at this step. */
  readonly onMoreTime: (minutes: number) => void;
}

/** What was read off at a step, what was expected, and what that means for the rest. */
export function ReadingCard({
  brew,
  sensors,
  step,
  quantities,
  goesIn,
  pieces,
  recipe,
  state,
  happened,
  onTyping,
  over,
  onMoreTime,
}: ReadingCardProps) {
  const [first] = quantities as readonly [ReadQuantity];
  const [quantity, setQuantity] = useState<ReadQuantity>(first);
  const expected = useMemo(() => expectedHere(recipe, state, step), [recipe, state, step]);
  const here = state.readings.filter((each) => each.step === step);
  const reading = here.find((each) => each.quantity === quantity);
  const options = quantities.map((value) => ({ value, label: QUANTITIES[value].label }));
  // A reading far off what can be is asked back before it counts.
  const [doubted, setDoubted] = useState<number | null>(null);
  const note = (value: number) => {
    setDoubted(null);
    happened({ kind: 'reading', step, quantity, value });
  };
  const read = (value: number) => (isFarOff(quantity, expected, value) ? setDoubted(value) : note(value));
  const choose = (next: ReadQuantity) => {
    onTyping(false);
    setDoubted(null);
    setQuantity(next);
  };
  const sensor = SENSOR_FOR[quantity];
  const shown = sensor ? sensors[sensor] : undefined;
  const view = expectedView(quantity, expected, reading?.value ?? null);
  const advice = useMemo(
    () => here.flatMap((each) => adviceView(recipe, state, each) ?? []),
    // Everything it depends on is in the two.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [recipe, state, step],
  );
  return (
    <View className="gap-3 rounded-[18px] bg-[#163B3B] p-4">
      <Text variant="subheading" aria-level={2} className="text-onpanel">
        {asksFor(quantity, goesIn, pieces)}
      </Text>
      {options.length > 1 ? (
        <Choice label="What is read" options={options} value={quantity} onChange={choose} onPanel />
      ) : null}
      <ReadingDrawing quantity={quantity} of={goesIn ? 'added' : pieces} />
      {SCALES[quantity] ? (
        <Points quantity={quantity} value={reading?.value ?? null} onPick={read} />
      ) : (
        <ReadingBox
          key={`${quantity} ${reading?.id ?? ''}`}
          quantity={quantity}
          value={reading?.value}
          goesIn={goesIn}
          options={recipe.options}
          onRead={read}
          onTyping={onTyping}
        />
      )}
      {shown && !over ? <SensorLine brew={brew} shown={shown} onTake={read} /> : null}
      {doubted === null ? null : (
        <View role="alert" className="gap-2">
          <Text className="text-16 leading-24 text-onpanel">
            {`${quantityWords(quantity, doubted)}? ${capital(view?.words ?? '')}. Look at the number and its unit again.`}
          </Text>
          <View className="flex-row flex-wrap gap-2">
            <Button label="Read it again" kind="onPanel" size="large" onPress={() => setDoubted(null)} />
            <Button label="It is so" kind="onPanel" size="large" onPress={() => note(doubted)} />
          </View>
        </View>
      )}
      {view ? <Gauge low={view.low} high={view.high} dot={view.dot} words={view.words} /> : null}
      {here.length > 0 ? (
        <View role="list" aria-label="Read here" className="flex-row flex-wrap gap-2">
          {here.map((each) => (
            <View
              key={each.id}
              role="listitem"
              className="flex-row items-center rounded-[10px] border border-panelline pl-3"
            >
              <Text className="text-15 text-onpanel">
                {QUANTITIES[each.quantity].label} {quantityWords(each.quantity, each.value)}
              </Text>
              <IconButton
                icon={X}
                label={`Take back ${QUANTITIES[each.quantity].label.toLowerCase()}`}
                onPanel
                onPress={() => happened({ kind: 'reading-removed', reading: each.id })}
              />
            </View>
          ))}
        </View>
      ) : null}
      {(over ? [] : advice).map((each) => (
        <Advice key={each.reading.id} advice={each} happened={happened} onMoreTime={onMoreTime} />
      ))}
    </View>
  );
}

function Points({
  quantity,
  value,
  onPick,
}: {
  readonly quantity: ReadQuantity;
  readonly value: number | null;
  readonly onPick: (value: number) => void;
}) {
  return (
    <View role="radiogroup" aria-label={QUANTITIES[quantity].label} className="gap-2">
      {SCALES[quantity]!.map((words, index) => {
        const chosen = value === index + 1;
        return (
          <Pressable
            key={words}
            role="radio"
            aria-checked={chosen}
            onPress={() => onPick(index + 1)}
            className={`min-h-[48px] flex-row items-center gap-3 rounded-[12px] border-2 px-4 ${chosen ? 'border-chosen bg-chosen' : 'border-panelline'}`}
          >
            <Text className={`font-bold ${chosen ? 'text-onchosen' : 'text-onpanel'}`}>{words}</Text>
          </Pressable>
        );
      })}
    </View>
  );
}

const percent = (share: number): `${number}%` => `${Math.round(1000 * Math.min(1, Math.max(0, share))) / 10}%`;

function Gauge({
  low,
  high,
  dot,
  words,
}: {
  readonly low: number;
  readonly high: number;
  readonly dot: number | null;
  readonly words: string;
}) {
  return (
    <View className="gap-1">
      <View className="h-[20px] justify-center" aria-hidden>
        <View className="absolute h-[2px] w-full bg-panelline" />
        <View
          className="absolute h-[14px] rounded-full bg-[#2F7068]"
          style={{ left: percent(low), width: percent(high - low) }}
        />
        {dot === null ? null : (
          <View
            className="absolute h-[18px] w-[18px] rounded-full bg-[#E3A21A]"
            style={{ left: percent(dot), marginLeft: -9 }}
          />
        )}
      </View>
      <Text className="text-14 text-panelmute">{words}</Text>
    </View>
  );
}

function Advice({
  advice,
  happened,
  onMoreTime,
}: {
  readonly advice: AdviceView;
  readonly happened: (happening: BrewHappening) => void;
  readonly onMoreTime: (minutes: number) => void;
}) {
  const settled = () => happened({ kind: 'amount-kept', reading: advice.reading.id });
  const take = () => {
    for (const { step, text } of advice.changes) happened({ kind: 'amount-changed', step, text });
    if (advice.adds) happened({ kind: 'added', step: advice.reading.step, text: advice.adds });
    if (advice.moreMinutes !== null) onMoreTime(advice.moreMinutes);
    settled();
  };
  return (
    <View role="status" className="gap-3">
      <Text className="text-16 leading-24 text-onpanel">{advice.words}</Text>
      <View className="flex-row flex-wrap gap-2">
        <Pressable
          role="button"
          onPress={take}
          className="min-h-[48px] flex-1 items-center justify-center rounded-[12px] bg-chosen px-3"
        >
          <Text className="font-heading font-bold text-onchosen">{advice.take}</Text>
        </Pressable>
        <Pressable
          role="button"
          onPress={settled}
          className="min-h-[48px] flex-1 items-center justify-center rounded-[12px] border-2 border-chosen px-3"
        >
          <Text className="font-heading font-bold text-onpanel">{advice.keep}</Text>
        </Pressable>
      </View>
    </View>
  );
}
