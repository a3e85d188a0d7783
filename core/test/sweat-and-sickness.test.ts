import {
  DANGER_SIGNS,
  afterStool,
  personAt,
  sheetStanding,
  withEntry,
  type RehydrationSheet,
  type SheetEntry,
  type SweatTest,
} from '../src/household';
import { replacement, sweatTest } from '../src/people';
import { NOW, aged, trialPerson } from './trial-person';

const TEST: SweatTest = {
  before_kg: 70,
  after_kg: 68.6,
  drunk_mL: 1000,
  urine_mL: 0,
  minutes: 120,
  clothes: 'none',
  marks: 'some',
};
const rate = (by: Partial<SweatTest> = {}) => {
  const result = sweatTest({ ...TEST, ...by });
  if (result.kind !== 'rate') throw new Error(result.because);
  return result;
};

test('two hours at 1.2 L an hour and 40 mmol/L lose 2,207 mg of sodium, 5.61 g of salt', () => {
  const { litres_h, sodium_mg_h, salt_g_h } = rate();
  expect(litres_h.likely).toBeCloseTo(1.2, 6);
  // By hand: 1.2 L x 40 mmol/L x 22.98977 mg/mmol, and x 58.44 mg/mmol of table salt.
  expect(2 * sodium_mg_h.likely).toBeCloseTo(2207.04, 0);
  expect(2 * salt_g_h.likely).toBeCloseTo(5.61, 2);
});

test('the spread is that of scale, bottle and clothes', () => {
  const bare = rate();
  // Two weighings of 0.1 kg, 5 % of a litre: 0.1500 kg over two hours, times 1.645.
  expect(bare.litres_h.high - bare.litres_h.likely).toBeCloseTo((1.645 * Math.hypot(0.1 * Math.SQRT2, 0.05)) / 2, 6);
  const soaked = rate({ clothes: 'soaked' });
  expect(soaked.litres_h.likely).toBeGreaterThan(bare.litres_h.likely);
  expect(soaked.litres_h.high - soaked.litres_h.low).toBeGreaterThan(bare.litres_h.high - bare.litres_h.low);
  expect(bare.sodium_mg_h.low).toBeLessThan(bare.sodium_mg_h.likely / 1.5);
  expect(rate({ marks: 'white' }).salt_g_h.likely).toBeGreaterThan(bare.salt_g_h.likely);
  expect(rate({ urine_mL: 300 }).litres_h.likely).toBeCloseTo(1.05, 6);
});

test.each<[string, Partial<SweatTest>]>([
  ['too short', { minutes: 10 }],
  ['no loss', { after_kg: 71.5 }],
  ['more than anybody sweats', { after_kg: 60 }],
])('%s tells nothing, and says so', (_what, by) => {
  expect(sweatTest({ ...TEST, ...by })).toMatchObject({ kind: 'unclear' });
});
test('what cannot be is refused', () => {
  expect(() => sweatTest({ ...TEST, before_kg: 0 })).toThrow(RangeError);
  expect(() => sweatTest({ ...TEST, minutes: -5 })).toThrow(RangeError);
});

test('a drink makes up for what was lost, and never for more than a litre an hour', () => {
  const loss = rate();
  const of = replacement(loss, { sodium_mg: 500, sugars_g: 60 });
  expect(of).toMatchObject({ volume_mL_h: 1000, sodium_mg_h: 500, sugars_g_h: 60 });
  expect(of.sodium_share).toBeCloseTo(500 / loss.sodium_mg_h.likely, 6);
  expect(replacement(rate({ drunk_mL: 0 }), { sodium_mg: 500, sugars_g: 60 }).volume_mL_h).toBeCloseTo(700, 6);
});

const ago = (hours: number) => new Date(NOW.getTime() - 3_600_000 * hours).toISOString();
const sheet = (by: Partial<RehydrationSheet> = {}, ...entries: readonly SheetEntry[]): RehydrationSheet => ({
  personId: 'tam',
  begins: ago(4),
  signs: {},
  ended: null,
  entries: Object.fromEntries(entries.map((entry, index) => [String(index), entry])),
  ...by,
});
const tam = personAt(aged(90), NOW);

test.each<[string, number, number, number]>([
  ['under two years', 23, 50, 100],
  ['from two', 24, 100, 200],
  ['under ten', 119, 100, 200],
  ['from ten', 120, 200, Infinity],
])('after each loose stool, %s', (_what, months, least_mL, most_mL) => {
  expect(afterStool(personAt(aged(months), NOW))).toEqual({ least_mL, most_mL });
});

test('it keeps count', () => {
  const entries: SheetEntry[] = [
    { kind: 'stool', at: ago(3) },
    { kind: 'stool', at: ago(2) },
    { kind: 'vomit', at: ago(2) },
    { kind: 'urine', at: ago(1) },
    { kind: 'drunk', at: ago(1), volume_mL: 120 },
    { kind: 'drunk', at: ago(0.5), volume_mL: 60 },
    // Not yet.
    { kind: 'drunk', at: ago(-1), volume_mL: 500 },
  ];
  const standing = sheetStanding(sheet({}, ...entries), tam, NOW);
  expect(standing).toMatchObject({ stools: 2, vomits: 1, drunk_mL: 180, help: [] });
  expect(standing.wanted_mL).toEqual({ least_mL: 200, most_mL: 400 });
  expect(standing.sinceUrine_h).toBeCloseTo(1, 6);
});

test.each(DANGER_SIGNS)('$code means help now', ({ code, words }) => {
  expect(sheetStanding(sheet({ signs: { [code]: true } }), tam, NOW).help).toEqual([words]);
});

test('no urine for 8 hours, a small baby, and no better after a day mean help too; a little less does not', () => {
  const help = (of: RehydrationSheet, person = tam) => sheetStanding(of, person, NOW).help;
  expect(help(sheet({ begins: ago(7.9) }))).toEqual([]);
  expect(help(sheet({ begins: ago(8) }))).toEqual(['No urine was noted for 8 hours']);
  expect(help(sheet({ begins: ago(9), signs: { 'no-urine': true } }))).toEqual(['No urine for 8 hours']);
  expect(help(sheet(), personAt(aged(5), NOW))).toEqual(['A baby under 6 months']);
  expect(help(sheet(), personAt(aged(6), NOW))).toEqual([]);
  const urine: SheetEntry = { kind: 'urine', at: ago(1) };
  expect(help(sheet({ begins: ago(24) }, urine, { kind: 'stool', at: ago(5) }))).toEqual(['No better after a day']);
  expect(help(sheet({ begins: ago(23) }, urine, { kind: 'stool', at: ago(5) }))).toEqual([]);
  expect(help(sheet({ begins: ago(30) }, urine, { kind: 'stool', at: ago(7) }))).toEqual([]);
  expect(
    help(sheet({ begins: ago(30) }, urine, { kind: 'drunk', at: ago(1), volume_mL: 1 }), personAt(trialPerson(), NOW)),
  ).toEqual([]);
});

test('a sheet that is full still adds up: its oldest sips become one, and nothing else goes', () => {
  let full = sheet({}, { kind: 'stool', at: ago(4) });
  for (let index = 0; index < 40; index += 1)
    full = withEntry(full, `sip${index}`, { kind: 'drunk', at: ago(3 - index / 100), volume_mL: 5 }, 10);
  const standing = sheetStanding(full, tam, NOW);
  expect(Object.keys(full.entries)).toHaveLength(10);
  expect(standing).toMatchObject({ stools: 1, drunk_mL: 200 });
});
