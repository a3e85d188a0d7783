import type { TasteScore, Variant } from '@wellhydra/core/drink';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { Toggle } from '../../../ui/toggle';

interface TasteSheetProps {
  readonly variants: readonly Variant[];
  readonly by: string;
  readonly onScore: (id: string, score: TasteScore) => void;
  readonly onClose: () => void;
}

const POINTS = ['1', '2', '3', '4', '5'].map((value) => ({ value, label: value }));

/** Scores for each variant; blind, they stand in an order that says nothing, without their names. */
export function TasteSheet({ variants, by, onScore, onClose }: TasteSheetProps) {
  const [blind, setBlind] = useState(true);
  const [who, setWho] = useState(by);
  // Their ids are random, and so is this order.
  const order = blind ? [...variants].sort((a, b) => a.id.localeCompare(b.id)) : variants;
  return (
    <Sheet title="Taste" open onClose={onClose}>
      <Toggle label="Blind: glasses without names" value={blind} onChange={setBlind} />
      {blind ? (
        <Text className="text-mute">
          Somebody else pours them in this order, left to right, and keeps quiet. Score each from 1 to 5.
        </Text>
      ) : null}
      <Field label="Who tastes" value={who} onChangeText={setWho} />
      <View role="list" aria-label="Glasses" className="gap-4">
        {order.map((variant, index) => (
          <Glass
            key={`${blind}-${variant.id}`}
            title={blind ? `Glass ${index + 1}` : variant.name}
            onScore={(points, note) =>
              onScore(variant.id, { id: crypto.randomUUID(), by: who.trim(), points, blind, note })
            }
          />
        ))}
      </View>
      <Button label="Done" size="large" onPress={onClose} />
    </Sheet>
  );
}

function Glass({
  title,
  onScore,
}: {
  readonly title: string;
  readonly onScore: (points: number, note: string) => void;
}) {
  const [points, setPoints] = useState('');
  const [note, setNote] = useState('');
  const [given, setGiven] = useState(false);
  return (
    <View role="listitem" className="gap-2 border-b border-line pb-3">
      <Text variant="subheading">{title}</Text>
      {given ? (
        <Text role="status">Scored {points} of 5.</Text>
      ) : (
        <>
          <Choice label={`Points for ${title}`} options={POINTS} value={points} onChange={setPoints} />
          <Field label={`Note on ${title}`} value={note} onChangeText={setNote} />
          <Button
            label="Give score"
            hint={`Give score to ${title}`}
            kind="plain"
            disabled={points === ''}
            className="self-start"
            onPress={() => {
              onScore(Number(points), note);
              setGiven(true);
            }}
          />
        </>
      )}
    </View>
  );
}
