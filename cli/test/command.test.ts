import { spawnSync } from 'node:child_process';
import ICAL from 'ical.js';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { runCommand } from '../src/run-command';

const ROOT = join(__dirname, '../..');
const EXAMPLES = join(ROOT, 'examples');

function run(args: readonly string[], files: Readonly<Record<string, string>> = {}) {
  let out = '';
  let errors = '';
  const code = runCommand(args, {
    readFile: (path) => files[path] ?? readFileSync(path, 'utf8'),
    print: (text) => void (out += text),
    complain: (text) => void (errors += text),
  });
  return { code, out, errors, json: code === 0 && out.startsWith('{\n') ? JSON.parse(out) : undefined };
}

const file = (steps: unknown, more: object = {}) =>
  JSON.stringify({ format: 'wellhydra-drink/1', name: 'T', kind: 'rehydration', steps, ...more });

describe('analyse', () => {
  test.each(readdirSync(EXAMPLES).filter((name) => name.endsWith('.json')))('runs examples/%s clean', (name) => {
    const { code, json, errors } = run(['analyse', join(EXAMPLES, name)]);
    expect(errors).toBe('');
    expect(code).toBe(0);
    expect(json).toMatchObject({ format: 'wellhydra-analysis/1' });
  });

  test('--range gives the spread, the same for the same seed', () => {
    const args = ['analyse', join(EXAMPLES, 'home-sugar-and-salt.json'), '--range', '400', '--seed', '5'];
    const { p5, p50, p95 } = run(args).json.range['perLitre.sodium_mmol'];
    expect(p5 < p50 && p50 < p95).toBe(true);
    expect(run(args).out).toBe(run(args).out);
  });

  test.each([
    ['a step that cannot be read', file([{ add: '2 g slat' }]), /step 1.*slat.*Nearest: 2 g salt/],
    ['heat under an empty pot', file([{ simmer: '5 min' }]), /no liquid in the pot/],
    ['a file that is no drink', '{"steps":[]}', /format/],
    ['a file that is no JSON', 'salt', /not JSON/],
    ['a negative amount', file([{ add: '-2 g salt' }]), /more than nothing/],
  ])('answers 2 to %s', (_what, text, says) => {
    const { code, errors, out } = run(['analyse', 'f.json'], { 'f.json': text });
    expect(code).toBe(2);
    expect(errors).toMatch(says);
    expect(out).toBe('');
  });

  test.each([
    [['analyse']],
    [['analyse', 'a', 'b']],
    [['analyse', 'f.json', '--range', 'many']],
    [['analyse', 'f.json', '--colour', 'red']],
    [[]],
    [['brew']],
  ])('answers 2 to %j', (args) => expect(run(args, { 'f.json': file([]) }).code).toBe(2));
});

