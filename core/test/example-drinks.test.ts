import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { analyseDrink, analysisReport } from '../src/analyse';
import { readDrink, writeDrink, type Drink } from '../src/drink';
import { measureSpread } from '../src/spread';

const FOLDER = join(__dirname, '../../examples/jobs');
const load = (name: string): Drink => {
  const read = readDrink(JSON.parse(readFileSync(join(FOLDER, name), 'utf8')));
  if (read.kind === 'not-a-drink') throw new Error(JSON.stringify(read.problems));
  return read.drink;
};

/** What an example is there to show; anything else that is found in it is a slip. */
const SHOWN: Readonly<Record<string, readonly string[]>> = {
  '01-infused-water.json': ['assumed'],
  '02-juice-without-juicer.json': ['blender-loads'],
  '04-dry-electrolyte-mix.json': ['minor-mineral-tiny', 'uneven-mix'],
  '05-sour-decoction.json': ['pass-strength'],
  '10-foraged-hips.json': ['pass-strength'],
  '14-same-drink-another-cook.json': ['honey-too-hot'],
};
const files = readdirSync(FOLDER).sort();

test('there is one a job', () => expect(files).toHaveLength(21));

test.each(files)('%s runs clean', (name) => {
  const drink = load(name);
  const analysis = analyseDrink(drink);
  expect(analysis.problems).toEqual([]);
  const found = new Set(analysis.findings.map(({ code }) => code));
  expect([...found].sort()).toEqual([...(SHOWN[name] ?? [])].sort());
  expect(analysis.serving!.servings).toBeGreaterThan(1);
  expect(analysis.keeping!.days).toBeGreaterThan(0);
  const report = analysisReport(analysis);
  expect(JSON.parse(JSON.stringify(report))).toEqual(report);
  expect(readDrink(JSON.parse(JSON.stringify(writeDrink(drink))))).toEqual({ kind: 'drink', drink });
});

test.each(files)('%s: the drink as written lies inside its own spread', (name) => {
  const analysis = analyseDrink(load(name));
  const { ranges } = measureSpread(analysis, { draws: 400 });
  const volume = analysis.liquid?.volume_mL;
  const range = ranges['yield.volume_mL'];
  if (volume && range) {
    expect(range.p5).toBeLessThanOrEqual(volume * 1.001);
    expect(range.p95).toBeGreaterThanOrEqual(volume * 0.999);
  }
  for (const each of Object.values(ranges)) expect(each.p5 <= each.p50 && each.p50 <= each.p95).toBe(true);
});
