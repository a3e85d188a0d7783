import type { BottleRecord } from '@wellhydra/contract';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { usePeople, useWeekHad } from '../../../domain/people/use-people';
import { useRunContext } from '../../../domain/run/use-run-context';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { MomentField } from '../../../ui/moment-field';
import { Sheet } from '../../../ui/sheet';
import { StopNote } from '../../../ui/stop-note';
import { Text } from '../../../ui/text';
import { Toggle } from '../../../ui/toggle';
import { measure, nextPour_mL } from '../bottles-view';
import { bottleAsks, drinkers, readPour, type DrinkerView, type PourForm } from './pour-view';

/** A glass for somebody; null for nobody in particular. */
export interface PouredGlass {
  readonly volume_mL: number;
  readonly personId: string | null;
  readonly additions: readonly string[];
  readonly at: Date;
}

interface PourSheetProps {
  readonly bottle: BottleRecord;
  readonly onPour: (glasses: readonly PouredGlass[]) => void;
  readonly onClose: () => void;
  /** Who it is for, where that was said before. */
  readonly forPerson?: string | undefined;
  readonly amount?: string | undefined;
}

/** Who drinks it: one touch for a serving, more for anything else. */
export function PourSheet({ bottle, onPour, onClose, forPerson, amount }: PourSheetProps) {
  const { rows } = usePeople();
  // As it was when the sheet was opened: what is asked does not change under a finger.
  const [now] = useState(() => new Date());
  const { had } = useWeekHad(now);
  const { options } = useRunContext();
  const usual = measure(bottle, nextPour_mL(bottle));
  const [form, setForm] = useState<PourForm>({ amount: amount ?? usual, additions: '', at: null });
  const [several, setSeveral] = useState<readonly string[] | null>(null);
  const [more, setMore] = useState(false);
  const [asked, setAsked] = useState<readonly (string | null)[] | null>(null);
  // The usual amount is what is really left, and not its rounded words.
  const exact =
    form.amount === usual
      ? { ...form, amount: `${nextPour_mL(bottle)} ${bottle.kind === 'dry-mix' ? 'g' : 'mL'}` }
      : form;
  const read = readPour(exact, bottle, options);
  const people = forPerson ? rows.filter(({ id }) => id === forPerson) : rows;
  const views = drinkers(bottle, read, { people, had, now });
  const wrong = (field: 'amount' | 'additions') =>
    read.kind === 'wrong' && read.field === field ? read.message : undefined;
  const asksOf = (ids: readonly (string | null)[]) => [
    ...bottleAsks(bottle, now),
    ...ids.flatMap((id) => views.find((view) => view.id === id)?.asks ?? []),
  ];
  const short = (count: number) => read.kind === 'pour' && count * read.volume_mL > bottle.remaining_mL + 0.01;

  const pour = (ids: readonly (string | null)[], sure = false) => {
    if (read.kind !== 'pour' || short(ids.length)) return setMore(true);
    if (!sure && asksOf(ids).length > 0) return setAsked(ids);
    const at = form.at ?? new Date();
    onPour(ids.map((personId) => ({ volume_mL: read.volume_mL, additions: read.additions, personId, at })));
  };
  if (asked)
    return (
      <Sheet title={`Pour ${bottle.drinkName}?`} open onClose={onClose}>
        {asksOf(asked).map(({ title, text }) => (
          <StopNote key={title} title={title} text={text} />
        ))}
        <Button label="Leave it" size="large" onPress={onClose} />
        <Button label="Pour it all the same" kind="plain" size="large" onPress={() => pour(asked, true)} />
      </Sheet>
    );
  const each = read.kind === 'pour' ? measure(bottle, read.volume_mL) : form.amount;
  const count = several?.length ?? 1;
  return (
    <Sheet title={bottle.drinkName} open onClose={onClose}>
      <Text className="text-mute">{`${each} each, ${measure(bottle, bottle.remaining_mL)} left. Who drinks it?`}</Text>
      {had === null ? (
        <Text variant="small" role="status">
          What was drunk today is not known now, so no line can be looked at.
        </Text>
      ) : null}
      {short(count) ? (
        <Text variant="small" role="alert" className="text-heat">
          {`There are ${measure(bottle, bottle.remaining_mL)} left: ${count > 1 ? 'fewer people, or less for each' : 'pour that, or less'}.`}
        </Text>
      ) : null}
      <View role="list" aria-label="Who drinks it" className="gap-2">
        {views.map((view) => (
          <Drinker
            key={view.id}
            view={view}
            chosen={several?.includes(view.id) ?? null}
            onPress={() =>
              several === null
                ? pour([view.id])
                : setSeveral(several.includes(view.id) ? several.filter((id) => id !== view.id) : [...several, view.id])
            }
          />
        ))}
      </View>
      {several ? (
        <Button
          label={several.length === 0 ? 'Choose who drinks it' : `Pour for ${several.length}`}
          size="large"
          why={several.length === 0 ? 'Nobody is chosen' : null}
          onPress={() => pour(several)}
        />
      ) : forPerson ? null : (
        <View className="flex-row flex-wrap gap-2">
          <Button label="Several people" kind="plain" onPress={() => setSeveral([])} />
          <Button label="Nobody in particular" kind="quiet" onPress={() => pour([null])} />
        </View>
      )}
      {more ? (
        <PourDetails bottle={bottle} form={form} onChange={setForm} usual={usual} wrong={wrong} opened={now} />
      ) : (
        <Button
          label="Another amount, something added, earlier"
          kind="quiet"
          className="self-start"
          onPress={() => setMore(true)}
        />
      )}
    </Sheet>
  );
}

