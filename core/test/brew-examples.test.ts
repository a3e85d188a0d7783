import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { adviceFor, brewState, runBrew, type BrewEvent, type BrewRecipe } from '../src/brew';
import { VERB_TABLE, readDrink, type DrinkDocument } from '../src/drink';
import { readIngredientLine } from '../src/quantity';
import { measurableLine } from '../src/resize';

/** The 21 example drinks, made with each reading a fifth off in both directions. */

const FOLDER = join(__dirname, '../../examples/jobs');
const MEASURES = { scale_g: 1 };
const AT = '2026-10-01T08:00:00.000Z';
/** What the steps that remain make of an advice is within this of the strength it names, or the advice says how far off. */
const HOLDS = 0.03;

function recipeOf(file: string): BrewRecipe {
  const read = readDrink(JSON.parse(readFileSync(join(FOLDER, file), 'utf8')));
  if (read.kind === 'not-a-drink') throw new Error(JSON.stringify(read.problems));
  const { name, kind, steps, serving, preparations } = read.drink;
  const document: DrinkDocument = {
    name,
    kind,
    serving: serving ?? '',
    target: null,
    steps: steps.map((step, index) => ({ id: `s${index}`, ...step })),
  };
  return { document, measures: MEASURES, ...(preparations ? { preparations } : {}) };
}

/** Readings of a recipe, each so many times what its run has there. */
function readingsOf(recipe: BrewRecipe, share: number): readonly BrewEvent[] {
  const { steps, analysis } = runBrew(recipe, brewState([]));
  return analysis.trace.entries.flatMap((entry): BrewEvent[] => {
    const { of, verb } = steps[entry.step]!;
    const values = {
      mass_g: entry.added_g ?? entry.mass_g,
      volume_mL: entry.added_g ? null : entry.volume_mL,
    } as const;
    return VERB_TABLE[verb].guide.readings.flatMap((quantity): BrewEvent[] => {
      const value = quantity === 'mass_g' || quantity === 'volume_mL' ? values[quantity] : null;
      return value
        ? [{ id: `${of} ${quantity}`, at: AT, kind: 'reading', step: of, quantity, value: value * share }]
        : [];
    });
  });
}

test.each(readdirSync(FOLDER).sort())('%s', (file) => {
  const recipe = recipeOf(file);
  const planned = runBrew(recipe, brewState([])).analysis;
  for (const share of [0.8, 1.2])
    for (const reading of readingsOf(recipe, share)) {
      const state = brewState([reading]);
      const advice = adviceFor(recipe, state, state.readings[0]!);
      if (!advice) continue;
      const { amounts, moreMinutes, water_mL, stronger } = advice;
      for (const { to, from } of amounts) {
        expect(readIngredientLine(to)).toMatchObject({ kind: 'read' });
        // Rounded once more it stays: hands can measure it.
        expect(measurableLine(to, 1, MEASURES)).toBe(to);
        expect(to).not.toBe(from);
        expect(to).not.toMatch(/NaN|undefined|Infinity|\d[a-z]{4}|\.\d{3}/);
      }
      if (moreMinutes !== null) expect(moreMinutes).toBeGreaterThan(0);
      if (water_mL !== null) expect(water_mL % 5).toBe(0);
      const changes = amounts.map(({ step, to: text }): BrewEvent => ({
        id: `to ${step}`,
        at: AT,
        kind: 'amount-changed',
        step,
        text,
      }));
      const after = runBrew(recipe, brewState([reading, ...changes])).analysis;
      expect(after.problems).toEqual([]);
      if (amounts.length === 0 || !planned.liquid || !after.liquid) continue;
      const off = after.liquid.brix / planned.liquid.brix - 1;
      expect(stronger).toBeCloseTo(off, 6);
      expect(Math.abs(off)).toBeLessThan(HOLDS);
    }
});
