import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Text } from '../../ui/text';
import type { AskView } from './check-view';

interface AsksProps {
  readonly asks: readonly AskView[];
  readonly onAnswer: (text: string, says: string) => void;
  /** Writes the answer into the text by hand. */
  readonly onWrite: () => void;
}

/** What must be asked of a recipe, each with its answers; nothing is taken for granted without being said. */
export function Asks({ asks, onAnswer, onWrite }: AsksProps) {
  return (
    <View className="gap-3">
      {asks.map((ask) => (
        <View key={ask.key} role="group" aria-label={ask.ask} className="gap-2 rounded-[12px] bg-mist p-3">
          <Text variant="strong">{ask.ask}</Text>
          <Text variant="small" numberOfLines={2}>
            “{ask.about}”
          </Text>
          <View className="flex-row flex-wrap gap-2">
            {ask.choices.map(({ says, text }) => (
              <Button key={says} kind="plain" label={says} onPress={() => onAnswer(text, `It says “${says}” now`)} />
            ))}
            {ask.withAmount || ask.choices.length > 0 ? null : (
              <Button kind="plain" label="Write it" onPress={onWrite} />
            )}
          </View>
          {ask.withAmount ? <AmountAnswer ask={ask.ask} withAmount={ask.withAmount} onAnswer={onAnswer} /> : null}
        </View>
      ))}
    </View>
  );
}

function AmountAnswer({
  ask,
  withAmount,
  onAnswer,
}: {
  readonly ask: string;
  readonly withAmount: (amount: string) => string;
  readonly onAnswer: AsksProps['onAnswer'];
}) {
  const [amount, setAmount] = useState('');
  const take = () => {
    if (amount.trim() !== '') onAnswer(withAmount(amount), `${amount.trim()} stands in the list now`);
  };
  return (
    <View className="flex-row items-end gap-2">
      <View className="flex-1">
        <Field
          label={ask}
          placeholder="20 g"
          value={amount}
          onChangeText={setAmount}
          onSubmitEditing={take}
          maxLength={40}
        />
      </View>
      <Button label="Put it in" onPress={take} why={amount.trim() === '' ? 'Write how much' : null} />
    </View>
  );
}
