import { analyseDrink } from '../src/analyse';
import { TEXT_QUALIFIERS, VERB_TABLE, type Verb } from '../src/drink';
import { readAmount, readDuration, readIngredientLine } from '../src/quantity';
import { trialDrink } from './trial-drink';

/** Names that every object has without anybody having put them there. */
const INHERITED = ['constructor', '__proto__', 'toString', 'valueOf', 'hasOwnProperty', 'prototype'];

/** Whether a figure that is no number, or code instead of words, stands anywhere in an answer. */
function isOdd(answer: unknown): boolean {
  const text = JSON.stringify(answer, (_key, value: unknown) =>
    typeof value === 'number' && !Number.isFinite(value) ? 'not-a-number' : value,
  );
  return /not-a-number|native code|\[object/.test(text);
}

describe.each(INHERITED)('the word %s means nothing', (word) => {
  test.each([`1 g ${word}`, `1 ${word} salt`, `1 ${word}`, word, `${word} 1 g salt`, `1 g salt, ${word}`])(
    'in the line "%s"',
    (line) => {
      const read = readIngredientLine(line);
      expect(read.kind).toBe('unreadable');
      expect(isOdd(read)).toBe(false);
      expect(readAmount(line)).toMatchObject({ kind: 'unreadable' });
    },
  );

  test.each([`1 ${word}`, `${word} min`, word])('as the time "%s"', (time) =>
    expect(readDuration(time)).toMatchObject({ kind: 'unreadable' }),
  );

  test.each(Object.keys(VERB_TABLE) as Verb[])('behind %s', (verb) => {
    const { problems, trace } = analyseDrink(
      trialDrink('tonic', `add 1 L water | add 100 g carrots, sliced | ${verb} ${word}`),
    );
    expect(isOdd([problems, trace.total_min, trace.pot])).toBe(false);
  });

  test.each([...TEXT_QUALIFIERS])('as %s of a step', (qualifier) => {
    const { problems, trace } = analyseDrink(trialDrink('tonic', `add 1 L water | simmer 5 min; ${qualifier} ${word}`));
    expect(isOdd([problems, trace.total_min, trace.pot])).toBe(false);
  });

  test('as a preparation', () => {
    const { problems } = analyseDrink(
      trialDrink('tonic', `add 1 L water | use 100 mL ${word}`, {
        preparations: { syrup: trialDrink('syrup', 'add 1 L water') },
      }),
    );
    expect(problems).toHaveLength(1);
    expect(isOdd(problems)).toBe(false);
  });
});

test.each(['99999999 days', '4000 days', '100000 h'])('no drink takes %s', (time) =>
  expect(readDuration(time)).toMatchObject({ kind: 'unreadable', code: 'too-large' }),
);
test.each(['3650 days', '10 weeks', '2 min'])('a drink may take %s', (time) =>
  expect(readDuration(time)).toMatchObject({ kind: 'duration' }),
);

test.each(['1000000001 g salt', '99999999999999999999 g salt', '1 - 2000000000 g salt'])('nobody measures %s', (line) =>
  expect(readIngredientLine(line)).toMatchObject({ kind: 'unreadable', code: 'too-large' }),
);
test('a number without an end is none', () =>
  expect(readIngredientLine(`${'9'.repeat(400)} g salt`).kind).toBe('unreadable'));
test('1000000 g is much, and can be read', () => expect(readIngredientLine('1000000 g salt').kind).toBe('read'));

describe('acidity', () => {
  const pH = (script: string) => analyseDrink(trialDrink('syrup', script)).liquid!.pH;

  // Pure sugar is neutral; carbon dioxide of the air and a trace of acid leave its syrup a little below.
  test.each([
    'add 500 g water | add 1 kg white sugar',
    'add 500 g water | add 500 g caster sugar',
    'add 500 g water | add 20 g powdered sugar',
  ])('a sugar syrup is neither sour nor alkaline: %s', (script) => {
    expect(pH(script)).toBeGreaterThan(6);
    expect(pH(script)).toBeLessThan(7.1);
  });

  test('butter is a little sour', () => {
    expect(pH('add 100 g butter')).toBeGreaterThan(6);
    expect(pH('add 100 g butter')).toBeLessThan(7);
  });
});
