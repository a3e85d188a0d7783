import { randomUUID } from 'node:crypto';
import { stepFromLine } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';

/**
 * Days in kitchens that come and go: everything that a household does is asked of a server, and nothing of it stays.
 */

const PASSWORD = 'salt and sugar and water';
/** Whoever is told that a server is busy with archives asks again after this, ms. */
const BUSY_ms = 500;
const SYRUP = {
  name: 'Gull syrup',
  kind: 'syrup',
  serving: '10 mL',
  target: null,
  steps: [
    '120 g dried elderberries',
    '900 mL water',
    'simmer 35 min, lid ajar',
    'strain through cloth',
    '400 g honey',
  ].map((line, index) => ({ id: `s${index}`, ...stepFromLine(line) })),
};

function visitor(url: string) {
  let cookie = '';
  const ask = async (method: string, path: string, body?: object): Promise<void> => {
    const answer = await fetch(`${url}/api${path}`, {
      method,
      headers: { cookie, ...(body ? { 'content-type': 'application/json' } : {}) },
      ...(body ? { body: JSON.stringify(body) } : {}),
    });
    const [set] = answer.headers.getSetCookie();
    if (set) cookie = set.split(';')[0]!;
    const said = await answer.text();
    if (answer.status === 429) {
      await new Promise((resolve) => setTimeout(resolve, BUSY_ms));
      return ask(method, path, body);
    }
    if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${said.slice(0, 300)}`);
  };
  /** Reads the first of a stream that does not end, and goes. */
  const overhear = async (path: string): Promise<void> => {
    const going = new AbortController();
    const answer = await fetch(`${url}/api${path}`, { headers: { cookie }, signal: going.signal });
    if (!answer.ok || !answer.body) throw new Error(`GET ${path}: ${answer.status}`);
    const reader = answer.body.getReader();
    await reader.read();
    going.abort();
  };
  return { ask, overhear };
}

/**
 * One household from its account to its end: a drink written and changed, a brew made step by step while another phone
 * waits for its news and a probe is read, bottled, labelled, poured and taken back, looked up, saved as a file, and gone.
 *
 * @param url of the server
 * @param stays it does not go in the end
 * @returns how many requests were answered
 */
export async function householdDay(url: string, stays = false): Promise<number> {
  const { ask, overhear } = visitor(url);
  let answered = 0;
  const asked: typeof ask = async (...request) => {
    await ask(...request);
    answered += 1;
  };
  const [drink, brew, bottle, pour] = [randomUUID(), randomUUID(), randomUUID(), randomUUID()];
  const email = `soak-${randomUUID()}@example.test`;
  const account = { name: 'Soak', email, password: PASSWORD, kitchenName: 'Soak' };
  await asked('POST', '/accounts/register', account);
  for (let revision = 0; revision < 5; revision += 1) {
    const document = { ...SYRUP, name: `Gull syrup ${revision}` };
    await asked('PUT', `/drinks/${drink}`, { expectedRevision: revision, document });
  }
  const startedAt = new Date().toISOString();
  await asked('PUT', `/brews/${brew}/run`, {
    drinkId: drink,
    drinkRevision: 5,
    recipe: { document: SYRUP, preparations: [], settings: DEFAULT_SETTINGS },
    cook: 'Soak',
    startedAt,
  });
  await asked('PUT', '/devices/probe', { plugged: true });
  let after = 0;
  for (const { id } of SYRUP.steps) {
    const done = { kind: 'step-done', id: randomUUID(), at: new Date().toISOString(), step: id };
    const makes = async () => {
      await overhear(`/devices/stream?brew=${brew}`);
      await asked('POST', `/brews/${brew}/events`, { events: [done] });
    };
    await Promise.all([asked('GET', `/brews/${brew}/events?after=${after}&wait_ms=3000`), makes()]);
    after += 1;
  }
  await asked('PUT', `/brews/${brew}/finish`, {
    eventId: randomUUID(),
    madeAt: new Date().toISOString(),
    bottles: [{ id: bottle, volume_mL: 500, place: 'fridge' }],
  });
  await asked('POST', '/documents/labels.pdf', { bottles: [bottle], sheet: 'roll-89', start: 1 });
  const glass = { volume_mL: 10, pouredAt: new Date().toISOString() };
  await asked('PUT', `/bottles/${bottle}/pours/${pour}`, glass);
  await asked('DELETE', `/bottles/${bottle}/pours/${pour}`);
  for (const list of ['/drinks', '/bottles', '/brews/under-way', '/logbook', '/stores/lots', '/people', '/kitchen'])
    await asked('GET', list);
  await asked('GET', `/brews/${brew}/run`);
  await asked('GET', '/kitchen/archive');
  if (!stays) await asked('POST', '/accounts/delete', { password: PASSWORD, keepName: false });
  return answered;
}
