import Svg, { Path } from 'react-native-svg';
import { View } from 'react-native';

/** Where a line ends, or a step begins, in the picture. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

export interface Thread {
  readonly key: string;
  readonly from: Spot;
  readonly to: Spot;
  readonly slip: boolean;
}

/** A thread leaves a line level and comes level to its step. */
const pathOf = ({ from, to }: Thread): string => {
  const middle = (from.x + to.x) / 2;
  return `M${from.x} ${from.y} C${middle} ${from.y} ${middle} ${to.y} ${to.x} ${to.y}`;
};

/** Threads from the lines of a recipe to the steps that come of them. They say nothing that the lists do not say. */
export function Threads({
  threads,
  width,
  height,
}: {
  readonly threads: readonly Thread[];
  readonly width: number;
  readonly height: number;
}) {
  if (width === 0 || height === 0) return null;
  return (
    <View pointerEvents="none" aria-hidden className="absolute left-0 top-0">
      <Svg width={width} height={height}>
        {threads.map((thread) => (
          <Path
            key={thread.key}
            d={pathOf(thread)}
            fill="none"
            stroke={thread.slip ? 'rgb(var(--heat))' : 'rgb(var(--teal))'}
            strokeOpacity={thread.slip ? 0.8 : 0.6}
            strokeWidth={thread.slip ? 2 : 1.5}
          />
        ))}
      </Svg>
    </View>
  );
}
