import { packagesFor } from '../src/shopping';

describe('what one can buy', () => {
  test.each<[number, number | undefined, number, number]>([
    // The smallest usual package that holds it, or as many of the largest.
    [20, undefined, 1, 25],
    [25, undefined, 1, 25],
    [26, undefined, 1, 50],
    [300, undefined, 1, 500],
    [1000, undefined, 1, 1000],
    [2100, undefined, 3, 1000],
    // Of the size that was bought last.
    [200, 340, 1, 340],
    [700, 340, 3, 340],
    [680, 340, 2, 340],
  ])('%d g, bought before by %s g: %d of %d g', (wanted, bought, count, each_g) =>
    expect(packagesFor(wanted, bought)).toEqual({ count, each_g }),
  );
  test('nothing wanted is no question', () => {
    expect(() => packagesFor(0)).toThrow(RangeError);
    expect(() => packagesFor(NaN)).toThrow(RangeError);
  });
});
