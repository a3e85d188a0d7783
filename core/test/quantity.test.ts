import {
  celsiusFromFahrenheit,
  combinedCv,
  convert,
  fahrenheitFromCelsius,
  formatNumber,
  heapRatio,
  readAmount,
  readDuration,
  readIngredientLine,
  roundToSpoons,
  scaleDeviation,
  smallestLoad,
  UNITS,
  type IngredientLine,
  type Unreadable,
} from '../src/quantity';

function read(text: string): IngredientLine {
  const line = readIngredientLine(text);
  if (line.kind !== 'read') throw new Error(`${text}: ${line.message}`);
  return line;
}

function refused(text: string): Unreadable {
  const line = readIngredientLine(text);
  if (line.kind !== 'unreadable') throw new Error(`${text} was read as ${line.understood}`);
  return line;
}

const grams = (text: string): number => {
  const { dose } = read(text);
  if (dose.kind !== 'mass') throw new Error(`${text} is filled up, not dosed`);
  return dose.mass_g;
};

describe('units', () => {
  // Definitions of the units: 21 CFR, UK Weights and Measures Act, ISO.
  test.each([
    ['1 US cup', 'mL', 236.5882365, 1e-6],
    ['1 tbsp', 'mL', 14.78676478, 1e-6],
    ['1 tsp', 'mL', 4.92892159, 1e-6],
    ['1 fl oz', 'mL', 29.5735295625, 1e-9],
    ['1 pint', 'mL', 473.176473, 1e-6],
    ['1 imperial pint', 'mL', 568.26125, 1e-9],
    ['1 imperial fl oz', 'mL', 28.4130625, 1e-9],
    ['1 AU tbsp', 'mL', 20, 0],
    ['2 AU tbsp', 'US tbsp', 2.70512182, 1e-8],
    ['1 metric cup', 'mL', 250, 0],
    ['1 gallon', 'L', 3.785411784, 1e-9],
    ['1 lb', 'g', 453.59237, 1e-9],
    ['1 oz', 'g', 28.349523125, 1e-9],
    ['3 dl', 'mL', 300, 0],
  ])('%s is so many %s', (text, to, value, tolerance) => {
    const converted = convert(text, to);
    if (converted.kind !== 'converted') throw new Error(converted.message);
    expect(Math.abs(converted.value / value - 1)).toBeLessThanOrEqual(tolerance);
    expect(converted.p5).toBe(converted.value);
  });

  test('no spelling names two units', () => {
    const spellings = UNITS.flatMap((unit) => unit.aliases);
    expect(spellings.filter((name, index) => spellings.indexOf(name) !== index)).toEqual([]);
  });

  test('temperatures', () => {
    expect(celsiusFromFahrenheit(160)).toBeCloseTo(71.1111, 3);
    expect(fahrenheitFromCelsius(40)).toBeCloseTo(104, 9);
  });
});

describe('numbers as people write them', () => {
  test.each([
    ['1.5 g salt', 1.5],
    ['1,5 g salt', 1.5],
    ['.5 g salt', 0.5],
    ['1/2 g salt', 0.5],
    ['½ g salt', 0.5],
    ['1 1/2 g salt', 1.5],
    ['1½ g salt', 1.5],
    ['1-1/2 g salt', 1.5],
    ['1 and a half g salt', 1.5],
    ['one and a half g salt', 1.5],
    ['two g salt', 2],
    ['a g salt', 1],
    ['half a g salt', 0.5],
    ['three quarters g salt', 0.75],
    ['2-3 g salt', 2.5],
    ['2–3 g salt', 2.5],
    ['2 to 3 g salt', 2.5],
    ['1/2-3/4 g salt', 0.625],
    ['200g salt', 200],
    ['about 200 g salt', 200],
    ['2 X 5 G SALT'.replace('X 5 ', ''), 2],
  ])('%s', (text, value) => expect(grams(text)).toBeCloseTo(value, 9));

  test('a range carries its width as spread', () => {
    const range = read('2-4 g salt').dose;
    expect(range.cv).toBeGreaterThan(2 / Math.sqrt(12) / 3 - 1e-9);
    expect(read('2-4 g salt').understood).toBe('2 to 4 g table salt');
  });

  test.each([
    ['-2 g salt', 'not-positive'],
    ['0 g salt', 'not-positive'],
    ['1/0 g salt', 'not-positive'],
    ['1,000 mL water', 'ambiguous-number'],
    ['1 t salt', 'unknown-unit'],
    ['5 blorps honey', 'unknown-unit'],
    ['2 g slat', 'unknown-ingredient'],
    ['2 g dried honeydew', 'unknown-ingredient'],
    ['15 g', 'no-ingredient'],
    ['salt', 'no-amount'],
    ['', 'empty'],
    ['some honey', 'unknown-word'],
    ['5 cm honey', 'no-such-measure'],
    ['juice of 2 apples', 'no-such-measure'],
    ['12 capsules of magnesium citrate', 'no-amount'],
    ['salt to 1 L', 'unit-mismatch'],
    ['water to 1 kg', 'unit-mismatch'],
  ])('refuses %p as %s', (text, code) => {
    const wrong = refused(text);
    expect(wrong.code).toBe(code);
    expect(wrong.message).not.toBe('');
  });

  test.each([
    ['1,000 mL water', '1000 ml water'],
    ['1 t salt', '1 tsp salt'],
    ['2 g slat', '2 g salt'],
  ])('%s could have meant %s', (text, meant) => {
    expect(refused(text).suggestions).toContain(meant);
    expect(readIngredientLine(meant).kind).toBe('read');
  });
});

