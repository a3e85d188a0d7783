import {
  DEFAULT_SERVINGS,
  stepFromLine,
  type DrinkDocument,
  type DrinkKind,
  type EditedStep,
} from '@wellhydra/core/drink';

/** What a drink of a kind begins with: the usual way to make one, to be changed; "glass:" goes into each glass. */
const STARTERS: Readonly<Record<DrinkKind, readonly string[]>> = {
  'infused-water': [
    '1 lemon, sliced',
    '8 mint leaves',
    '1.5 L water',
    'infuse 4 h, in the fridge',
    'strain through mesh',
    'store in the fridge',
  ],
  juice: ['4 oranges', '2 apples', 'press blender and mesh', 'bottle 1 x 750 mL glass bottle', 'store in the fridge'],
  tea: [
    '30 g fresh ginger, sliced',
    '1 L water',
    'simmer 20 min, lid ajar',
    'strain through mesh',
    'glass: 1 tsp honey',
  ],
  tonic: [
    '40 g dried elderberries',
    '700 mL water',
    'simmer 35 min, lid ajar',
    'strain through cloth',
    'cool to 40 °C',
    '100 g honey',
    'stir 2 min',
    'store in the fridge',
  ],
  syrup: [
    '100 g dried elderberries',
    '950 mL water',
    'simmer 45 min, lid ajar',
    'strain through cloth',
    'cool to 40 °C',
    '340 g honey',
    '60 mL lemon juice',
    'stir 3 min',
    'bottle 4 x 300 mL glass bottle',
    'store in the fridge',
  ],
  'vinegar-honey': [
    '30 g dried thyme',
    '355 g honey',
    '500 mL cider vinegar',
    'stir 2 min',
    'steep 28 days, in the dark cupboard',
    'strain through cloth',
    'bottle 2 x 350 mL glass bottle',
    'store in the cool room',
  ],
  concentrate: [
    'juice of 4 limes',
    '60 g fresh ginger, grated',
    '120 g honey',
    '200 mL water',
    'shake 1 min',
    'strain through mesh',
    'store in the fridge',
    'glass: 200 mL sparkling water',
  ],
  gel: ['40 g chia seeds', 'soak 2 h in 400 mL water, keep the liquid', 'blend 1 min', 'store in the fridge'],
  'dry-mix': [
    '100 g glucose',
    '20 g table salt',
    '12 g potassium chloride',
    '22 g trisodium citrate',
    'shake 2 min',
    'store in the cupboard',
  ],
  rehydration: ['6 level tsp white sugar', '1/2 level tsp table salt', 'water to 1 L', 'stir 2 min'],
  sport: ['60 g white sugar', '1.5 g table salt', 'juice of 1 lemon', 'water to 1 L', 'shake 30 s'],
  'daily-hydration': ['10 g white sugar', '0.8 g table salt', 'juice of 1 lemon', 'water to 1 L', 'stir 1 min'],
};

function starterStep(line: string, id: string): EditedStep {
  const glass = /^glass: /.test(line);
  return { id, ...stepFromLine(line.replace(/^glass: /, '')), ...(glass ? { atServing: true } : {}) };
}

/** A new drink of a kind: with the usual steps to be changed, or with none. */
export function newDocument(kind: DrinkKind, newId: () => string, empty = false): DrinkDocument {
  return {
    name: '',
    kind,
    serving: DEFAULT_SERVINGS[kind],
    target: kind === 'rehydration' ? 'home-sugar-and-salt' : null,
    steps: empty ? [] : STARTERS[kind].map((line) => starterStep(line, newId())),
  };
}
