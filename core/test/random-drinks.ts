import { CATALOGUE } from '../src/catalogue';
import { DRINK_KINDS, type Drink, type DrinkStep, type Verb } from '../src/drink';
import fc from './seeded';

/** Drinks that nobody would make: any ingredient, any verb, any order. Some steps cannot be read on purpose. */

const pick = <T>(...values: readonly T[]) => fc.constantFrom(...values);
const grams = fc.double({ min: 0.01, max: 2000, noNaN: true }).map((value) => value.toFixed(2));
const minutes = fc.integer({ min: 1, max: 600 });
const names = CATALOGUE.map(({ name }) => name);
const liquids = CATALOGUE.filter(({ state }) => state === 'liquid').map(({ name }) => name);

const addition = fc
  .tuple(grams, fc.constantFrom(...names), pick('', ', sliced', ', crushed', ', whole', ', grated'))
  .map(([amount, name, form]): DrinkStep => ({ verb: 'add', text: `${amount} g ${name}${form}` }));
const pour = fc
  .tuple(fc.integer({ min: 20, max: 3000 }), fc.constantFrom(...liquids, 'boiling water', 'ice'))
  .map(([amount, name]): DrinkStep => ({ verb: 'add', text: `${amount} mL ${name}` }));

const texts: Partial<Record<Verb, fc.Arbitrary<string>>> = {
  wash: fc.constant('fruit'),
  freeze: minutes.map((m) => `${m} min`),
  soak: minutes.map((m) => `${m} min`),
  heat: pick('to boil', 'to 70 °C', 'to 40 °C', 'to a simmer', 'to 400 °C'),
  simmer: minutes.map((m) => `${m} min`),
  boil: minutes.map((m) => `${m} min`),
  reduce: pick('to half', 'to 500 mL', 'to 62 °Brix', 'by 30 %', 'to nothing'),
  steep: minutes.map((m) => `${m} h`),
  mash: pick('', '3 min'),
  blend: pick('', '1 min'),
  mill: fc.constant(''),
  press: pick('hand press', 'blender and mesh', 'blender and cloth', 'juicer'),
  strain: pick('drain', 'mesh', 'cloth', 'press', 'mill', 'fine filter', 'sock'),
  remove: pick('solids', 'ginger', 'the unicorn'),
  rinsePass: pick('300 mL water', '1 L water'),
  dissolve: fc.constant(''),
  stir: pick('', '1 min', 'a while'),
  shake: fc.constant(''),
  cool: pick('to 40 °C', 'to room', 'to -5 °C'),
  chill: pick('to 5 °C', ''),
  skim: pick('', '10 mL'),
  rest: minutes.map((m) => `${m} min`),
  infuse: minutes.map((m) => `${m} min`),
  carbonate: pick('with 1 L sparkling water', '3 volumes'),
  draw: pick('100 mL', 'half', '5 L'),
  bottle: pick('2 x 500 mL glass bottle', '1 L jar', 'a jug'),
  process: pick('10 min', '15 min'),
  store: pick('fridge', 'cupboard', 'freezer', 'the moon'),
};
const qualifiers = fc.oneof(
  { weight: 4, arbitrary: fc.constant<Partial<DrinkStep>>({}) },
  pick('on', 'ajar', 'off', 'half').map((lid) => ({ lid })),
  pick('off heat', 'fridge', 'room', '20 °C', 'nowhere').map((at) => ({ at })),
  pick('small saucepan', '24 cm pot', 'wide pan').map((pot) => ({ pot })),
  pick('gas large', '600 W', 'kettle').map((burner) => ({ burner })),
  pick('jar', 'ice bath', 'pot').map((place) => ({ in: place })),
);
const processing = fc
  .constantFrom(...(Object.keys(texts) as Verb[]))
  .chain((verb) => fc.tuple(texts[verb]!, qualifiers).map(([text, more]): DrinkStep => ({ verb, text, ...more })));

const step = fc.oneof(
  { weight: 3, arbitrary: addition },
  { weight: 2, arbitrary: pour },
  { weight: 4, arbitrary: processing },
);

export const randomDrink: fc.Arbitrary<Drink> = fc.record({
  name: fc.constant('Chance'),
  kind: fc.constantFrom(...DRINK_KINDS),
  steps: fc.array(step, { minLength: 1, maxLength: 14 }),
});