function Drinker({
  view: { name, aside, grave },
  chosen,
  onPress,
}: {
  readonly view: DrinkerView;
  readonly chosen: boolean | null;
  readonly onPress: () => void;
}) {
  return (
    <View role="listitem">
      {chosen === null ? (
        <Pressable
          role="button"
          aria-label={aside ? `Pour for ${name}. ${aside}` : `Pour for ${name}`}
          onPress={onPress}
          className={`min-h-[56px] justify-center rounded-[12px] border-2 px-4 py-2 active:opacity-80 ${grave ? 'border-heat' : 'border-teal'}`}
        >
          <Text className={`font-heading text-18 font-bold ${grave ? 'text-heat' : 'text-teal'}`}>{name}</Text>
          {aside ? <Text variant="small">{aside}</Text> : null}
        </Pressable>
      ) : (
        <View>
          <Toggle label={name} value={chosen} onChange={onPress} />
          {aside ? (
            <Text variant="small" className={grave ? 'text-heat' : ''}>
              {aside}
            </Text>
          ) : null}
        </View>
      )}
    </View>
  );
}

interface DetailsProps {
  readonly bottle: BottleRecord;
  readonly form: PourForm;
  readonly onChange: (form: PourForm) => void;
  readonly usual: string;
  readonly wrong: (field: 'amount' | 'additions') => string | undefined;
  readonly opened: Date;
}

const AMOUNTS = {
  wet: ['half a serving', '1 tsp', '1 tbsp', '120 mL', '250 mL'],
  dry: ['half a scoop', '2 scoops'],
} as const;

/** How much, what goes into the glass, and when it was. */
function PourDetails({ bottle, form, onChange, usual, wrong, opened }: DetailsProps) {
  const amounts = [...new Set([usual, ...AMOUNTS[bottle.kind === 'dry-mix' ? 'dry' : 'wet']])];
  return (
    <View className="gap-3">
      <Field
        label="How much for each"
        value={form.amount}
        onChangeText={(amount) => onChange({ ...form, amount })}
        error={wrong('amount')}
      />
      <Choice
        label="Usual amounts"
        options={amounts.map((each) => ({ value: each, label: each }))}
        value={form.amount}
        onChange={(amount) => onChange({ ...form, amount })}
      />
      <Field
        label="Added to the glass, one thing a line"
        placeholder="1 tsp honey"
        multiline
        value={form.additions}
        onChangeText={(additions) => onChange({ ...form, additions })}
        error={wrong('additions')}
      />
      <MomentField label="When it was drunk" value={form.at ?? opened} onChange={(at) => onChange({ ...form, at })} />
    </View>
  );
}
