import { analyseDrink, analysisReport, figureValue, SPREAD_FIGURES } from '../src/analyse';
import { ingredientById } from '../src/catalogue';
import {
  DRINK_KINDS,
  DRINK_SCHEMA,
  mergeDrinks,
  sameDocument,
  readDrink,
  VERBS,
  writeDrink,
  type Drink,
  type DrinkDocument,
  type DrinkKind,
} from '../src/drink';
import { accountedMass, runSteps } from '../src/simulate';
import { percentDailyValue, sugarTeaspoons } from '../src/serving';
import fc from './seeded';

const drinkOf = (kind: DrinkKind, lines: readonly string[], serving = '250 mL'): Drink => ({
  name: 'Trial',
  kind,
  serving,
  steps: lines.map((text) => ({ verb: 'add', text })),
});
const SACHET = [
  '2.6 g table salt',
  '13.5 g glucose',
  '1.5 g potassium chloride',
  '2.9 g trisodium citrate dihydrate',
  'water to 1 L',
];

describe('the sachet of rehydration salts', () => {
  const analysis = analyseDrink(drinkOf('rehydration', SACHET));
  // Printed on the sachet, within 2 %.
  test.each([
    ['perLitre.sodium_mmol', 75],
    ['perLitre.chloride_mmol', 65],
    ['perLitre.glucose_mmol', 75],
    ['perLitre.potassium_mmol', 20],
    ['perLitre.citrate_mmol', 10],
    ['liquid.osmolarity_mOsm_L', 245],
  ] as const)('%s is %d', (figure, value) =>
    expect(Math.abs(figureValue(analysis, figure)! / value - 1)).toBeLessThan(0.02),
  );

  test('by the glass', () => {
    expect(analysis.serving).toMatchObject({ volume_mL: 250 });
    expect(analysis.perServing.sodium_mg).toBeCloseTo(425.7, 0);
    expect(analysis.perServing.potassium_mg).toBeCloseTo(196.7, 0);
    expect(analysis.litre!.energy_kcal).toBeCloseTo(50.5, 0);
    expect(analysis.trace.entries.at(-1)!.added_g).toBeCloseTo(987.5, -0.5);
  });

  test('its report has every figure, none of them NaN or missing', () => {
    const report = JSON.stringify(analysisReport(analysis));
    expect(report).not.toMatch(/NaN|Infinity/);
    expect(JSON.parse(report)).toMatchObject({ format: 'wellhydra-analysis/1', liquid: { tonicity: 'hypotonic' } });
  });
});

describe('other drinks', () => {
  test('home sugar and salt', () => {
    const { perLitre } = analyseDrink(drinkOf('rehydration', ['25.2 g sugar', '3.0 g salt', 'water to 1 L']));
    expect(perLitre!.sodium_mmol).toBeCloseTo(51.3, 0);
    expect(perLitre!.sucrose_mmol).toBeCloseTo(73.6, 0);
  });
  test('sucrose counts as the glucose it frees', () => {
    const { perLitre } = analyseDrink(drinkOf('rehydration', ['2.6 g table salt', '27 g sugar', 'water to 1 L']));
    expect(perLitre!.glucoseEquivalent_mmol).toBeCloseTo(78.9, 0);
  });
  test('a dry mix has no litre and is served by mass', () => {
    const dry = analyseDrink(drinkOf('dry-mix', ['90 g glucose', '10 g table salt'], '5 g'));
    expect(dry.liquid).toBeNull();
    expect(dry.perLitre).toBeNull();
    expect(dry.serving!.servings).toBeCloseTo(20, 9);
    expect(dry.perServing.sodium_mg).toBeCloseTo(196.7, 0);
    expect(dry.keeping).toMatchObject({ class: 'dry_powder', place: 'cupboard' });
  });
  test('everything times four changes nothing but the volume', () => {
    const once = analyseDrink(drinkOf('sport', ['50 g pineapple juice', '10 g honey', '0.3 g salt', '250 g water']));
    const four = analyseDrink(drinkOf('sport', ['200 g pineapple juice', '40 g honey', '1.2 g salt', '1000 g water']));
    expect(four.liquid!.volume_mL / once.liquid!.volume_mL).toBeCloseTo(4, 9);
    expect(once.liquid!.volume_mL).toBeCloseTo(304.6, -0.3);
    expect(four.perLitre!.sodium_mmol).toBeCloseTo(once.perLitre!.sodium_mmol, 9);
    expect(four.liquid!.pH).toBeCloseTo(once.liquid!.pH, 6);
    expect(Math.abs(once.liquid!.pH - 3.63)).toBeLessThan(0.15);
  });
  test('a step that is not understood is named and left out', () => {
    const { problems, perLitre } = analyseDrink(drinkOf('rehydration', ['2 g slat', ...SACHET]));
    expect(problems).toEqual([expect.objectContaining({ step: 0, code: 'unknown-ingredient' })]);
    expect(perLitre!.sodium_mmol).toBeCloseTo(74.07, 1);
  });
  test('heat without a liquid says so', () => {
    const { problems } = analyseDrink({ name: 'T', kind: 'tea', steps: [{ verb: 'simmer', text: '6 min' }] });
    expect(problems[0]!.message).toMatch(/no liquid in the pot/);
  });
  test('what does not dissolve is found and left out', () => {
    const { findings, trace } = analyseDrink(drinkOf('tonic', ['50 g baking soda', '100 g water']));
    expect(findings.map(({ code }) => code)).toContain('will-not-dissolve');
    expect(trace.pot.sediment[0]!.mass_g).toBeCloseTo(40.4, 0);
  });
  test('a mark below what is in the pot is refused', () => {
    const { problems } = analyseDrink(drinkOf('tonic', ['1 L water', 'water to 500 mL']));
    expect(problems[0]!.message).toMatch(/more than this/);
  });
  test('a serving that is none', () => {
    expect(analyseDrink(drinkOf('juice', ['1 L water'], 'one gulp')).problems[0]!.step).toBeNull();
  });
  test('daily values and teaspoons', () => {
    expect(percentDailyValue('sodium_mg', 500)).toBeCloseTo(21.7, 1);
    expect(percentDailyValue('vitaminC_mg', 45)).toBeCloseTo(50, 9);
    expect(sugarTeaspoons(12.48)).toBeCloseTo(3, 9);
  });
});

