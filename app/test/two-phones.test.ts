import './patience';
import fc from 'fast-check';
import type { DrinkRecord, SaveDrink } from '@wellhydra/contract';
import { sameDocument, type DrinkDocument } from '@wellhydra/core/drink';
import type * as Drafts from '../src/domain/drinks/drafts';
import type * as DrinkEndpoints from '../src/domain/drinks/drink-endpoints';
import { replaceStep } from '../src/domain/drinks/edit-document';
import type * as AppStore from '../src/domain/store';
import { fakeKitchen } from './fake-kitchen';

/**
 * Two phones type into one drink over a network that is slow to ask and slow to answer. Time is made here, so that
 * each trial takes milliseconds.
 */

/** The modules of one phone: what is on its way there is nothing of the other's. */
function modulesOf() {
  let modules!: typeof Drafts & typeof DrinkEndpoints & typeof AppStore;
  jest.isolateModules(() => {
    modules = {
      ...jest.requireActual<typeof Drafts>('../src/domain/drinks/drafts'),
      ...jest.requireActual<typeof DrinkEndpoints>('../src/domain/drinks/drink-endpoints'),
      ...jest.requireActual<typeof AppStore>('../src/domain/store'),
    };
  });
  return modules;
}
const PHONES = [modulesOf(), modulesOf()] as const;

const step = (id: string, text: string) => ({ id, verb: 'add' as const, text });
const START: DrinkDocument = {
  name: 'Shared',
  kind: 'tonic',
  serving: '250 mL',
  target: null,
  steps: [step('0', '1 g table salt'), step('1', '20 g white sugar'), step('2', '1 L water')],
};
const after = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
let trials = 0;

/** How long each way takes, ms; after the last, none takes any time. */
type Delays = readonly number[];
/** Who types, how long after the last that was typed, ms, and how many grams. */
type Typed = readonly [who: 0 | 1, after_ms: number, grams: number];

/** A server with one drink, as it counts revisions; answers come late, and some are lost. */
function slowServer(id: string, delays: Delays, lost: readonly boolean[]) {
  const server = { record: { id, revision: 1, document: START, savedAt: '', savedBy: 'Ines' } as DrinkRecord };
  const [late, losses] = [[...delays], [...lost]];
  const way = () => after(late.shift() ?? 0);
  const sent = fakeKitchen({
    [`GET /drinks/${id}`]: async () => {
      await way();
      const { record } = server;
      await way();
      return record;
    },
    [`PUT /drinks/${id}`]: async () => {
      const { expectedRevision, document } = sent.at(-1)!.body as SaveDrink;
      await way();
      const { revision } = server.record;
      const same = sameDocument(server.record.document, document);
      if (!same && revision !== expectedRevision)
        return { status: 409, code: 'edited-elsewhere', message: '', details: { revision } };
      if (!same) server.record = { ...server.record, revision: revision + 1, document };
      const stored = server.record;
      await way();
      return losses.shift() ? undefined : stored;
    },
  });
  return server;
}

/** An open page, which asks every four seconds. */
function open(at: 0 | 1, record: DrinkRecord) {
  const { createStore, drinkArrived, drinkEdited, drinksApi } = PHONES[at];
  const store = createStore();
  const { getDrink } = drinksApi.endpoints;
  store.dispatch(drinkArrived(record));
  let seen: unknown;
  const forget = store.subscribe(() => {
    const { data } = getDrink.select(record.id)(store.getState());
    if (!data || data === seen) return;
    seen = data;
    queueMicrotask(() => store.dispatch(drinkArrived(data)));
  });
  const asking = store.dispatch(getDrink.initiate(record.id, { subscriptionOptions: { pollingInterval: 4000 } }));
  const draft = () => store.getState().drafts[record.id]!;
  return {
    draft,
    type: (text: string) =>
      store.dispatch(drinkEdited({ id: record.id, document: replaceStep(draft().mine, step(`${at}`, text)) })),
    close: () => {
      forget();
      asking.unsubscribe();
    },
  };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

async function bothEnd(typed: readonly Typed[], delays: Delays, lost: readonly boolean[]) {
  const server = slowServer(`d${(trials += 1)}`, delays, lost);
  const pages = [open(0, server.record), open(1, server.record)] as const;
  await jest.advanceTimersByTimeAsync(500);
  for (const [who, after_ms, grams] of typed) {
    await jest.advanceTimersByTimeAsync(after_ms);
    pages[who].type(`${grams} g ${who === 0 ? 'table salt' : 'white sugar'}`);
  }
  const slowest = delays.reduce((sum, each) => sum + each, 0);
  await jest.advanceTimersByTimeAsync(20_000 + slowest);
  for (const page of pages) page.close();
  return { record: server.record, drafts: pages.map(({ draft }) => draft()) };
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
        const { record, drafts } = await bothEnd(typed, delays, lost);
        for (const who of [0, 1] as const) {
          const last = typed.findLast((each) => each[0] === who);
          if (last) expect(record.document.steps[who]!.text).toMatch(new RegExp(`^${last[2]} g`));
        }
        for (const draft of drafts) {
          expect(draft).toMatchObject({ unsent: false, stuck: null, revision: record.revision });
          expect(sameDocument(draft.mine, record.document)).toBe(true);
          // Nobody else has touched their line: nobody is told of their own words.
          expect(draft.conflicts).toEqual([]);
        }
      },
    ),
    { numRuns: 40, seed: Number(process.env.SEED ?? 20261202) },
  );
});
