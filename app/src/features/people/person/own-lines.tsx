import { personAt, type OwnLine, type Person } from '@wellhydra/core/household';
import { LINE_ROWS, dailyLines, plantFamily } from '@wellhydra/core/people';
import { findIngredient } from '@wellhydra/core/catalogue';
import Trash from 'lucide-react-native/icons/trash';
import { useState } from 'react';
import { View } from 'react-native';
import { FROM_WORDS, lineAmount } from '../../../domain/people/person-words';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { IconButton } from '../../../ui/icon-button';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';

interface OwnLinesProps {
  readonly person: Person;
  readonly onChange: (by: Partial<Person>) => void;
  readonly now: Date;
}

/** The lines a day of somebody: the usual ones, and their own. */
export function OwnLines({ person, onChange, now }: OwnLinesProps) {
  const [adding, setAdding] = useState(false);
  const lines = dailyLines(personAt(person, now)).filter(({ most }) => Number.isFinite(most));
  const remove = (key: string) => {
    const { [key]: _gone, ...rest } = person.lines;
    onChange({ lines: rest });
  };
  return (
    <View className="gap-2">
      <Text variant="small">What they drink here, against a day. Food and other drinks are not counted.</Text>
      <View role="list" aria-label="Lines a day">
        {lines.map((line) => (
          <View
            key={line.key}
            role="listitem"
            className="min-h-[44px] flex-row items-center justify-between gap-3 border-b border-line py-1"
          >
            <View className="shrink">
              <Text>{line.name}</Text>
              <Text variant="small">{line.source}</Text>
            </View>
            <View className="flex-row items-center gap-1">
              <Text className="text-right">
                {line.most === 0 ? 'none' : lineAmount(line, line.most)}
                {FROM_WORDS[line.from]}
              </Text>
              {line.from === 'usual' ? null : (
                <IconButton
                  icon={Trash}
                  label={`Back to the usual line: ${line.name}`}
                  onPress={() => remove(line.key)}
                />
              )}
            </View>
          </View>
        ))}
      </View>
      <Button label="Draw a line of their own" kind="plain" className="self-start" onPress={() => setAdding(true)} />
      {adding ? (
        <LineSheet
          onClose={() => setAdding(false)}
          onDraw={(key, line) => {
            onChange({ lines: { ...person.lines, [key]: line } });
            setAdding(false);
          }}
        />
      ) : null}
    </View>
  );
}

const OTHER = 'other';
const PLANTS = new Set(['herb', 'spice', 'seed', 'tea']);

interface LineSheetProps {
  readonly onDraw: (key: string, line: OwnLine) => void;
  readonly onClose: () => void;
}

function LineSheet({ onDraw, onClose }: LineSheetProps) {
  const [key, setKey] = useState<string>(LINE_ROWS[0]!.key);
  const [plant, setPlant] = useState('');
  const [most, setMost] = useState('');
  const [from, setFrom] = useState<OwnLine['from']>('clinic');
  const [tried, setTried] = useState(false);
  const ingredient = key === OTHER ? findIngredient(plant) : undefined;
  const isPlant = ingredient !== undefined && PLANTS.has(ingredient.role);
  const amount = Number(most.trim().replace(',', '.'));
  const isAmount = most.trim() !== '' && amount >= 0 && amount <= 1_000_000;
  const unit = key === OTHER ? 'g, dried' : LINE_ROWS.find((row) => row.key === key)!.unit;
  const draw = () => {
    setTried(true);
    const of = key === OTHER ? (isPlant ? `plant:${plantFamily(ingredient.id)}` : undefined) : key;
    if (of && isAmount) onDraw(of, { most: amount, from });
  };
  return (
    <Sheet title="A line of their own" open onClose={onClose}>
      <Choice
        label="Of what"
        options={[
          ...LINE_ROWS.map((row) => ({ value: row.key, label: row.name })),
          { value: OTHER, label: 'Another plant' },
        ]}
        value={key}
        onChange={setKey}
      />
      {key === OTHER ? (
        <Field
          label="Which plant"
          placeholder="nettle"
          value={plant}
          onChangeText={setPlant}
          error={tried && !isPlant ? 'No herb, spice, seed or tea of this name is known.' : undefined}
        />
      ) : null}
      <Field
        label={`The most a day, ${unit}`}
        inputMode="decimal"
        value={most}
        onChangeText={setMost}
        error={tried && !isAmount ? 'A number, 0 for none at all.' : undefined}
      />
      <Choice
        label="Who drew it"
        options={[
          { value: 'clinic', label: 'From the clinic' },
          { value: 'own', label: 'Their own' },
        ]}
        value={from}
        onChange={setFrom}
      />
      <Button label="Draw it" size="large" onPress={draw} />
    </Sheet>
  );
}
