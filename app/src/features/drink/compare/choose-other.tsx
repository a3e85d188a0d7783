import { readPastedDrink } from '@wellhydra/core/compare';
import { drinkDocumentOf, type DrinkDocument, type DrinkKind } from '@wellhydra/core/drink';
import { useState } from 'react';
import { View } from 'react-native';
import type { RunContext } from '../../../domain/run/run-context';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { Text } from '../../../ui/text';

/** The other drink, and what it is called here. */
export interface Other {
  readonly title: string;
  readonly document: DrinkDocument;
}

interface ChooseOtherProps {
  readonly document: DrinkDocument;
  readonly context: RunContext;
  readonly onChoose: (other: Other) => void;
}

/** What a drink is laid beside: another of the kitchen, or one that is pasted. */
export function ChooseOther({ document, context, onChoose }: ChooseOtherProps) {
  const [pasted, setPasted] = useState('');
  const [problem, setProblem] = useState<string | undefined>();
  const others = context.documents.filter(({ name }) => name.trim() !== '' && name !== document.name);
  const sameKind = (each: DrinkDocument) => Number(each.kind === document.kind);
  const sorted = [...others].sort((a, b) => sameKind(b) - sameKind(a) || a.name.localeCompare(b.name));
  const read = () => {
    const drink = readPastedDrink(pasted, document.kind as DrinkKind);
    if (drink.kind === 'no-drink') return setProblem(drink.because);
    let count = 0;
    const made = drinkDocumentOf({ serving: document.serving, ...drink.drink }, () => `p${(count += 1)}`);
    return onChoose({ title: made.name, document: made });
  };
  return (
    <View className="gap-4">
      <Text variant="smallStrong">With a drink of yours</Text>
      <Choice
        label="With a drink of yours"
        options={sorted.map(({ name }) => ({ value: name, label: name }))}
        value=""
        onChange={(name) => onChoose({ title: name, document: others.find((each) => each.name === name)! })}
      />
      <Field
        label="Or with one you paste, a step a line"
        value={pasted}
        multiline
        numberOfLines={6}
        onChangeText={(text) => {
          setPasted(text);
          setProblem(undefined);
        }}
        error={problem}
      />
      <Button label="Compare with this" why={pasted.trim() === '' ? 'Paste a drink first' : null} onPress={read} />
    </View>
  );
}