describe('the small verbs', () => {
  test('read: a line of JSON for each line of text, an empty one too', () => {
    const { code, out } = run(['read', 'lines.txt'], { 'lines.txt': 'ginger, 40 g\n\nserves 4\nhoney to taste\n' });
    expect(code).toBe(0);
    const [ginger, empty, note, honey] = out.split('\n').map((line) => JSON.parse(line));
    expect(ginger).toMatchObject({
      text: 'ginger, 40 g',
      reads: [{ verb: 'add', ingredient: 'ginger, fresh', grams: 40, relative: null }],
      question: null,
      note: false,
    });
    expect(empty).toMatchObject({ text: '', steps: [], reads: [] });
    expect(note).toMatchObject({ steps: [], note: true });
    expect(honey).toMatchObject({
      reads: [{ relative: 'to taste', grams: null }],
      question: { ask: expect.any(String) },
    });
    expect(run(['read']).code).toBe(2);
  });
  test('check: a recipe in words', () => {
    const text = 'Mint water\n\n1 L water\n10 g mint\n\nPut the mint in the water. Leave in the fridge 3 hours.\n';
    const { json } = run(['check', 'r.txt', '--kind', 'infused-water'], { 'r.txt': text });
    expect(json).toMatchObject({ format: 'wellhydra-check/1', drink: { name: 'Mint water', kind: 'infused-water' } });
    expect(json.ingredients.map(({ grams }: { grams: number }) => Math.round(grams))).toEqual([998, 10]);
    expect(run(['check', 'r.txt', '--kind', 'soup'], { 'r.txt': text })).toMatchObject({ code: 2 });
    expect(run(['check']).code).toBe(2);
  });
  test('convert', () => {
    expect(run(['convert', '2/3 cup honey', '--to', 'g']).json).toMatchObject({
      unit: 'g',
      understood: '0.667 US cup honey',
    });
    expect(run(['convert', '1 US cup', '--to', 'mL']).json.value).toBeCloseTo(236.588237, 5);
    expect(run(['convert', '-2 g salt', '--to', 'mg']).code).toBe(2);
    expect(run(['convert', '2 g salt']).code).toBe(2);
  });
  test('ingredients', () => {
    expect(JSON.parse(run(['ingredients']).out).length).toBeGreaterThan(60);
    expect(JSON.parse(run(['ingredients', 'citrate']).out).map(({ id }: { id: string }) => id)).toContain(
      'trisodium-citrate',
    );
    expect(JSON.parse(run(['ingredients', 'zzz']).out)).toEqual([]);
  });
  test('targets, schema and help', () => {
    expect(run(['targets']).out).toMatch(/reduced-osmolarity/);
    expect(run(['schema']).json.properties.format).toEqual({ const: 'wellhydra-drink/1' });
    expect(run(['--help']).out).toMatch(/Usage/);
  });
});

test('the installed command reads standard input and sets the exit code', () => {
  const command = join(ROOT, 'cli/bin/wellhydra.mjs');
  const good = spawnSync(process.execPath, [command, 'analyse', '-'], {
    input: file([{ add: '1 L water' }]),
    encoding: 'utf8',
  });
  expect([good.status, good.stderr]).toEqual([0, '']);
  expect(JSON.parse(good.stdout).yield.volume_mL).toBeCloseTo(1000, 3);
  const bad = spawnSync(process.execPath, [command, 'analyse', '/no/such/file'], { encoding: 'utf8' });
  expect(bad.status).toBe(2);
  expect(bad.stderr).toMatch(/cannot be read/);
});

describe('aim', () => {
  const sachet = join(EXAMPLES, 'aims/sachet.json');
  test('gives doses that can be weighed, and what they come to', () => {
    const { code, json } = run(['aim', sachet]);
    expect(code).toBe(0);
    expect(json).toMatchObject({ format: 'wellhydra-aim/1', provenBest: true, obstacles: [] });
    expect(json.doses.map(({ words }: { words: string }) => words)).toContain('13.5 g');
    expect(json.figures.sodium_mmol_L.value).toBeCloseTo(75, 0);
  });
  test.each([
    ['2.6 g table salt', []],
    ['12 g table salt', ['rehydration-salt-high']],
  ])('says of %s the cautions that analyse says', (fixed, codes) => {
    const { target, ...rest } = JSON.parse(readFileSync(sachet, 'utf8'));
    const asked = { ...rest, ...(target ? { target } : {}), kind: 'rehydration', fixed: [fixed] };
    const { json } = run(['aim', 'a.json'], { 'a.json': JSON.stringify(asked) });
    const stops = json.cautions.filter(({ severity }: { severity: string }) => severity === 'stop');
    expect(stops.map(({ code }: { code: string }) => code)).toEqual(codes);
  });
  test.each([
    ['{"volume":"1 L"}', /target.*figures|Name figures/],
    ['nothing', /not JSON/],
  ])('answers 2 to %s', (text, says) => {
    const { code, errors } = run(['aim', 'a.json'], { 'a.json': text });
    expect(code).toBe(2);
    expect(errors).toMatch(says);
  });
});

