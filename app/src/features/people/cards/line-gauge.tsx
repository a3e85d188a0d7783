import { View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { Text } from '../../../ui/text';
import type { LineView } from './card-view';

const TONES: Readonly<Record<LineView['tone'], string>> = {
  salt: '#3D6DB8',
  sugar: '#E3A21A',
  botanical: '#7D2E56',
  acid: '#8A9A1B',
};
const LINE = 'rgb(var(--line))';
const INK = 'rgb(var(--ink))';
const HEAT = 'rgb(var(--heat))';
const HEIGHT_px = 14;
/** Pours stand apart by so much of the gauge. */
const GAP = 0.006;
const percent = (share: number): `${number}%` => `${Math.round(10_000 * Math.min(1, Math.max(0, share))) / 100}%`;

/** What was taken today against a line: pour by pour, up to the mark and beyond. */
export function LineGauge({ line }: { readonly line: LineView }) {
  const { name, taken, of, stretches, mark, tone, crossed, spoken, next } = line;
  return (
    <View className="gap-1">
      <View role="group" aria-label={spoken} className="gap-[2px]">
        <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
          <Text className="shrink text-15">{name}</Text>
          <View className="flex-row flex-wrap items-baseline gap-x-1">
            <Text className={`font-heading text-17 font-bold ${crossed ? 'text-heat' : ''}`}>{taken}</Text>
            <Text variant="small" className="text-15">
              {of}
            </Text>
          </View>
        </View>
        <Svg width="100%" height={HEIGHT_px} aria-hidden>
          <Rect x={0} y={HEIGHT_px / 2 - 1} width="100%" height={2} fill={LINE} />
          {stretches.map(([from, to], index) => (
            <Rect
              key={index}
              x={percent(from)}
              y={HEIGHT_px / 2 - 3}
              width={percent(Math.max(GAP, to - from - GAP))}
              height={6}
              rx={3}
              fill={crossed && to > mark ? HEAT : TONES[tone]}
            />
          ))}
          <Rect x={percent(mark)} y={1} width={2} height={HEIGHT_px - 2} fill={INK} />
        </Svg>
      </View>
      {crossed ? (
        <Text variant="smallStrong" className="text-heat">
          The line is crossed.
        </Text>
      ) : next ? (
        <Text variant="smallStrong" className="text-heat">
          {next}
        </Text>
      ) : null}
    </View>
  );
}
