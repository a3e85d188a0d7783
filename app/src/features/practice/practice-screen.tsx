import { practiceQuestion, type PracticeKind } from '@wellhydra/core/practice';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { guessed, practiceForgotten, practiceRestored } from '../../domain/practice/practised';
import { useAppDispatch, useAppSelector } from '../../domain/store';
import { noticeRaised } from '../../state/notices';
import { keepAction } from '../../state/undo-actions';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Page } from '../../ui/page';
import { Text } from '../../ui/text';
import { useHasRoomBeside } from '../../ui/use-layout';
import { KIND_OPTIONS, practiceView } from './practice-view';
import { QuestionCard } from './question-card';

/** Guessing against real runs, and how one does at it. */
export function PracticeScreen() {
  const dispatch = useAppDispatch();
  const answers = useAppSelector((state) => state.practised.answers);
  const view = useMemo(() => practiceView(answers), [answers]);
  const [kind, setKind] = useState<PracticeKind>(view.next);
  // One after the other; the same kind again is another question.
  const [asked, setAsked] = useState(0);
  const question = useMemo(() => practiceQuestion(kind, Math.random), [kind, asked]); // eslint-disable-line react-hooks/exhaustive-deps
  const room = useHasRoomBeside();
  const forget = () => {
    const before = answers;
    dispatch(practiceForgotten());
    const run = keepAction(() => void dispatch(practiceRestored(before)));
    dispatch(noticeRaised({ text: 'What you guessed is forgotten', action: { label: 'Undo', run } }));
  };
  const choose = (chosen: PracticeKind) => {
    setKind(chosen);
    setAsked(asked + 1);
  };
  return (
    <Page title="Practice" aside={answers.length > 0 ? `${answers.length} guessed` : ''} columns={room}>
      <Text className="text-mute">
        Invented recipes, run as yours are. Guess before you look: an eye that is trained needs fewer weighings.
      </Text>
      <Choice label="What to practise" options={KIND_OPTIONS} value={kind} onChange={choose} />
      <View className={room ? 'flex-row items-start gap-10' : 'gap-4'}>
        <View className={room ? 'min-w-0 flex-[3]' : ''}>
          <QuestionCard
            key={asked}
            question={question}
            onGuess={(of) => dispatch(guessed({ kind: question.kind, of }))}
            onNext={() => setAsked(asked + 1)}
            onWeigh={() => router.push('/stores/measures')}
          />
        </View>
        <View className={room ? 'min-w-0 flex-[2] gap-2' : 'gap-2'}>
          <Text variant="heading">How you do</Text>
          <View role="list" aria-label="How you do">
            {view.standings.map(({ kind: of, name, says }) => (
              <View key={of} role="listitem" className="border-b border-line py-2">
                <Text variant="strong">{name}</Text>
                <Text variant="small">{says}</Text>
              </View>
            ))}
          </View>
          <Text variant="small">Your last twelve guesses of each, kept on this device.</Text>
          {view.next !== kind && answers.length > 0 ? (
            <Button
              label={`Practise ${KIND_OPTIONS.find(({ value }) => value === view.next)!.label.toLowerCase()} next`}
              kind="plain"
              className="self-start"
              onPress={() => choose(view.next)}
            />
          ) : null}
          {answers.length > 0 ? (
            <Button label="Forget them" kind="quiet" className="self-start" onPress={forget} />
          ) : null}
        </View>
      </View>
    </Page>
  );
}
