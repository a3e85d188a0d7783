import { Link } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { BottleDrawing } from './bottle-drawing';
import { DueBadge } from './due-badge';
import type { StandingView } from './shelf/shelf-groups';

interface BottleLineProps {
  readonly view: StandingView;
  readonly onPour: () => void;
  /** Leads to its own page. */
  readonly linked?: boolean;
  /** What there is to know before it is poured. */
  readonly children?: ReactNode;
}

/** A bottle on its board: how full, how long it keeps, and a press to pour from it. */
export function BottleLine({ view, onPour, linked = false, children = null }: BottleLineProps) {
  const bottle = (
    <>
      <View className="w-[52px] items-center" style={{ marginBottom: -3 }}>
        <BottleDrawing fill={view.level} colour={view.colour} shape={view.shape} size={72} />
      </View>
      <View className="min-w-0 flex-1 gap-[3px] pb-2">
        <Text variant="strong" className="font-heading text-17">
          {view.name}
        </Text>
        <Text variant="small">{view.left}</Text>
        {children}
        <View className="flex-row flex-wrap items-center gap-2">
          <DueBadge due={view.due} />
          <Text variant="small">
            {view.place} · {view.batch}
          </Text>
        </View>
      </View>
    </>
  );
  return (
    <View role="listitem" className="flex-row items-center gap-3 border-b-[3px] border-ink pt-3 dark:border-mute">
      {linked ? (
        <Link href={`/bottles/${view.id}`} asChild>
          <Pressable className="min-w-0 flex-1 flex-row items-end gap-3">{bottle}</Pressable>
        </Link>
      ) : (
        <View className="min-w-0 flex-1 flex-row items-end gap-3">{bottle}</View>
      )}
      <Button label="Pour" hint={`${view.pourLabel} of ${view.name}`} kind="plain" onPress={onPour} />
    </View>
  );
}
