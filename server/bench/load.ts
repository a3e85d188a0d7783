import { ask, median, print } from './asking';
import type { Works } from './peer';

/** How much a server takes: requests that come at a rate, whether or not those before them are answered. */

interface MixedWork {
  /** Sends one request of the mix, and resolves once it is answered. */
  readonly ask: (index: number) => Promise<void>;
}

/** A rate is tried for so long, ms; what comes while it gets going is not counted. */
const TRY_ms = 6000;
const WARM_ms = 1000;
/** More that wait at once is as good as no answer. */
const MOST_WAITING = 400;

/**
 * The time within which 95 of 100 requests are answered at a rate, from the moment at which each was due, ms; Infinity where
 * they pile up.
 */
async function p95At(work: MixedWork, perSecond: number): Promise<number> {
  const took: number[] = [];
  const waiting = new Set<Promise<void>>();
  const from = performance.now();
  let failed: unknown;
  for (let index = 0; ; index += 1) {
    const due = from + (index * 1000) / perSecond;
    if (due > from + TRY_ms) break;
    const pause = due - performance.now();
    if (pause > 0) await new Promise((resolve) => setTimeout(resolve, pause));
    if (failed) throw failed;
    if (waiting.size > MOST_WAITING) {
      await Promise.all(waiting);
      return Infinity;
    }
    const asked: Promise<void> = work
      .ask(index)
      .then(
        () => void (due - from > WARM_ms && took.push(performance.now() - due)),
        (error: unknown) => void (failed = error),
      )
      .finally(() => waiting.delete(asked));
    waiting.add(asked);
  }
  await Promise.all(waiting);
  if (failed) throw failed;
  return took.sort((a, b) => a - b)[Math.floor(0.95 * took.length)] ?? Infinity;
}

/** The highest rate, of those a twelfth apart, at which 95 of 100 are answered within a limit; requests a second. */
async function rateWithin(work: MixedWork, limit_ms: number, first = 40): Promise<number> {
  // What is compiled while it runs is slow at first.
  for (let round = 0; round < 2; round += 1) await p95At(work, first);
  let [held, lost] = [0, Infinity];
  for (let rate = first; lost === Infinity; rate *= 1.6)
    if ((await p95At(work, rate)) <= limit_ms) held = rate;
    else lost = rate;
  while (lost / Math.max(held, 1) > 1 + 1 / 12) {
    const rate = (held + lost) / 2;
    if ((await p95At(work, rate)) <= limit_ms) held = rate;
    else lost = rate;
  }
  return held;
}

/** Of a hundred requests so many are of a kind. */
const MIX = { list: 60, pour: 25, save: 15 } as const;
const LIMIT_ms = 100;

/** A day in many kitchens: lists are looked at, glasses poured, drinks saved. */
export async function benchLoad(works: Works, drinks: readonly string[]): Promise<void> {
  const kinds = Object.entries(MIX).flatMap(([kind, share]) => Array<keyof Works>(share).fill(kind as keyof Works));
  // In an order that repeats itself only after a hundred, and mixes them.
  const kindOf = (index: number) => kinds[(index * 37) % kinds.length]!;
  const mixed = (whose: 0 | 1): MixedWork => {
    // A drink is saved by one at a time: the next one that nobody saves just now.
    const free = drinks.map((_id, index) => index);
    return {
      ask: async (index) => {
        const kind = kindOf(index);
        if (kind !== 'save') return ask(works[kind][whose]);
        const client = free.shift();
        if (client === undefined) return ask(works.list[whose]);
        await ask(works.save[whose], client).finally(() => free.push(client));
      },
    };
  };
  print(
    `\nRequests a second of a mix (${Object.entries(MIX)
      .map(([kind, share]) => `${share} ${kind}`)
      .join(', ')}) with 95 of 100 within ${LIMIT_ms} ms`,
  );
  const pairs = [];
  for (let round = 0; round < 3; round += 1)
    pairs.push([await rateWithin(mixed(0), LIMIT_ms), await rateWithin(mixed(1), LIMIT_ms)] as const);
  const [mine, theirs] = [median(pairs.map(([each]) => each)), median(pairs.map(([, each]) => each))];
  print(
    `  ours ${mine.toFixed(0)}, bare ${theirs.toFixed(0)}: ${((100 * mine) / theirs).toFixed(0)} % (rounds: ${pairs.map(([a, b]) => `${a.toFixed(0)}/${b.toFixed(0)}`).join(' ')})`,
  );
}
