import type { LogbookBrew } from '@wellhydra/contract';
import { LOGBOOK_LIMITS } from '@wellhydra/contract/field-limits';
import X from 'lucide-react-native/icons/x';
import { useState } from 'react';
import { View } from 'react-native';
import { tasted, tastingForgotten } from '../../domain/logbook/logbook-deeds';
import { usePeople } from '../../domain/people/use-people';
import { useAppDispatch } from '../../domain/store';
import { dayWords } from '../../domain/words/moment-words';
import { noticeRaised } from '../../state/notices';
import { keepAction } from '../../state/undo-actions';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Field } from '../../ui/field';
import { IconButton } from '../../ui/icon-button';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';
import { Toggle } from '../../ui/toggle';

const SCORES = [
  { value: '1', label: '1 poor' },
  { value: '2', label: '2' },
  { value: '3', label: '3 fair' },
  { value: '4', label: '4' },
  { value: '5', label: '5 fine' },
] as const;

/** What those who tasted it said, and one more. */
export function Tastings({ brew }: { readonly brew: LogbookBrew }) {
  const dispatch = useAppDispatch();
  const [adding, setAdding] = useState(false);
  const takeOut = (tasting: LogbookBrew['tastings'][number]) => {
    const { id, ...said } = tasting;
    dispatch(tastingForgotten(brew, id));
    const run = keepAction(() => void dispatch(tasted(brew, id, said)));
    dispatch(noticeRaised({ text: `What ${said.taster} said is out`, action: { label: 'Undo', run } }));
  };
  return (
    <View className="gap-2">
      <Text variant="heading">Tasted</Text>
      {brew.tastings.length === 0 ? <Text className="text-mute">Nobody has said how it is.</Text> : null}
      <View role="list" aria-label="Tastings">
        {brew.tastings.map((tasting) => (
          <View
            key={tasting.id}
            role="listitem"
            className="flex-row items-center justify-between gap-3 border-b border-line py-1"
          >
            <View className="shrink">
              <Text>
                <Text variant="strong">{tasting.score}</Text> {tasting.taster}
                {tasting.blind ? ', blind' : ''}
                <Text variant="small"> · {dayWords(new Date(tasting.at))}</Text>
              </Text>
              {tasting.words ? <Text className="text-15">{tasting.words}</Text> : null}
            </View>
            <IconButton icon={X} label={`Take out what ${tasting.taster} said`} onPress={() => takeOut(tasting)} />
          </View>
        ))}
      </View>
      <Button label="Note a tasting" kind="plain" className="self-start" onPress={() => setAdding(true)} />
      {adding ? <TastingSheet brew={brew} onClose={() => setAdding(false)} /> : null}
    </View>
  );
}

function TastingSheet({ brew, onClose }: { readonly brew: LogbookBrew; readonly onClose: () => void }) {
  const dispatch = useAppDispatch();
  const { rows } = usePeople();
  const [taster, setTaster] = useState('');
  const [score, setScore] = useState<string>('');
  const [words, setWords] = useState('');
  const [blind, setBlind] = useState(false);
  const note = () => {
    const said = { taster: taster.trim(), score: Number(score), words, blind, at: new Date().toISOString() };
    dispatch(tasted(brew, crypto.randomUUID(), said));
    onClose();
  };
  return (
    <Sheet title="How is it?" open onClose={onClose}>
      {rows.length > 0 ? (
        <Choice
          label="Who tasted it"
          options={rows.map(({ person }) => ({ value: person.name, label: person.name }))}
          value={taster}
          onChange={setTaster}
        />
      ) : null}
      <Field label="Who tasted it, by name" value={taster} onChangeText={setTaster} maxLength={LOGBOOK_LIMITS.taster} />
      <Choice label="Out of 5" options={SCORES} value={score} onChange={setScore} />
      <Field label="In their words" multiline value={words} onChangeText={setWords} maxLength={LOGBOOK_LIMITS.words} />
      <Toggle label="They did not know which it was" value={blind} onChange={setBlind} />
      <Button
        label="Note it"
        size="large"
        why={taster.trim() === '' ? 'Say who tasted it' : score === '' ? 'Choose a mark out of 5' : null}
        onPress={note}
      />
    </Sheet>
  );
}
