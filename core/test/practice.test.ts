import {
  PRACTICE_KINDS,
  measureQuestionOf,
  practiceQuestion,
  practiceStanding,
  practiseNext,
  type AmountQuestion,
  type PracticeAnswer,
  type PracticeKind,
  type SlipQuestion,
  type UnweighedMeasure,
} from '../src/practice';

/** Numbers that come in the same order each time. Source: Numerical Recipes, a linear congruential generator. */
const seeded = (seed: number) => {
  let state = seed >>> 0;
  return () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 2 ** 32;
};
const questions = (kind: PracticeKind, count = 60) =>
  Array.from({ length: count }, (_any, seed) => practiceQuestion(kind, seeded(7919 * seed + 1)));
const amounts = (kind: Exclude<PracticeKind, 'slip'>) => questions(kind) as readonly AmountQuestion[];
const numberIn = (pattern: RegExp, { steps }: AmountQuestion): number =>
  Number(steps.map(({ text }) => pattern.exec(text)?.[1]).find(Boolean));

test.each(PRACTICE_KINDS)('%s: the same numbers make the same question, others make others', (kind) => {
  expect(practiceQuestion(kind, seeded(5))).toEqual(practiceQuestion(kind, seeded(5)));
  const different = new Set(questions(kind).map(({ steps }) => JSON.stringify(steps)));
  expect(different.size).toBeGreaterThan(4);
});

test('salt: two fifths of it are sodium, in the part of the jug that a glass is', () => {
  for (const question of amounts('salt')) {
    const [litres, salt_g, sugar_g] = [/([\d.]+) L water/, /([\d.]+) g table salt/, /([\d.]+) g white sugar/].map(
      (each) => numberIn(each, question),
    ) as [number, number, number];
    const glass_mL = Number(/(\d+) mL/.exec(question.ask)![1]);
    // Dissolved sugar takes some 0.62 mL a gram. Source: density of sucrose solutions, ICUMSA.
    const jug_mL = 1000 * litres + 0.62 * sugar_g;
    // Sodium in sodium chloride: 22.99 of 58.44.
    expect(question.truth / ((1000 * salt_g * 22.99 * glass_mL) / (58.44 * jug_mL))).toBeCloseTo(1, 1.5);
    expect(question.because[0]).toContain(`${Math.round(question.truth)} mg`);
  }
});

test('reduction: what coats a cold spoon is 62 °Brix, so there is as much as its sugar says', () => {
  for (const question of amounts('reduction')) {
    // 62 g of sugar in 100 g, at 1.300 g/mL. Source: density of sucrose solutions at 20 °C, ICUMSA.
    const expected_mL = numberIn(/(\d+) g white sugar/, question) / 0.62 / 1.3;
    expect(Math.abs(question.truth / expected_mL - 1)).toBeLessThan(0.02);
  }
});

test('yield: less than the water that went in, and something', () => {
  for (const question of amounts('yield')) {
    const water_mL = numberIn(/(\d+) mL water/, question);
    expect(question.truth).toBeLessThan(water_mL);
    expect(question.truth).toBeGreaterThan(0.1 * water_mL);
    expect(question.because[0]).toMatch(/went as steam, .* stayed in/);
  }
});

test('measure: each of them differs from hand to hand', () => {
  const all = amounts('measure');
  expect(new Set(all.map(({ steps }) => steps[0]!.text)).size).toBe(6);
  for (const { because, truth } of all) {
    expect(truth).toBeGreaterThan(0);
    expect(Number(/from hand to hand (\d+) %/.exec(because[0]!)![1])).toBeGreaterThan(5);
  }
});

const OWN: readonly UnweighedMeasure[] = [
  { name: 'mug', of: { id: 'orange-juice', name: 'Orange juice' }, usual_g: 300, cv: 0.2 },
  { name: 'pinch', of: { id: 'table-salt', name: 'Table salt' }, usual_g: 0.35, cv: 0.45 },
];

test('measure: what a kitchen’s own drinks have is asked before anything else', () => {
  const kitchen = { options: {}, measures: OWN };
  const all = Array.from({ length: 40 }, (_any, seed) => practiceQuestion('measure', seeded(7919 * seed + 1), kitchen));
  expect(new Set(all.map(({ steps }) => steps[0]!.text))).toEqual(
    new Set(['1 mug orange juice', '1 pinch table salt']),
  );
  const others = practiceQuestion('measure', seeded(5), { ...kitchen, measures: [] });
  expect(others).toEqual(practiceQuestion('measure', seeded(5)));
  expect(practiceQuestion('salt', seeded(5), kitchen)).toEqual(practiceQuestion('salt', seeded(5)));
});

