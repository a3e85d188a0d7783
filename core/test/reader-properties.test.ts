import { CATALOGUE } from '../src/catalogue';
import { convert, readAmount, readDuration, readIngredientLine, UNITS } from '../src/quantity';
import fc from './seeded';

const number = fc.oneof(
  fc.integer({ min: 1, max: 999 }).map(String),
  fc.double({ min: 0.01, max: 99, noNaN: true }).map((value) => value.toFixed(2)),
  fc.constantFrom('1/2', '½', '1 1/2', '1½', '2-3', 'a', 'half a', '3/4', 'one and a half', '12'),
);
const unit = fc.constantFrom(...UNITS.flatMap(({ aliases }) => aliases));
const ingredient = fc.constantFrom(...CATALOGUE.flatMap(({ name, aliases }) => [name, ...aliases]));
const noise = fc.constantFrom('', ', level', ', chopped', ' (heaped)', ' fresh', '  ', '!', ' to', ' of', 'x');
const kitchenLine = fc
  .tuple(number, unit, ingredient, noise)
  .map(([many, measure, thing, more]) => `${many} ${measure} ${thing}${more}`);

describe('whatever is typed', () => {
  test.each([
    ['letters of all kinds', fc.string({ maxLength: 60, unit: 'grapheme' })],
    [
      'kitchen words in any order',
      fc.array(fc.oneof(number, unit, ingredient, noise), { maxLength: 7 }).map((words) => words.join(' ')),
    ],
    ['lines as people write them', kitchenLine],
  ])('%s are read or refused with a reason, and never crash', (_what, texts) => {
    fc.assert(
      fc.property(texts, (text) => {
        const read = readIngredientLine(text);
        if (read.kind === 'unreadable') {
          expect(read.message.length).toBeGreaterThan(5);
          expect(read.suggestions.length).toBeLessThanOrEqual(4);
          return;
        }
        const { dose } = read;
        const size = dose.kind === 'mass' ? dose.mass_g : dose.kind === 'fill' ? dose.volume_mL : 1;
        expect(size > 0 && Number.isFinite(size)).toBe(true);
        expect(dose.cv >= 0 && Number.isFinite(dose.cv)).toBe(true);
        expect(read.understood).not.toMatch(/NaN|undefined|Infinity/);
      }),
      { numRuns: 800 },
    );
  });

  test('amounts and times alone do not crash either', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 30 }),
          fc.tuple(number, unit).map((words) => words.join(' ')),
        ),
        (text) => {
          const amount = readAmount(text);
          if (!('kind' in amount))
            expect(amount.low > 0 && amount.low <= amount.value && amount.value <= amount.high).toBe(true);
          const duration = readDuration(text);
          if (duration.kind === 'duration') expect(duration.minutes).toBeGreaterThan(0);
        },
      ),
      { numRuns: 800 },
    );
  });

  test('capitals and spaces make no difference', () => {
    fc.assert(
      fc.property(kitchenLine, (text) => {
        const plain = readIngredientLine(text);
        const shouted = readIngredientLine(`  ${text.toUpperCase().replaceAll(' ', '   ')} `);
        expect(shouted.kind).toBe(plain.kind);
        if (plain.kind === 'read' && shouted.kind === 'read') expect(shouted.dose).toEqual(plain.dose);
      }),
      { numRuns: 400 },
    );
  });

  test('twice as much weighs twice as much', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), unit, ingredient, (count, measure, thing) => {
        const [once, twice] = [
          readIngredientLine(`${count} ${measure} ${thing}`),
          readIngredientLine(`${2 * count} ${measure} ${thing}`),
        ];
        if (once.kind !== 'read' || twice.kind !== 'read' || once.dose.kind !== 'mass' || twice.dose.kind !== 'mass')
          return;
        expect(twice.dose.mass_g / once.dose.mass_g).toBeCloseTo(2, 9);
        expect(twice.dose.cv).toBeLessThanOrEqual(once.dose.cv + 1e-12);
      }),
      { numRuns: 500 },
    );
  });

  test('every ingredient is found by each of its names, by the gram', () => {
    for (const { id, name, aliases } of CATALOGUE)
      for (const each of [name, ...aliases]) {
        const read = readIngredientLine(`10 g ${each}`);
        expect([each, read.kind === 'read' ? read.ingredient.id : read.message]).toEqual([each, id]);
      }
  });

  test('a conversion and its way back meet', () => {
    const volumes = fc.constantFrom('mL', 'L', 'tsp', 'tbsp', 'cup', 'imperial pint', 'gallon');
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), volumes, volumes, (count, from, to) => {
        const there = convert(`${count} ${from}`, to);
        if (there.kind !== 'converted') throw new Error(there.message);
        const back = convert(`${there.value.toFixed(9)} ${to}`, from);
        if (back.kind !== 'converted') throw new Error(back.message);
        expect(Math.abs(back.value / count - 1)).toBeLessThan(1e-4);
      }),
      { numRuns: 200 },
    );
  });
});
