import './patience';
import fc from 'fast-check';
import {
  endOf,
  expectStored,
  modulesOfPage,
  openPage,
  slowServer,
  type Delays,
  type End,
  type Line,
} from './typing-pages';

/** Two phones type into one drink, each into a line of its own. */

const PHONES = [modulesOfPage(), modulesOfPage()] as const;

/** Who types, how long after the last that was typed, ms, and how many grams. */
type Typed = readonly [who: Line, after_ms: number, grams: number];

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

async function bothEnd(typed: readonly Typed[], delays: Delays, lost: readonly boolean[]): Promise<End> {
  const server = slowServer(delays, lost);
  const pages = [openPage(PHONES[0], server.record), openPage(PHONES[1], server.record)] as const;
  await jest.advanceTimersByTimeAsync(500);
  for (const [who, after_ms, grams] of typed) {
    await jest.advanceTimersByTimeAsync(after_ms);
    pages[who].type(who, grams);
  }
  return endOf(server, pages, delays);
}

const delay = fc.oneof(fc.nat(60), fc.nat(9000));
const lines = fc.tuple(fc.constantFrom(0 as const, 1 as const), fc.nat(2500), fc.integer({ min: 2, max: 5 }));

test('whoever is asked when and however late an answer is, what each typed last is stored and on both', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(lines, { minLength: 2, maxLength: 5 }),
      fc.array(delay, { maxLength: 12 }),
      fc.array(fc.boolean(), { maxLength: 3 }),
      async (typed, delays, lost) => {
        const end = await bothEnd(typed, delays, lost);
        const last = (who: Line) => typed.findLast((each) => each[0] === who)?.[2];
        expectStored(end, [
          [0, last(0)],
          [1, last(1)],
        ]);
      },
    ),
    { numRuns: 40, seed: Number(process.env.SEED ?? 20261202) },
  );
});
