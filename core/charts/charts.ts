import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { scaleLinear, scaleLog } from 'd3-scale';
import { line } from 'd3-shape';
import { COOKING_POTS } from '../src/equipment';
import { syrupViscosity } from '../src/liquid';
import { extractedShare, potArea, surfaceEvaporation, type ExtractionForm } from '../src/process';

/** Draws the charts of docs/science from the functions they show: `npm run charts`. */

type Point = readonly [x: number, y: number];
interface Curve {
  readonly name: string;
  readonly points: readonly Point[];
}
interface Chart {
  readonly file: string;
  readonly title: string;
  readonly x: string;
  readonly y: string;
  readonly log: boolean;
  readonly curves: readonly Curve[];
}

const WIDTH = 640;
const HEIGHT = 360;
const MARGIN = { left: 64, right: 150, top: 36, bottom: 44 };
const NAME_HEIGHT = 15;
const COLOURS = ['#0A6B62', '#C77F00', '#3A5BC7', '#8A2F5B', '#4F6B12', '#B8361B'];

const range = (from: number, to: number, steps: number): number[] =>
  Array.from({ length: steps + 1 }, (_, index) => from + ((to - from) * index) / steps);
const curve = (name: string, xs: readonly number[], y: (x: number) => number): Curve => ({
  name,
  points: xs.map((x) => [x, y(x)]),
});

function draw({ title, x, y, log, curves }: Chart): string {
  const all = curves.flatMap(({ points }) => points);
  const ys = all.map(([, value]) => value);
  const across = scaleLinear([0, Math.max(...all.map(([value]) => value))], [MARGIN.left, WIDTH - MARGIN.right]);
  const up = (
    log
      ? scaleLog([Math.min(...ys), Math.max(...ys)], [HEIGHT - MARGIN.bottom, MARGIN.top])
      : scaleLinear([0, Math.max(...ys)], [HEIGHT - MARGIN.bottom, MARGIN.top])
  ).nice();
  const path = line<Point>(
    (point) => across(point[0]),
    (point) => up(point[1]),
  );
  const text = (at: Point, words: string, more = ''): string =>
    `<text x="${at[0].toFixed(1)}" y="${at[1].toFixed(1)}" ${more}>${words}</text>`;
  const ticks = [
    ...across
      .ticks(6)
      .map((value) => text([across(value), HEIGHT - MARGIN.bottom + 18], String(value), 'text-anchor="middle"')),
    ...up
      .ticks(5)
      .filter((value) => !log || /^1/.test(String(value / 10 ** Math.floor(Math.log10(value)))))
      .map(
        (value) =>
          `<line x1="${MARGIN.left}" x2="${WIDTH - MARGIN.right}" y1="${up(value)}" y2="${up(value)}" stroke="#C9D6D5"/>${text([MARGIN.left - 8, up(value) + 4], String(value), 'text-anchor="end"')}`,
      ),
  ];
  // Names stand at the ends of their curves, pushed apart where ends meet.
  const ends = curves.map(({ points }) => up(points[points.length - 1]![1]));
  const order = ends.map((_, index) => index).sort((a, b) => ends[a]! - ends[b]!);
  order.forEach((index, place) => {
    const above = order[place - 1];
    if (above !== undefined) ends[index] = Math.max(ends[index]!, ends[above]! + NAME_HEIGHT);
  });
  const drawn = curves.map(({ name, points }, index) => {
    const colour = COLOURS[index % COLOURS.length]!;
    const last = points[points.length - 1]!;
    return `<path d="${path(points)}" fill="none" stroke="${colour}" stroke-width="2.5"/>${text([across(last[0]) + 8, ends[index]! + 4], name, `fill="${colour}"`)}`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${HEIGHT}" font-family="sans-serif" font-size="13" fill="#10292B">
<rect width="${WIDTH}" height="${HEIGHT}" fill="#FBFDFC"/>
${text([MARGIN.left, 20], title, 'font-weight="bold"')}
${text([(MARGIN.left + WIDTH - MARGIN.right) / 2, HEIGHT - 8], x, 'text-anchor="middle"')}
${text([16, HEIGHT / 2], y, `text-anchor="middle" transform="rotate(-90 16 ${HEIGHT / 2})"`)}
${[...ticks, ...drawn].join('\n')}
</svg>
`;
}

const FORMS: readonly (readonly [ExtractionForm, string])[] = [
  ['powder', 'powder'],
  ['cut_leaf', 'cut leaf'],
  ['cut_root', 'cut root'],
  ['berry_whole_dried', 'whole dried berry'],
  ['stick_bark', 'stick of bark'],
];
const saucepan = potArea(COOKING_POTS.saucepan);

const CHARTS: readonly Chart[] = [
  {
    file: 'extraction-hot',
    title: 'What is out at 95 °C',
    x: 'minutes',
    y: 'share of what can come out',
    log: false,
    curves: FORMS.map(([form, name]) => curve(name, range(0, 60, 60), (minutes) => extractedShare(form, 95, minutes))),
  },
  {
    file: 'extraction-cold',
    title: 'What is out in the fridge, 5 °C',
    x: 'hours',
    y: 'share of what can come out',
    log: false,
    curves: FORMS.map(([form, name]) => curve(name, range(0, 24, 60), (hours) => extractedShare(form, 5, hours * 60))),
  },
  {
    file: 'viscosity',
    title: 'A syrup is thin in the pot and thick in the fridge',
    x: '°Brix, sucrose',
    y: 'mPa s',
    log: true,
    curves: [5, 20, 40, 95].map((celsius) =>
      curve(`${celsius} °C`, range(0, 75, 75), (brix) => syrupViscosity(brix, celsius)),
    ),
  },
  {
    file: 'evaporation',
    title: 'Steam off a 20 cm pot',
    x: '°C of the liquid',
    y: 'kg an hour',
    log: false,
    curves: (['off', 'ajar', 'on'] as const).map((lid) =>
      curve(`lid ${lid}`, range(20, 98, 78), (temperature_C) =>
        surfaceEvaporation({ area_m2: saucepan, temperature_C, room_C: 21, humidity: 0.45, lid }),
      ),
    ),
  },
];

const folder = process.argv[2];
if (!folder) throw new Error('charts: where to?');
for (const chart of CHARTS) {
  writeFileSync(join(folder, `${chart.file}.svg`), draw(chart));
  process.stdout.write(`${chart.file}.svg\n`);
}
