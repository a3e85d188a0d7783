import { Link } from 'expo-router';
import { Pressable, View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { Text } from '../../../ui/text';
import type { DayHad, WeekLineView } from './week-view';

const HEIGHT_px = 56;
const TEAL = 'rgb(var(--teal))';
const HEAT = 'rgb(var(--heat))';
const INK = 'rgb(var(--ink))';

/** Seven days against a line. */
export function WeekLine({ line: { name, most, days, mark, spoken } }: { readonly line: WeekLineView }) {
  const width = 100 / days.length;
  return (
    <View role="group" aria-label={spoken} className="gap-1">
      <View className="flex-row items-baseline justify-between gap-3">
        <Text className="shrink text-15">{name}</Text>
        <Text variant="small">{most}</Text>
      </View>
      <Svg width="100%" height={HEIGHT_px} aria-hidden>
        {days.map(({ share, crossed }, index) => (
          <Rect
            key={index}
            x={`${index * width + 1}%`}
            width={`${width - 2}%`}
            y={HEIGHT_px * (1 - share)}
            height={Math.max(share > 0 ? 2 : 0, HEIGHT_px * share)}
            rx={3}
            fill={crossed ? HEAT : TEAL}
          />
        ))}
        <Rect x={0} width="100%" y={HEIGHT_px * (1 - mark) - 1} height={2} fill={INK} />
      </Svg>
      <View className="flex-row" aria-hidden>
        {days.map(({ day }, index) => (
          <Text key={index} variant="small" className="flex-1 text-center">
            {day}
          </Text>
        ))}
      </View>
    </View>
  );
}

/** Glasses of a week, day by day. */
export function Glasses({ days }: { readonly days: readonly DayHad[] }) {
  if (days.length === 0) return <Text className="text-mute">Nothing in the last seven days.</Text>;
  return (
    <View className="gap-3">
      {days.map(({ day, glasses }) => (
        <View key={day} className="gap-1">
          <Text variant="smallStrong">{day}</Text>
          <View role="list" aria-label={day}>
            {glasses.map(({ id, bottleId, words, aside }) => (
              <View key={id} role="listitem">
                <Link href={`/bottles/${bottleId}`} asChild>
                  <Pressable className="min-h-[44px] flex-row flex-wrap items-center justify-between gap-x-3 border-b border-line py-1 active:opacity-70">
                    <Text className="shrink">{words}</Text>
                    <Text variant="small">{aside}</Text>
                  </Pressable>
                </Link>
              </View>
            ))}
          </View>
        </View>
      ))}
    </View>
  );
}