test('measure: one that was not weighed yet is what the tables say, and how far hands differ', () => {
  const { truth, because, measure } = measureQuestionOf(OWN[1]!);
  expect([truth, measure]).toEqual([0.35, { name: 'pinch', of: { id: 'table-salt', name: 'Table salt' } }]);
  expect(because[0]).toBe('By the tables it is 0.35 g, and from hand to hand 45 % more or less.');
});

test('measure: what was weighed is what it is, in the place of the tables', () => {
  const pinch = { id: 'p', name: 'pinch', of: 'table-salt', weighed_g: [0.5, 0.55, 0.45] };
  const asked = (weighed_g: readonly number[]) =>
    practiceQuestion('measure', () => 0, { options: { measures: [{ ...pinch, weighed_g }] }, measures: [] });
  const own = asked(pinch.weighed_g) as AmountQuestion;
  expect(own.truth).toBeCloseTo(0.5, 9);
  expect(own.measure).toEqual({ name: 'pinch', of: { id: 'table-salt', name: 'Table salt' } });
  expect(own.because).toEqual(['That is yours, as it was weighed: every drink that has it is worked out with it.']);
  // Twice is not enough: it is asked by the tables until then.
  expect(asked([0.5, 0.5])).toEqual(practiceQuestion('measure', () => 0));
});

test('slip: every one is found by a run, and the step that is meant stands in its place', () => {
  const all = questions('slip', 200) as readonly SlipQuestion[];
  expect(new Set(all.map(({ steps, truth }) => JSON.stringify(steps[truth]))).size).toBe(8);
  for (const { because, steps, truth, meant } of all) {
    expect([steps[truth]!.text, because.length > 0]).toEqual([steps[truth]!.text, true]);
    expect(steps[truth]).not.toEqual(meant);
  }
});

describe('how well somebody guesses', () => {
  const of = (kind: PracticeKind, ...all: readonly number[]): readonly PracticeAnswer[] =>
    all.map((each) => ({ kind, of: each }));
  test('two answers say nothing yet', () =>
    expect(practiceStanding('yield', of('yield', 1, 2))).toMatchObject({ answers: 2, within: null, leans: null }));
  test('amounts: root mean square and mean of the logarithms', () => {
    // Twice, half and twice: each ln 2 from it, and a third of ln 2 above it in the mean.
    const { within, leans } = practiceStanding('yield', of('yield', 2, 0.5, 2));
    expect(within).toBeCloseTo(2, 12);
    expect(leans).toBeCloseTo(Math.exp(Math.log(2) / 3), 12);
  });
  test('only the last twelve count, and only those of the kind', () => {
    const answers = [...of('yield', 9, 9, 9), ...of('salt', 5, 5, 5), ...of('yield', ...Array<number>(12).fill(1))];
    expect(practiceStanding('yield', answers)).toMatchObject({ answers: 15, within: 1, leans: 1 });
    expect(practiceStanding('salt', answers).within).toBeCloseTo(5, 12);
  });
  test('slips: the share that was found', () =>
    expect(practiceStanding('slip', of('slip', 1, 0, 1, 1))).toMatchObject({ found: 0.75, within: null }));
  test.each([
    [1.2, 'better'],
    [1.5, 'same'],
    [2, 'worse'],
  ] as const)('twelve within %d after twelve within 1.5 are %s', (factor, trend) => {
    const answers = of('salt', ...Array<number>(12).fill(1.5), ...Array<number>(12).fill(factor));
    expect(practiceStanding('salt', answers).trend).toBe(trend);
  });
  test('with fewer than twelve before there is no trend', () =>
    expect(practiceStanding('salt', of('salt', ...Array<number>(20).fill(1.5))).trend).toBeNull());
  test('next is what is not known yet, then what is guessed widest', () => {
    const standing = (kind: PracticeKind, answers: readonly PracticeAnswer[]) => practiceStanding(kind, answers);
    const answers = [...of('salt', 1.1, 1.1, 1.1), ...of('yield', 2, 2, 2), ...of('slip', 1, 1, 1)];
    const three = (['salt', 'yield', 'slip'] as const).map((kind) => standing(kind, answers));
    expect(practiseNext(three)).toBe('yield');
    expect(practiseNext([...three, standing('measure', answers)])).toBe('measure');
    expect(() => practiseNext([])).toThrow(RangeError);
  });
});
