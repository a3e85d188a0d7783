import type { PracticeQuestion } from '@wellhydra/core/practice';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Text } from '../../ui/text';
import { readGuess, resultView, stepWords } from './practice-view';

interface QuestionCardProps {
  readonly question: PracticeQuestion;
  /** What weighing it would bring to a drink of one's own; empty for nothing. */
  readonly brings: string;
  /** Guess by truth; of a slip 1 where it was found. */
  readonly onGuess: (of: number) => void;
  readonly onNext: () => void;
  readonly onWeigh: () => void;
  readonly whyNotWeigh: string | null;
}

/** A recipe, what is asked of it, and what came of the guess. */
export function QuestionCard({ question, brings, onGuess, ...after }: QuestionCardProps) {
  const [typed, setTyped] = useState('');
  const [answered, setAnswered] = useState<number | null>(null);
  const answer = (of: number) => {
    setAnswered(of);
    onGuess(of);
  };
  const guess = question.kind === 'slip' ? null : readGuess(question, typed);
  const submit = () => {
    if (guess?.kind === 'answer' && answered === null) answer(guess.of);
  };
  const isSlip = question.kind === 'slip';
  return (
    <View className="gap-3 rounded-[18px] bg-sheet p-4">
      <Text variant="heading">{question.ask}</Text>
      <View role="list" aria-label="The recipe" className="gap-1">
        {question.steps.map((step, index) => {
          const wrong = isSlip && answered !== null && index === question.truth;
          return (
            <View key={index} role="listitem">
              {isSlip && answered === null ? (
                <Pressable
                  role="button"
                  onPress={() => answer(index === question.truth ? 1 : 0)}
                  className="min-h-[48px] justify-center rounded-[12px] border border-line px-3 active:opacity-70"
                >
                  <Text>{stepWords(step)}</Text>
                </Pressable>
              ) : (
                <Text variant={wrong ? 'strong' : 'body'} className={wrong ? 'py-1 text-heat' : 'py-1'}>
                  {stepWords(step)}
                </Text>
              )}
            </View>
          );
        })}
      </View>
      {question.kind !== 'slip' && answered === null ? (
        <>
          <Field
            label={`Your guess, ${question.unit}`}
            inputMode="decimal"
            value={typed}
            onChangeText={setTyped}
            onSubmitEditing={submit}
          />
          <Button
            label="That is my guess"
            size="large"
            why={guess?.kind === 'none' ? guess.why : null}
            onPress={submit}
          />
        </>
      ) : null}
      {answered === null ? null : <Result question={question} brings={brings} of={answered} {...after} />}
    </View>
  );
}

interface ResultProps extends Pick<QuestionCardProps, 'question' | 'brings' | 'onNext' | 'onWeigh' | 'whyNotWeigh'> {
  readonly of: number;
}

function Result({ question, brings, of, onNext, onWeigh, whyNotWeigh }: ResultProps) {
  const { title, right, lines } = resultView(question, of, brings);
  return (
    <View role="status" className="gap-2">
      <Text variant="subheading" className={right ? 'text-teal' : ''}>
        {title}
      </Text>
      {lines.map((line) => (
        <Text key={line}>{line}</Text>
      ))}
      <View className="flex-row flex-wrap gap-2">
        <Button label="Another one" onPress={onNext} />
        {question.kind === 'measure' ? (
          <Button label="Weigh yours" kind="plain" onPress={onWeigh} why={whyNotWeigh} />
        ) : null}
      </View>
    </View>
  );
}
