import { type DrinkDocument, type DrinkKind, stepFromLine } from '@wellhydra/core/drink';

function drink(
  name: string,
  kind: DrinkKind,
  serving: string,
  lines: readonly string[],
  last?: readonly ['dissolve' | 'stir' | 'shake', string],
  target: string | null = null,
): DrinkDocument {
  const steps = lines.map((text, index) => ({ id: `s${index + 1}`, verb: 'add' as const, text }));
  return { name, kind, serving, target, steps: last ? [...steps, { id: 's0', verb: last[0], text: last[1] }] : steps };
}

/** A drink from lines as people type them; lines that begin with "glass:" go into each glass. */
function brewed(name: string, kind: DrinkKind, serving: string, lines: readonly string[]): DrinkDocument {
  const steps = lines.map((line, index) => {
    const atServing = line.startsWith('glass: ');
    const step = stepFromLine(line.replace(/^glass: /, ''));
    return { id: `s${index + 1}`, ...step, ...(atServing ? { atServing } : {}) };
  });
  return { name, kind, serving, target: null, steps };
}

const FOGBANK_START = [
  'wash berries in cold water',
  '120 g dried elderberries',
  '900 mL water',
  '15 g fresh ginger, sliced',
  '1 cinnamon stick',
];

/** Drinks by a short name; the first document is the oldest version. */
export const DEMO_DRINKS: Readonly<Record<string, readonly DrinkDocument[]>> = {
  rehydration: [
    drink(
      'Sea-room rehydration',
      'rehydration',
      '250 mL',
      [
        '2.6 g table salt',
        '13.5 g glucose',
        '1.5 g potassium chloride',
        '2.9 g trisodium citrate dihydrate',
        'water to 1 L',
      ],
      ['dissolve', '2 min'],
    ),
  ],
  stopgap: [
    drink(
      'Landing-stage sugar and salt',
      'rehydration',
      '200 mL',
      ['6 level tsp white sugar', '1/2 level tsp table salt', 'water to 1 L'],
      ['stir', '1 min'],
      'home-sugar-and-salt',
    ),
  ],
  dawn: [
    drink(
      'Dawn-round bottle',
      'sport',
      '500 mL',
      ['60 g white sugar', '2 g table salt', 'water to 1 L'],
      ['shake', '30 s'],
    ),
    drink(
      'Dawn-round bottle',
      'sport',
      '500 mL',
      [
        '20 g glucose',
        '40 g white sugar',
        '1.3 g table salt',
        '0.5 g trisodium citrate',
        '0.25 g potassium chloride',
        'water to 1 L',
      ],
      ['shake', '30 s'],
    ),
  ],
  light: [
    drink(
      'Lamp-room light water',
      'daily-hydration',
      '500 mL',
      [
        '0.8 g table salt',
        '0.6 g trisodium citrate',
        '0.8 g tripotassium citrate',
        '1 g citric acid',
        '10 g white sugar',
        'water to 1 L',
      ],
      ['dissolve', '2 min'],
    ),
  ],
  watch: [
    drink(
      'Night-watch honey and lemon',
      'tonic',
      '180 mL',
      ['juice of 2 lemons', '3 tbsp honey', 'pinch of sea salt', '900 mL water'],
      ['stir', '1 min'],
    ),
    drink(
      'Night-watch honey and lemon',
      'tonic',
      '180 mL',
      ['juice of 2 lemons', '4 tbsp honey', '1/8 tsp fine sea salt', '900 mL water'],
      ['stir', '1 min'],
    ),
  ],
  salts: [
    drink(
      'Ringers’ salts',
      'dry-mix',
      '5 g',
      ['160 g glucose', '31 g table salt', '18 g potassium chloride', '34 g trisodium citrate', '17 g citric acid'],
      ['shake', '2 min'],
    ),
  ],
  lime: [
    drink(
      'Gull-grey lime syrup',
      'syrup',
      '15 mL',
      ['juice of 4 limes', '400 g white sugar', '230 mL water'],
      ['dissolve', '5 min'],
    ),
    drink(
      'Gull-grey lime syrup',
      'syrup',
      '15 mL',
      ['juice of 6 limes', '420 g white sugar', '2 g citric acid', '180 mL water'],
      ['dissolve', '5 min'],
    ),
  ],
  limeWater: [
    brewed('Gull-grey lime water', 'tonic', '250 mL', [
      'use 60 mL Gull-grey lime syrup',
      '690 mL water',
      'stir 1 min',
      'bottle 1 x 750 mL bottle',
      'store in the fridge',
    ]),
  ],
  oxymel: [
    drink(
      'Storm-door vinegar and honey',
      'vinegar-honey',
      '15 mL',
      ['250 mL raw cider vinegar', '355 g honey'],
      ['stir', '3 min'],
    ),
  ],
  pilot: [
    drink('Pilot-boat citrus', 'juice', '200 mL', [
      '600 mL orange juice',
      '300 mL grapefruit juice',
      '100 mL lime juice',
    ]),
  ],
  cherry: [
    drink(
      'Cherry-ink concentrate',
      'concentrate',
      '40 mL',
      ['500 mL tart cherry juice', '80 g honey', '1/8 tsp fine sea salt'],
      ['stir', '1 min'],
    ),
    drink(
      'Cherry-ink concentrate',
      'concentrate',
      '40 mL',
      ['500 mL tart cherry juice', '120 g honey', '5 g citric acid', '1/8 tsp fine sea salt'],
      ['stir', '1 min'],
    ),
  ],
  cucumber: [
    drink('Slack-tide cucumber water', 'infused-water', '250 mL', [
      '10 slices cucumber',
      '8 mint leaves',
      '1.5 L water',
    ]),
  ],
  coconut: [
    drink(
      'Hot-hide coconut cooler',
      'sport',
      '400 mL',
      ['600 mL coconut water', '200 mL pineapple juice', '1/4 tsp table salt', '600 mL water'],
      ['shake', '20 s'],
    ),
  ],
  fogbank: [
    brewed('Fogbank elderberry syrup', 'syrup', '10 mL', [
      ...FOGBANK_START,
      'simmer 45 min, lid off',
      'strain through mesh',
      'cool to 40 °C',
      '420 g honey',
      'stir 3 min',
      'bottle 3 x 300 mL dark bottle',
      'store in the fridge',
    ]),
    brewed('Fogbank elderberry syrup', 'syrup', '10 mL', [
      ...FOGBANK_START,
      'simmer 35 min, lid ajar',
      'steep 8 h, off heat',
      'strain through cloth',
      'heat to 40 °C, lid on',
      '420 g honey',
      '45 mL lemon juice',
      'stir 3 min',
      'bottle 4 x 300 mL dark bottle',
      'store in the fridge',
    ]),
  ],
  hibiscus: [
    brewed('Night-watch hibiscus', 'tea', '180 mL', [
      '1.4 L water',
      'heat to 96 °C',
      '28 g dried hibiscus',
      'simmer 6 min, lid on',
      'steep 25 min, off heat',
      'strain through mesh',
      'cool to 40 °C',
      '3 tbsp honey',
      'chill to 5 °C',
      'bottle 2 x 750 mL glass bottle',
      'store in the fridge',
      'glass: 1 slice lime',
    ]),
  ],
  hips: [
    brewed('Bramble-bank hip syrup', 'syrup', '15 mL', [
      '500 g fresh rose hips',
      'freeze 12 h',
      'crush 3 min',
      '1.2 L water',
      'bring to a boil',
      'simmer 15 min, lid on',
      'strain through fine filter, gently',
      'rinse with 500 mL water',
      'reduce to 500 mL, lid off',
      '350 g white sugar',
      'dissolve 5 min',
      'bottle 2 x 500 mL warmed jar, 1 cm headspace',
      'store in the fridge',
    ]),
  ],
  turmeric: [
    brewed('Slipway root tea', 'tea', '200 mL', [
      '60 g fresh ginger, grated',
      '30 g fresh turmeric, sliced',
      '4 black peppercorns',
      '1.5 L water',
      'simmer 25 min, lid ajar',
      'strain through mesh',
      'cool to room',
      'bottle 2 x 750 mL jar',
      'store in the fridge',
      'glass: 1 tsp honey',
      'glass: 1 tsp coconut oil',
    ]),
  ],
  thyme: [
    brewed('Headland thyme and honey', 'vinegar-honey', '15 mL', [
      '60 g fresh thyme, chopped',
      '350 mL raw cider vinegar',
      '300 g honey',
      'stir 3 min',
      'infuse 28 days, in a dark cupboard',
      'strain through cloth',
      'bottle 2 x 250 mL dark bottle',
      'store in the cool room',
    ]),
  ],
  weedGel: [
    brewed('Kelp-line gel', 'gel', '30 mL', [
      '40 g chia seeds',
      'soak 2 h in 400 mL water, keep the liquid',
      'blend 1 min',
      'bottle 1 x 500 mL jar',
      'store in the fridge',
    ]),
  ],
};
