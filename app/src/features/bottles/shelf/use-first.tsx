import type { BottleRecord } from '@wellhydra/contract';
import { Link } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { BottleDrawing } from '../bottle-drawing';
import { DueBadge } from '../due-badge';
import { standingView } from './shelf-groups';

/** So many are shown at once; more on asking. */
const STEP = 40;

interface UseFirstProps {
  readonly bottles: readonly BottleRecord[];
  readonly now: Date;
  readonly onPour: (bottle: BottleRecord) => void;
}

/** Bottles one under the other, the first to be used up on top. */
export function UseFirst({ bottles, now, onPour }: UseFirstProps) {
  const [most, setMost] = useState(STEP);
  return (
    <View className="gap-3">
      <View role="list" aria-label="Use first">
        {bottles.slice(0, most).map((bottle) => (
          <BottleRow key={bottle.id} bottle={bottle} now={now} onPour={onPour} />
        ))}
      </View>
      {bottles.length > most ? (
        <Button
          label={`${bottles.length - most} more`}
          kind="quiet"
          className="self-start"
          onPress={() => setMost(most + STEP)}
        />
      ) : null}
    </View>
  );
}

function BottleRow({
  bottle,
  now,
  onPour,
}: {
  readonly bottle: BottleRecord;
  readonly now: Date;
  readonly onPour: (bottle: BottleRecord) => void;
}) {
  const view = standingView(bottle, now);
  return (
    <View role="listitem" className="flex-row items-center gap-3 border-b-[3px] border-ink pt-3 dark:border-mute">
      <Link href={`/bottles/${view.id}`} asChild>
        <Pressable className="flex-1 flex-row items-end gap-3">
          <View className="w-[52px] items-center" style={{ marginBottom: -3 }}>
            <BottleDrawing fill={view.level} colour={view.colour} shape={view.shape} size={72} />
          </View>
          <View className="flex-1 gap-[3px] pb-2">
            <Text variant="strong" className="font-heading text-17">
              {view.name}
            </Text>
            <Text variant="small">{view.left}</Text>
            <View className="flex-row flex-wrap items-center gap-2">
              <DueBadge due={view.due} />
              <Text variant="small">
                {view.place} · {view.batch}
              </Text>
            </View>
          </View>
        </Pressable>
      </Link>
      <Button
        label="Pour"
        hint={`${view.pourLabel} of ${view.name}`}
        kind="plain"
        onPress={() => void onPour(bottle)}
      />
    </View>
  );
}
