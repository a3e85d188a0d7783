import type { LogbookCharts } from '@wellhydra/contract';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Rect } from 'react-native-svg';
import { useRunContext } from '../../domain/run/use-run-context';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';
import { Means } from './means';
import {
  drinkRows,
  monthRows,
  offView,
  promiseView,
  tasteLines,
  type OffView,
  type PromiseView,
  type TasteLine,
} from './logbook-view';

const [WIDTH, HEIGHT] = [300, 220];
const TEAL = 'rgb(var(--teal))';
const INK = 'rgb(var(--ink))';
const BAND = 'rgb(var(--chosen))';

/** What the brews come to, drawn; each drawing has its numbers as a table for who cannot see it, or wants them. */
export function LogbookChartsPart({ charts }: { readonly charts: LogbookCharts }) {
  const { currency } = useRunContext().settings;
  const [promise, off, tastes] = [promiseView(charts.points), offView(charts.points), tasteLines(charts.tastes)];
  return (
    <View className="gap-6">
      <View className="gap-6 md:flex-row md:flex-wrap md:[&>*]:min-w-[280px] md:[&>*]:flex-1">
        {promise ? <Promised view={promise} /> : null}
        {off ? <FarOff view={off} /> : null}
        {tastes.length > 0 ? <Tastes lines={tastes} /> : null}
      </View>
      <View className="gap-6 md:flex-row md:flex-wrap">
        <Means title="By drink" of="Drink" rows={drinkRows(charts.drinks, currency)} />
        <Means title="By month" of="Month" rows={monthRows(charts.months, currency)} />
      </View>
    </View>
  );
}

interface ChartProps {
  readonly title: string;
  readonly about: string;
  /** All of it in words, for those who cannot see it. */
  readonly spoken: string;
  readonly rows: readonly (readonly [name: string, value: string])[];
  readonly children: ReactNode;
}

/** A drawing under its title, with its numbers on asking. */
function Chart({ title, about, spoken, rows, children }: ChartProps) {
  const [numbers, setNumbers] = useState(false);
  return (
    <View className="gap-1">
      <Text variant="heading">{title}</Text>
      <Text variant="small">{about}</Text>
      {numbers ? (
        <table className="w-full border-collapse font-body text-14 text-ink" aria-label={title}>
          <tbody>
            {rows.map(([name, value], index) => (
              <tr key={index} className="border-b border-line">
                <th className="py-1 pr-3 text-left font-normal">{name}</th>
                <td className="py-1 text-right">{value}</td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : (
        <View role="img" aria-label={spoken}>
          {children}
        </View>
      )}
      <Button
        label={numbers ? 'As a drawing' : 'As numbers'}
        hint={`${title}, ${numbers ? 'as a drawing' : 'as numbers'}`}
        kind="quiet"
        className="self-start"
        onPress={() => setNumbers(!numbers)}
      />
    </View>
  );
}

const PAD = 14;
function Promised({ view: { dots, least, most } }: { readonly view: PromiseView }) {
  const [w, h] = [WIDTH - 2 * PAD, HEIGHT - 2 * PAD];
  return (
    <Chart
      title="What was promised, and what came"
      about="each dot a brew; the later, the darker"
      spoken={`${dots.length} brews. ${dots
        .slice(-3)
        .map(({ words }) => words)
        .join('; ')}`}
      rows={dots.map(({ drink, words }) => [drink, words.slice(drink.length + 2)])}
    >
      <Svg
        width="100%"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        style={{ aspectRatio: WIDTH / HEIGHT, width: '100%' } as object}
      >
        <Line
          x1={PAD}
          y1={HEIGHT - PAD}
          x2={WIDTH - PAD}
          y2={PAD}
          stroke={INK}
          strokeWidth={1.5}
          strokeDasharray="4 4"
        />
        {dots.map(({ id, x, y, age }) => (
          <Circle key={id} cx={PAD + x * w} cy={HEIGHT - PAD - y * h} r={5} fill={TEAL} opacity={0.25 + 0.75 * age} />
        ))}
      </Svg>
      <View className="flex-row justify-between">
        <Text variant="small">promised {least}</Text>
        <Text variant="small">{most}</Text>
      </View>
    </Chart>
  );
}

function FarOff({ view: { bars, furthest, now } }: { readonly view: OffView }) {
  const step = (WIDTH - 2 * PAD) / bars.length;
  const middle = HEIGHT / 2;
  const high = (share: number) => (share / furthest) * (middle - PAD);
  return (
    <Chart
      title="How far off, brew after brew"
      about="dot: this brew; band: the five before it"
      spoken={`${bars.length} brews, now ${now}. ${bars.at(-1)!.words}`}
      rows={bars.map(({ words }) => {
        const [drink = '', value = ''] = words.split(': ');
        return [drink, value];
      })}
    >
      <Svg
        width="100%"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        style={{ aspectRatio: WIDTH / HEIGHT, width: '100%' } as object}
      >
        {bars.map(({ id, band }, index) => (
          <Rect
            key={id}
            x={PAD + index * step + step * 0.15}
            y={middle - high(band)}
            width={step * 0.7}
            height={2 * high(band)}
            rx={Math.min(4, step * 0.35)}
            fill={BAND}
          />
        ))}
        <Line x1={PAD} y1={middle} x2={WIDTH - PAD} y2={middle} stroke={INK} strokeWidth={1} />
        {bars.map(({ id, off }, index) => (
          <Circle key={id} cx={PAD + (index + 0.5) * step} cy={middle - high(off)} r={4} fill={TEAL} />
        ))}
      </Svg>
      <View className="flex-row justify-between">
        <Text variant="small">earlier</Text>
        <Text variant="small">now: {now}</Text>
      </View>
    </Chart>
  );
}

function Tastes({ lines }: { readonly lines: readonly TasteLine[] }) {
  return (
    <Chart
      title="Taste, out of 5"
      about="small: one brew; large: the latest"
      spoken={lines.map(({ drink, mean }) => `${drink} ${mean}`).join('; ')}
      rows={lines.map(({ drink, mean }) => [drink, mean])}
    >
      <View className="gap-2 pt-2">
        {lines.map(({ drinkId, drink, mean, scores, latest }) => (
          <View key={drinkId}>
            <Text variant="small">{drink}</Text>
            <View className="flex-row items-center gap-2">
              <View className="flex-1">
                <Svg width="100%" viewBox="0 0 260 20" style={{ aspectRatio: 13, width: '100%' } as object}>
                  <Line
                    x1={8}
                    y1={10}
                    x2={252}
                    y2={10}
                    stroke="rgb(var(--line))"
                    strokeWidth={4}
                    strokeLinecap="round"
                  />
                  {scores.map((score, index) => (
                    <Circle key={index} cx={8 + 244 * score} cy={10} r={4} fill="#7D2E56" opacity={0.4} />
                  ))}
                  <Circle cx={8 + 244 * latest} cy={10} r={7} fill="#7D2E56" />
                </Svg>
              </View>
              <Text variant="strong" className="w-[32px]">
                {mean}
              </Text>
            </View>
          </View>
        ))}
      </View>
    </Chart>
  );
}