describe('import and export', () => {
  const example = join(EXAMPLES, 'jobs/06-dried-berry-tonic.json');
  test('a drink goes out as a Recipe and comes back', () => {
    const recipe = run(['export', example, '--as', 'jsonld']);
    const back = run(['import', 'r.json'], { 'r.json': recipe.out });
    expect(back.json).toEqual(JSON.parse(readFileSync(example, 'utf8')));
  });
  test.each([
    ['csv', /^group,figure,value/],
    ['markdown', /^# Elderberry and honey tonic/],
  ])('--as %s prints it as it is', (format, begins) => {
    const { code, out } = run(['export', example, '--as', format]);
    expect(code).toBe(0);
    expect(out).toMatch(begins);
  });
  describe('--as ics', () => {
    const written = (begin = '2026-12-01T09:00:00Z') => run(['export', example, '--as', 'ics', '--begin', begin]);
    /** As another package reads it: events with their beginnings and ends. */
    const eventsIn = (text: string) =>
      new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));
    test('each task that needs hands is an event from the moment on, in order, and the last day of it another', () => {
      const { code, out } = written();
      expect(code).toBe(0);
      const events = eventsIn(out);
      const tasks = events.filter(({ startDate }) => !startDate.isDate);
      expect(tasks.length).toBeGreaterThan(3);
      expect(tasks[0]!.startDate.toJSDate().toISOString()).toBe('2026-12-01T09:00:00.000Z');
      const times = tasks.map(({ startDate }) => startDate.toJSDate().getTime());
      expect(times).toEqual([...times].sort((a, b) => a - b));
      expect(tasks.every(({ summary }) => summary.startsWith('Elderberry and honey tonic: '))).toBe(true);
      const [last] = events.filter(({ startDate }) => startDate.isDate);
      expect(last!.summary).toBe('Elderberry and honey tonic: use up today');
      expect(last!.startDate.toJSDate().getTime()).toBeGreaterThan(times.at(-1)!);
    });
    test('the same drink from the same moment gives the same file, from another another', () => {
      expect(written().out).toBe(written().out);
      const ids = (text: string) => eventsIn(text).map(({ uid }) => uid);
      expect(ids(written('2026-12-02T09:00:00Z').out)).not.toEqual(ids(written().out));
    });
    test('what is written in a drink stays text: commas, semicolons, line ends and long lines', () => {
      const name = `Fog, rain; and ${'a very long watch '.repeat(12)}end`;
      const drink = { ...JSON.parse(readFileSync(example, 'utf8')), name };
      const { out } = run(['export', 'd.json', '--as', 'ics'], { 'd.json': JSON.stringify(drink) });
      expect(eventsIn(out).every(({ summary }) => summary.startsWith(`${name}: `))).toBe(true);
      expect(Math.max(...out.split('\r\n').map((line) => Buffer.byteLength(line)))).toBeLessThanOrEqual(75);
    });
    test.each([
      [['export', example, '--as', 'ics', '--begin', 'tomorrow'], /takes a moment such as/],
      [['export', example, '--as', 'ics', '--begin', '275760-01-01'], /takes a moment such as/],
      [['export', example, '--as', 'csv', '--begin', '2026-12-01'], /is for --as ics/],
    ])('answers 2 to %j', (args, says) => {
      const { code, errors } = run(args);
      expect(code).toBe(2);
      expect(errors).toMatch(says);
    });
  });
  test('sentences that became no step are said on standard error', () => {
    const recipe = {
      '@type': 'Recipe',
      name: 'Tea',
      recipeIngredient: ['1 L water'],
      recipeInstructions: 'Sing. Boil 3 min.',
    };
    const { code, errors } = run(['import', 'r.json'], { 'r.json': JSON.stringify(recipe) });
    expect([code, errors]).toEqual([0, 'r.json: kept as a note, not as a step: Sing.']);
  });
  test.each([[['export', example]], [['export', example, '--as', 'pdf']], [['import']], [['import', 'n.json']]])(
    'answers 2 to %j',
    (args) => expect(run(args, { 'n.json': '{}' }).code).toBe(2),
  );
});
