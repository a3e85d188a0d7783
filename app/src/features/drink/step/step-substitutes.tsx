import type { Analysis } from '@wellhydra/core/analyse';
import { substitutesFor, type Keeps } from '@wellhydra/core/substitute';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Text } from '../../../ui/text';

const KEPT: Readonly<Record<Keeps, string>> = {
  sweetness: 'as sweet',
  sodium: 'the same sodium',
  potassium: 'the same potassium',
  magnesium: 'the same magnesium',
  sourness: 'as sour',
  strength: 'as strong, by dried weight',
};
type Filter = 'all' | 'vegan' | 'infant';

interface StepSubstitutesProps {
  readonly analysis: Analysis;
  readonly batchIndex: number;
  readonly onTake: (text: string) => void;
}

/** What could stand in for the ingredient of a step, in amounts that keep what matters. */
export function StepSubstitutes({ analysis, batchIndex, onTake }: StepSubstitutesProps) {
  const [open, setOpen] = useState(false);
  const [filter, setFilter] = useState<Filter>('all');
  const entry = analysis.trace.entries.find(({ step, verb }) => step === batchIndex && verb === 'add');
  if (!entry?.line || !(entry.added_g && entry.added_g > 0)) return null;
  const { ingredient } = entry.line;
  const all = substitutesFor(ingredient, entry.added_g);
  if (all.length === 0) return null;
  const shown = all.filter(({ vegan, forInfants }) =>
    filter === 'vegan' ? vegan : filter === 'infant' ? forInfants : true,
  );
  return (
    <View className="gap-2 rounded-[12px] bg-mist p-3">
      <View className="flex-row items-center justify-between gap-3">
        <Text variant="strong" className="flex-1">
          Instead of {ingredient.name.toLowerCase()}
        </Text>
        <Button label={open ? 'Close' : 'Swap it'} kind="plain" expanded={open} onPress={() => setOpen(!open)} />
      </View>
      {open ? (
        <>
          <Choice
            label="Only"
            options={[
              { value: 'all', label: 'All' },
              { value: 'vegan', label: 'Vegan' },
              { value: 'infant', label: 'No honey' },
            ]}
            value={filter}
            onChange={setFilter}
          />
          {shown.map(({ text, keeps }) => (
            <View
              key={`${keeps}-${text}`}
              className="flex-row items-center justify-between gap-3 border-t border-line pt-2"
            >
              <View className="flex-1">
                <Text variant="strong">{text}</Text>
                <Text variant="small">{KEPT[keeps]}</Text>
              </View>
              <Button label="Use it" hint={`Use it: ${text}`} kind="plain" onPress={() => onTake(text)} />
            </View>
          ))}
        </>
      ) : null}
    </View>
  );
}
