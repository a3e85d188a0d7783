import { completionsOf } from '../src/read';

const words = (line: string) => completionsOf(line).map(({ word }) => word);

test('a name of the catalogue is completed from two letters on', () => {
  expect(words('20 g hib')).toContain('hibiscus');
  expect(words('20 g h')).toEqual([]);
  expect(words('20 g hibiscus ')).toEqual([]);
  expect(completionsOf('20 g hib')[0]!.line).toMatch(/^20 g hib/);
});
test('several words that begin a name are completed together', () => {
  expect(completionsOf('1 L coconut wa').map(({ line }) => line)).toContain('1 L coconut water');
});
test('behind a number a unit is completed', () => {
  expect(words('2 tab')).toContain('tablespoon');
  expect(words('tab')).not.toContain('tablespoon');
});
test('at most four, none twice, and odd ends give none', () => {
  for (const line of ['1 g sa', 'ma', 'gi', '3 te', '2 cu']) expect(new Set(words(line)).size).toBe(words(line).length);
  expect(words('1 g sa').length).toBeLessThanOrEqual(4);
  for (const line of ['', ' ', '((', '1/', 'constructor', '\u0000ab', 'é']) expect(words(line)).toEqual([]);
});
