import { View } from 'react-native';
import { FAILURE_WORDS, type WorkerFailure } from '../../domain/workers/worker-client';
import { Text } from '../../ui/text';
import type { WorthWeighing } from '../measures/answer-measures';
import { WorthRow } from '../measures/worth-row';

interface GainfulGuessesProps {
  /** Null while the drinks are looked through. */
  readonly guesses: readonly WorthWeighing[] | null;
  readonly failure: WorkerFailure | null;
  readonly onGuess: (guess: WorthWeighing) => void;
}

/** Which guesses would make one's own drinks surer, and by how much. */
export function GainfulGuesses({ guesses, failure, onGuess }: GainfulGuessesProps) {
  return (
    <View className="gap-2">
      <Text variant="heading">Guesses that make your drinks surer</Text>
      {failure ? <Text>{FAILURE_WORDS[failure]}</Text> : null}
      {guesses === null && !failure ? <Text variant="small">Your drinks are being looked through</Text> : null}
      {guesses?.length === 0 ? (
        <Text variant="small">
          None of your drinks has a pinch, a handful or a mug that was not weighed: no guess would make them surer.
        </Text>
      ) : null}
      {guesses && guesses.length > 0 ? (
        <View role="list" aria-label="Guesses that make your drinks surer">
          {guesses.map((each) => (
            <WorthRow key={`${each.name} ${each.of.id}`} worth={each} label="Guess it" onPress={() => onGuess(each)} />
          ))}
        </View>
      ) : null}
    </View>
  );
}
