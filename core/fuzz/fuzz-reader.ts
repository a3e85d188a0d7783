import { madeUp, splice } from '../test/splices';

/** Lines that are cut and put together, against the reader: how many, and a seed. */
const [count = 200_000, seed = Date.now() % 4294967296] = process.argv.slice(2).map(Number);
let state = seed;
const random = (): number => (state = (state * 1664525 + 1013904223) % 4294967296) / 4294967296;

let wrong = 0;
for (let at = 0; at < count && wrong < 20; at += 1) {
  const text = splice(random);
  let made: string | null;
  try {
    made = madeUp(text);
  } catch (error) {
    made = `it broke: ${String(error)}`;
  }
  if (made === null) continue;
  wrong += 1;
  console.error(`${made} was read out of ${JSON.stringify(text)}`);
}
console.log(`${count} lines, seed ${seed}: ${wrong === 0 ? 'nothing was made up' : `${wrong} read wrongly`}`);
process.exitCode = wrong === 0 ? 0 : 1;
