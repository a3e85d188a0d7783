import { analyseDrink } from '../src/analyse';
import type { Drink, DrinkKind, DrinkStep, Verb } from '../src/drink';

/** "add 30 g honey | simmer 20 min; lid ajar": verb, text, then qualifiers. */
export function trialDrink(kind: DrinkKind, script: string, more: Partial<Drink> = {}): Drink {
  const steps = script.split('|').map((line): DrinkStep => {
    const [head = '', ...qualifiers] = line.trim().split(';');
    const [verb, ...text] = head.trim().split(' ');
    const pairs = qualifiers.map((each) => {
      const [name, ...value] = each.trim().split(' ');
      return [name, value.join(' ') || true] as const;
    });
    return { verb: verb as Verb, text: text.join(' '), ...Object.fromEntries(pairs) };
  });
  return { name: 'Trial', kind, steps, ...more };
}
/** Its analysis; a script that cannot be read fails the test. */
export const analyse = (of: Drink) => {
  const analysis = analyseDrink(of);
  expect(analysis.problems).toEqual([]);
  return analysis;
};

/** A code, a kind of drink, a script that brings the code up, and a near miss that does not. */
export type Pair = readonly [code: string, kind: DrinkKind, fires: string, not: string];
