import type { Ingredient } from '../catalogue';
import type { Drink, DrinkStep } from '../drink';
import { addScaled, emptyComposition, massOf, scaled, type Composition, volumeOf } from '../liquid';
import type { Pot } from './pot-picture';
import { standingWarm } from './standing';
import { hottestOf, type Trace } from './trace';
import type { Prepared, Preparing, PreparationLibrary, Scope } from './step-run';

/** Everything in a pot as one composition: pieces that are still in it count as solids. */
function wholeOf(pot: Pot): Composition {
  const total = emptyComposition();
  addScaled(total, pot.drunk, 1);
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
    entries: merged(trace, 1 / mass_g),
    drink,
    mL_per_g: trace.pot.dry ? 1 : volumeOf(composition),
    stood: standingWarm(trace.entries),
  };
}

/**
 * Grams of each ingredient, whatever step of the preparation and whatever preparation of its own they came in, and how
 * hot all of it has been.
 */
function merged({ pot, entries }: Trace, share: number): Prepared['entries'] {
  const whole = new Map<Ingredient, { mass_g: number; was_C: number }>();
  for (const entry of pot.entries) {
    const known = whole.get(entry.ingredient) ?? { mass_g: 0, was_C: Infinity };
    known.mass_g += entry.mass_g * share;
    known.was_C = Math.min(known.was_C, hottestOf(entry, entries));
    whole.set(entry.ingredient, known);
  }
  return [...whole].map(([ingredient, rest]) => ({ ingredient, ...rest }));
}

/** Preparations inside preparations so deep, and so many steps in all of them, are run; more is a mistake or a trap. */
export const PREPARATION_BUDGET = { depth: 8, steps: 4000 } as const;

const EMPTY: Scope = {};

/** What a drink is under each set of names it is seen in. */
class ByScope<Value> {
  private readonly values = new Map<Scope, Map<Drink, Value>>();

  get(scope: Scope, drink: Drink, make: () => Value): Value {
    const own = this.values.get(scope) ?? new Map<Drink, Value>();
    this.values.set(scope, own);
    const known = own.get(drink);
    if (known !== undefined || own.has(drink)) return known as Value;
    const made = make();
    own.set(drink, made);
    return made;
  }
}

/**
 * The preparations of one analysis: each is run once, however often and from wherever it is used, with a budget of
 * depth and steps.
 */
export class PreparationRuns implements PreparationLibrary {
  private readonly scopes = new ByScope<Scope>();
  private readonly done = new ByScope<Preparing>();
  /** Those that are being run at this moment: what uses one of them uses itself. */
  private readonly busy = new Set<Drink>();
  /** How many levels each holds with those inside it, once it has been run. */
  private readonly levels = new Map<Drink, number>();
  /** Levels inside what is being run at this moment, as far as it has come. */
  private inside = 0;
  private steps = 0;

  /** @param run runs the steps of one with the names it sees */
  constructor(private readonly run: (steps: readonly DrinkStep[], names: Scope) => Trace) {}

  namesIn(scope: Scope, drink: Drink): Scope {
    return drink.preparations ? this.scopes.get(scope, drink, () => ({ ...scope, ...drink.preparations })) : scope;
  }

  names(scope: Scope = EMPTY): readonly string[] {
    return Object.keys(scope)
      .filter((name) => !this.busy.has(scope[name]!))
      .sort((a, b) => b.length - a.length);
  }

  prepare(scope: Scope, name: string): Preparing {
    const drink = Object.hasOwn(scope, name) ? scope[name] : undefined;
    if (!drink || this.busy.has(drink)) return undefined;
    const prepared = this.done.get(scope, drink, () => this.runOnce(scope, name, drink));
    this.inside = Math.max(this.inside, this.levels.get(drink) ?? 1);
    return prepared;
  }

  private runOnce(scope: Scope, name: string, drink: Drink): Preparing {
    this.steps += drink.steps.length;
    if (this.busy.size >= PREPARATION_BUDGET.depth || this.steps > PREPARATION_BUDGET.steps) return 'too-deep';
    const around = this.inside;
    this.inside = 0;
    this.busy.add(drink);
    const trace = this.run(drink.steps, this.namesIn(scope, drink));
    this.busy.delete(drink);
    const levels = this.inside + 1;
    this.levels.set(drink, levels);
    this.inside = around;
    const tooDeep = levels > PREPARATION_BUDGET.depth || trace.problems.some(({ code }) => code === 'too-deep');
    return tooDeep ? 'too-deep' : prepare(name, drink, trace);
  }
}
