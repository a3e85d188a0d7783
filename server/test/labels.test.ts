import { randomUUID } from 'node:crypto';
import type { BottleRecord } from '@wellhydra/contract';
import { LABEL_SHEETS, labelsOn, type LabelSheet } from '@wellhydra/contract/label-sheets';
import type { Person } from '@wellhydra/core/household';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { FastifyInstance } from 'fastify';
import { labelsPdf } from '../src/documents/labels/label-pdf';
import { labelPagesOf } from '../src/documents/labels/label-pages';
import { labelWords, type LabelWords } from '../src/documents/labels/label-words';
import { linesOf } from '../src/documents/labels/label-type';
import { bottledDrink, freshDatabase, newCook, send, startServer, type Cook } from './kitchen-server';

const NOW = new Date('2026-11-28T10:00:00Z');
const LONG_NAME = 'A very long name of a drink that nobody would ever print '.repeat(3).trim();
const ONE_WORD = 'Donaudampfschifffahrtselektrizitätenhauptbetriebswerkbauunterbeamtengesellschaftstrunk';
const stop = (number: number) =>
  `Stop ${number}. ${'Nobody may have it before it is boiled for ten minutes. '.repeat(2)}`;

const WORDS: LabelWords = {
  name: 'Fogbank elderberry syrup',
  batch: 'Batch FE-34 · made 26 Nov 2026',
  due: 'Use by 31 Dec 2026',
  keep: 'Keep in the fridge · 300 mL · serving 10 mL',
  stops: ['Not for Wren: honey. No honey, raw or cooked, in anything for a baby under one year.'],
  warns: 'With care for Tam: herbs for a child · Elder flowers and berries',
  contains: 'Contains water, honey, elderberries, dried, lemon juice, ginger, fresh, cinnamon stick',
  perServing: 'In 10 mL: 22 kcal, sugars 5.4 g, potassium 12 mg',
};
const FULL: LabelWords = {
  ...WORDS,
  name: LONG_NAME,
  stops: Array.from({ length: 8 }, (_each, number) => stop(number)),
  warns: Array.from({ length: 12 }, (_each, number) => `A warning of many words, number ${number}`).join(' · '),
  contains: `Contains ${'something or other, '.repeat(40)}`,
};
const CASES: readonly (readonly [string, LabelWords])[] = [
  ['as usual', WORDS],
  ['a long name', { ...WORDS, name: LONG_NAME }],
  ['one word without end', { ...WORDS, name: ONE_WORD }],
  ['everything at once', FULL],
  ['nothing but a name', { ...WORDS, stops: [], warns: '', contains: '', perServing: '' }],
];
const label = (words: LabelWords) => ({
  words,
  address: 'http://127.0.0.1:4870/bottles/0b4f6a52-9a3e-4c1d-8f2b-1c2d3e4f5a6b',
});

