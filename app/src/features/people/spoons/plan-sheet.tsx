import { useState } from 'react';
import { View } from 'react-native';
import { askToNotify } from '../../../domain/alarms/notify';
import { useListBottlesQuery } from '../../../domain/bottles/bottle-endpoints';
import { useListDrinksQuery } from '../../../domain/drinks/drink-endpoints';
import { householdRowSaved } from '../../../domain/people/household';
import { usePeople, useWeekHad } from '../../../domain/people/use-people';
import { useAppDispatch } from '../../../domain/store';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { ClockField } from '../../../ui/clock-field';
import { Field } from '../../../ui/field';
import { Sheet } from '../../../ui/sheet';
import { StopNote } from '../../../ui/stop-note';
import { Text } from '../../../ui/text';
import { Toggle } from '../../../ui/toggle';
import { planPreview, type PlanForm } from './plan-view';

const NONE: readonly never[] = [];
const EXAMPLES = ['1 tsp three a day for a week', '1 tsp every two hours today, then three a day for a week'] as const;
/** Nobody is woken for a spoon. */
const DAY = { from_min: 8 * 60, to_min: 20 * 60 } as const;

/** A plan in one line: how much, how often, for how long; what it comes to is told before it is begun. */
export function PlanSheet({ personId, onClose }: { readonly personId: string; readonly onClose: () => void }) {
  const dispatch = useAppDispatch();
  const { household, rows } = usePeople();
  const { data: shelf } = useListBottlesQuery();
  const { data: list } = useListDrinksQuery();
  const bottles = shelf?.bottles ?? NONE;
  const onShelf = new Set(bottles.map(({ drinkId }) => drinkId));
  const drinks = [...(list?.drinks ?? NONE)].sort((a, b) => Number(onShelf.has(b.id)) - Number(onShelf.has(a.id)));
  const [form, setForm] = useState<Omit<PlanForm, 'drinkId'> & { readonly drinkId: string | null }>(() => ({
    drinkId: null,
    text: '',
    people: [personId],
    begins: new Date(),
    ...DAY,
  }));
  const change = (by: Partial<PlanForm>) => setForm({ ...form, ...by });
  const drinkId = form.drinkId ?? drinks[0]?.id ?? '';
  const { had } = useWeekHad(form.begins);
  const known = { household, bottles, had: had ?? NONE, now: form.begins };
  const preview = planPreview({ ...form, drinkId }, known);
  const begin = () => {
    if (!preview.plan) return;
    askToNotify();
    dispatch(householdRowSaved({ part: 'spoonPlans', id: crypto.randomUUID(), row: preview.plan }));
    onClose();
  };
  return (
    <Sheet title="A spoon plan" open onClose={onClose}>
      {drinks.length === 0 ? <Text className="text-mute">There are no drinks yet: write one on Drinks.</Text> : null}
      <Choice
        label="Of which drink"
        options={drinks.map(({ id, document }) => ({ value: id, label: document.name || 'Unnamed drink' }))}
        value={drinkId}
        onChange={(next) => change({ drinkId: next })}
      />
      <Field
        label="How much, how often, for how long"
        placeholder={EXAMPLES[1]}
        value={form.text}
        onChangeText={(text) => change({ text })}
        error={preview.wrong ?? undefined}
      />
      {form.text === '' ? (
        <View className="items-start gap-1">
          {EXAMPLES.map((example) => (
            <Button key={example} label={example} kind="quiet" onPress={() => change({ text: example })} />
          ))}
        </View>
      ) : null}
      <View className="flex-row flex-wrap gap-3">
        <ClockField label="First of a day" value={form.from_min} onChange={(from_min) => change({ from_min })} />
        <ClockField label="Last of a day" value={form.to_min} onChange={(to_min) => change({ to_min })} />
      </View>
      <View>
        <Text variant="smallStrong">Who takes it</Text>
        {rows.map(({ id, person }) => (
          <Toggle
            key={id}
            label={person.name}
            value={form.people.includes(id)}
            onChange={(value) =>
              change({ people: value ? [...form.people, id] : form.people.filter((each) => each !== id) })
            }
          />
        ))}
      </View>
      {preview.says.length > 0 ? (
        <View role="status" className="gap-1">
          {preview.says.map((words) => (
            <Text key={words}>{words}</Text>
          ))}
        </View>
      ) : null}
      {preview.warns.map(({ title, text }) => (
        <StopNote key={title} title={title} text={text} />
      ))}
      <Button
        label={preview.warns.length > 0 ? 'Begin it all the same' : 'Begin it'}
        size="large"
        kind={preview.warns.length > 0 ? 'plain' : 'primary'}
        why={
          form.people.length === 0
            ? 'Choose who takes it'
            : preview.plan
              ? null
              : 'The times above do not make a plan yet'
        }
        onPress={begin}
      />
    </Sheet>
  );
}
