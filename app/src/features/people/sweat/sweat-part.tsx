import type { KeptSweatTest } from '@wellhydra/core/household';
import { Link } from 'expo-router';
import Trash from 'lucide-react-native/icons/trash';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useListDrinksQuery } from '../../../domain/drinks/drink-endpoints';
import { householdRowRemoved, householdRowSaved } from '../../../domain/people/household';
import { usePeople } from '../../../domain/people/use-people';
import { useRunContext } from '../../../domain/run/use-run-context';
import { useAppDispatch } from '../../../domain/store';
import { noticeRaised } from '../../../state/notices';
import { keepAction } from '../../../state/undo-actions';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { IconButton } from '../../../ui/icon-button';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import {
  EMPTY_SWEAT,
  readSweat,
  replaces,
  sweatDrinks,
  sweatSays,
  type SweatField,
  type SweatForm,
} from './sweat-view';
import { dayWords } from '../../../domain/words/moment-words';

const NONE: readonly never[] = [];
const MOST_SHOWN = 4;

/** What somebody sweats, and what makes up for it. */
export function SweatPart({ personId }: { readonly personId: string }) {
  const dispatch = useAppDispatch();
  const { household } = usePeople();
  const [testing, setTesting] = useState(false);
  const tests = Object.entries(household.sweatTests)
    .filter(([, test]) => test.personId === personId)
    .sort(([, a], [, b]) => b.at.localeCompare(a.at));
  const remove = (id: string, test: KeptSweatTest) => {
    dispatch(householdRowRemoved({ part: 'sweatTests', id }));
    const back = () => void dispatch(householdRowSaved({ part: 'sweatTests', id, row: test }));
    dispatch(noticeRaised({ text: 'The test is deleted', action: { label: 'Undo', run: keepAction(back) } }));
  };
  const [newest] = tests;
  return (
    <View className="gap-3">
      {newest ? (
        <>
          {sweatSays(newest[1]).says.map((words) => (
            <Text key={words}>{words}</Text>
          ))}
          <Replacements test={newest[1]} />
          <View role="list" aria-label="Sweat tests">
            {tests.map(([id, test]) => (
              <View
                key={id}
                role="listitem"
                className="min-h-[44px] flex-row items-center justify-between border-b border-line"
              >
                <Text variant="small">{`${dayWords(new Date(test.at))}: ${test.before_kg} to ${test.after_kg} kg in ${test.minutes} min`}</Text>
                <IconButton
                  icon={Trash}
                  label={`Delete the test of ${dayWords(new Date(test.at))}`}
                  onPress={() => remove(id, test)}
                />
              </View>
            ))}
          </View>
        </>
      ) : (
        <Text className="text-mute">
          Weighed before and after an hour of work, it shows what is lost and what makes up for it.
        </Text>
      )}
      <Button label="A sweat test" kind="plain" className="self-start" onPress={() => setTesting(true)} />
      {testing ? <SweatSheet personId={personId} onClose={() => setTesting(false)} /> : null}
    </View>
  );
}

function Replacements({ test }: { readonly test: KeptSweatTest | Parameters<typeof sweatSays>[0] }) {
  const { data } = useListDrinksQuery();
  const context = useRunContext();
  const drinks = data?.drinks ?? NONE;
  const able = useMemo(() => sweatDrinks(drinks, context), [drinks, context]);
  const { result } = sweatSays(test);
  const views = result ? replaces(result, able) : NONE;
  if (views.length === 0) return null;
  return (
    <View role="list" aria-label="What makes up for it" className="gap-1">
      {views.slice(0, MOST_SHOWN).map(({ id, name, words }) => (
        <View key={id} role="listitem" className="border-b border-line py-1">
          <Link href={`/drinks/${id}`} className="py-1 font-body text-16 font-bold text-teal">
            {name}
          </Link>
          <Text variant="small" className="text-14">
            {words}
          </Text>
        </View>
      ))}
      <Text variant="small">
        Nobody has to make up for all of it on the way. Not more than a litre an hour: too much water dilutes the
        blood’s salt. With heart or kidney disease ask first. Source: ACSM 2007.
      </Text>
    </View>
  );
}

function SweatSheet({ personId, onClose }: { readonly personId: string; readonly onClose: () => void }) {
  const dispatch = useAppDispatch();
  const [form, setForm] = useState<SweatForm>(EMPTY_SWEAT);
  const read = readSweat(form);
  const error = (field: SweatField) => (read.kind === 'wrong' && read.field === field ? read.message : undefined);
  const field = (name: SweatField, label: string) => (
    <View className="min-w-[130px] flex-1">
      <Field
        label={label}
        inputMode="decimal"
        value={form[name]}
        onChangeText={(text) => setForm({ ...form, [name]: text })}
        error={error(name)}
      />
    </View>
  );
  const said = read.kind === 'test' ? sweatSays(read.test) : null;
  const keep = () => {
    if (read.kind !== 'test') return;
    const row = { ...read.test, personId, at: new Date().toISOString() };
    dispatch(householdRowSaved({ part: 'sweatTests', id: crypto.randomUUID(), row }));
    onClose();
  };
  return (
    <Sheet title="A sweat test" open onClose={onClose}>
      <View className="flex-row flex-wrap gap-3">
        {field('before', 'Weight before, kg')}
        {field('after', 'Weight after, kg')}
      </View>
      <View className="flex-row flex-wrap gap-3">
        {field('minutes', 'Minutes')}
        {field('drunk', 'Drunk on the way, mL')}
        {field('urine', 'Passed on the way, mL')}
      </View>
      <Text variant="smallStrong">Weighed</Text>
      <Choice
        label="Weighed"
        options={[
          { value: 'none', label: 'Without clothes' },
          { value: 'dry', label: 'In the same dry ones' },
          { value: 'soaked', label: 'In soaked ones' },
        ]}
        value={form.clothes}
        onChange={(clothes) => setForm({ ...form, clothes })}
      />
      <Text variant="smallStrong">White marks on skin or cloth</Text>
      <Choice
        label="White marks on skin or cloth"
        options={[
          { value: 'unknown', label: 'Not looked' },
          { value: 'none', label: 'None' },
          { value: 'some', label: 'Some' },
          { value: 'white', label: 'Clearly' },
        ]}
        value={form.marks}
        onChange={(marks) => setForm({ ...form, marks })}
      />
      {said ? (
        <View role="status" className="gap-1">
          {said.says.map((words) => (
            <Text key={words}>{words}</Text>
          ))}
        </View>
      ) : null}
      {read.kind === 'test' && said?.result ? <Replacements test={read.test} /> : null}
      <Button
        label="Keep the test"
        size="large"
        why={said?.result ? null : 'The weights and times above are not complete'}
        onPress={keep}
      />
    </Sheet>
  );
}
