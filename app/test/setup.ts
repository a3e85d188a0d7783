import 'fake-indexeddb/auto';
import { TextDecoder, TextEncoder } from 'node:util';
import { deserialize, serialize } from 'node:v8';
import { webcrypto } from 'node:crypto';

// The first render compiles half the interface, and a machine that is busy with something else is slow, not wrong.
jest.setTimeout(240_000);

Object.assign(globalThis, { TextEncoder, TextDecoder });
/** As a browser's own clones are: of this window's objects and arrays, and not of another's. */
function ofThisWindow(value: unknown): unknown {
  if (Array.isArray(value)) return Array.from(value, ofThisWindow);
  if (Object.prototype.toString.call(value) !== '[object Object]') return value;
  return Object.fromEntries(Object.entries(value as object).map(([name, each]) => [name, ofThisWindow(each)]));
}
globalThis.structuredClone ??= ((value: unknown) => ofThisWindow(deserialize(serialize(value)))) as never;

/** Tabs of one device: here they live in one process, and hear themselves as well. */
class Channel extends EventTarget {
  postMessage(data: unknown): void {
    this.dispatchEvent(new MessageEvent('message', { data }));
  }
}
Object.assign(globalThis, { BroadcastChannel: Channel });
if (!globalThis.crypto?.randomUUID) Object.defineProperty(globalThis, 'crypto', { value: webcrypto });

// No workers here: what they reckon is answered in place.
jest.mock('../src/features/drink/figures/spread-client', () =>
  jest.requireActual('../src/features/drink/figures/spread-client.ts'),
);

jest.mock('../src/features/drink/compare/differences-client', () =>
  jest.requireActual('../src/features/drink/compare/differences-client.ts'),
);

jest.mock('../src/features/measures/measures-client', () =>
  jest.requireActual('../src/features/measures/measures-client.ts'),
);
jest.mock('../src/features/drink/aim/aim-client', () => jest.requireActual('../src/features/drink/aim/aim-client.ts'));

jest.mock('../src/features/plan/problem/plan-client', () =>
  jest.requireActual('../src/features/plan/problem/plan-client.ts'),
);

jest.mock('../src/features/drinks/figures-client', () =>
  jest.requireActual('../src/features/drinks/figures-client.ts'),
);

// Nothing is fetched apart in a test.
jest.mock('../src/state/sync/load-legacy', () => ({
  loadLegacy: () => Promise.resolve(jest.requireActual('../src/state/sync/legacy')),
}));

const deaf = () => undefined;
window.matchMedia ??= ((query: string) => ({
  matches: false,
  media: query,
  addListener: deaf,
  removeListener: deaf,
  addEventListener: deaf,
  removeEventListener: deaf,
})) as never;

globalThis.fetch ??= () => Promise.reject(new TypeError('no network in this test'));

afterEach(() => localStorage.clear());
