import type { BottleRecord } from '@wellhydra/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { BottleDrawing } from '../bottles/bottle-drawing';
import { DueBadge } from '../bottles/due-badge';
import type { ForMeView } from './drinker-view';

/** So many are shown at once; more on asking. */
const STEP = 30;

interface BottlesForMeProps {
  readonly views: readonly ForMeView[];
  readonly onPour: (bottle: BottleRecord) => void;
}

/** What stands on the shelf: what may be had on top, what needs a word with somebody below. */
export function BottlesForMe({ views, onPour }: BottlesForMeProps) {
  const [most, setMost] = useState(STEP);
  return (
    <View className="gap-3">
      <Text variant="heading">On the shelf</Text>
      {views.length === 0 ? <Text className="text-mute">Nothing is bottled just now.</Text> : null}
      <View role="list" aria-label="On the shelf">
        {views.slice(0, most).map((view) => (
          <Line key={view.bottle.id} view={view} onPour={onPour} />
        ))}
      </View>
      {views.length > most ? (
        <Button
          label={`${views.length - most} more`}
          kind="quiet"
          className="self-start"
          onPress={() => setMost(most + STEP)}
        />
      ) : null}
    </View>
  );
}

function Line({
  view: { bottle, standing, aside, grave },
  onPour,
}: {
  readonly view: ForMeView;
  readonly onPour: (bottle: BottleRecord) => void;
}) {
  return (
    <View role="listitem" className="flex-row items-center gap-3 border-b-[3px] border-ink pt-3 dark:border-mute">
      <View className="w-[52px] items-center self-end" style={{ marginBottom: -3 }}>
        <BottleDrawing fill={standing.level} colour={standing.colour} shape={standing.shape} size={72} />
      </View>
      <View className="min-w-0 flex-1 gap-[3px] pb-2">
        <Text variant="strong" className="font-heading text-17">
          {standing.name}
        </Text>
        <Text variant="small">{standing.left}</Text>
        {aside ? (
          <Text variant={grave ? 'smallStrong' : 'small'} className={grave ? 'text-heat' : ''}>
            {aside}
          </Text>
        ) : null}
        <View className="flex-row flex-wrap items-center gap-2">
          <DueBadge due={standing.due} />
          <Text variant="small">
            {standing.place} · {standing.batch}
          </Text>
        </View>
      </View>
      <Button
        label="Pour"
        hint={`${standing.pourLabel} of ${standing.name}`}
        kind="plain"
        onPress={() => onPour(bottle)}
      />
    </View>
  );
}
