import { checkRecipe } from '../src/check';

const RECIPE =
  'Berry tonic\n\n200 g mixed berries\nhoney\n1 L water\n\nSimmer the berries in the water.\nStrain, stir in the honey and bottle it.';

test('a line of the list that nobody can read is asked about, with what it may be', () => {
  const { questions, lines } = checkRecipe(RECIPE);
  const berries = lines.findIndex(({ text }) => text === '200 g mixed berries');
  const question = questions.find(({ line }) => line === berries);
  expect(question?.choices.map(({ edit }) => edit)).toContain('200 g raspberries');
});

test('answered, the recipe is made of it', () => {
  const answered = RECIPE.replace('mixed berries', 'raspberries').replace('honey\n', '100 g honey\n');
  const { drink, questions } = checkRecipe(answered.replace('in the water.', 'in the water 20 min.'));
  expect(questions).toEqual([]);
  const steps = JSON.stringify(drink?.steps);
  for (const step of [{ add: '200 g raspberries' }, { simmer: '20 min' }])
    expect(steps).toContain(JSON.stringify(step));
});

test('what is told under no heading and begins with no amount is no line of the list', () => {
  const { questions } = checkRecipe('Mint water\n\n1 L water\n10 g fresh mint\n\nMy neighbour has 3 goats.');
  expect(questions).toEqual([]);
});
