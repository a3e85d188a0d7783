import type { ReadQuantity } from '@wellhydra/core/brew';
import type { IngredientLine, LineOptions } from '@wellhydra/core/quantity';
import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { readingUnit } from '../../../domain/brews/reading-words';
import { readReading, readingText } from './reading-units';
import { QUANTITIES } from '../../../domain/brews/step-guide';

/** A number as large as it can be read from across the kitchen. */
export function ReadingBox({
  quantity,
  value,
  goesIn = null,
  options,
  onRead,
  onTyping,
}: {
  readonly quantity: ReadQuantity;
  readonly value: number | undefined;
  /** What goes in: it can be said in spoons and pieces, too. */
  readonly goesIn?: IngredientLine | null;
  /** With which lines are read in this brew. */
  readonly options?: LineOptions;
  readonly onRead: (value: number) => void;
  readonly onTyping: (busy: boolean) => void;
}) {
  const noted = value === undefined ? '' : readingText(quantity, value);
  const [text, setText] = useState(noted);
  const [wrong, setWrong] = useState<string | null>(null);
  const { label } = QUANTITIES[quantity];
  const { unit } = readingUnit(quantity);
  const isNoted = (typed: string) => typed.trim() === '' || typed.trim() === noted;
  const type = (next: string) => {
    setText(next);
    onTyping(!isNoted(next));
  };
  const note = () => {
    if (isNoted(text)) return setWrong(null);
    const read = readReading(quantity, text, goesIn, options);
    setWrong(typeof read === 'string' ? read : null);
    if (typeof read !== 'number') return;
    onTyping(false);
    onRead(read);
  };
  return (
    <View className="gap-1">
      <View className="flex-row flex-wrap items-center gap-3">
        <TextInput
          aria-label={`${label}, ${unit}`}
          aria-invalid={wrong !== null}
          inputMode={goesIn ? 'text' : 'decimal'}
          value={text}
          onChangeText={type}
          onBlur={note}
          onSubmitEditing={note}
          placeholder="–"
          placeholderTextColor="#9FBDB8"
          className="min-h-[76px] min-w-[120px] flex-1 rounded-[12px] border-2 border-panelline bg-panel px-3 font-heading text-52 font-bold text-onpanel"
        />
        <Text className="text-22 leading-28 text-panelmute">{unit}</Text>
        <Button label="Go by it" kind="onPanel" size="large" onPress={note} />
      </View>
      {wrong ? (
        <Text role="alert" className="text-[#FFB199]">
          {wrong}
        </Text>
      ) : null}
    </View>
  );
}
