import type { DrinkRecord, SaveDrink } from '@wellhydra/contract';
import { sameDocument, type DrinkDocument } from '@wellhydra/core/drink';
import type * as Drafts from '../src/domain/drinks/drafts';
import type * as DrinkEndpoints from '../src/domain/drinks/drink-endpoints';
import { replaceStep } from '../src/domain/drinks/edit-document';
import type * as AppStore from '../src/domain/store';
import type * as OwnerState from '../src/state/sync/owner';
import type * as Vault from '../src/state/sync/vault';
import { fakeKitchen } from './fake-kitchen';

/**
 * Pages that are open on one drink, over a network that is slow to ask and slow to answer. Time is made by whoever tests,
 * so that each trial takes milliseconds.
 */

/** The modules of one page: what is on its way there is nothing of another's. */
export function modulesOfPage() {
  let modules!: typeof Drafts & typeof DrinkEndpoints & typeof AppStore & typeof OwnerState & typeof Vault;
  jest.isolateModules(() => {
    modules = {
      ...jest.requireActual<typeof Drafts>('../src/domain/drinks/drafts'),
      ...jest.requireActual<typeof DrinkEndpoints>('../src/domain/drinks/drink-endpoints'),
      ...jest.requireActual<typeof AppStore>('../src/domain/store'),
      ...jest.requireActual<typeof OwnerState>('../src/state/sync/owner'),
      ...jest.requireActual<typeof Vault>('../src/state/sync/vault'),
    };
  });
  return modules;
}
type Modules = ReturnType<typeof modulesOfPage>;

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
export type Delays = readonly number[];
/** The lines that are typed into, by their ids. */
export type Line = 0 | 1;

/** A server with one drink, as it counts revisions; answers come late, and some are lost. */
export function slowServer(delays: Delays, lost: readonly boolean[]) {
  const id = `d${(trials += 1)}`;
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
export function openPage(
  { createStore, drinkArrived, drinkEdited, drinksApi, ownerLeft }: Modules,
  record: DrinkRecord,
  store = createStore(),
) {
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
    store,
    draft,
    type: (line: Line, grams: number) => {
      const text = `${grams} g ${line === 0 ? 'table salt' : 'white sugar'}`;
      store.dispatch(drinkEdited({ id: record.id, document: replaceStep(draft().mine, step(`${line}`, text)) }));
    },
    close: () => {
      forget();
      asking.unsubscribe();
      store.dispatch(ownerLeft());
    },
  };
}
export type Page = ReturnType<typeof openPage>;

/** What stands at the end, on the server and on each page. */
export interface End {
  readonly record: DrinkRecord;
  readonly drafts: readonly Drafts.Draft[];
}

/** As it stands once everything has had its time, on pages that are then closed. */
export async function endOf(
  server: ReturnType<typeof slowServer>,
  pages: readonly Page[],
  delays: Delays,
): Promise<End> {
  const slowest = delays.reduce((sum, each) => sum + each, 0);
  await jest.advanceTimersByTimeAsync(30_000 + slowest);
  const drafts = pages.map(({ draft }) => draft());
  for (const { close } of pages) close();
  return { record: server.record, drafts };
}

/** Everything is stored, stands everywhere, and nobody is told of their own words. */
export function expectStored({ record, drafts }: End, lines: readonly (readonly [Line, grams: number | undefined])[]) {
  for (const [line, grams] of lines)
    if (grams !== undefined) expect(record.document.steps[line]!.text).toMatch(new RegExp(`^${grams} g`));
  for (const draft of drafts) {
    expect(draft).toMatchObject({ unsent: false, stuck: null, revision: record.revision });
    expect(sameDocument(draft.mine, record.document)).toBe(true);
    expect(draft.conflicts).toEqual([]);
  }
}
