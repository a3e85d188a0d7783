import { scaleLog, scalePoint } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Path, Text as SvgText } from 'react-native-svg';
import { noticeRaised } from '../../state/notices';
import { useAppDispatch } from '../../domain/store';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { habitsView, type HabitView } from './habits-view';
import { habitsForgotten } from '../../domain/kitchen/habit-deeds';
import { useGetHabitsQuery } from '../../domain/kitchen/kitchen-endpoints';

/** What this kitchen does more or less of than the tables, and how its readings taught that. */
export function Habits() {
  const dispatch = useAppDispatch();
  const { data } = useGetHabitsQuery(undefined, { refetchOnMountOrArgChange: true });
  const [sure, setSure] = useState(false);
  if (!data) return null;
  const habits = habitsView(data);
  const begin = () => {
    setSure(false);
    dispatch(habitsForgotten(new Date()));
    dispatch(noticeRaised({ text: 'It learns from the next reading on; the brews themselves stay as they are' }));
  };
  return (
    <View className="gap-2">
      <Text variant="heading">What it has learned</Text>
      {habits.length === 0 ? (
        <Text className="text-mute">
          Read off volumes and times while you make something: steam, straining and cooling of this kitchen are learned
          from them and used for the next brew. Until then the tables hold.
        </Text>
      ) : (
        <Text className="text-mute">
          From readings in {data.brews === 1 ? 'one brew' : `${data.brews} brews`}. The band is where it lies with 95 %;
          it narrows with every reading, and is used for every drink.
        </Text>
      )}
      <View role="list" aria-label="What it has learned">
        {habits.map((habit) => (
          <View key={habit.key} role="listitem" className="gap-1 border-b border-line py-3">
            <Text variant="strong">{habit.name}</Text>
            <Text variant="small">{habit.words}</Text>
            <Curve habit={habit} />
          </View>
        ))}
      </View>
      {habits.length > 0 ? (
        <View className="gap-2">
          <Button
            label="Forget what was learned"
            kind="plain"
            expanded={sure}
            className="self-start"
            onPress={() => setSure(!sure)}
          />
          {sure ? (
            <View className="items-start gap-2">
              <Text>A new stove, new pots or another cook are good reasons. This cannot be taken back.</Text>
              <Button label="Begin to learn anew" kind="danger" onPress={begin} />
            </View>
          ) : null}
        </View>
      ) : null}
    </View>
  );
}

const HEIGHT_px = 92;
const EDGE_px = { left: 40, right: 10, top: 8, bottom: 18 } as const;
/** The factors that are marked at the side. */
const MARKS = [0.5, 0.75, 1, 1.5, 2] as const;

/** A factor from brew to brew: line and 95 % band on a ratio scale, with the tables at 1. */
function Curve({ habit: { name, words, points } }: { readonly habit: HabitView }) {
  const [width, setWidth] = useState(0);
  const low = Math.min(0.75, ...points.map((point) => point.low));
  const high = Math.max(1.5, ...points.map((point) => point.high));
  const x = scalePoint(
    points.map((_point, index) => index),
    [EDGE_px.left, Math.max(EDGE_px.left + 1, width - EDGE_px.right)],
  ).padding(points.length === 1 ? 0.5 : 0.1);
  const y = scaleLog([low, high], [HEIGHT_px - EDGE_px.bottom, EDGE_px.top]);
  const at = (index: number) => x(index) ?? EDGE_px.left;
  const band = area<(typeof points)[number]>()
    .x((_point, index) => at(index))
    .y0((point) => y(point.low))
    .y1((point) => y(point.high))
    .curve(curveMonotoneX);
  const middle = line<(typeof points)[number]>()
    .x((_point, index) => at(index))
    .y((point) => y(point.factor))
    .curve(curveMonotoneX);
  const last = points.length - 1;
  return (
    <View
      role="img"
      aria-label={`${name}, brew by brew: ${words}`}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      style={{ height: HEIGHT_px }}
      className="text-ink"
    >
      {width === 0 ? null : (
        <Svg width={width} height={HEIGHT_px}>
          {MARKS.filter((mark) => mark >= low && mark <= high).map((mark) => (
            <Line
              key={mark}
              x1={EDGE_px.left}
              x2={width - EDGE_px.right}
              y1={y(mark)}
              y2={y(mark)}
              stroke={mark === 1 ? '#4B6363' : '#9FB5B1'}
              strokeWidth={mark === 1 ? 1.5 : 0.5}
            />
          ))}
          {MARKS.filter((mark) => mark >= low && mark <= high).map((mark) => (
            <SvgText
              key={`at ${mark}`}
              x={EDGE_px.left - 6}
              y={y(mark) + 4}
              fontSize={11}
              textAnchor="end"
              fill="#5A7472"
              fontFamily="Atkinson Hyperlegible Next"
            >
              ×{mark}
            </SvgText>
          ))}
          <Path d={band([...points]) ?? ''} fill="#2F7068" opacity={0.3} />
          <Path d={middle([...points]) ?? ''} fill="none" stroke="#2F7068" strokeWidth={2} />
          {points.map((point, index) => (
            <Circle key={point.brew} cx={at(index)} cy={y(point.factor)} r={3} fill="#2F7068" />
          ))}
          <SvgText
            x={at(last)}
            y={HEIGHT_px - 4}
            fontSize={11}
            textAnchor={points.length === 1 ? 'middle' : 'end'}
            fill="#5A7472"
            fontFamily="Atkinson Hyperlegible Next"
          >
            {points[last]!.brew}
          </SvgText>
          {points.length > 1 ? (
            <SvgText
              x={at(0)}
              y={HEIGHT_px - 4}
              fontSize={11}
              textAnchor="start"
              fill="#5A7472"
              fontFamily="Atkinson Hyperlegible Next"
            >
              {points[0]!.brew}
            </SvgText>
          ) : null}
        </Svg>
      )}
    </View>
  );
}