describe.each(LABEL_SHEETS as readonly LabelSheet[])('$name', (sheet) => {
  test.each(CASES)('%s: nothing is cut off, nothing lies over anything', (_what, words) => {
    const { pages } = labelPagesOf([label(words)], sheet);
    for (const { cells, texts, squares } of pages) {
      const holds = (x: number, y: number) =>
        cells.some((cell) => x >= cell.x && x <= cell.x + cell.width && y >= cell.y && y <= cell.y + cell.height);
      for (const { font, size, x, y, text } of texts) {
        expect(linesOf(font, size, text, Infinity)).toHaveLength(1);
        // As wide as it is, by the font itself.
        const wide = (share: number) => linesOf(font, size, text, share).length === 1;
        const cell = cells.find(
          (each) => x >= each.x && x < each.x + each.width && y >= each.y && y < each.y + each.height,
        )!;
        expect(wide(cell.x + cell.width - x)).toBe(true);
        expect(holds(x, y + size)).toBe(true);
        // No word runs into the code.
        const hit = squares.some(
          (dark) => dark.y < y + size && dark.y + dark.height > y && dark.x > x && !wide(dark.x - x),
        );
        expect(hit).toBe(false);
      }
      // Lines stand under one another.
      const sorted = [...texts].sort((a, b) => a.y - b.y);
      for (const [index, line] of sorted.entries()) {
        const next = sorted.slice(index + 1).find(({ x }) => Math.abs(x - line.x) < 1);
        if (next && next.y > line.y)
          expect(next.y - line.y).toBeGreaterThanOrEqual(Math.min(line.size, next.size) * 0.99);
      }
      for (const dark of squares) expect(holds(dark.x, dark.y)).toBe(true);
    }
  });

  test('what must not be overlooked is said in full, over several labels where it has to be', () => {
    const { pages } = labelPagesOf([label(FULL)], sheet);
    const said = pages.flatMap(({ texts }) => texts.map(({ text }) => text)).join(' ');
    // A low label has no room for one line under its heading; its code leads to all of it.
    if (sheet.label[1] < 20) return;
    for (let number = 0; number < 8; number += 1) expect(said).toContain(`Stop ${number}.`);
    expect(said.match(/boiled/g)!.length).toBe(16);
    expect(said).toContain('Batch FE-34');
  });

  test('sheets are filled along their rows, from the label one begins with', () => {
    const most = labelsOn(sheet);
    const { pages } = labelPagesOf(
      Array.from({ length: most }, () => label({ ...WORDS, stops: [] })),
      sheet,
      most,
    );
    expect(pages).toHaveLength(most === 1 ? 1 : 2);
    expect(pages[0]!.cells).toHaveLength(1);
    const [cell] = pages[0]!.cells;
    // The last label of a sheet still lies on it.
    expect(cell!.x + cell!.width).toBeLessThanOrEqual(pages[0]!.width + 0.5);
    expect(cell!.y + cell!.height).toBeLessThanOrEqual(pages[0]!.height + 0.5);
  });
});

test('a PDF has a page for each page, and each font once', async () => {
  const sheet = LABEL_SHEETS.find(({ id }) => id === 'a4-8')!;
  const many = Array.from({ length: 10 }, () => label({ ...WORDS, stops: [] }));
  const pdf = (await labelsPdf(labelPagesOf(many, sheet), 'Trial')).toString('latin1');
  expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(2);
  expect(pdf.match(/\/FontFile2/g)!.length).toBeLessThanOrEqual(3);
});

const WREN: Person = { name: 'Wren', note: '', born: null, group: 'infant', weight_kg: null, facts: {}, lines: {} };

