import type { Analysis } from '@wellhydra/core/analyse';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Text } from '../../../ui/text';
import { substitutesView } from './substitutes-view';

type Filter = 'all' | 'suits' | 'vegan' | 'infant';

interface StepSubstitutesProps {
  readonly analysis: Analysis;
  readonly batchIndex: number;
  readonly settings: Pick<KitchenSettings, 'scale_g'>;
  /** What would keep the drink with this line from suiting those it is made for; null where it is for everybody. */
  readonly suiting: ((text: string) => readonly string[]) | null;
  readonly onTake: (text: string) => void;
}

/** What could stand in for the ingredient of a step, in amounts that keep what matters. */
export function StepSubstitutes({ analysis, batchIndex, settings, suiting, onTake }: StepSubstitutesProps) {
  const [open, setOpen] = useState(false);
  const [filter, setFilter] = useState<Filter>('all');
  const entry = analysis.trace.entries.find(({ step, verb }) => step === batchIndex && verb === 'add');
  const ingredient = entry?.line?.ingredient;
  const grams = entry?.added_g ?? 0;
  const { options } = analysis;
  const judged = useMemo(() => {
    if (!ingredient || !(grams > 0)) return [];
    return (
      substitutesView({ ingredient, grams }, settings, options)
        .map((each) => ({ ...each, trouble: open && suiting ? suiting(each.text) : [] }))
        // What does not suit those it is made for comes last, and says why.
        .sort((a, b) => Number(a.trouble.length > 0) - Number(b.trouble.length > 0))
    );
  }, [ingredient, grams, settings, options, open, suiting]);
  if (!ingredient || judged.length === 0) return null;
  const shown = judged.filter(({ vegan, forInfants, trouble }) =>
    filter === 'vegan' ? vegan : filter === 'infant' ? forInfants : filter === 'suits' ? trouble.length === 0 : true,
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
              ...(suiting ? [{ value: 'suits' as const, label: 'Suits them' }] : []),
              { value: 'vegan', label: 'Vegan' },
              { value: 'infant', label: 'No honey' },
            ]}
            value={filter}
            onChange={setFilter}
          />
          {shown.length === 0 ? <Text className="text-mute">None of what could take its place does.</Text> : null}
          {shown.map(({ text, kept, trouble }) => (
            <View
              key={`${kept}-${text}`}
              className="flex-row items-center justify-between gap-3 border-t border-line pt-2"
            >
              <View className="flex-1">
                <Text variant="strong">{text}</Text>
                <Text variant="small">{kept}</Text>
                {trouble.map((words) => (
                  <Text key={words} variant="small" className="text-heat">
                    {words}
                  </Text>
                ))}
              </View>
              <Button label="Use it" hint={`Use it: ${text}`} kind="plain" onPress={() => onTake(text)} />
            </View>
          ))}
        </>
      ) : null}
    </View>
  );
}