describe('amounts to grams', () => {
  // Bulk densities and piece masses: household-measure tables; expected values by hand from them.
  test.each([
    ['1 tsp table salt', 6.0, 0.025],
    ['6 level tsp sugar', 24.99, 0.02],
    ['1 tbsp honey', 21.0, 0.015],
    ['2/3 cup honey', 223.97, 0.001],
    ['1 cup packed brown sugar', 220, 0.002],
    ['250 mL orange juice', 261.25, 0.002],
    ['juice of 3 lemons', 136.1, 0.008],
    ['3 lemons, juiced', 136.1, 0.008],
    ['5 cm ginger', 24.54, 0.012],
    ['4 cm ginger', 19.63, 0.012],
    ['2 lemons', 216, 1e-9],
    ['1 stick cinnamon', 3.5, 1e-9],
    ['1 cinnamon stick', 3.5, 1e-9],
    ['8 cloves', 0.64, 1e-9],
    ['2 cloves garlic', 6.6, 1e-9],
    ['6 mint leaves', 0.48, 1e-9],
    ['2 tea bags', 4, 1e-9],
    ['thumb of ginger', 22, 1e-9],
    ['pinch of salt', 0.35, 1e-9],
    ['handful of dried hibiscus', 8, 1e-9],
    ['12 capsules of 100 mg magnesium citrate', 1.2, 1e-9],
    ['1 heaped tsp salt', 6 * 1.35, 0.01],
    ['1 level cutlery tsp salt', 6 * 0.88, 0.01],
    ['1 1/2 tsp fine sea salt, level', 1.5 * 5.57, 0.005],
  ])('%s', (text, mass, tolerance) => expect(Math.abs(grams(text) / mass - 1)).toBeLessThanOrEqual(tolerance));

  test('filling up is a mark, not a mass', () => {
    expect(read('water to 1 L').dose).toMatchObject({ kind: 'fill', volume_mL: 1000 });
    expect(read('top up with water to 2 pints').dose).toMatchObject({ kind: 'fill' });
  });

  test('what is taken for granted is said', () => {
    expect(read('1/2 tsp salt').assumed[0]).toMatch(/fine table salt/);
    expect(read('1/2 tsp fine sea salt').assumed).toEqual([]);
  });

  test('the kitchen can say that its spoons are cutlery', () => {
    const line = readIngredientLine('1 tsp salt', { spoons: 'cutlery' });
    expect(line.kind === 'read' && line.dose.cv).toBeGreaterThan(0.25);
  });
});

describe('errors of measuring', () => {
  test('a level teaspoon of table salt: CV 0.081, 5.1 to 7.0 g', () => {
    const { cv } = read('1 tsp table salt').dose;
    expect(cv).toBeCloseTo(0.0812, 2);
    expect(6 * Math.exp(-1.96 * cv)).toBeCloseTo(5.12, 1);
    expect(6 * Math.exp(1.96 * cv)).toBeCloseTo(7.03, 1);
  });

  test('six scoops with one spoon are not √6 times better', () => {
    const { cv } = read('6 level tsp sugar').dose;
    expect(cv).toBeCloseTo(0.0601, 2);
    expect(cv).toBeGreaterThan(1.5 * 0.0308);
  });

  test('3 g on a 1 g scale is worse than a level half teaspoon', () => {
    expect(scaleDeviation(3, 1) / 3).toBeCloseTo(0.215, 2);
    expect(read('3 g table salt').dose.cv).toBeCloseTo(0.215, 2);
    expect(read('1/2 tsp table salt').dose.cv).toBeLessThan(0.1);
    expect(smallestLoad(1, 0.05)).toBeCloseTo(25.4, 0);
  });

  test('heaped cutlery spoon', () => expect(heapRatio(4.4, 3, 4.4, 33)).toBeCloseTo(1.9265, 3));

  test('causes add in squares', () =>
    expect(
      combinedCv([
        { key: 'a', cv: 0.03 },
        { key: 'b', cv: 0.04 },
      ]),
    ).toBeCloseTo(0.05, 12));
});

describe('spoons nearest to a volume', () => {
  test('1.9 mL', () => {
    const rounded = roundToSpoons(1.9);
    expect(rounded.words).toBe('1 x 1/8 tsp + 1 x 1/4 tsp');
    expect(rounded.error).toBeCloseTo(-0.0272, 4);
  });
  test('nothing cannot be spooned', () => expect(() => roundToSpoons(0)).toThrow(RangeError));
});

describe('the rest', () => {
  test('amounts alone', () => {
    expect(readAmount('250 mL')).toMatchObject({ value: 250 });
    expect(readAmount('250')).toMatchObject({ kind: 'unreadable', code: 'unknown-unit' });
    expect(readAmount('250 mL of joy')).toMatchObject({ kind: 'unreadable' });
  });
  test('durations', () => {
    expect(readDuration('1 1/2 h')).toEqual({ kind: 'duration', minutes: 90 });
    expect(readDuration('2 blinks')).toMatchObject({ kind: 'unreadable' });
  });
  test('conversions that make no sense are refused', () => {
    expect(convert('1 cup', 'g')).toMatchObject({ kind: 'unreadable', code: 'unit-mismatch' });
    expect(convert('2 g salt', 'blorp')).toMatchObject({ kind: 'unreadable', code: 'unknown-unit' });
    expect(convert('-2 g salt', 'g')).toMatchObject({ kind: 'unreadable', code: 'not-positive' });
  });
  test.each([
    [0, '0'],
    [0.0123456, '0.0123'],
    [2.6, '2.6'],
    [1234.5, '1230'],
    [99.95, '100'],
    [10, '10'],
  ])('formats %p as %p', (value, text) => expect(formatNumber(value)).toBe(text));
});
