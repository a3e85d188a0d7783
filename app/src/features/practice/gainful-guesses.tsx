import { View } from 'react-native';
import { FAILURE_WORDS, type WorkerFailure } from '../../domain/workers/worker-client';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import type { GainfulGuess } from './practice-view';

interface GainfulGuessesProps {
  /** Null while the drinks are looked through. */
  readonly guesses: readonly GainfulGuess[] | null;
  readonly failure: WorkerFailure | null;
  readonly onGuess: (guess: GainfulGuess) => void;
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
          {guesses.map((guess) => (
            <View
              key={guess.line}
              role="listitem"
              className="flex-row flex-wrap items-center justify-between gap-2 border-b border-line py-2"
            >
              <View className="shrink gap-1">
                <Text variant="strong">{guess.ask}</Text>
                <Text variant="small">{guess.brings}</Text>
              </View>
              <Button label="Guess it" kind="plain" hint={`Guess it: ${guess.ask}`} onPress={() => onGuess(guess)} />
            </View>
          ))}
        </View>
      ) : null}
    </View>
  );
}
