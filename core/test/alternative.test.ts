import { stepFromLine, type Drink } from '../src/drink';
import { ALTERNATIVE_CODES, inThisWay, alternativesOf, wayEffects } from '../src/alternative';

const TONIC: Drink = {
  name: 'T',
  kind: 'tonic',
  serving: '15 mL',
  steps: [
    '100 g dried elderberries',
    '950 mL water',
    'simmer 45 min, lid off',
    'strain through mesh',
    'cool to 40 °C',
    '339 g honey',
    'store in the fridge',
  ].map(stepFromLine),
};
const effects = (step: number) => wayEffects(TONIC, step, alternativesOf(TONIC, step)!);

test('a step has its alternatives, and most have none', () =>
  expect(TONIC.steps.map((_step, index) => alternativesOf(TONIC, index)?.code)).toEqual([
    undefined,
    undefined,
    'steep-or-simmer',
    'mesh-or-cloth',
    'honey-warm-or-cool',
    'sugar-or-none',
    'fridge-or-cool-room',
  ]));
test('every alternative to every step runs in the drink', () => {
  for (const step of [2, 3, 4, 5, 6])
    for (const { way, yield: out } of effects(step)) expect([way.name, out !== null]).toEqual([way.name, true]);
});
test('a cloth brings more than a spoon, a spoon more than draining', () => {
  const [cloth, spoon, drain] = effects(3).map((effect) => effect.yield!);
  // 160 mL between drained and cloth in the worked case of 100 g of berries.
  expect(cloth! - drain!).toBeGreaterThan(140);
  expect(cloth! - drain!).toBeLessThan(180);
  expect(spoon!).toBeGreaterThan(drain!);
});
test('an hour without a lid is stronger and less; a steep takes longer', () => {
  const [simmer, steep, , hour] = effects(2);
  expect(hour!.yield!).toBeLessThan(simmer!.yield!);
  expect(hour!.strength_g_L!).toBeGreaterThan(simmer!.strength_g_L!);
  expect(steep!.total_min!).toBeGreaterThan(simmer!.total_min! + 300);
});
test('without sugar it keeps for less long', () => {
  const [sweet, plain] = effects(5);
  expect(plain!.keeps_days!).toBeLessThan(sweet!.keeps_days!);
});
test('a way that cooks berries too short says so', () =>
  expect(effects(2)[1]!.cautions).toContain('elder-needs-cooking'));
test('a way that is nothing leaves the step out', () => {
  const none = alternativesOf(TONIC, 5)!.ways[1]!;
  expect(inThisWay(TONIC, 5, none).steps).toHaveLength(TONIC.steps.length - 1);
  expect(new Set(ALTERNATIVE_CODES).size).toBe(ALTERNATIVE_CODES.length);
});
