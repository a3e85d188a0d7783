import { mostAlike } from '../src/compare';
import type { DrinkStep } from '../src/drink';

const drink = (name: string, ...lines: readonly string[]) => ({
  name,
  steps: lines.map((text): DrinkStep => ({ verb: 'add', text })),
});
const KITCHEN = [
  drink('Sachet', '1 L water', '2.6 g table salt', '13.5 g glucose'),
  drink('Mint and lemon', '1 L water', '10 g fresh mint', '1 lemon, sliced'),
  drink('Everything', '10 g fresh mint', '1 lemon, sliced', '5 g dried sage', '100 g honey', '2 apples'),
];

test('the drink that shares the largest part of what goes in', () => {
  expect(mostAlike(drink('New', '2 L water', '20 g fresh mint', '2 lemons, sliced'), KITCHEN)?.name).toBe(
    'Mint and lemon',
  );
  expect(mostAlike(drink('New', '3 g salt', '1 L water'), KITCHEN)?.name).toBe('Sachet');
});

test('water alone makes none alike, and a line that cannot be read is no thing', () => {
  expect(mostAlike(drink('New', '1 L water', '40 g hops'), KITCHEN)).toBeUndefined();
  expect(mostAlike(drink('New', '1 L water'), [])).toBeUndefined();
});
