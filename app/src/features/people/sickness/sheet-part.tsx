import {
  DANGER_SIGNS,
  HOUSEHOLD_LIMITS,
  withEntry,
  type Person,
  type RehydrationSheet,
  type SheetEntry,
} from '@wellhydra/core/household';
import X from 'lucide-react-native/icons/x';
import { useState } from 'react';
import { View } from 'react-native';
import type { Had } from '../../../domain/people/drunk';
import { householdRowRemoved, householdRowSaved } from '../../../domain/people/household';
import { usePeople } from '../../../domain/people/use-people';
import { useAppDispatch } from '../../../domain/store';
import { noticeRaised } from '../../../state/notices';
import { keepAction } from '../../../state/undo-actions';
import { Button } from '../../../ui/button';
import { IconButton } from '../../../ui/icon-button';
import { Text } from '../../../ui/text';
import { Toggle } from '../../../ui/toggle';
import { sheetView } from './sheet-view';

interface SheetPartProps {
  readonly personId: string;
  readonly person: Person;
  readonly had: readonly Had[];
  readonly now: Date;
}

/** Sips by the spoon and by the cup, mL. */
const SIPS_mL = [5, 20, 50, 100, 200] as const;
const MOST_SHOWN = 8;

/** Counts while somebody is ill, and says when to get help. It tells nobody what they have. */
export function SheetPart({ personId, person, had, now }: SheetPartProps) {
  const dispatch = useAppDispatch();
  const { household } = usePeople();
  const own = Object.entries(household.sheets).filter(([, sheet]) => sheet.personId === personId);
  const open = own.find(([, sheet]) => sheet.ended === null);
  const begin = () => {
    const row: RehydrationSheet = { personId, begins: new Date().toISOString(), entries: {}, signs: {}, ended: null };
    dispatch(householdRowSaved({ part: 'sheets', id: crypto.randomUUID(), row }));
  };
  const removeOld = () => {
    for (const [id] of own) dispatch(householdRowRemoved({ part: 'sheets', id }));
    const back = () => own.forEach(([id, row]) => dispatch(householdRowSaved({ part: 'sheets', id, row })));
    dispatch(noticeRaised({ text: 'The old sheets are deleted', action: { label: 'Undo', run: keepAction(back) } }));
  };
  if (!open)
    return (
      <View className="gap-3">
        <Text className="text-mute">
          With diarrhoea or vomiting it keeps count of what is lost and drunk, shows the amounts for {person.name}’s
          age, and says when to get help.
        </Text>
        <View className="flex-row flex-wrap gap-2">
          <Button label="Begin a rehydration sheet" kind="plain" onPress={begin} />
          {own.length > 0 ? <Button label={`Delete ${own.length} old`} kind="quiet" onPress={removeOld} /> : null}
        </View>
      </View>
    );
  const [id, sheet] = open;
  return <OpenSheet id={id} sheet={sheet} person={person} had={had} now={now} />;
}

interface OpenSheetProps extends Omit<SheetPartProps, 'personId'> {
  readonly id: string;
  readonly sheet: RehydrationSheet;
}

function OpenSheet({ id, sheet, person, had, now }: OpenSheetProps) {
  const dispatch = useAppDispatch();
  const [all, setAll] = useState(false);
  // An entry that was made a moment ago is not in the future.
  const noted_ms = Object.values(sheet.entries).map(({ at }) => Date.parse(at));
  const view = sheetView(sheet, person, had, new Date(Math.max(now.getTime(), ...noted_ms)));
  const save = (by: Partial<RehydrationSheet>) =>
    dispatch(householdRowSaved({ part: 'sheets', id, row: { ...sheet, ...by } }));
  const note = (entry: SheetEntry) => save(withEntry(sheet, crypto.randomUUID(), entry, HOUSEHOLD_LIMITS.entries));
  const remove = (entryId: string) => {
    const { [entryId]: _gone, ...entries } = sheet.entries;
    save({ entries });
  };
  const stamp = () => new Date().toISOString();
  return (
    <View className="gap-4 rounded-[12px] border border-line bg-sheet p-3">
      {view.help.length > 0 ? (
        <View role="alert" className="gap-1 rounded-[12px] bg-[#FFE3D8] p-3">
          <Text variant="strong" className="font-heading text-20 leading-26 text-[#7A1F05]">
            Get medical help now
          </Text>
          {view.help.map((words) => (
            <Text key={words} className="font-bold text-[#3B0D00]">
              {words}
            </Text>
          ))}
          <Text className="text-15 leading-21 text-[#3B0D00]">
            Go on with small sips on the way, unless they cannot drink or cannot be woken. Source: WHO, The treatment of
            diarrhoea.
          </Text>
        </View>
      ) : null}
      <View role="status" className="gap-1">
        {view.says.map((words) => (
          <Text key={words}>{words}</Text>
        ))}
      </View>
      <View className="gap-2">
        <Text variant="smallStrong">Drank</Text>
        <View className="flex-row flex-wrap gap-2">
          {SIPS_mL.map((volume_mL) => (
            <Button
              key={volume_mL}
              label={volume_mL === 5 ? 'a spoon' : `${volume_mL} mL`}
              hint={`Drank ${volume_mL} mL`}
              kind="plain"
              onPress={() => note({ kind: 'drunk', at: stamp(), volume_mL })}
            />
          ))}
        </View>
        <View className="flex-row flex-wrap gap-2">
          <Button label="Loose stool" kind="plain" onPress={() => note({ kind: 'stool', at: stamp() })} />
          <Button label="Vomited" kind="plain" onPress={() => note({ kind: 'vomit', at: stamp() })} />
          <Button label="Passed urine" kind="plain" onPress={() => note({ kind: 'urine', at: stamp() })} />
        </View>
      </View>
      <View>
        <Text variant="smallStrong">Signs that mean: get help now</Text>
        {DANGER_SIGNS.map(({ code, words }) => (
          <Toggle
            key={code}
            label={words}
            value={sheet.signs[code] === true}
            onChange={(value) => {
              const { [code]: _before, ...rest } = sheet.signs;
              save({ signs: value ? { ...rest, [code]: true } : rest });
            }}
          />
        ))}
      </View>
      <View role="list" aria-label="Noted">
        {view.entries.slice(0, all ? undefined : MOST_SHOWN).map((entry) => (
          <View
            key={entry.id}
            role="listitem"
            className="min-h-[44px] flex-row items-center justify-between border-b border-line"
          >
            <Text>{entry.words}</Text>
            <View className="flex-row items-center gap-2">
              <Text variant="small">{entry.clock}</Text>
              <IconButton
                icon={X}
                label={`Take back: ${entry.words}, ${entry.clock}`}
                onPress={() => remove(entry.id)}
              />
            </View>
          </View>
        ))}
      </View>
      {view.entries.length > MOST_SHOWN && !all ? (
        <Button label={`All ${view.entries.length}`} kind="quiet" className="self-start" onPress={() => setAll(true)} />
      ) : null}
      <Text variant="small">
        It counts and shows what guidance says for the age; it does not tell what somebody has. Local advice and a
        clinician come first. A ready-measured sachet in clean water is better than any home mix.
      </Text>
      <Button
        label="They are well again"
        kind="plain"
        className="self-start"
        onPress={() => save({ ended: stamp() })}
      />
    </View>
  );
}
