import type { BrewHappening } from '@wellhydra/core/brew';
import { readIngredientLine, type LineOptions } from '@wellhydra/core/quantity';
import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import type { StepPage } from './make-view';

interface AdditionsProps {
  readonly page: StepPage;
  /** With which lines are read in this brew. */
  readonly options: LineOptions | undefined;
  readonly happened: (happening: BrewHappening) => void;
  readonly onTyping: (busy: boolean) => void;
  readonly over: boolean;
}

/** Additions to taste, one by one, with what the pot is after each. */
export function Additions({ page, options, happened, onTyping, over }: AdditionsProps) {
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const type = (next: string) => {
    setText(next);
    onTyping(next.trim() !== '');
  };
  const add = () => {
    const line = readIngredientLine(text, options);
    if (line.kind === 'unreadable') return setWrong(line.message);
    setWrong(null);
    type('');
    return happened({ kind: 'added', step: page.of, text: text.trim() });
  };
  return (
    <View className="gap-2 rounded-[18px] bg-[#163B3B] p-4">
      <Text variant="subheading" aria-level={2} className="text-onpanel">
        {over ? 'Was something more added?' : 'Not right yet? Add a little'}
      </Text>
      {page.additions.length > 0 ? (
        <View role="list" aria-label="Added to taste">
          {page.additions.map((each) => (
            <View key={each.id} role="listitem" className="flex-row items-center justify-between gap-2 py-1">
              <Text className="shrink text-onpanel">
                {each.text}
                {each.after ? <Text className="text-14 text-panelmute"> · then {each.after}</Text> : null}
              </Text>
              <Button
                label="Take back"
                hint={`Take back ${each.text}`}
                kind="onPanel"
                onPress={() => happened({ kind: 'added-removed', addition: each.id })}
              />
            </View>
          ))}
        </View>
      ) : null}
      <View className="flex-row items-center gap-2">
        <TextInput
          aria-label="Add to taste"
          aria-invalid={wrong !== null}
          value={text}
          onChangeText={type}
          onSubmitEditing={add}
          placeholder="1 tbsp honey"
          placeholderTextColor="#9FBDB8"
          className="min-h-[52px] min-w-0 flex-1 rounded-[12px] border-2 border-panelline bg-panel px-3 font-body text-18 text-onpanel"
        />
        <Button
          label="Add"
          kind="onPanel"
          size="large"
          why={text.trim() === '' ? 'Write what went in' : null}
          onPress={add}
        />
      </View>
      {page.left !== null && text.trim() !== '' && !wrong ? (
        <Text role="alert" className="text-[#FFB199]">
          Typed, and not added yet: press Add, or go on without it.
        </Text>
      ) : null}
      {wrong ? (
        <Text role="alert" className="text-[#FFB199]">
          {wrong}
        </Text>
      ) : null}
    </View>
  );
}
