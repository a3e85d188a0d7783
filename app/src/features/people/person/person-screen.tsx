import type { BottleRecord } from '@wellhydra/contract';
import type { Person } from '@wellhydra/core/household';
import { router } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { useListBottlesQuery } from '../../../domain/bottles/bottle-endpoints';
import { householdRestored, householdRowSaved, personRemoved } from '../../../domain/people/household';
import { usePeople, useWeekHad } from '../../../domain/people/use-people';
import { useAppDispatch } from '../../../domain/store';
import { noticeRaised } from '../../../state/notices';
import { keepAction } from '../../../state/undo-actions';
import { Button } from '../../../ui/button';
import { Page } from '../../../ui/page';
import { Message } from '../../../ui/page-state';
import { Sheet } from '../../../ui/sheet';
import { StatusLines } from '../../../ui/status-lines';
import { Text } from '../../../ui/text';
import { useNow } from '../../../ui/use-now';
import { besideName } from '../../../domain/people/person-words';
import { usePour } from '../../bottles/pour/use-pour';
import { cardViews } from '../cards/card-view';
import { LineGauge } from '../cards/line-gauge';
import { ShelfNote } from '../cards/shelf-note';
import { PickBottle } from '../pick-bottle';
import { SheetPart } from '../sickness/sheet-part';
import { SweatPart } from '../sweat/sweat-part';
import { PersonSpoons } from '../spoons/person-spoons';
import { OwnLines } from './own-lines';
import { Glasses, WeekLine } from './week';
import { OpenPeople } from '../lock/open-people';
import { daysHad, weekView } from './week-view';
import { WhoForm } from './who-form';

const NO_BOTTLES: readonly BottleRecord[] = [];

/** Somebody: today, their week, their lines, and what is said of them. */
export function PersonScreen({ id }: { readonly id: string }) {
  const { household, rows, known, kept } = usePeople();
  const row = rows.find((each) => each.id === id);
  if (known === 'locked')
    return (
      <Page title="People">
        <OpenPeople />
      </Page>
    );
  if (!row)
    return (
      <Message
        title="Nobody here"
        text="The address is not quite right, or they were taken out of this kitchen."
        action={{ label: 'To the people', onPress: () => router.replace('/people') }}
      />
    );
  return <Somebody key={id} id={id} person={household.people[id]!} kept={kept} />;
}

interface SomebodyProps {
  readonly id: string;
  readonly person: Person;
  readonly kept: string | null;
}

function Somebody({ id, person, kept }: SomebodyProps) {
  const dispatch = useAppDispatch();
  const now = useNow();
  const { household } = usePeople();
  const { had, failure } = useWeekHad(now);
  const { data } = useListBottlesQuery();
  const { pour, question } = usePour();
  const [picking, setPicking] = useState(false);
  const [removing, setRemoving] = useState(false);
  const bottles = data?.bottles ?? NO_BOTTLES;
  const [card] = cardViews([{ id, person }], { had: had ?? [], bottles, now });
  const change = (by: Partial<Person>) =>
    dispatch(householdRowSaved({ part: 'people', id, row: { ...person, ...by } }));
  const remove = () => {
    const before = household;
    dispatch(personRemoved(id));
    router.replace('/people');
    dispatch(
      noticeRaised({
        text: `${person.name} was taken out`,
        action: { label: 'Undo', run: keepAction(() => void dispatch(householdRestored(before))) },
      }),
    );
  };
  return (
    <Page title={person.name || 'Somebody'} aside={besideName(person, now)}>
      {question}
      <StatusLines lines={[kept, failure]} />
      {bottles.length > 0 ? (
        <Button
          label={`Pour for ${person.name}`}
          size="large"
          className="self-start"
          onPress={() => setPicking(true)}
        />
      ) : null}
      <Section title="Today">
        {card!.lines.length === 0 ? (
          <Text className="text-mute">No line is near.</Text>
        ) : (
          card!.lines.map((line) => <LineGauge key={line.key} line={line} />)
        )}
        <ShelfNote shelf={card!.shelf} />
      </Section>
      <Section title="Seven days">
        {weekView(person, id, had ?? [], now).map((line) => (
          <WeekLine key={line.key} line={line} />
        ))}
        <Glasses days={daysHad(id, had ?? [], now)} />
      </Section>
      <Section title="By the spoon">
        <PersonSpoons
          personId={id}
          now={now}
          onPour={({ bottle, amount_mL }) => bottle && pour(bottle, { personId: id, amount: `${amount_mL} mL` })}
        />
      </Section>
      <Section title="Sickness">
        <SheetPart personId={id} person={person} had={had ?? []} now={now} />
      </Section>
      <Section title="Sweat">
        <SweatPart personId={id} />
      </Section>
      <Section title="Lines a day">
        <OwnLines person={person} onChange={change} now={now} />
      </Section>
      <Section title="Who they are">
        <WhoForm
          person={person}
          onChange={change}
          now={now}
          nameError={person.name.trim() === '' ? 'They need a name.' : undefined}
        />
      </Section>
      <Button
        label={`Take ${person.name} out`}
        kind="danger"
        className="self-start"
        onPress={() => setRemoving(true)}
      />
      {picking ? (
        <PickBottle
          bottles={bottles}
          now={now}
          onClose={() => setPicking(false)}
          onPick={(bottle) => {
            setPicking(false);
            pour(bottle, { personId: id });
          }}
        />
      ) : null}
      <Sheet title={`Take ${person.name} out?`} open={removing} onClose={() => setRemoving(false)}>
        <Text>
          {`What is said of ${person.name}, their lines, spoon plans, tests and sheets are deleted, and no glass says any more that it was theirs. The bottles stay as they are.`}
        </Text>
        <Button label="Leave them" size="large" onPress={() => setRemoving(false)} />
        <Button label={`Take ${person.name} out`} kind="danger" size="large" onPress={remove} />
      </Sheet>
    </Page>
  );
}

function Section({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <View className="gap-3 pt-3">
      <Text variant="heading">{title}</Text>
      {children}
    </View>
  );
}
