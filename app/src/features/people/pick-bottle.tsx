import type { BottleRecord } from '@wellhydra/contract';
import { Pressable, View } from 'react-native';
import { Sheet } from '../../ui/sheet';
import { Text } from '../../ui/text';
import { BottleDrawing } from '../bottles/bottle-drawing';
import { DueBadge } from '../bottles/due-badge';
import { standingView } from '../bottles/shelf/shelf-groups';

interface PickBottleProps {
  readonly bottles: readonly BottleRecord[];
  readonly now: Date;
  readonly onPick: (bottle: BottleRecord) => void;
  readonly onClose: () => void;
}

/** Which bottle a glass is poured from, the first to be used up first. */
export function PickBottle({ bottles, now, onPick, onClose }: PickBottleProps) {
  return (
    <Sheet title="From which bottle?" open onClose={onClose}>
      <View role="list" aria-label="Bottles">
        {bottles.map((bottle) => {
          const view = standingView(bottle, now);
          return (
            <View key={bottle.id} role="listitem">
              <Pressable
                role="button"
                aria-label={`Pour from ${view.name}, batch ${view.batch}`}
                onPress={() => onPick(bottle)}
                className="min-h-[56px] flex-row items-center gap-3 border-b border-line py-2 active:opacity-70"
              >
                <BottleDrawing fill={view.level} colour={view.colour} shape={view.shape} size={44} />
                <View className="flex-1">
                  <Text variant="strong">{view.name}</Text>
                  <View className="flex-row flex-wrap items-center gap-2">
                    <Text variant="small">{`${view.left} · ${view.batch}`}</Text>
                    <DueBadge due={view.due} />
                  </View>
                </View>
              </Pressable>
            </View>
          );
        })}
      </View>
    </Sheet>
  );
}
