import { HOUSEHOLD_LIMITS } from '@wellhydra/core/household';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { householdRowSaved } from '../../../domain/people/household';
import { useAppDispatch, useAppSelector } from '../../../domain/store';
import { Button } from '../../../ui/button';
import { Page } from '../../../ui/page';
import { Refusal } from '../../../ui/refusal';
import { Text } from '../../../ui/text';
import { UNNAMED, WhoForm } from './who-form';

/** Somebody new. */
export function NewPersonScreen() {
  const dispatch = useAppDispatch();
  const [person, setPerson] = useState(UNNAMED);
  const [tried, setTried] = useState(false);
  const [now] = useState(() => new Date());
  const named = person.name.trim() !== '';
  const full = useAppSelector(({ household }) => Object.keys(household.mine.people).length >= HOUSEHOLD_LIMITS.people);
  const add = () => {
    setTried(true);
    if (!named || full) return;
    const id = crypto.randomUUID();
    dispatch(householdRowSaved({ part: 'people', id, row: { ...person, name: person.name.trim() } }));
    router.replace(`/people/${id}`);
  };
  return (
    <Page title="Someone new">
      <WhoForm
        person={person}
        now={now}
        onChange={(by) => setPerson({ ...person, ...by })}
        nameError={tried && !named ? 'They need a name.' : undefined}
      />
      <Refusal
        message={full ? `A kitchen has ${HOUSEHOLD_LIMITS.people} people at most. Take somebody out first.` : null}
      />
      <Text variant="small">
        What is said here is seen by whoever is in this kitchen, and by nobody else. It is deleted when they are.
      </Text>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Add them" size="large" onPress={add} />
        <Button label="Leave it" kind="quiet" size="large" onPress={() => router.back()} />
      </View>
    </Page>
  );
}
