import { addScaled, emptyComposition, massOf, sugarsOf, type Composition } from '../src/liquid';
import { AS_WRITTEN, Mixture, addRemains, runInPot } from '../src/simulate';
import { randomDrink } from './random-drinks';
import fc, { SEED } from './seeded';

/** So many random drinks, in parts. */
const DRINKS = 100_000;
const PARTS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10];

/** Sugars, acids and water of a mixture in sample 0. */
const PORTIONS = {
  water: (c: Composition) => c.water_g,
  sugar: sugarsOf,
  acid: (c: Composition) => c.citric_mmol + c.malic_mmol + c.tartaric_mmol + c.acetic_mmol + c.quinic_mmol,
} as const;

test.each(PARTS)('what is drunk, what is left and what left as steam is what went in, part %i', (part) => {
  fc.assert(
    fc.property(randomDrink, ({ steps }) => {
      const pot = runInPot(steps, {}, AS_WRITTEN, () => undefined);
      const went = emptyComposition();
      for (const { ingredient, mass_g } of pot.entries)
        if (ingredient.composition) addScaled(went, ingredient.composition, mass_g);
      const { ledger, cake, solids } = pot;
      const left = new Mixture(1);
      const cakes = cake ? [...ledger.discarded, cake] : ledger.discarded;
      for (const { held } of cakes) left.pour(held);
      for (const solid of [...solids.filter(({ suspended }) => !suspended), ...cakes.flatMap((each) => each.solids)])
        addRemains(left, solid);
      for (const poured of [ledger.drawn, ledger.skimmed]) left.pour(poured);
      const drunk = pot.drunk(pot.body()).composition();
      for (const [name, of] of Object.entries(PORTIONS)) {
        const steam = name === 'water' ? ledger.steam_g[0]! : 0;
        const out = of(drunk) + of(left.composition()) + steam - of(went);
        if (Math.abs(out) > 1e-9 * Math.max(1, massOf(went))) throw new Error(`${name} is out by ${out}`);
      }
    }),
    { numRuns: DRINKS / PARTS.length, seed: SEED + part },
  );
});
