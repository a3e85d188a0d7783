import { doseProblem, readAim, type Aim } from '../src/aim';

const SALTS = [
  'table salt',
  'potassium chloride',
  'trisodium citrate',
  'tripotassium citrate',
  'baking soda',
  'potassium bicarbonate',
  'citric acid',
];
const SUGARS = ['glucose', 'white sugar', 'fructose', 'glucose monohydrate'];

const request = (of: object): Aim => {
  const read = readAim(of);
  if (read.kind === 'not-an-aim') throw new Error(JSON.stringify(read.problems));
  return read.aim;
};

/** Aims of different size and instrument, for the search and for its peer. */
export const AIMS: readonly (readonly [name: string, aim: Aim])[] = [
  [
    'sachet, 0.1 g, 4 ingredients',
    {
      targetName: 'reduced-osmolarity-rehydration',
      available: ['table salt', 'glucose', 'potassium chloride', 'trisodium citrate'],
      instrument: '0.1 g scale',
    },
  ],
  [
    'sachet, 1 g, 12 ingredients',
    {
      targetName: 'reduced-osmolarity-rehydration',
      available: [...SALTS, ...SUGARS, 'magnesium citrate'],
      instrument: '1 g scale',
    },
  ],
  [
    'sachet, 0.1 g, 12 ingredients',
    {
      targetName: 'reduced-osmolarity-rehydration',
      available: [...SALTS, ...SUGARS, 'magnesium citrate'],
      instrument: '0.1 g scale',
    },
  ],
  [
    'sachet, spoons, 12 ingredients',
    {
      targetName: 'reduced-osmolarity-rehydration',
      available: [...SALTS, ...SUGARS, 'magnesium citrate'],
      instrument: 'spoon set',
    },
  ],
  [
    'sports, 1 g, 8 ingredients',
    {
      targetName: 'sports-6-percent',
      available: ['table salt', 'potassium chloride', ...SUGARS, 'honey', 'orange juice'],
      instrument: '1 g scale',
    },
  ],
  [
    'light, 0.1 g, 8 ingredients',
    {
      targetName: 'light-daily-hydration',
      available: [
        'sea salt',
        'tripotassium citrate',
        'magnesium citrate',
        'magnesium bisglycinate',
        'white sugar',
        'lemon juice',
        'honey',
        'trisodium citrate',
      ],
      instrument: '0.1 g scale',
    },
  ],
  [
    'own target, spoons, fixed salt',
    {
      target: { sodium_mmol_L: 50, potassium_mmol_L: 10, carbohydrate_g_L: 40 },
      available: ['table salt', 'salt substitute', 'white sugar', 'honey', 'lemon juice'],
      fixed: ['1 g table salt'],
      instrument: 'spoon set',
    },
  ],
].map(([name, of]) => [name as string, request({ volume: '1 L', ...(of as object) })] as const);

export const problemOf = (aim: Aim) => doseProblem(aim).problem;
