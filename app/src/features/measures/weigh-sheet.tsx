import { MEASURE_LIMITS } from '@wellhydra/contract/field-limits';
import { measureNameTrouble, readAmount } from '@wellhydra/core/quantity';
import { useState } from 'react';
import { View } from 'react-native';
import { useListDevicesQuery, useWeighHandMutation } from '../../domain/brews/device-endpoints';
import { useRunContext } from '../../domain/run/use-run-context';
import { useAppDispatch } from '../../domain/store';
import { showMass } from '../../domain/words/units';
import { failureOf } from '../../state/api';
import { noticeRaised } from '../../state/notices';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Field } from '../../ui/field';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';
import { Toggle } from '../../ui/toggle';
import { MeasurePicture } from './measure-picture';
import { ingredientCalled, measureView } from './measures-view';
import type { Measures } from './use-measures';

/** What is weighed most often; anything else can be typed. */
const USUAL = ['pinch', 'handful', 'knob', 'mug', 'tsp', 'ladle', 'jar'] as const;
/** The scale weighs to a gram: less than this of it at once is as good as nothing. */
const LEAST_ON_SCALE_g = 5;

interface WeighSheetProps {
  readonly measures: Measures;
  /** What is weighed, where that is settled. */
  readonly begin: { readonly name: string; readonly of: string; readonly onlyMine: boolean } | null;
  readonly onClose: () => void;
}

/** A mass as it is typed, with or without its unit, g; NaN for anything else. */
function gramsOf(typed: string): number {
  const text = typed.trim();
  const amount = readAmount(/^[\d.,]+$/.test(text) ? `${text} g` : text);
  return 'kind' in amount || amount.unit.dimension !== 'mass' ? NaN : amount.value * amount.unit.size;
}

/** Own pinches, knobs and mugs are put on the scale, one after the other. */
export function WeighSheet({ measures, begin, onClose }: WeighSheetProps) {
  const dispatch = useAppDispatch();
  const context = useRunContext();
  const { data: devices } = useListDevicesQuery();
  const [fromScale, { isLoading }] = useWeighHandMutation();
  const [name, setName] = useState(begin?.name ?? '');
  const [thing, setThing] = useState(begin?.of ?? '');
  const [grams, setGrams] = useState('');
  const [count, setCount] = useState('1');
  const [onlyMine, setOnlyMine] = useState(begin?.onlyMine ?? false);
  const [tried, setTried] = useState(false);
  const ingredient = ingredientCalled(thing, context.options);
  const [least, most] = MEASURE_LIMITS.weighed_g;
  const at_once = Number(count);
  const each_g = gramsOf(grams) / at_once;
  const wrong = {
    name: measureNameTrouble(name),
    thing: ingredient
      ? undefined
      : thing.trim() === ''
        ? 'Say with what, such as table salt or water.'
        : `“${thing}” is not known here.`,
    grams: each_g >= least && each_g <= most ? undefined : 'Write what the scale shows, such as 4.2 g.',
    count: Number.isInteger(at_once) && at_once >= 1 && at_once <= 100 ? undefined : 'A whole number, 1 to 100.',
  };
  const known = ingredient ? measures.find({ name, of: ingredient.id, onlyMine }) : undefined;
  const view = known ? measureView(known, context.options.own) : null;
  const full = (known?.weighed_g.length ?? 0) >= MEASURE_LIMITS.weighings;
  const note = () => {
    setTried(true);
    if (Object.values(wrong).some(Boolean) || !ingredient || full) return;
    measures.weigh({ name, of: ingredient.id, each_g, onlyMine });
    setGrams('');
    setTried(false);
  };
  const take = async () => {
    setTried(false);
    if (wrong.name || !ingredient || wrong.count) return setTried(true);
    const { data, error } = await fromScale({ name: name.trim().toLowerCase(), of: ingredient.id, count: at_once });
    if (error) return void dispatch(noticeRaised({ text: failureOf(error).message, grave: true }));
    return setGrams(`${data.value ?? ''}`);
  };
  const hasScale = devices?.devices.some(({ device, plugged }) => device === 'scale' && plugged) ?? false;
  const coarse = hasScale && gramsOf(grams) < LEAST_ON_SCALE_g;
  return (
    <Sheet title={begin ? `Weigh your ${begin.name}` : 'Weigh a measure of yours'} open onClose={onClose}>
      {begin ? null : (
        <View className="gap-2">
          <Field
            label="What it is called"
            placeholder="pinch, knob, blue mug"
            maxLength={MEASURE_LIMITS.name}
            value={name}
            onChangeText={setName}
            error={tried ? wrong.name : undefined}
          />
          <Choice
            label="Or one of these"
            options={USUAL.map((value) => ({ value: value as string, label: value }))}
            value={name}
            onChange={setName}
          />
        </View>
      )}
      {begin ? null : (
        <Field
          label="Filled with what"
          placeholder="table salt, dried elderberries, water"
          value={thing}
          onChangeText={setThing}
          error={tried ? wrong.thing : undefined}
          help={ingredient ? ingredient.name : undefined}
        />
      )}
      <Text variant="small">
        Take it as you always do, put it on the scale, and do it again: three times at least, better five. What is small
        is weighed many at once.
      </Text>
      <View className="gap-3 md:flex-row md:[&>*]:flex-1">
        <Field
          label="The scale shows"
          placeholder="4.2 g"
          inputMode="decimal"
          value={grams}
          onChangeText={setGrams}
          onSubmitEditing={note}
          error={tried ? wrong.grams : undefined}
          help={coarse ? 'This scale shows whole grams: put several on it at once.' : undefined}
        />
        <Field
          label="How many at once"
          inputMode="numeric"
          value={count}
          onChangeText={setCount}
          error={tried ? wrong.count : undefined}
        />
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Note it" size="large" onPress={note} why={full ? 'It has been weighed often enough' : null} />
        {hasScale ? (
          <Button
            label={isLoading ? 'Weighing' : 'From the scale'}
            kind="plain"
            size="large"
            disabled={isLoading}
            onPress={() => void take()}
          />
        ) : null}
      </View>
      {full ? <Text variant="small">It has been weighed {MEASURE_LIMITS.weighings} times: that is plenty.</Text> : null}
      {view && known ? (
        <View className="gap-1" aria-live="polite">
          <MeasurePicture picture={view.picture} />
          <Text>{view.words}</Text>
          <Text variant="small">{view.used}</Text>
          <Button
            label="Take the last one back"
            kind="plain"
            className="self-start"
            onPress={() => measures.forgetLast(known.id)}
          />
        </View>
      ) : null}
      {begin ? null : (
        <Toggle
          label="Only for what I make: other hands here are larger or smaller"
          value={onlyMine}
          onChange={setOnlyMine}
        />
      )}
      <Text variant="small">{each_g > 0 && at_once > 1 ? `${showMass(each_g)} each` : ''}</Text>
    </Sheet>
  );
}
