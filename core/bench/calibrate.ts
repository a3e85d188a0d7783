import { lusolve } from 'mathjs';
import { chanceOf, FITTED, type Doubt } from '../src/read/chance';
import type { Read } from '../src/read';
import { understand } from '../src/read/read-line';
import { WRITTEN_LINES } from '../test/written-lines';

/**
 * Fits the chance of a reading: `npm run calibrate`. Lines whose meaning is known (those that are read without any doubt)
 * get slips of the key, words that change nothing, and are put together; whether they still mean the same is what the
 * chance is to say. Half of them are fitted to, the other half says how well it holds.
 */

const SIZE = 40_000;
/** Keeps weights finite where a doubt is never wrong. */
const RIDGE = 1e-3;
const LETTERS = 'abcdefghijklmnopqrstuvwxyz';
/** Words people put between that change no amount. */
const BETWEEN =
  'organic local nice homegrown unwaxed leftover best favourite grandmas seasonal market lovely plain'.split(' ');

let state = 20261129;
const random = (): number => (state = (state * 1664525 + 1013904223) % 4294967296) / 4294967296;
const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!;

interface Known {
  readonly text: string;
  readonly steps: string;
}
/** What a line comes to: one orange and three oranges are not the same, one orange and an orange are. */
const meaning = (reads: readonly Read[]): string =>
  JSON.stringify(
    reads.map(({ verb, ingredient, grams, relative, minutes, celsius }) => [
      verb,
      ingredient,
      grams === null ? null : Number(grams.toPrecision(3)),
      relative,
      minutes,
      celsius,
    ]),
  );
const KNOWN: readonly Known[] = WRITTEN_LINES.flatMap((text) => {
  const { reading, doubt } = understand(text);
  const clear = doubt.steps > 0 && doubt.unread + doubt.slips === 0 && !doubt.asked && !doubt.bare;
  return clear ? [{ text, steps: meaning(reading.reads) }] : [];
});

/** A word with one key too many, too few, wrong, or in the wrong order. */
function slipped(word: string): string {
  const at = Math.floor(random() * (word.length - 1));
  const [before, after] = [word.slice(0, at), word.slice(at)];
  return pick([
    before + pick([...LETTERS]) + after,
    before + after.slice(1),
    before + pick([...LETTERS]) + after.slice(1),
    before + after.charAt(1) + after.charAt(0) + after.slice(2),
  ]);
}

function disturbed({ text, steps }: Known): Known {
  const words = text.split(' ');
  const long = words.flatMap((word, at) => (/^[a-z]{4,}$/.test(word) ? [at] : []));
  if (random() < 0.5 && long.length > 0) {
    const at = pick(long);
    words[at] = slipped(words[at]!);
  }
  if (random() < 0.4) words.splice(1 + Math.floor(random() * (words.length - 1)), 0, pick(BETWEEN));
  return { text: words.join(' '), steps };
}

function joined(one: Known, other: Known): Known {
  const steps = [...(JSON.parse(one.steps) as unknown[]), ...(JSON.parse(other.steps) as unknown[])];
  return {
    text: `${one.text}${pick([', then ', ', ', ' and then ', '; '])}${other.text}`,
    steps: JSON.stringify(steps),
  };
}

interface Case {
  readonly doubt: Doubt;
  readonly right: boolean;
}
function draw(): Case | undefined {
  const one = disturbed(pick(KNOWN));
  const known = random() < 0.3 ? joined(one, disturbed(pick(KNOWN))) : one;
  const { reading, doubt } = understand(known.text);
  // What is asked about, or was spelled otherwise, is not taken by itself.
  return doubt.steps === 0 || doubt.asked || doubt.bare || doubt.slips > 0
    ? undefined
    : { doubt, right: meaning(reading.reads) === known.steps };
}

const features = ({ unread }: Doubt): readonly number[] => [1, unread];

/** Weights of a logistic by Newton's method. */
function fit(cases: readonly Case[]): readonly number[] {
  let weights = [0, 0];
  for (let round = 0; round < 50; round += 1) {
    const slope = weights.map((weight) => -RIDGE * weight);
    const curve = weights.map((_, row) => weights.map((__, column) => (row === column ? RIDGE : 0)));
    for (const { doubt, right } of cases) {
      const x = features(doubt);
      const chance = 1 / (1 + Math.exp(-x.reduce((sum, value, at) => sum + value * weights[at]!, 0)));
      x.forEach((value, row) => {
        slope[row]! += ((right ? 1 : 0) - chance) * value;
        x.forEach((other, column) => (curve[row]![column]! += chance * (1 - chance) * value * other));
      });
    }
    const step = (lusolve(curve, slope) as number[][]).map(([value]) => value!);
    weights = weights.map((weight, at) => weight + step[at]!);
    if (step.every((value) => Math.abs(value) < 1e-9)) break;
  }
  return weights;
}

const cases = Array.from({ length: SIZE }, draw).filter((each) => each !== undefined);
const half = Math.floor(cases.length / 2);
const [clear, eachUnread] = fit(cases.slice(0, half)) as [number, number];
const fitted = { clear, eachUnread };
const out = (text: string): boolean => process.stdout.write(`${text}\n`);
out(`${KNOWN.length} lines of known meaning, ${cases.length} cases, ${half} of them fitted to`);
out(
  `fitted:      ${JSON.stringify(fitted, (_, value) => (typeof value === 'number' ? Number(value.toFixed(2)) : value))}`,
);
out(`in the code: ${JSON.stringify(FITTED)}`);
for (const [name, weights] of Object.entries({ fitted, 'in the code': FITTED })) {
  out(`\n${name}: said, and right, of the other half`);
  for (const [low, high] of [
    [0, 0.5],
    [0.5, 0.8],
    [0.8, 0.9],
    [0.9, 0.95],
    [0.95, 1.01],
  ] as const) {
    const there = cases.slice(half).filter(({ doubt }) => {
      const chance = chanceOf(doubt, weights);
      return chance >= low && chance < high;
    });
    if (there.length === 0) continue;
    const said = there.reduce((sum, { doubt }) => sum + chanceOf(doubt, weights), 0) / there.length;
    const right = there.filter(({ right: is }) => is).length / there.length;
    out(`  ${(100 * said).toFixed(1)} %  ${(100 * right).toFixed(1)} %  of ${there.length}`);
  }
}
