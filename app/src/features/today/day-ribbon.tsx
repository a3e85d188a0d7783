import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Rect, Text as SvgText } from 'react-native-svg';
import { Text } from '../../ui/text';
import type { RunningView } from './today-view';

interface DayRibbonProps {
  readonly brews: readonly RunningView[];
  readonly now: Date;
}

const LANE_px = 42;
const BLOCK_px = 18;
/** Room for a brew's name over its lane. */
const NAME_px = 18;
const HOURS_px = 26;
/** Hours that are written, on a phone and where there is room. */
const STEP_h = { narrow: 4, wide: 2 } as const;
const WIDE_px = 640;
/** What is done, what goes on, what comes; a wait is thinner than what needs hands. */
const FILLS: Readonly<Record<RunningView['blocks'][number]['is'], string>> = {
  done: '#8FA9A5',
  now: '#C5531F',
  coming: '#1B6F8A',
};

const hoursInto = (now: Date): number => now.getHours() + now.getMinutes() / 60;

/** Today from midnight to midnight: a lane for each brew, thick where hands are needed, and where now is. */
export function DayRibbon({ brews, now }: DayRibbonProps) {
  const [width, setWidth] = useState(0);
  const x = scaleLinear([0, 24], [10, Math.max(20, width - 10)]);
  const height = HOURS_px + brews.length * LANE_px + 6;
  const step = width >= WIDE_px ? STEP_h.wide : STEP_h.narrow;
  const hours = Array.from({ length: 24 / step + 1 }, (_, index) => index * step);
  return (
    <View
      role="img"
      aria-label={`Today, hour by hour. ${brews.map(({ name, words }) => `${name}: ${words}`).join('. ')}`}
      className="border-y border-line bg-sheet text-ink"
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      {width === 0 ? (
        <View style={{ height }} />
      ) : (
        <Svg width={width} height={height}>
          {hours.map((hour) => (
            <Line key={hour} x1={x(hour)} x2={x(hour)} y1={HOURS_px - 4} y2={height} stroke="#C8D6D3" strokeWidth={1} />
          ))}
          {hours.map((hour) => (
            <SvgText
              key={`at ${hour}`}
              x={x(hour)}
              y={15}
              fontSize={12}
              fontFamily="Atkinson Hyperlegible Next"
              textAnchor="middle"
              fill="currentColor"
            >
              {hour}
            </SvgText>
          ))}
          {brews.map(({ id, name, batch }, lane) => (
            <SvgText
              key={`name ${id}`}
              x={x(0) + 2}
              y={HOURS_px + lane * LANE_px + 14}
              fontSize={13}
              fontFamily="Atkinson Hyperlegible Next"
              fill="currentColor"
            >
              {batch ? `${name} · ${batch}` : name}
            </SvgText>
          ))}
          {brews.map(({ id, blocks }, lane) =>
            blocks.map((block) => {
              const thick = block.waiting ? BLOCK_px * 0.5 : BLOCK_px;
              const from = x(24 * block.from);
              return (
                <Rect
                  key={`${id} ${block.from}`}
                  x={from}
                  y={HOURS_px + lane * LANE_px + NAME_px + (LANE_px - NAME_px - thick) / 2}
                  width={Math.max(2, x(24 * block.to) - from)}
                  height={thick}
                  rx={3}
                  fill={FILLS[block.is]}
                />
              );
            }),
          )}
          <Line
            x1={x(hoursInto(now))}
            x2={x(hoursInto(now))}
            y1={20}
            y2={height}
            stroke="currentColor"
            strokeWidth={2}
          />
          <Circle cx={x(hoursInto(now))} cy={20} r={4} fill="currentColor" />
        </Svg>
      )}
    </View>
  );
}

/** What the thickness and the colours of the ribbon mean. */
export function RibbonKey() {
  return (
    <Text variant="small" className="px-4 md:px-2">
      Thick: hands needed. Thin: it waits. Grey is done, red goes on now, blue comes.
    </Text>
  );
}
