import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { lineFromStep, stepFromLine, VERBS } from '../src/drink';
import { readLine, typedLine } from '../src/read';
import fc from './seeded';

const reads = (text: string) => readLine(text).reads;
const steps = (text: string) => readLine(text).steps;
const verbs = (text: string) => reads(text).map(({ verb }) => verb);

describe('amounts, wherever they stand', () => {
  test.each([
    ['ginger 25 g', 'ginger, fresh', 25, 25],
    ['lemons (2)', 'lemon', 150, 280],
    ['water, about two litres', 'water', 1980, 2020],
    ['a litre and a half of water', 'water', 1480, 1510],
    ['half a dozen strawberries, hulled', 'strawberries', 35, 120],
    ['3 × 200 ml water', 'water', 595, 605],
    ['2,5 g salt', 'table salt', 2.5, 2.5],
    ['1,500 ml water', 'water', 1490, 1505],
    ['two to three tbsp honey', 'honey', 45, 65],
    ['a scant teaspoon of salt', 'table salt', 4.5, 6],
    ['3 lemons, juiced', 'lemon juice', 90, 190],
    ['peel of one lemon', 'lemon peel', 10, 60],
    ['5 chamomile tea bags', 'chamomile, dried', 5, 12],
    ['2 garlic cloves, smashed', 'garlic', 4, 11],
    ['a big mug of milk', 'milk', 300, 450],
    ['a couple of cinnamon sticks', 'cinnamon stick', 3, 12],
    ['6 capsules magnesium citrate (150 mg each)', 'magnesium citrate', 0.85, 6.5],
  ])('%s', (text, ingredient, least, most) => {
    const [read, ...more] = reads(text);
    expect(more).toEqual([]);
    expect(read!.ingredient).toContain(ingredient.split(',')[0]!);
    expect(read!.grams).toBeGreaterThanOrEqual(least * 0.99);
    expect(read!.grams).toBeLessThanOrEqual(most * 1.01);
  });

  test('slips of the key are put right, but never one known thing into another', () => {
    expect(reads('2 tabelspoons honney')[0]).toMatchObject({ ingredient: 'honey' });
    expect(reads('20 g gingre')[0]).toMatchObject({ ingredient: 'ginger, fresh' });
    expect(reads('1 stick cinammon')[0]!.ingredient).toBe('cinnamon stick');
    expect(reads('20 g mint')[0]!.ingredient).not.toBe(reads('20 g mace')[0]?.ingredient);
  });
});

describe('actions in everyday words', () => {
  test.each([
    ['bring it slowly up to the boil', ['heat']],
    ['let it bubble gently 20 min', ['simmer']],
    ['cook down by half', ['reduce']],
    ['boil until it coats the back of a spoon', ['reduce']],
    ['take off the heat, cover, leave half an hour', ['steep']],
    ['pass it through muslin', ['strain']],
    ['fish the pods out', ['remove']],
    ['let it cool to room temperature', ['cool']],
    ['shake the jar daily for 3 weeks', ['infuse']],
    ['give it a good shake', ['shake']],
    ['leave in the fridge overnight', ['infuse']],
    ['keep in the fridge', ['store']],
    ['rinse the berries', ['wash']],
    ['stir until the sugar dissolves', ['dissolve']],
    ['crush the berries', ['mash']],
    ['scum: skim it off', ['skim']],
    ['simmer 10 min then strain through a sieve and cool', ['simmer', 'strain', 'cool']],
  ])('%s', (text, expected) => expect(verbs(text)).toEqual(expected));

  test('time, warmth, lid and place are read off them', () => {
    expect(reads('simmer a quarter of an hour with the lid ajar')[0]).toMatchObject({
      minutes: 15,
      with: { lid: 'ajar' },
    });
    expect(reads('heat to 160 F')[0]!.celsius).toBeCloseTo(71.1, 1);
    expect(reads('warm it, not over 50 degrees')[0]!.celsius).toBe(50);
    expect(reads('leave in a dark cupboard for a fortnight')[0]).toMatchObject({ minutes: 20160 });
    expect(readLine('simmer 30 min, covered').steps).toEqual([{ verb: 'simmer', text: '30 min', lid: 'on' }]);
  });
});

