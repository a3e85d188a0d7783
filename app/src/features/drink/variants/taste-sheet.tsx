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
  /** What is in each, in words. */
  readonly picks: ReadonlyMap<string, string>;
  readonly by: string;
  readonly onScore: (id: string, score: TasteScore) => void;
  readonly onClose: () => void;
}

const POINTS = ['1', '2', '3', '4', '5'].map((value) => ({ value, label: value }));

/** Scores for each variant; blind, they stand in an order that says nothing, without their names. */
export function TasteSheet({ variants, picks, by, onScore, onClose }: TasteSheetProps) {
  const [blind, setBlind] = useState(true);
  const [who, setWho] = useState(by);
  // Nothing is tasted while the order is seen.
  const [pouring, setPouring] = useState(false);
  const [scored, setScored] = useState<ReadonlyMap<string, number>>(new Map());
  // Everybody scores each glass once, seen and unseen.
  const scoreKey = ({ id }: Variant) => `${who.trim()} ${blind} ${id}`;
  // Their ids are random, and so is this order.
  const order = blind ? [...variants].sort((a, b) => a.id.localeCompare(b.id)) : variants;
  return (
    <Sheet title="Taste" open onClose={onClose}>
      <Toggle label="Blind: glasses without names" value={blind} onChange={setBlind} />
      {blind ? (
        <>
          <Text className="text-mute">
            Somebody else pours, left to right, and keeps quiet. Whoever tastes looks away until the order is hidden
            again, and scores each from 1 to 5.
          </Text>
          <Button
            label={pouring ? 'Hide the order' : 'I pour: show me the order'}
            kind="plain"
            expanded={pouring}
            className="self-start"
            onPress={() => setPouring(!pouring)}
          />
        </>
      ) : null}
      {blind && pouring ? (
        <View role="list" aria-label="Order to pour in" className="gap-2 rounded-[12px] bg-mist p-3">
          {order.map(({ id, name }, index) => (
            <View role="listitem" key={id}>
              <Text variant="strong">
                Glass {index + 1}: {name}
              </Text>
              <Text variant="small">{picks.get(id)}</Text>
            </View>
          ))}
        </View>
      ) : (
        <>
          <Field label="Who tastes" value={who} onChangeText={setWho} />
          <View role="list" aria-label="Glasses" className="gap-4">
            {order.map((variant, index) => (
              <Glass
                key={`${blind}-${variant.id}`}
                title={blind ? `Glass ${index + 1}` : variant.name}
                given={scored.get(scoreKey(variant)) ?? null}
                onScore={(points, note) => {
                  setScored(new Map(scored).set(scoreKey(variant), points));
                  onScore(variant.id, { id: crypto.randomUUID(), by: who.trim(), points, blind, note });
                }}
              />
            ))}
          </View>
        </>
      )}
      <Button label="Done" size="large" onPress={onClose} />
    </Sheet>
  );
}

function Glass({
  title,
  given,
  onScore,
}: {
  readonly title: string;
  /** The points it was given; null before that. */
  readonly given: number | null;
  readonly onScore: (points: number, note: string) => void;
}) {
  const [points, setPoints] = useState('');
  const [note, setNote] = useState('');
  return (
    <View role="listitem" className="gap-2 border-b border-line pb-3">
      <Text variant="subheading">{title}</Text>
      {given !== null ? (
        <Text role="status">Scored {given} of 5.</Text>
      ) : (
        <>
          <Choice label={`Points for ${title}`} options={POINTS} value={points} onChange={setPoints} />
          <Field label={`Note on ${title}`} value={note} onChangeText={setNote} />
          <Button
            label="Give score"
            hint={`Give score to ${title}`}
            kind="plain"
            why={points === '' ? 'Choose its points' : null}
            className="self-start"
            onPress={() => onScore(Number(points), note)}
          />
        </>
      )}
    </View>
  );
}