describe('of real bottles', () => {
  let app: FastifyInstance;
  let cook: Cook;
  beforeAll(async () => {
    app = await startServer(await freshDatabase());
    cook = await newCook(app);
  });
  afterAll(() => app.close());

  test('a label says what is in the bottle, the most of it first, and for whom it is not', async () => {
    const { ids } = await bottledDrink(cook, ['30 g honey', '2 g table salt', '1 L water'], {
      kind: 'tonic',
      serving: '200 mL',
    });
    const bottle: BottleRecord = (await cook.send('GET', `/api/bottles/${ids.bottle}`)).json;
    const words = labelWords(bottle, { w: WREN }, NOW);
    expect(words.contains).toMatch(/^Contains .*water.*, honey, .*salt/);
    expect(words.stops[0]).toMatch(/^Not for Wren: honey\. /);
    // The general caution of the same thing is not said twice.
    expect(words.stops.filter((text) => /honey/i.test(text))).toHaveLength(1);
    expect(labelWords(bottle, {}, NOW).stops.filter((text) => /honey/i.test(text))).toHaveLength(1);
    expect(words.perServing).toMatch(/^In 200 mL: .*sodium \d+ mg/);
  });

  test('a label that is stuck on is known, and what has changed since shows', async () => {
    const { ids } = await bottledDrink(cook);
    const order = { bottles: [ids.bottle], sheet: 'a4-21', start: 5 };
    const run = jest.spyOn(app.context.runner, 'run');
    const pdf = await send(app, 'POST', '/api/documents/labels.pdf', order, { cookie: cook.cookie });
    expect([pdf.status, pdf.answer.rawPayload.subarray(0, 5).toString()]).toEqual([200, '%PDF-']);
    const looked = await cook.send('POST', '/api/documents/labels', order);
    // Whatever runs drinks draws them: a worker, where there is one.
    expect(run.mock.calls.map(([job]) => job)).toEqual(['labelsPdf', 'labels']);
    run.mockRestore();
    expect(looked.json.pages[0].cells).toHaveLength(1);
    const label = async () => (await cook.send('GET', `/api/bottles/${ids.bottle}`)).json.label;
    expect(await label()).toBeNull();
    expect((await cook.send('POST', '/api/documents/labels/stuck', { bottles: [ids.bottle] })).status).toBe(204);
    expect((await label()).said).toMatch(/^Trial drink · use by \d{4}-\d\d-\d\d · fridge$/);
  });

  test('a jar that stands is labelled with when it is strained, and a brew that does not stand is told', async () => {
    const lines = [
      ['add', '500 mL cider vinegar'],
      ['add', '100 g fresh ginger'],
      ['steep', '4 weeks'],
      ['strain', 'cloth'],
    ] as const;
    const steps = lines.map(([verb, text], index) => ({ id: `s${index}`, verb, text }));
    const document = { name: 'Ginger cider', kind: 'vinegar-honey', serving: '1 tbsp', target: null, steps };
    const [drink, brew] = [randomUUID(), randomUUID()];
    await cook.send('PUT', `/api/drinks/${drink}`, { expectedRevision: 0, document });
    const recipe = { document, preparations: [], settings: DEFAULT_SETTINGS };
    const startedAt = new Date().toISOString();
    const begun = await cook.send('PUT', `/api/brews/${brew}/run`, {
      drinkId: drink,
      drinkRevision: 1,
      recipe,
      cook: 'Ines',
      startedAt,
    });
    expect(begun.status).toBe(200);
    const order = { bottles: [], brews: [brew], sheet: 'roll-89', start: 1 };
    const early = await cook.send('POST', '/api/documents/labels', order);
    expect([early.status, early.json.message]).toEqual([400, expect.stringMatching(/^Ginger cider does not stand/)]);
    const events = ['s0', 's1'].map((step) => ({ kind: 'step-done', id: randomUUID(), at: startedAt, step }));
    await cook.send('POST', `/api/brews/${brew}/events`, { events });
    const { json } = await cook.send('POST', '/api/documents/labels', order);
    const said = json.pages[0].texts.map(({ text }: { text: string }) => text).join(' ');
    const until = new Date(Date.parse(startedAt) + 28 * 86_400_000);
    const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' }).format(until);
    expect(said).toContain(`Strain by ${day}`);
    expect(said).toMatch(/Still being made: it stands (?:28 days|4 weeks)/);
    expect(said).toMatch(/Contains .*vinegar/i);
    await cook.send('PUT', '/api/devices/printer', { plugged: true });
    const printed = await cook.send('POST', '/api/devices/printer/labels', { bottles: [], brews: [brew] });
    expect([printed.status, printed.json.files]).toEqual([200, [expect.stringMatching(/^GC-\d+-[0-9a-f]{8}\.pdf$/)]]);
    expect((await cook.send('POST', '/api/documents/labels', { ...order, brews: [randomUUID()] })).status).toBe(404);
    expect((await cook.send('POST', '/api/documents/labels', { ...order, brews: [] })).status).toBe(400);
  });

  test('a serving is said as its maker says it', async () => {
    const { ids } = await bottledDrink(cook, ['300 g honey', '1 L water'], { kind: 'syrup', serving: '1 tbsp' });
    const bottle: BottleRecord = (await cook.send('GET', `/api/bottles/${ids.bottle}`)).json;
    expect(labelWords(bottle, {}, NOW).keep).toMatch(/ · serving 1 tbsp \(1[45](?:\.\d)? mL\)$/);
  });

  test('a bottle that is not there is told, and none are printed', async () => {
    const order = { bottles: [randomUUID()], sheet: 'a4-21', start: 1 };
    expect((await cook.send('POST', '/api/documents/labels', order)).status).toBe(404);
    expect((await cook.send('POST', '/api/documents/labels.pdf', { ...order, sheet: 'a5' })).status).toBe(400);
  });
});
