import { randomUUID } from 'node:crypto';
import { LOGBOOK_SORTS, type LogbookRow } from '@wellhydra/contract';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { FastifyInstance } from 'fastify';
import Papa from 'papaparse';
import { document, freshDatabase, newCook, send, startServer, type Cook } from './kitchen-server';
import { trialLot } from './trial-lot';

/** Every brew, filtered, sorted, added up and written down: with a real database. */

let app: FastifyInstance;
let cook: Cook;
const person = randomUUID();
const [SYRUP, TONIC] = [randomUUID(), randomUUID()];
const brews: string[] = [];

const day = (number: number): string => new Date(Date.UTC(2026, 9, number, 8)).toISOString();

/** Brews a drink of the logbook on a day of October, read to come to some volume. */
async function brewed(drink: string, of: number, by: { volume_mL?: number; taste?: number; cook?: string } = {}) {
  const [brew, bottle] = [randomUUID(), randomUUID()];
  const { document: own } = (await cook.send('GET', `/api/drinks/${drink}`)).json;
  const recipe = { document: own, preparations: [], settings: DEFAULT_SETTINGS };
  const run = { drinkId: drink, drinkRevision: 1, recipe, cook: by.cook ?? 'Ines', startedAt: day(of) };
  expect((await cook.send('PUT', `/api/brews/${brew}/run`, run)).status).toBe(200);
  const read = (quantity: string, value: number) => ({
    kind: 'reading',
    id: randomUUID(),
    at: day(of),
    step: own.steps.at(-1).id,
    quantity,
    value,
  });
  const events = [
    ...(by.volume_mL ? [read('volume_mL', by.volume_mL)] : []),
    ...(by.taste ? [read('taste', by.taste)] : []),
  ];
  if (events.length > 0) await cook.send('POST', `/api/brews/${brew}/events`, { events });
  const madeAt = new Date(Date.parse(day(of)) + 90 * 60_000).toISOString();
  const finish = { eventId: randomUUID(), madeAt, bottles: [{ id: bottle, volume_mL: 300, place: 'fridge' }] };
  expect((await cook.send('PUT', `/api/brews/${brew}/finish`, finish)).status).toBe(200);
  brews.push(brew);
  return { brew, bottle };
}

beforeAll(async () => {
  app = await startServer(await freshDatabase());
  cook = await newCook(app);
  await cook.send(
    'PUT',
    `/api/stores/lots/${randomUUID()}`,
    trialLot({ ingredient: 'honey', name: 'Honey', price: 10 }),
  );
  const drinks = [
    [SYRUP, { ...document(['200 g honey', '800 mL water'], { name: 'Fog syrup', kind: 'syrup' }), serving: '15 mL' }],
    [TONIC, document(['5 g table salt', '1 L water', 'stir'], { name: '=SUM(A1:A9)', kind: 'tonic' })],
  ] as const;
  for (const [id, own] of drinks) {
    const steps = own.steps.map((step, index) => (index === 2 ? { ...step, verb: 'stir', text: '1 min' } : step));
    await cook.send('PUT', `/api/drinks/${id}`, { expectedRevision: 0, document: { ...own, steps } });
  }
  await brewed(SYRUP, 1, { taste: 3 });
  const { bottle } = await brewed(TONIC, 5, { volume_mL: 800, cook: 'Wilf' });
  await brewed(SYRUP, 12, { volume_mL: 900, taste: 5 });
  await brewed(TONIC, 20, { taste: 4 });
  await cook.send('PUT', `/api/bottles/${bottle}/pours/${randomUUID()}`, {
    volume_mL: 50,
    pouredAt: day(6),
    personId: person,
  });
});
afterAll(() => app.close());

const list = async (query = ''): Promise<readonly LogbookRow[]> => {
  const { status, json } = await cook.send('GET', `/api/logbook${query}`);
  expect(status).toBe(200);
  return json.brews;
};

test('a brew says what was promised and what came, how it is liked and what it cost', async () => {
  const [newest, , , oldest] = await list();
  expect(newest).toMatchObject({ id: brews[3], cook: 'Ines', taste: 4, cost: null, left_mL: 300, note: '' });
  // 200 g of a kilogram for 10.
  expect(oldest).toMatchObject({ id: brews[0], drinkName: 'Fog syrup', taste: 3, cost: 2 });
  expect(oldest!.got_mL).toBe(oldest!.expected_mL);
  const [third] = (await list()).filter(({ id }) => id === brews[2]);
  expect([third!.got_mL, Math.round(third!.expected_mL!)]).toEqual([
    expect.closeTo(900, 6),
    Math.round(oldest!.got_mL),
  ]);
});

