import type { Analysis } from '@wellhydra/core/analyse';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Text } from '../../../ui/text';
import { substitutesView } from './substitutes-view';

type Filter = 'all' | 'vegan' | 'infant';

interface StepSubstitutesProps {
  readonly analysis: Analysis;
  readonly batchIndex: number;
  readonly settings: Pick<KitchenSettings, 'scale_g'>;
  readonly onTake: (text: string) => void;
}

/** What could stand in for the ingredient of a step, in amounts that keep what matters. */
export function StepSubstitutes({ analysis, batchIndex, settings, onTake }: StepSubstitutesProps) {
  const [open, setOpen] = useState(false);
  const [filter, setFilter] = useState<Filter>('all');
  const entry = analysis.trace.entries.find(({ step, verb }) => step === batchIndex && verb === 'add');
  if (!entry?.line || !(entry.added_g && entry.added_g > 0)) return null;
  const { ingredient } = entry.line;
  const all = substitutesView({ ingredient, grams: entry.added_g }, settings, analysis.options);
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
          {shown.map(({ text, kept }) => (
            <View
              key={`${kept}-${text}`}
              className="flex-row items-center justify-between gap-3 border-t border-line pt-2"
            >
              <View className="flex-1">
                <Text variant="strong">{text}</Text>
                <Text variant="small">{kept}</Text>
              </View>
              <Button label="Use it" hint={`Use it: ${text}`} kind="plain" onPress={() => onTake(text)} />
            </View>
          ))}
        </>
      ) : null}
    </View>
  );
}
