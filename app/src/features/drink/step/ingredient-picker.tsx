import { searchIngredients } from '@wellhydra/core/catalogue';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { Text } from '../../../ui/text';

const AMOUNTS: Readonly<Record<string, readonly string[]>> = {
  liquid: ['1 tbsp', '100 mL', '250 mL', '1 L'],
  soluble: ['1 g', '1/2 tsp', '1 tbsp', '50 g'],
  solid: ['1 tsp', '10 g', '50 g', '100 g'],
};
const MOST_SHOWN = 12;

/** Something a person can put in: from the catalogue, or a drink of the kitchen. */
export interface Pickable {
  readonly name: string;
  readonly about: string;
  readonly state: string;
  readonly preparation: boolean;
}

interface IngredientPickerProps {
  /** Drinks and bottles that can be used as preparations. */
  readonly preparations: readonly Pickable[];
  readonly onPick: (text: string, preparation: boolean) => void;
}

function found(words: string, preparations: readonly Pickable[]): readonly Pickable[] {
  const wanted = words.trim().toLowerCase();
  if (wanted === '') return preparations.slice(0, MOST_SHOWN);
  const drinks = preparations.filter(({ name }) => name.toLowerCase().includes(wanted));
  const ingredients = searchIngredients(words).map(({ name, role, state }): Pickable => ({
    name,
    about: role,
    state,
    preparation: false,
  }));
  return [...drinks, ...ingredients].slice(0, MOST_SHOWN);
}

/** Picks what goes in without typing it: find it, then say how much. */
export function IngredientPicker({ preparations, onPick }: IngredientPickerProps) {
  const [words, setWords] = useState('');
  const [chosen, setChosen] = useState<Pickable | null>(null);
  const results = found(words, preparations);
  return (
    <View className="gap-3">
      <Field
        label="Find an ingredient, or a drink of yours"
        placeholder="elder, honey, salt"
        placeholderTextColor="#6B807F"
        value={words}
        onChangeText={(text) => {
          setWords(text);
          setChosen(null);
        }}
      />
      {chosen ? (
        <View className="gap-2">
          <Text variant="smallStrong">How much {chosen.name.toLowerCase()}?</Text>
          <Choice
            label="How much"
            options={(AMOUNTS[chosen.state] ?? AMOUNTS.solid!).map((amount) => ({ value: amount, label: amount }))}
            value=""
            onChange={(amount) =>
              onPick(`${amount} ${chosen.preparation ? chosen.name : chosen.name.toLowerCase()}`, chosen.preparation)
            }
          />
        </View>
      ) : (
        <View role="list" aria-label="Found">
          {results.map((each) => (
            <View role="listitem" key={`${each.preparation}-${each.name}`}>
              <Pressable
                role="button"
                onPress={() => setChosen(each)}
                className="min-h-[44px] flex-row items-center justify-between gap-3 border-b border-line py-2 active:bg-mist"
              >
                <Text variant="strong">{each.name}</Text>
                <Text variant="small">{each.about}</Text>
              </Pressable>
            </View>
          ))}
          {words.trim() !== '' && results.length === 0 ? (
            <Text variant="small">Nothing here is called that. Type the whole line instead; it is kept as it is.</Text>
          ) : null}
        </View>
      )}
    </View>
  );
}
