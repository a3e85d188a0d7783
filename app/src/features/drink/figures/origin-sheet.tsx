import { View } from 'react-native';
import { Button } from '../../../ui/button';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';
import { PlainWord } from '../../glossary/plain-word';
import type { OriginView } from './origin-view';

interface OriginSheetProps {
  readonly view: OriginView;
  readonly onClose: () => void;
}

/** Where a figure comes from. */
export function OriginSheet({ view, onClose }: OriginSheetProps) {
  return (
    <Sheet title={view.title} open onClose={onClose}>
      <Text className="text-mute">{view.how}</Text>
      <View role="list" aria-label="Comes from">
        {view.rows.map((row) => (
          <View role="listitem" key={row.id} className="gap-1 border-b border-line py-2">
            <View className="flex-row items-baseline justify-between gap-3">
              <Text variant="strong">{row.name}</Text>
              <Text variant="strong">{row.amount}</Text>
            </View>
            <View className="h-[6px] overflow-hidden rounded-full bg-line" aria-hidden>
              <View className="h-full bg-teal" style={{ width: `${Math.round(100 * row.share)}%` }} />
            </View>
            <Text variant="small">
              {row.share < 0.01 ? 'under 1' : Math.round(100 * row.share)} % · {row.steps} · {row.source}
            </Text>
          </View>
        ))}
      </View>
      {view.word ? <PlainWord entry={view.word} /> : null}
      <Button label="Done" size="large" onPress={onClose} />
    </Sheet>
  );
}
