import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { guessed, practiceForgotten, practiceRestored } from '../../domain/practice/practised';
import { useRunContext } from '../../domain/run/use-run-context';
import { useAppDispatch, useAppSelector } from '../../domain/store';
import { noticeRaised } from '../../state/notices';
import { keepAction } from '../../state/undo-actions';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Page } from '../../ui/page';
import { Text } from '../../ui/text';
import { useHasRoomBeside } from '../../ui/use-layout';
import { useMeasures } from '../measures/use-measures';
import { useWorth } from '../measures/use-worth';
import { WeighSheet } from '../measures/weigh-sheet';
import { GainfulGuesses } from './gainful-guesses';
import { KIND_OPTIONS, bringsOf, gainfulGuesses, practiceView } from './practice-view';
import { QuestionCard } from './question-card';
import { useQuestions } from './use-questions';

const NONE = [] as const;

/** Guessing against real runs, and how one does at it. */
export function PracticeScreen() {
  const dispatch = useAppDispatch();
  const answers = useAppSelector((state) => state.practised.answers);
  const view = useMemo(() => practiceView(answers), [answers]);
  const { options } = useRunContext();
  const { answer, failure } = useWorth();
  const guesses = useMemo(() => answer && gainfulGuesses(answer.worth), [answer]);
  const { at, kind, question, ask, askFor } = useQuestions(view.next, { options, measures: guesses ?? NONE });
  const measures = useMeasures();
  const [weighs, setWeighs] = useState(false);
  const measure = question.kind === 'measure' ? question.measure : undefined;
  const room = useHasRoomBeside();
  const forget = () => {
    const before = answers;
    dispatch(practiceForgotten());
    const run = keepAction(() => void dispatch(practiceRestored(before)));
    dispatch(noticeRaised({ text: 'What you guessed is forgotten', action: { label: 'Undo', run } }));
  };
  return (
    <Page title="Practice" aside={answers.length > 0 ? `${answers.length} guessed` : ''} columns={room}>
      <Text className="text-mute">
        Invented recipes, run as yours are. Guess before you look: an eye that is trained needs fewer weighings.
      </Text>
      <Choice label="What to practise" options={KIND_OPTIONS} value={kind} onChange={ask} />
      <View className={room ? 'flex-row items-start gap-10' : 'gap-4'}>
        <View className={room ? 'min-w-0 flex-[3]' : ''}>
          <QuestionCard
            key={at}
            question={question}
            brings={bringsOf(question, guesses ?? NONE)}
            onGuess={(of) => dispatch(guessed({ kind: question.kind, of }))}
            onNext={() => ask(kind)}
            onWeigh={() => setWeighs(true)}
            whyNotWeigh={measures.ready ? null : 'Your measures are not here yet'}
          />
        </View>
        <View className={room ? 'min-w-0 flex-[2] gap-6' : 'gap-6'}>
          <View className="gap-2">
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
                onPress={() => ask(view.next)}
              />
            ) : null}
            {answers.length > 0 ? (
              <Button label="Forget them" kind="quiet" className="self-start" onPress={forget} />
            ) : null}
          </View>
          <GainfulGuesses guesses={guesses} failure={failure} onGuess={askFor} />
        </View>
      </View>
      {weighs && measure ? (
        <WeighSheet
          measures={measures}
          begin={{ name: measure.name, of: measure.of.name, onlyMine: false }}
          onClose={() => setWeighs(false)}
        />
      ) : null}
    </Page>
  );
}