const GRAMS: readonly string[] = [
  'water',
  'table salt',
  'glucose',
  'white sugar',
  'honey',
  'lemon juice',
  'citric acid',
  'baking soda',
  'magnesium citrate',
  'cucumber',
];
const randomLines = fc.array(
  fc
    .tuple(fc.constantFrom(...GRAMS), fc.double({ min: 0.01, max: 500, noNaN: true }))
    .map(([name, grams]) => `${grams.toFixed(3)} g ${name}`),
  { minLength: 1, maxLength: 12 },
);

describe('the simulator', () => {
  test('keeps every gram, at every step of every drink', () => {
    fc.assert(
      fc.property(randomLines, (lines) => {
        const trace = runSteps(lines.map((text) => ({ verb: 'add', text })));
        for (const { pot } of trace.entries) expect(Math.abs(accountedMass(pot) / pot.mass_g - 1)).toBeLessThan(1e-9);
        const typed = lines.reduce((sum, line) => sum + Number.parseFloat(line), 0);
        expect(Math.abs(trace.pot.mass_g / typed - 1)).toBeLessThan(1e-9);
      }),
      { numRuns: 150 },
    );
  });
  test('never gives a figure that is no number, and more salt never lowers sodium', () => {
    fc.assert(
      fc.property(randomLines, (lines) => {
        const plain = analyseDrink(drinkOf('sport', lines));
        for (const figure of SPREAD_FIGURES) {
          const value = figureValue(plain, figure);
          if (value !== null) expect(Number.isFinite(value)).toBe(true);
        }
        const salted = analyseDrink(drinkOf('sport', [...lines, '1 g table salt']));
        // As many crystals lie at the bottom as before; what is dissolved agrees to rounding and to a picogram.
        expect(salted.batch.sodium_mg).toBeGreaterThanOrEqual(plain.batch.sodium_mg * (1 - 1e-12) - 1e-9);
      }),
      { numRuns: 300 },
    );
  });
});

describe('the drink file', () => {
  test('there and back', () => {
    const drink: Drink = {
      name: 'T',
      kind: 'sport',
      serving: '500 mL',
      target: 'sports-6-percent',
      steps: [
        { verb: 'add', text: '1 g salt', note: 'n', optional: true },
        { verb: 'dissolve', text: '' },
      ],
    };
    expect(readDrink(JSON.parse(JSON.stringify(writeDrink(drink))))).toEqual({ kind: 'drink', drink });
  });
  test.each([
    ['nothing', null, ''],
    ['no format', { name: 'T', kind: 'sport', steps: [] }, 'format'],
    ['unknown kind', { format: 'wellhydra-drink/1', name: 'T', kind: 'soup', steps: [] }, 'kind'],
    ['no name', { format: 'wellhydra-drink/1', kind: 'sport', steps: [] }, 'name'],
    ['no steps', { format: 'wellhydra-drink/1', name: 'T', kind: 'sport' }, 'steps'],
    ['no verb', { format: 'wellhydra-drink/1', name: 'T', kind: 'sport', steps: [{ pour: 'x' }] }, 'steps[0]'],
    [
      'two verbs',
      { format: 'wellhydra-drink/1', name: 'T', kind: 'sport', steps: [{ add: 'x', stir: '' }] },
      'steps[0]',
    ],
    ['no text', { format: 'wellhydra-drink/1', name: 'T', kind: 'sport', steps: [{ add: 2 }] }, 'steps[0].add'],
    ['unknown field', { format: 'wellhydra-drink/1', name: 'T', kind: 'sport', steps: [], colour: 'red' }, 'colour'],
  ])('refuses %s and says where', (_what, json, at) => {
    const read = readDrink(json);
    if (read.kind === 'drink') throw new Error('was read');
    expect(read.problems.map((problem) => problem.at)).toContain(at);
  });
  test('the schema knows the same kinds and verbs', () => {
    expect(DRINK_SCHEMA.properties.kind.enum).toEqual([...DRINK_KINDS]);
    expect(DRINK_SCHEMA.$defs.step.oneOf.map(({ required }) => required[0])).toEqual([...VERBS]);
  });
  test('sugar of every spelling is one thing', () =>
    expect(ingredientById('caster-sugar').composition).toEqual(ingredientById('white-sugar').composition));
});

