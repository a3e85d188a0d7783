import { type DrinkStep, lineFromStep, stepFromLine } from '../src/drink';

/** Lines as people write them, and the step of the drink file that says the same. */
const LINES: readonly (readonly [string, DrinkStep])[] = [
  ['2.6 g table salt', { verb: 'add', text: '2.6 g table salt' }],
  ['juice of 2 limes', { verb: 'add', text: 'juice of 2 limes' }],
  ['add 3 tbsp honey', { verb: 'add', text: '3 tbsp honey' }],
  ['Stir in 3 tbsp honey', { verb: 'add', text: '3 tbsp honey' }],
  ['use 30 mL hip syrup', { verb: 'use', text: '30 mL hip syrup' }],
  ['simmer 35 min lid ajar', { verb: 'simmer', text: '35 min', lid: 'ajar' }],
  ['simmer for 35 min, covered', { verb: 'simmer', text: '35 min', lid: 'on' }],
  ['simmer gently for 1 h uncovered in the wide pan', { verb: 'simmer', text: '1 h', lid: 'off', pot: 'wide pan' }],
  ['boil 5 min on large gas', { verb: 'boil', text: '5 min', burner: 'gas large' }],
  ['bring to a boil', { verb: 'heat', text: 'to boil' }],
  ['heat to 96 °C with the lid on', { verb: 'heat', text: 'to 96 °C', lid: 'on' }],
  ['warm gently to 40 °C', { verb: 'heat', text: 'to 40 °C' }],
  ['reduce by half', { verb: 'reduce', text: 'to half' }],
  ['reduce to 500 mL, lid off', { verb: 'reduce', text: 'to 500 mL', lid: 'off' }],
  ['steep 8 h off the heat', { verb: 'steep', text: '8 h', at: 'off heat' }],
  ['leave 12 h in the fridge', { verb: 'rest', text: '12 h', at: 'fridge' }],
  ['infuse 4 h at room temperature', { verb: 'infuse', text: '4 h', at: 'room' }],
  ['steep 2 weeks in a dark cupboard', { verb: 'steep', text: '2 weeks', at: 'dark cupboard' }],
  [
    'soak 20 min in 500 mL water, keep the liquid',
    { verb: 'soak', text: '20 min', in: '500 mL water', keepLiquid: true },
  ],
  ['strain through cloth', { verb: 'strain', text: 'cloth' }],
  ['filter through a fine filter gently', { verb: 'strain', text: 'fine filter', gently: true }],
  ['press blender and mesh', { verb: 'press', text: 'blender and mesh' }],
  ['rinse with 300 mL water', { verb: 'rinsePass', text: '300 mL water' }],
  ['cool to 40 °C', { verb: 'cool', text: 'to 40 °C' }],
  ['cool to 20 °C in an ice bath', { verb: 'cool', text: 'to 20 °C', in: 'ice bath' }],
  ['chill', { verb: 'chill', text: '' }],
  ['stir until dissolved', { verb: 'stir', text: '' }],
  ['stir for 2 min', { verb: 'stir', text: '2 min' }],
  ['take out the cinnamon sticks', { verb: 'remove', text: 'cinnamon sticks' }],
  ['draw off 200 mL as thin syrup', { verb: 'draw', text: '200 mL', as: 'thin syrup' }],
  ['top up with 1 L sparkling water', { verb: 'carbonate', text: 'with 1 L sparkling water' }],
  ['bottle 2 x 750 mL glass bottle', { verb: 'bottle', text: '2 x 750 mL glass bottle' }],
  ['bottle 4 x 250 mL jar, 1 cm headspace', { verb: 'bottle', text: '4 x 250 mL jar', headspace: '1 cm' }],
  [
    'process 10 min in a hot-water bath at 1200 m',
    { verb: 'process', text: '10 min', altitude: '1200 m', method: 'hot-water bath' },
  ],
  ['store in the fridge', { verb: 'store', text: 'fridge' }],
  ['keep in a cool room', { verb: 'store', text: 'cool room' }],
  ['freeze 12 h', { verb: 'freeze', text: '12 h' }],
  ['crush', { verb: 'mash', text: '' }],
  ['blend 1 min in loads of 1 L', { verb: 'blend', text: '1 min', loadLimit: '1 L' }],
  ['skim', { verb: 'skim', text: '' }],
  ['wash berries in cold water', { verb: 'wash', text: 'berries', in: 'cold water' }],
];

test.each(LINES)('%s', (line, step) => {
  expect(stepFromLine(line)).toEqual(step);
});

test.each(LINES)('%s is written and read back', (_line, step) => {
  expect(stepFromLine(lineFromStep(step))).toEqual(step);
});

test.each(['', '   ', 'simmer', 'lid ajar', '§§', 'simmer , , ;'])(
  '"%s" is a step of some kind, never an error',
  (line) => {
    expect(typeof stepFromLine(line).text).toBe('string');
  },
);

test.each([
  ['heat to 80 °C, do not boil', 'heat', 'to 80 °C'],
  ['heat to 80 °C but never let it boil', 'heat', 'to 80 °C'],
  ['simmer 20 min without boiling', 'simmer', '20 min'],
  ["300 g honey (don't boil)", 'add', '300 g honey'],
])('"%s" is a limit, and the rest of the line is the step', (line, verb, text) => {
  expect(stepFromLine(line)).toEqual({ verb, text, note: 'do not boil' });
});
