import type { Ingredient } from '../catalogue';
import type { Drink, DrinkStep } from '../drink';
import { addScaled, emptyComposition, massOf, scaled, type Composition, volumeOf } from '../liquid';
import type { Pot } from './pot';
import type { RunOptions, Trace } from './trace';
import type { Prepared } from './step-run';

/** Everything in a pot as one composition: pieces that are still in it count as solids. */
function wholeOf(pot: Pot): Composition {
  const total = emptyComposition();
  addScaled(total, pot.liquid, 1);
  for (const { ingredient, mass_g } of pot.sediment)
    if (ingredient.composition) addScaled(total, ingredient.composition, mass_g);
  for (const { mass_g } of pot.solids) total.insoluble_g += mass_g;
  return total;
}

/** A finished drink as an ingredient of another, by the gram; undefined when it does not run or comes to nothing. */
function prepare(name: string, drink: Drink, trace: Trace): Prepared | undefined {
  const whole = wholeOf(trace.pot);
  const mass_g = massOf(whole);
  if (trace.problems.length > 0 || !(mass_g > 0)) return undefined;
  const composition = scaled(whole, 1 / mass_g);
  const ingredient: Ingredient = {
    id: `preparation:${name}`,
    name,
    aliases: [],
    role: 'juice',
    state: 'liquid',
    composition,
    bulkDensities: [{ density_g_mL: 1 / volumeOf(composition), cv: 0.01, texture: 'liquid' }],
    pieces: [],
    source: `Computed from the steps of ${name}`,
    confidence: 'B',
  };
  return {
    ingredient,
    origins: new Map([...trace.pot.origins].map(([origin, grams]) => [origin, grams / mass_g])),
    entries: trace.pot.entries.map((entry) => ({ ingredient: entry.ingredient, mass_g: entry.mass_g / mass_g })),
    drink,
  };
}

/**
 * The preparations of a drink, each run once and only when it is used.
 *
 * @param options with the preparations by name
 * @param run runs the steps of one; a preparation sees the others but not itself
 */
export function preparationsOf(
  options: RunOptions,
  run: (steps: readonly DrinkStep[], options: RunOptions) => Trace,
): { preparation: (name: string) => Prepared | undefined; preparationNames: readonly string[] } {
  const drinks = options.preparations ?? {};
  const names = Object.keys(drinks).sort((a, b) => b.length - a.length);
  const done = new Map<string, Prepared | undefined>();
  return {
    preparationNames: names,
    preparation: (name) => {
      if (!done.has(name)) {
        const drink = drinks[name]!;
        const { [name]: _itself, ...others } = drinks;
        const inner = { ...options, preparations: { ...others, ...drink.preparations } };
        done.set(name, prepare(name, drink, run(drink.steps, inner)));
      }
      return done.get(name);
    },
  };
}