const KEYS: Readonly<Record<(typeof LOGBOOK_SORTS)[number], (row: LogbookRow) => string | number>> = {
  newest: ({ madeAt }) => -Date.parse(madeAt),
  oldest: ({ madeAt }) => Date.parse(madeAt),
  drink: ({ drinkName }) => drinkName,
  got: ({ got_mL }) => -got_mL,
  brix: ({ brix }) => -(brix ?? -1),
  pH: ({ pH }) => -(pH ?? -1),
  taste: ({ taste }) => -(taste ?? -1),
};
test.each(LOGBOOK_SORTS)('sorted by %s, page by page, each brew comes once and in order', async (sort) => {
  const rows: LogbookRow[] = [];
  let cursor: string | null = null;
  do {
    const after: string = cursor === null ? '' : `&cursor=${encodeURIComponent(cursor)}`;
    const { json } = await cook.send('GET', `/api/logbook?sort=${sort}&limit=1${after}`);
    rows.push(...json.brews);
    cursor = json.next;
  } while (cursor !== null);
  expect(rows.map(({ id }) => id).sort()).toEqual([...brews].sort());
  const keys = rows.map(KEYS[sort]);
  expect(keys).toEqual([...keys].sort((a, b) => (typeof a === 'number' ? a - (b as number) : a < b ? -1 : 1)));
});

test('a cursor of another order is refused, and so is one that nobody has said', async () => {
  const { json } = await cook.send('GET', '/api/logbook?sort=drink&limit=1');
  const odd = Buffer.from(JSON.stringify(['x', 'y'])).toString('base64url');
  for (const query of [`sort=got&cursor=${json.next}`, `sort=newest&cursor=${json.next}`, `cursor=${odd}`])
    expect((await cook.send('GET', `/api/logbook?${query}`)).status).toBe(400);
});

test('what is asked for is what comes, by each filter and by several', async () => {
  const found = async (query: string) => (await list(`?${query}`)).map(({ id }) => brews.indexOf(id)).sort();
  expect(await found(`drinkId=${SYRUP}`)).toEqual([0, 2]);
  expect(await found('cook=Wilf')).toEqual([1]);
  expect(await found('ingredient=honey')).toEqual([0, 2]);
  expect(await found(`personId=${person}`)).toEqual([1]);
  expect(await found(`personId=${randomUUID()}`)).toEqual([]);
  expect(await found(`from=${day(5)}&to=${day(20)}`)).toEqual([1, 2]);
  expect(await found(`drinkId=${SYRUP}&from=${day(5)}`)).toEqual([2]);
  await cook.send('PUT', `/api/logbook/brews/${brews[3]}/note`, { note: 'A bit 100% flat, with_underline' });
  expect(await found(`words=${encodeURIComponent('100% FLAT')}`)).toEqual([3]);
  // Signs that mean something in a pattern mean themselves.
  expect(await found(`words=${encodeURIComponent('1%flat')}`)).toEqual([]);
  expect(await found(`words=${encodeURIComponent('with_under')}`)).toEqual([3]);
  expect(await found(`words=${encodeURIComponent('withXunder')}`)).toEqual([]);
});

test('several taste it: the mean holds, what they said is found, and it can be taken out', async () => {
  const at = day(15);
  const [first, second] = [randomUUID(), randomUUID()];
  const say = (id: string, body: object) =>
    cook.send('PUT', `/api/logbook/brews/${brews[1]}/tastings/${id}`, { blind: true, at, ...body });
  expect((await say(first, { taster: 'Juno', score: 2, words: 'like a puddle' })).json.taste).toBe(2);
  const both = (await say(second, { taster: 'Marek', score: 5, words: '' })).json;
  expect([both.taste, both.tastings.length]).toEqual([3.5, 2]);
  expect((await say(second, { taster: 'Marek', score: 4, words: '' })).json.taste).toBe(3);
  expect((await list('?words=puddle')).map(({ id }) => id)).toEqual([brews[1]]);
  expect((await say(randomUUID(), { taster: 'Juno', score: 6, words: '' })).status).toBe(400);
  await cook.send('DELETE', `/api/logbook/brews/${brews[1]}/tastings/${first}`);
  const last = await cook.send('DELETE', `/api/logbook/brews/${brews[1]}/tastings/${second}`);
  expect([last.json.taste, last.json.tastings]).toEqual([null, []]);
});

