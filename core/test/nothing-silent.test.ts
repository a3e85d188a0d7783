import { CERTAIN, readLine } from '../src/read';

/** Lines with a slip nobody can guess: something is left that was not read, so they are never certain. */
test.each([
  ['dissolve 1/2 tsp slaat in 100 ml hot water', 'half a spoon of hot water'],
  ['2 g potassium citrate, 1 g magnesium citrate, 3 g satl', 'the salt left out'],
  ['2 g potassium citrate, 1 g xmagnesiom citrate, 3 g salt', 'the magnesium left out'],
  ['blitz 1 banana, 200 g strawberries and 250 ml nefir', 'the kefir left out'],
  ['remove the cinnamon axter 10 min', 'the ten minutes left out'],
  ['remove the zcinnnamon', 'all taken out'],
  ['soak 3 zablespoons chia seeds in a cup of almond milk for 20 minutes', 'the seeds left out'],
  ['muddle 6 basil leaves ith 1 tsp sugar', 'six spoons of basil'],
])('“%s” is not certain: %s', (text) => expect(readLine(text).confidence).toBeLessThan(CERTAIN));

/** The same lines as they were meant, which are. */
test.each([
  'dissolve 1/2 tsp salt in 100 ml hot water',
  '2 g potassium citrate, 1 g magnesium citrate, 3 g salt',
  'remove the cinnamon after 10 min',
  'soak 3 tablespoons chia seeds in a cup of almond milk for 20 minutes',
  'muddle 6 basil leaves with 1 tsp sugar',
])('“%s” is certain', (text) => expect(readLine(text).confidence).toBeGreaterThanOrEqual(CERTAIN));

test.each([
  ['Simmer the elderberries and cinnamon in the water for 45 min with the lid ajar', 'simmer', 45],
  ['simmer gently for three quarters of an hour', 'simmer', 45],
  ['steep the sage and lemon balm covered for 10 min', 'steep', 10],
])('“%s”: the time is that of what is done', (text, verb, minutes) => {
  const { reads } = readLine(text);
  expect(reads.find((read) => read.verb === verb)?.minutes).toBe(minutes);
  expect(reads.filter((read) => read.grams !== null)).toEqual([]);
});
