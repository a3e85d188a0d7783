import './patience';
import fc from 'fast-check';
import {
  endOf,
  expectStored,
  openPage,
  slowServer,
  modulesOfPage,
  type Delays,
  type End,
  type Line,
} from './typing-pages';

/** Somebody types into one drink in two tabs of one device, now in one and now in the other. */

/** What tabs of one device say to each other: heard by the others, a moment later. */
class Channel extends EventTarget {
  static readonly all: Channel[] = [];
  constructor() {
    super();
    Channel.all.push(this);
  }
  postMessage(data: unknown): void {
    for (const other of Channel.all)
      if (other !== this) setTimeout(() => other.dispatchEvent(new MessageEvent('message', { data })), 1);
  }
}
// The database of the device takes its time from the same clock.
Object.assign(globalThis, { BroadcastChannel: Channel, setImmediate: (run: () => void) => setTimeout(run, 0) });
const TABS = [modulesOfPage(), modulesOfPage()] as const;

/** Where something is typed, how long after the last, ms, into which line, and how many grams. */
type Typed = readonly [tab: 0 | 1, after_ms: number, line: Line, grams: number];

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

async function bothEnd(typed: readonly Typed[], delays: Delays, lost: readonly boolean[]): Promise<End> {
  const server = slowServer(delays, lost);
  const owner = `ines/${server.record.id}`;
  const pages = TABS.map((modules) => openPage(modules, server.record));
  for (const { store } of pages) store.dispatch(TABS[0].ownerEntered({ owner, rows: TABS[0].NO_ROWS }));
  for (const [at, { store }] of pages.entries()) store.dispatch(TABS[at]!.drinkArrived(server.record));
  await jest.advanceTimersByTimeAsync(500);
  for (const [tab, after_ms, line, grams] of typed) {
    await jest.advanceTimersByTimeAsync(after_ms);
    pages[tab]!.type(line, grams);
  }
  return endOf(server, pages, delays);
}

const delay = fc.oneof(fc.nat(60), fc.nat(9000));
const either = fc.constantFrom(0 as const, 1 as const);
/** Nobody is in another tab within a twentieth of a second. */
const typing = fc.tuple(either, fc.integer({ min: 50, max: 2500 }), either, fc.integer({ min: 2, max: 5 }));

test('what was typed last is stored and stands in both tabs, whichever it was typed in', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(typing, { minLength: 2, maxLength: 6 }),
      fc.array(delay, { maxLength: 12 }),
      fc.array(fc.boolean(), { maxLength: 3 }),
      async (typed, delays, lost) => {
        const end = await bothEnd(typed, delays, lost);
        const last = (line: Line) => typed.findLast((each) => each[2] === line)?.[3];
        expectStored(end, [
          [0, last(0)],
          [1, last(1)],
        ]);
      },
    ),
    // A shorter example of what fails takes minutes to find.
    { numRuns: 30, endOnFailure: true, seed: Number(process.env.SEED ?? 20261202) },
  );
});

test('a tab that comes to a drink while another has words that are not stored yet takes none of them away', async () => {
  // The first save is under way for nine seconds.
  const delays = [0, 0, 0, 0, 9000];
  const server = slowServer(delays, []);
  const owner = `ines/${server.record.id}`;
  const entered = TABS[0].ownerEntered({ owner, rows: TABS[0].NO_ROWS });
  const [one, other] = TABS.map(({ createStore }) => createStore());
  for (const store of [one!, other!]) store.dispatch(entered);
  const first = openPage(TABS[0], server.record, one);
  await jest.advanceTimersByTimeAsync(500);
  first.type(0, 3);
  await jest.advanceTimersByTimeAsync(100);
  const second = openPage(TABS[1], server.record, other);
  second.type(1, 4);
  expectStored(await endOf(server, [first, second], delays), [
    [0, 3],
    [1, 4],
  ]);
});