describe('two people edit one drink', () => {
  const step = (id: string, text: string) => ({ id, verb: 'add' as const, text });
  const base: DrinkDocument = {
    name: 'T',
    kind: 'sport',
    serving: '250 mL',
    target: null,
    steps: [step('a', '1 g salt'), step('b', '20 g sugar'), step('c', 'water to 1 L')],
  };
  const edit = (changes: Partial<DrinkDocument>): DrinkDocument => ({ ...base, ...changes });
  const texts = (document: DrinkDocument) => document.steps.map(({ text }) => text);

  test('the order of keys makes no difference, a changed word does', () => {
    const { name, ...rest } = base;
    expect(sameDocument(base, { ...rest, name })).toBe(true);
    expect(sameDocument(base, edit({ steps: [step('a', '2 g salt'), ...base.steps.slice(1)] }))).toBe(false);
    expect(sameDocument(base, edit({ steps: base.steps.slice(1) }))).toBe(false);
  });
  test('different steps: both stay', () => {
    const mine = edit({ steps: [step('a', '2 g salt'), base.steps[1]!, base.steps[2]!] });
    const theirs = edit({
      name: 'U',
      steps: [base.steps[0]!, step('b', '30 g sugar'), base.steps[2]!, step('d', '5 g honey')],
    });
    const { merged, conflicts } = mergeDrinks(base, mine, theirs);
    expect(conflicts).toEqual([]);
    expect(merged.name).toBe('U');
    expect(texts(merged)).toEqual(['2 g salt', '30 g sugar', 'water to 1 L', '5 g honey']);
  });
  test('the same step: mine stays, theirs is reported', () => {
    const { merged, conflicts } = mergeDrinks(
      base,
      edit({ steps: [step('a', '2 g salt'), ...base.steps.slice(1)] }),
      edit({ steps: [step('a', '3 g salt'), ...base.steps.slice(1)] }),
    );
    expect(texts(merged)[0]).toBe('2 g salt');
    expect(conflicts).toEqual([{ at: 'a', theirs: '3 g salt', theirStep: step('a', '3 g salt') }]);
  });
  test('removed here, changed there: it stays as changed; removed there, untouched here: it goes', () => {
    const mine = edit({ steps: base.steps.slice(1) });
    expect(
      texts(mergeDrinks(base, mine, edit({ steps: [step('a', '3 g salt'), ...base.steps.slice(1)] })).merged),
    ).toContain('3 g salt');
    expect(texts(mergeDrinks(base, base, mine).merged)).toEqual(['20 g sugar', 'water to 1 L']);
  });
  test('moved here, added there', () => {
    const mine = edit({ steps: [base.steps[1]!, base.steps[0]!, base.steps[2]!] });
    const theirs = edit({ steps: [...base.steps.slice(0, 2), step('d', '5 g honey'), base.steps[2]!] });
    expect(texts(mergeDrinks(base, mine, theirs).merged)).toEqual([
      '20 g sugar',
      '5 g honey',
      '1 g salt',
      'water to 1 L',
    ]);
  });
  test('no edit is lost, whatever the two do', () => {
    const edits = fc.array(
      fc.tuple(
        fc.constantFrom('a', 'b', 'c', 'n1', 'n2'),
        fc.constantFrom('change', 'remove', 'append'),
        fc.string({ minLength: 1, maxLength: 4 }),
      ),
      { maxLength: 4 },
    );
    const apply = (who: string, list: readonly (readonly [string, string, string])[]): DrinkDocument =>
      list.reduce((document, [id, what, text]) => {
        if (what === 'remove') return edit({ steps: document.steps.filter((each) => each.id !== id) });
        if (what === 'append' && !document.steps.some((each) => each.id === `${who}${id}`))
          return edit({ steps: [...document.steps, step(`${who}${id}`, text)] });
        return edit({ steps: document.steps.map((each) => (each.id === id ? step(id, `${who} ${text}`) : each)) });
      }, base);
    fc.assert(
      fc.property(edits, edits, (a, b) => {
        const [mine, theirs] = [apply('m', a), apply('t', b)];
        const { merged, conflicts } = mergeDrinks(base, mine, theirs);
        const visible = [...texts(merged), ...conflicts.map(({ theirs: text }) => text)];
        for (const document of [mine, theirs])
          for (const each of document.steps)
            if (!base.steps.some((was) => was.id === each.id && was.text === each.text))
              expect(visible).toContain(each.text);
      }),
      { numRuns: 300 },
    );
  });
});
