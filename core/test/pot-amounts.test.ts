import { analyseDrink } from '../src/analyse';
import { readIngredientLine } from '../src/quantity';
import { scaleSteps } from '../src/resize';
import { runSteps } from '../src/simulate';
import { measureSpread } from '../src/spread';
import type { DrinkStep } from '../src/drink';

const adds = (...texts: string[]): DrinkStep[] => texts.map((text) => ({ verb: 'add', text }));
/** Grams of the last addition. */
const last = (...texts: string[]): number => runSteps(adds(...texts)).entries.at(-1)!.added_g!;
const problem = (...texts: string[]) => runSteps(adds(...texts)).problems[0]?.message;

describe('amounts that depend on the pot', () => {
  test('as much as the liquid, by weight or by volume', () => {
    expect(last('400 g water', 'as much honey as liquid')).toBeCloseTo(400, 6);
    expect(last('400 g water', 'the same weight of honey as liquid')).toBeCloseTo(400, 6);
    expect(last('400 g water', 'equal weight of honey')).toBeCloseTo(400, 6);
    // Honey of 82 °Brix weighs 1.42 g/mL; 400 g of water are 400.7 mL.
    expect(last('400 g water', 'as much honey as liquid by volume') / 400.7).toBeCloseTo(1.42, 1);
  });
  test('as something else that went in', () => {
    expect(last('300 g raspberries', 'as much water as raspberries')).toBeCloseTo(300, 6);
    expect(last('300 g raspberries', 'as much water as berries')).toBeCloseTo(300, 6);
    expect(last('500 g water', '200 g honey', '1 part white sugar to 2 parts honey')).toBeCloseTo(100, 6);
  });
  test('in parts, and for every so much', () => {
    expect(last('600 g water', '1 part sugar to 2 parts liquid')).toBeCloseTo(300, 6);
    expect(last('600 g water', '2 parts sugar to 1 part liquid')).toBeCloseTo(1200, 6);
    // A litre of water at 20 °C weighs 998.2 g: 250 g for every 500 mL of it are 500.9 g for a kilogram.
    expect(last('1 kg water', '250 g sugar for every 500 mL')).toBeCloseTo(500.9, 0);
    expect(last('1 kg water', '20 g salt per kg')).toBeCloseTo(20, 6);
  });
  test('to cover: the gaps of the heap, and a centimetre above it', () => {
    // 600 g of berries at 0.6 g/mL are a litre of heap with 0.4 L of gaps; a pot of 20 cm has 314 cm².
    const water = last('600 g elderberries, fresh', 'water to cover');
    expect(water).toBeGreaterThan(600);
    expect(water).toBeLessThan(820);
    expect(problem('1 L water', 'water to cover')).toMatch(/covered already/);
  });
  test('to taste: what most people put in, with a wide spread', () => {
    expect(last('1 kg water', 'honey to taste')).toBeCloseTo(60, 6);
    const drink = { name: 'T', kind: 'tea', serving: '250 mL', steps: adds('1 kg water', 'honey to taste') } as const;
    const { p5, p95 } = measureSpread(analyseDrink(drink), { draws: 2000 }).ranges['perLitre.carbohydrate_g']!;
    expect(p95 / p5).toBeGreaterThan(3);
    expect(problem('1 L water', 'elderberries, dried to taste')).toMatch(/Write how much/);
  });
  test('what is not there is said', () => {
    expect(problem('100 g sugar', 'as much honey as liquid')).toMatch(/no liquid in the pot yet/);
    expect(problem('1 L water', 'as much honey as raspberries')).toMatch(/no raspberries in the pot/);
    expect(problem('1 L water', 'as much moonshine as liquid')).toMatch(/not in the catalogue/);
  });
  test('it follows the pot: after a reduction there is less of it, and a larger batch takes more by itself', () => {
    const steps: DrinkStep[] = [
      { verb: 'add', text: '1 L water' },
      { verb: 'reduce', text: 'to half' },
      { verb: 'add', text: 'as much honey as liquid' },
    ];
    const honey = (of: readonly DrinkStep[]) => runSteps(of).entries.at(-1)!.added_g!;
    expect(honey(steps)).toBeGreaterThan(470);
    expect(honey(steps)).toBeLessThan(510);
    const { steps: doubled, left } = scaleSteps(steps, 2);
    expect(left).toEqual([]);
    expect(doubled.at(-1)!.text).toBe('as much honey as liquid');
    expect(honey(doubled) / honey(steps)).toBeCloseTo(2, 1);
  });
  test('lines that only look like it are read as before', () => {
    for (const text of ['2 parts', '1 cup water', '3 tbsp honey', 'water to 1 L']) {
      const line = readIngredientLine(text);
      expect(line.kind === 'read' ? line.dose.kind : line.kind).not.toBe('pot');
    }
  });
});
