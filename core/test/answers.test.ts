import { answersOf, readLine } from '../src/read';
import { WRITTEN_LINES } from './written-lines';

const edits = (text: string): readonly string[] => answersOf(readLine(text)).map(({ edit }) => edit);

test.each([
  ['salt', '1/4 tsp salt'],
  ['add the honey', 'add 100 g honey'],
  ['honey to taste', '1 tbsp honey'],
  ['top up with sparkling water', 'top up with 500 mL sparkling water'],
  ['simmer the berries', 'simmer the berries 20 min'],
  ['steep it', 'steep it 15 min'],
  ['simmer the berries, add 200 g honey and bottle', 'simmer 20 min the berries, add 200 g honey and bottle'],
  ['a splash of vinegar and some honey', 'a splash of white vinegar and some honey'],
  ['same amount of honey', 'same amount of honey by weight'],
  ['fill a third of the jar with lemon balm', 'fill a third of the 500 mL jar with lemon balm'],
  ['enough water for 3 bottles', 'enough water for 3 500 mL bottles'],
  ['1 cup berries', '1 cup raspberries'],
  ['a handful of mixed berries, mashed', 'a handful of blueberries, mashed'],
])('“%s” is answered by “%s”', (text, answer) => expect(edits(text)).toContain(answer));

test('nothing is offered for a line that asks nothing, or says nothing', () => {
  for (const text of ['2 lemons, juiced', 'call your mother', '']) expect(edits(text)).toEqual([]);
});

test('what is said elsewhere is not asked by an amount of its own', () => {
  expect(edits('add half the honey')).toEqual([]);
});

test.each(WRITTEN_LINES)('an answer to “%s” settles its question and does nothing else', (text) => {
  const reading = readLine(text);
  for (const { edit } of answersOf(reading)) {
    const after = readLine(edit);
    expect(after.text).not.toBe(text);
    expect(after.reads.map(({ verb }) => verb)).toEqual(
      reading.reads.length > 0 ? reading.reads.map(({ verb }) => verb) : after.reads.map(({ verb }) => verb),
    );
  }
});

describe('amounts by vessels', () => {
  test.each([
    ['a third of the 1 L jar lemon balm', '333.3 ml lemon balm'],
    ['fill half of the 500 ml jar with honey', '250 ml honey'],
    ['half of the jar of honey', '185 mL honey'],
    ['water, enough for three 500 mL bottles', 'water to 1500 ml'],
    ['enough water for 2 bottles of 1 L', 'water to 2000 ml'],
  ])('%s', (text, step) => expect(readLine(text).steps[0]).toEqual({ verb: 'add', text: step }));

  test('honey for three bottles is no mark that honey is filled up to', () => {
    expect(readLine('enough honey for 3 bottles').steps[0]?.text).not.toMatch(/to 1500/);
  });
});