test('whoever is taken out of the people is named by no tasting any more, unless somebody else is called so', async () => {
  const [gone, twin, other] = [randomUUID(), randomUUID(), randomUUID()];
  const named = (name: string) => ({
    name,
    note: '',
    born: null,
    group: 'adult',
    weight_kg: null,
    facts: {},
    lines: {},
  });
  const save = (expectedRevision: number, people: object) =>
    cook.send('PUT', '/api/people', {
      expectedRevision,
      people: { people, spoonPlans: {}, sweatTests: {}, sheets: {} },
    });
  await save(0, { [gone]: named('Juno'), [twin]: named('Tam'), [other]: named('Tam') });
  const [junos, tams] = [randomUUID(), randomUUID()];
  const said = { score: 3, words: 'fair', blind: false, at: day(15) };
  const at = (id: string) => `/api/logbook/brews/${brews[3]}/tastings/${id}`;
  await cook.send('PUT', at(junos), { ...said, taster: 'Juno' });
  await cook.send('PUT', at(tams), { ...said, taster: 'Tam' });
  await save(1, { [other]: named('Tam') });
  const { tastings } = (await cook.send('GET', `/api/logbook/brews/${brews[3]}`)).json;
  const by = (id: string) => tastings.find((each: { id: string }) => each.id === id);
  expect([by(junos).taster, by(junos).words, by(tams).taster]).toEqual(['Somebody', 'fair', 'Tam']);
  for (const id of [junos, tams]) await cook.send('DELETE', at(id));
});

test('charts say what the table says, by drink and by month', async () => {
  const { json } = await cook.send('GET', '/api/logbook/charts');
  const rows = await list('?sort=oldest');
  expect(json.points.map(({ id }: { id: string }) => id)).toEqual(rows.map(({ id }) => id));
  const mean = (values: readonly (number | null)[]) => {
    const known = values.filter((value) => value !== null);
    return known.length > 0 ? expect.closeTo(known.reduce((sum, value) => sum + value, 0) / known.length, 6) : null;
  };
  const off = ({ got_mL, expected_mL }: LogbookRow) => Math.abs(got_mL - expected_mL!) / expected_mL!;
  const meansOf = (own: readonly LogbookRow[]) => ({
    brews: own.length,
    off: mean(own.map(off)),
    brix: mean(own.map(({ brix }) => brix)),
    pH: mean(own.map(({ pH }) => pH)),
    taste: mean(own.map(({ taste }) => taste)),
    cost: mean(own.map(({ cost }) => cost)),
    minutes: expect.closeTo(90, 6),
  });
  expect(json.months).toEqual([{ month: '2026-10', ...meansOf(rows) }]);
  const drink = json.drinks.find(({ drinkId }: { drinkId: string }) => drinkId === SYRUP);
  expect(drink).toEqual({
    drinkId: SYRUP,
    drinkName: 'Fog syrup',
    ...meansOf(rows.filter(({ drinkId }) => drinkId === SYRUP)),
  });
  const tastes = json.tastes.find(({ drinkId }: { drinkId: string }) => drinkId === SYRUP);
  expect(tastes).toEqual({ drinkId: SYRUP, drinkName: 'Fog syrup', mean: 4, latest: 5, scores: [5, 3] });
  const none = (await cook.send('GET', `/api/logbook/charts?cook=Nobody`)).json;
  expect(none).toEqual({ points: [], tastes: [], drinks: [], months: [] });
});

test('the file has the same brews, and what looks like a formula is text', async () => {
  const answer = await send(app, 'GET', `/api/logbook/brews.csv?drinkId=${TONIC}`, undefined, { cookie: cook.cookie });
  const text = answer.answer.payload;
  const { data, errors } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
  expect(errors).toEqual([]);
  expect(data.map(({ madeAt }) => madeAt!.slice(0, 10))).toEqual(['2026-10-20', '2026-10-05']);
  expect(data[0]!['drinkName']).toBe("'=SUM(A1:A9)");
  expect(Number(data[1]!['got_mL'])).toBeCloseTo(800, 6);
  expect(text.endsWith('\r\n')).toBe(true);
});

test('what was tasted of a drink is there with what went into each brew, for its own kitchen only', async () => {
  const { status, json } = await cook.send('GET', `/api/logbook/drinks/${SYRUP}/tried`);
  expect(status).toBe(200);
  const { json: page } = await cook.send('GET', `/api/logbook?drinkId=${SYRUP}&sort=newest&limit=100`);
  const tasted = (page.brews as LogbookRow[]).filter(({ taste }) => taste !== null);
  expect(tasted.length).toBeGreaterThan(0);
  expect(json.brews.map(({ id, taste }: LogbookRow) => [id, taste])).toEqual(
    tasted.map(({ id, taste }) => [id, taste]),
  );
  for (const { used, got } of json.brews) expect([used.honey > 0, got > 0]).toEqual([true, true]);
  const other = await newCook(app);
  expect((await other.send('GET', `/api/logbook/drinks/${SYRUP}/tried`)).status).toBe(404);
});
