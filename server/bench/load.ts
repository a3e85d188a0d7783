/** How much a server takes: requests that come at a rate, whether or not those before them are answered. */

export interface MixedWork {
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
export async function p95At(work: MixedWork, perSecond: number): Promise<number> {
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
export async function rateWithin(work: MixedWork, limit_ms: number, first = 40): Promise<number> {
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
