import fc from 'fast-check';
import { analyseDrink } from '../src/analyse';
import { massOf } from '../src/liquid';
import { AS_WRITTEN, imbalance, massBalance, runInPot } from '../src/simulate';
import { randomDrink } from '../test/random-drinks';

/**
 * Runs random drinks until there are enough or the time is up: `npm run fuzz -- [count] [seconds]`.
 * A crash, a NaN, lost mass or a refusal without words ends it with the drink that did it.
 */

const count = Number(process.argv[2] ?? 100_000);
const seconds = Number(process.argv[3] ?? 1200);
const BATCH = 500;

function hasNaN(value: unknown, depth = 0): boolean {
  if (typeof value === 'number') return Number.isNaN(value);
  if (typeof value !== 'object' || value === null || depth > 3 || value instanceof Map) return false;
  return Object.values(value).some((each) => hasNaN(each, depth + 1));
}

let done = 0;
let refused = 0;
const began = Date.now();
const seed = Number(process.env.SEED ?? began % 2 ** 31);
while (done < count && Date.now() - began < seconds * 1000) {
  fc.assert(
    fc.property(randomDrink, (drink) => {
      const { liquid, perServing, perLitre, keeping, trace, problems } = analyseDrink(drink);
      if (hasNaN({ liquid, perServing, perLitre, keeping, losses: trace.losses, minutes: trace.total_min }))
        throw new Error('NaN');
      for (const { message, text, step } of problems) {
        refused += 1;
        if (message.length < 10 || typeof text !== 'string' || (step !== null && !(step >= 0)))
          throw new Error('refused without words');
      }
      runInPot(drink.steps, {}, AS_WRITTEN, (index, _done, pot) => {
        const balance = massBalance(pot);
        if (Math.abs(imbalance(balance)) > 1e-9 * massOf(balance.added)) throw new Error(`mass lost in step ${index}`);
      });
    }),
    { numRuns: Math.min(BATCH, count - done), seed: seed + done },
  );
  done += Math.min(BATCH, count - done);
}
const took = (Date.now() - began) / 1000;
process.stdout.write(
  `${done} random drinks in ${took.toFixed(0)} s (seed ${seed}): no crash, no NaN, no mass lost; ${refused} steps refused, each with its reason.\n`,
);
