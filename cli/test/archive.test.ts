import { readDrink } from '@wellhydra/core/drink';
import { runCommand } from '../src/run-command';

/** Archives of kitchens at the command line; what is in one is tested where they are made, in server/test. */

const document = (name: string, text = '5 g table salt') => ({
  name,
  kind: 'sport',
  serving: '250 mL',
  target: null,
  steps: [
    { id: 's', verb: 'add', text },
    { id: 'g', verb: 'add', text: '1 tsp honey', atServing: true },
  ],
});
const drink = (id: number, name: string, deletedAt: string | null = null) => ({
  is: 'drink',
  id: `00000000-0000-4000-8000-00000000000${id}`,
  revision: 1,
  document: document(name),
  savedBy: 1,
  savedAt: '2026-11-30T08:00:00.000Z',
  deletedAt,
});
const ROWS: readonly object[] = [
  { is: 'kitchen-archive', version: 1, name: 'Skerry Light' },
  {
    is: 'kitchen',
    settings: null,
    plan: null,
    shopping: null,
    people: null,
    habitsSince: null,
    brewsMade: 0,
    unplugged: [],
    tare_g: null,
  },
  { is: 'hand', hand: 1, name: 'Ines' },
  drink(1, 'Own brine'),
  drink(2, 'Tide glass'),
  drink(3, 'Gone', '2026-11-30T09:00:00.000Z'),
];
const file = (rows: readonly object[] = ROWS) =>
  [...rows, { is: 'end', rows: rows.length }].map((row) => `${JSON.stringify(row)}\n`).join('');

function run(text: string, ...more: readonly string[]) {
  let [out, errors] = ['', ''];
  const code = runCommand(['archive', 'kitchen.jsonl', ...more], {
    readFile: () => text,
    print: (each) => void (out += each),
    complain: (each) => void (errors += each),
  });
  return { code, errors, json: code === 0 ? JSON.parse(out) : undefined };
}

test('says what is in it, without what was deleted', () => {
  expect(run(file()).json).toMatchObject({
    kitchen: 'Skerry Light',
    rows: { drink: 3, brew: 0 },
    drinks: ['Own brine', 'Tide glass'],
  });
});

test('gives one of its drinks as a drink file', () => {
  const { json } = run(file(), '--drink', 'tide GLASS');
  expect(readDrink(json)).toMatchObject({
    kind: 'drink',
    drink: { name: 'Tide glass', atServing: [{ text: '1 tsp honey' }] },
  });
});

test.each([
  ['half of it', file().slice(0, -30), [], /^kitchen\.jsonl: Line 6: it is not JSON, or is cut off/],
  ['without its end', file().split('\n').slice(0, 6).join('\n'), [], /Line 6: the file ends here/],
  ['nothing', '', [], /Line 1: the file is empty/],
  ['another file', '{"format":"wellhydra-drink/1"}', [], /Line 1: this is no archive of a kitchen/],
  [
    'a drink that is not there',
    file(),
    ['--drink', 'Gone'],
    /no drink is called "Gone"\. There are: Own brine; Tide glass/,
  ],
  ['one of two of a name', file([...ROWS, drink(4, 'Tide glass')]), ['--drink', 'Tide glass'], /2 drinks are called/],
])('%s is refused with what to do', (_what, text, more, message) => {
  const { code, errors } = run(text, ...more);
  expect([code, errors]).toEqual([2, expect.stringMatching(message)]);
});
