import { pastedRecipe } from '../src/domain/drinks/pasted-recipe';
import { looksLikeRecipe, pastedWords } from '../src/domain/drinks/pasted-words';

const RECIPE = 'Ingredients\n1 L water\na glass of milk\nMethod\nSimmer the water 10 min. Stir in the milk.';

test('a text of several lines is a recipe, one line is typed', () => {
  expect(looksLikeRecipe('2 tbsp honey')).toBe(false);
  expect(looksLikeRecipe('\n\n2 tbsp honey\n')).toBe(false);
  expect(looksLikeRecipe('1 L water\n'.repeat(5000))).toBe(false);
  expect(looksLikeRecipe(RECIPE)).toBe(true);
  expect(pastedRecipe('1 L water\n'.repeat(300))).toBeNull();
  const pasted = pastedRecipe(RECIPE)!;
  expect(pasted.steps.map(({ verb }) => verb)).toEqual(['add', 'simmer', 'add', 'stir']);
  expect(pasted.questions[0]).toMatch(/^a glass of milk: How many mL does the glass hold/);
});

test('what is not understood is not lost: it stands last, as it was written', () => {
  const { steps, left } = pastedRecipe('1 L water\nReduce to 5 L.\nStrain.')!;
  expect(steps.map(({ verb }) => verb)).toEqual(['add', 'strain']);
  expect(left).toEqual([{ verb: 'reduce', text: 'to 5 L' }]);
  expect(pastedWords(pastedRecipe('1 L water\nReduce to 5 L.\nStrain.')!)).toMatch(
    /^Pasted as 3 steps\. One is not understood, and stands last/,
  );
});

test('it is said how many steps it became, and what is to be settled first', () => {
  const pasted = pastedRecipe(RECIPE)!;
  expect(pastedWords(pasted)).toMatch(/^Pasted as 4 steps\. a glass of milk: How many/);
  expect(pastedWords({ ...pasted, questions: [] })).toBe('Pasted as 4 steps');
  expect(pastedWords({ ...pasted, questions: ['one', 'two', 'three'] })).toMatch(/And 2 more to settle$/);
});