describe('several things in a line', () => {
  test('each becomes a step, in order', () => {
    const steps = readLine('add 2 cinnamon sticks and 4 cloves, simmer 25 mins with lid').reads;
    expect(steps.map(({ verb, ingredient }) => [verb, ingredient])).toEqual([
      ['add', 'cinnamon stick'],
      ['add', 'cloves, whole'],
      ['simmer', null],
    ]);
  });
  test('what is put into something else is two things', () => {
    expect(reads('a pinch of salt in half a litre of water').map(({ ingredient }) => ingredient)).toEqual([
      'table salt',
      expect.stringContaining('water'),
    ]);
  });
  test.each([
    ['set the pan in a sink of cold water until cool', ['cool']],
    ['bring it up, then keep it at a bare simmer for 20 minutes', ['heat', 'simmer']],
    ['cook it down until only half is left', ['reduce']],
    ['lid on, dark cupboard, 3 weeks', ['infuse']],
    ['squeeze hard through a nut bag', ['strain']],
    ['turn the heat down low and simmer 5 min', ['simmer']],
    ['heat to 160F and hold for 10 minutes', ['heat', 'steep']],
    ['once it is cool stir in the honey', ['cool', 'add', 'stir']],
    ['stir in the honey once it has cooled', ['cool', 'add', 'stir']],
    ['the lime juice goes in', ['add']],
  ])('%s', (line, told) => expect(verbs(line)).toEqual(told));
  test.each([
    ['fill three 1-litre glass jars', '3 x 1 litre glass jar'],
    ['pour into six warmed 330 ml bottles', '6 x 330 ml warm bottle'],
  ])('%s: what is filled is said', (line, text) => {
    expect(steps(line)).toMatchObject([{ verb: 'bottle', text }]);
    expect(readLine(line).question).toBeNull();
  });
  test('a pot hotter than any water was read in Fahrenheit, and is asked about', () => {
    const {
      reads: [heat],
      question,
    } = readLine('heat to 175°C');
    expect(heat!.celsius).toBeCloseTo(79.4, 0);
    expect(question!.ask).toContain('°F');
  });
  test('what was made before is used, and never taken for what it is made of', () => {
    expect(readLine('3 tbsp ginger cordial').reads).toMatchObject([{ verb: 'use', ingredient: 'ginger cordial' }]);
    expect(readLine('20 ml vanilla essence').reads).toEqual([]);
    expect(readLine('200 ml tonic water').question!.ask).toBe('Which water is it?');
  });
  test.each([
    ['warm the milk to 60C', 'nothing is sixty cups'],
    ['best drunk within 3 days', 'nothing stands for three days'],
    ['give him a spoon every few minutes', 'nothing takes minutes'],
    ['15 g salt, mixed real good', 'no more of it'],
  ])('%s: %s', (line) => {
    for (const { grams, minutes, verb } of readLine(line).reads) {
      expect(grams === null || grams <= 15).toBe(true);
      expect(verb === 'add' || minutes === null).toBe(true);
    }
  });
  test.each([
    ['1 pound strawberries', [['strawberries', 453.6]]],
    [
      'half a teaspoon each of table salt and baking soda',
      [
        ['table salt', 3],
        ['baking soda', 2.3],
      ],
    ],
    [
      '2 lemons, zest and juice',
      [
        ['lemon', 10.8],
        ['lemon juice', 90],
      ],
    ],
    ['1 papaya, about 300 g', [['papaya', 300]]],
    ['120 ml orange juice (about 2 oranges)', [['orange juice', 125]]],
    ['juice 3 oranges', [['orange juice', 250]]],
  ] as const)('%s weighs what it says', (line, amounts) => {
    const found = readLine(line).reads.map(({ ingredient, grams }) => [ingredient, grams] as const);
    expect(found.map(([name]) => name?.split(',')[0])).toEqual(amounts.map(([name]) => name.split(',')[0]));
    found.forEach(([, grams], at) => {
      expect(grams! / amounts[at]![1]).toBeGreaterThan(0.5);
      expect(grams! / amounts[at]![1]).toBeLessThan(2);
    });
  });
  test('numbers that are dictated', () => {
    expect(readLine('two hundred and fifty grams of sugar').reads[0]!.grams).toBe(250);
    expect(readLine('thirty five ml water').reads[0]!.grams).toBeCloseTo(34.9, 0);
  });
  test('a card in short words', () =>
    expect(steps('2 T. hon.')).toMatchObject([{ verb: 'add', text: '2 tbsp honey' }]));
  test('a slip of the tongue is taken back, and asked about', () => {
    const { reads: left, question } = readLine('2 tbsp sugar, no wait honey');
    expect(left.map(({ ingredient }) => ingredient)).toEqual(['honey']);
    expect(question!.ask).toMatch(/white sugar out/);
  });
  test('parts depend on each other', () => {
    expect(reads('2 parts water and 1 part honey').map(({ relative }) => relative)).toEqual([null, '0.5 x the water']);
    expect(reads('enough water to cover')[0]).toMatchObject({ relative: 'to cover', grams: null });
  });
});

