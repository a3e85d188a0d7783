import type { DrinkKind } from '../src/drink';
import { hoursWarm } from '../src/keeping';
import { analyse, trialDrink } from './trial-drink';

const run = (script: string, kind: DrinkKind = 'tonic') => analyse(trialDrink(kind, script));
const warm_h = (script: string, kind?: DrinkKind) => hoursWarm(run(script, kind).trace);
const said = (script: string, kind?: DrinkKind) =>
  run(script, kind).cautions.find(({ code }) => code === 'stood-warm')?.severity ?? null;
const days = (script: string, kind?: DrinkKind) => run(script, kind).keeping!.days;

const HERBS = 'add 1 L water | add 20 g nettle, dried';
const SOUR = `${HERBS} | add 60 mL lemon juice`;

describe('hours between 57 and 5 °C, while germs would grow', () => {
  test.each([
    ['at room temperature, all of them', `${HERBS} | rest 3 h`, 3],
    ['held at 40 °C', `${HERBS} | rest 5 h; at 40 °C`, 5],
    ['held at 60 °C, none', `${HERBS} | rest 5 h; at 60 °C`, 0],
    ['in the fridge from the start, none', `${HERBS} | infuse 12 h; at fridge`, 0],
    ['sour enough, none', `${SOUR} | rest 8 h`, 0],
    ['under honey, none', 'add 1 kg honey | add 20 g ginger, dried | rest 30 d', 0],
    ['in spirit, none', 'add 500 mL vodka | add 50 g ginger, dried | rest 28 d', 0],
    ['dry, none', 'add 100 g white sugar | add 10 g nettle, dried | rest 30 d', 0],
    ['boiled afterwards, none of those before', `${HERBS} | rest 8 h | boil 1 min`, 0],
    ['in jars that were processed, none of those before', `${SOUR} | rest 8 h | process 10 min`, 0],
  ])('%s', (_what, script, expected) => expect(warm_h(script)).toBeCloseTo(expected, 1));

  test('a pot that is left to cool counts from 57 °C on', () => {
    // By Newton, from 94 °C: it takes τ ln((94 - 21)/(57 - 21)) to be warm, and then stays so.
    const { trace } = run(`${HERBS} | simmer 10 min | steep 8 h`);
    const { tau_min } = trace.entries.at(-1)!.cooling!;
    const from_C = trace.entries.at(-2)!.temperature_C;
    expect(warm_h(`${HERBS} | simmer 10 min | steep 8 h`)).toBeCloseTo(
      8 - (tau_min * Math.log((from_C - 21) / (57 - 21))) / 60,
      1,
    );
  });

  test('a hot pot in the fridge counts until it is as cool as a room', () => {
    const script = `${HERBS} | simmer 10 min | infuse 12 h; at fridge`;
    expect(warm_h(script)).toBeGreaterThan(0.5);
    expect(warm_h(script)).toBeLessThan(6);
  });
});

describe('what a preparation stood before it came in', () => {
  const tea = (rest: string) => ({
    preparations: { 'nettle tea': trialDrink('tea', `${HERBS} | simmer 10 min${rest}`) },
  });
  const made = (rest: string, script: string) => analyse(trialDrink('tonic', script, tea(rest)));
  const POURED = 'add 500 mL water | use 500 mL nettle tea';

  test('counts in what it goes into, with what that stands itself', () => {
    expect(hoursWarm(made(' | rest 5 h; at 30 °C', POURED).trace)).toBeCloseTo(5, 1);
    expect(hoursWarm(made(' | rest 5 h; at 30 °C', `${POURED} | rest 4 h; at 30 °C`).trace)).toBeCloseTo(9, 1);
    const late = made(' | rest 13 h; at 30 °C', POURED);
    expect(late.keeping!.days).toBe(0);
    expect(late.cautions.find(({ code }) => code === 'stood-warm')!.severity).toBe('warn');
  });

  test('is over once all of it is boiled', () =>
    expect(hoursWarm(made(' | rest 13 h; at 30 °C', `${POURED} | boil 1 min`).trace)).toBe(0));

  test('is nothing where it stood cold, or was used at once', () => {
    expect(hoursWarm(made(' | rest 13 h; at fridge', POURED).trace)).toBeLessThan(6);
    expect(hoursWarm(made('', POURED).trace)).toBe(0);
  });

  test('is that of the one that stood longest, through preparations of its own', () => {
    const inner = tea(' | rest 6 h; at 30 °C');
    const mix = trialDrink('tonic', 'add 100 mL water | use 100 mL nettle tea | rest 1 h; at 30 °C', inner);
    const fresh = trialDrink('tea', `${HERBS} | simmer 10 min | rest 3 h; at 30 °C`);
    const both = trialDrink('tonic', 'use 100 mL mix | use 100 mL fresh tea', {
      preparations: { mix, 'fresh tea': fresh },
    });
    expect(hoursWarm(analyse(both).trace)).toBeCloseTo(7, 1);
  });
});

describe('what it costs', () => {
  test.each([
    ['under two hours', `${HERBS} | simmer 10 min | rest 1 h; at 30 °C`, null, 3],
    ['two to four: a word', `${HERBS} | simmer 10 min | rest 3 h; at 30 °C`, 'note', 3],
    ['four to twelve: a warning and a day', `${HERBS} | simmer 10 min | rest 6 h; at 30 °C`, 'warn', 2],
    ['more: no day at all', `${HERBS} | simmer 10 min | rest 13 h; at 30 °C`, 'warn', 0],
    ['until it has been boiled again', `${HERBS} | simmer 10 min | rest 13 h; at 30 °C | boil 1 min`, null, 3],
    ['not where it is sour', `${SOUR} | simmer 10 min | rest 13 h; at 30 °C`, null, 3],
  ] as const)('%s', (_what, script, severity, kept) => {
    expect(said(script)).toBe(severity);
    expect(days(script)).toBe(kept);
  });

  test.each([
    ['milk', 'add 1 L milk | rest 5 h; at 21 °C', 'tea', 0],
    ['milk, three hours', 'add 1 L milk | rest 3 h; at 21 °C', 'tea', 2],
    ['fresh roots without sugar', 'add 1 L water | add 50 g ginger, sliced | rest 5 h; at 21 °C', 'tea', 0],
    ['vegetables', 'add 1 L water | add 200 g carrot, sliced | rest 5 h; at 21 °C', 'juice', 0],
    ['dried roots', 'add 1 L water | add 20 g ginger, dried | rest 5 h; at 21 °C', 'tea', 1],
  ] as const)('poured away after four hours: %s', (_what, script, kind, kept) => expect(days(script, kind)).toBe(kept));

  test('no place keeps what stood for a night, and why is said', () => {
    const { keeping, cautions } = run(`${HERBS} | simmer 10 min | rest 14 h; at 30 °C`);
    expect(Object.values(keeping!.closed)).toEqual([0, 0, 0, 0]);
    expect(keeping!.daysOpened).toBe(0);
    expect(keeping!.heldBackBy[0]).toBe('it stood warm for 14 h: bring it back to the boil, or drink it now');
    expect(cautions.find(({ code }) => code === 'stood-warm')!.text).toMatch(/14 h .*Bring it back to the boil/);
  });
});
