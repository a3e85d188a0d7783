import { analyse, trialDrink } from './trial-drink';

/** Cautions that go by what was done: heated, simmered, measured. */

const codesOf = (kind: Parameters<typeof trialDrink>[0], script: string) =>
  analyse(trialDrink(kind, script)).cautions.map(({ code }) => code);

test.each([
  ['never heated', 'add 1 egg | add 200 mL milk | blend', true],
  ['not hot enough', 'add 1 egg | add 200 mL milk | heat to 65 °C', true],
  ['hot enough', 'add 1 egg | add 200 mL milk | heat to 75 °C', false],
  ['no egg', 'add 200 mL milk | blend', false],
])('raw egg: %s', (_what, script, said) => expect(codesOf('juice', script).includes('raw-egg')).toBe(said));

test.each([
  [9, true],
  [11, false],
])('rowan berries simmered for %d min are said to be raw: %s', (minutes, said) =>
  expect(
    codesOf('syrup', `add 500 g rowan berries | add 1 L water | simmer ${minutes} min`).includes('rowan-needs-cooking'),
  ).toBe(said),
);

test.each(['kosher salt', 'light kosher salt', 'pink salt', 'grey salt'])('%s by the pinch is salt by eye', (salt) => {
  expect(codesOf('rehydration', `add 1 L water | add 1 heaped tsp ${salt}`)).toContain('measure-salt-level');
  expect(codesOf('rehydration', `add 1 L water | add 3 g ${salt}`)).not.toContain('measure-salt-level');
});