describe('what is not sure is asked, and what is no step is kept', () => {
  test.each([
    ['honey to taste', /How much/],
    ['a glass of water', /glass hold/],
    ['2 spoons of honey', /Teaspoons or tablespoons/],
    ['splash of vinegar', /Which vinegar/],
    ['2 tbsp honey or agave syrup', /, or /],
    ['3 pints of water', /imperial/],
    ['simmer', /long/],
    ['bottle it', /bottles/],
    ['a few lemons', /How many/],
    ['qwertz uiop', /What is meant/],
  ])('%s', (text, ask) => {
    const { question, confidence } = readLine(text);
    expect(question!.ask).toMatch(ask);
    expect(confidence).toBeLessThan(0.95);
  });
  test.each(['serves 6', 'label it with the date', 'my gran swore by it', 'not for children under one'])('%s', (text) =>
    expect(readLine(text)).toMatchObject({ note: true, steps: [], question: null }),
  );
  test('either of two things is offered in the amount that was written', () =>
    expect(readLine('2 tbsp honey or agave syrup').question!.choices.map(({ edit }) => edit)).toEqual([
      '2 tbsp honey',
      '2 tbsp agave syrup',
    ]));
  test('what must not be done is not done', () => {
    expect(verbs("strain through a cloth, don't press")).toEqual(['strain']);
    expect(verbs("bring to a simmer, don't let it boil")).toEqual(['heat']);
  });
});

describe('a typed line', () => {
  test('stays as it is where a drink file says it so', () => {
    for (const line of ['2 tbsp honey', 'simmer 20 min, lid on', 'water to 1 L'])
      expect(typedLine(line)).toEqual({ steps: [stepFromLine(line)], reading: null, taken: false });
  });
  test('is read in free words where that is certain', () => {
    expect(typedLine('ginger, 40 g').steps).toEqual([{ verb: 'add', text: expect.stringMatching(/^40 g .*ginger/) }]);
    expect(typedLine('let it sit half an hour').steps).toEqual([{ verb: 'rest', text: '30 min' }]);
  });
  test('a slip of the key is put right only when its maker says so', () => {
    const { steps, reading, taken } = typedLine('40 g cinammon stick');
    expect(taken).toBe(false);
    expect(steps).toEqual([stepFromLine('40 g cinammon stick')]);
    expect(reading!.steps[0]!.text).toMatch(/cinnamon/);
  });
  test('stands as it was typed where it is not', () => {
    const { steps, reading } = typedLine('2 spoons of honey');
    expect(steps).toEqual([stepFromLine('2 spoons of honey')]);
    expect(reading!.question).not.toBeNull();
  });
  test('says of every step of the examples what the file says', () => {
    const folder = join(__dirname, '../../examples/jobs');
    for (const file of readdirSync(folder)) {
      const { steps } = JSON.parse(readFileSync(join(folder, file), 'utf8')) as { steps: Record<string, string>[] };
      for (const step of steps) {
        const verb = VERBS.find((each) => each in step)!;
        const line = lineFromStep({ verb, text: step[verb]! });
        expect([line, typedLine(line).steps[0]!.verb]).toEqual([line, verb]);
      }
    }
  });
});

test('no line breaks the reader, and nothing is read that has no words behind it', () => {
  const words = fc.constantFrom(
    ...'2 1/2 ½ 40 g ml tbsp a of the in with and then , ( ) - honey ginger water cloves simmer strain cool off heat lid 20 min overnight each part to cover don’t no wait or °C x'.split(
      ' ',
    ),
  );
  fc.assert(
    fc.property(fc.array(words, { maxLength: 14 }), (line) => {
      const text = line.join(' ');
      const { reads: found, steps, confidence } = readLine(text);
      expect(found).toHaveLength(steps.length);
      expect(confidence).toBeGreaterThanOrEqual(0);
      expect(confidence).toBeLessThanOrEqual(1);
      for (const { ingredient } of found)
        if (ingredient?.includes('honey')) expect(text).toContain('honey');
        else if (ingredient?.includes('ginger')) expect(text).toContain('ginger');
    }),
    { numRuns: 3000 },
  );
  expect(readLine('ginger '.repeat(500))).toMatchObject({ steps: [], note: true });
  expect(() => readLine('\u0000 ½½½ ×× — … constructor __proto__ toString')).not.toThrow();
});
