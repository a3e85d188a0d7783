/** A measure that holds something else in every kitchen: what it is taken to be until it is asked. */
export interface LooseMeasure {
  /** What one is: an amount with its unit, or grams of a piece. */
  readonly value: number;
  readonly unit: string;
  /** How the question is asked; none where nobody would ask. */
  readonly ask?: string;
  /** Other things it could be, as answers. */
  readonly choices?: readonly string[];
}

/** Measures that are no units, by their words. Sizes are usual ones (estimates). */
export const LOOSE_MEASURES: Readonly<Record<string, LooseMeasure>> = {
  mug: { value: 300, unit: 'mL' },
  mugs: { value: 300, unit: 'mL' },
  glass: { value: 250, unit: 'mL', ask: 'How many mL does the glass hold?', choices: ['200 mL', '250 mL', '330 mL'] },
  glasses: { value: 250, unit: 'mL', ask: 'How many mL does a glass hold?', choices: ['200 mL', '250 mL', '330 mL'] },
  bottle: { value: 750, unit: 'mL', ask: 'How many mL does the bottle hold?', choices: ['500 mL', '750 mL', '1 L'] },
  bowl: { value: 400, unit: 'mL', ask: 'How many mL does the bowl hold?', choices: ['300 mL', '500 mL'] },
  shot: { value: 35, unit: 'mL', ask: 'How many mL is the shot?', choices: ['25 mL', '30 mL', '44 mL'] },
  shots: { value: 35, unit: 'mL', ask: 'How many mL is a shot?', choices: ['25 mL', '30 mL', '44 mL'] },
  jar: { value: 370, unit: 'mL', ask: 'How many mL does the jar hold?', choices: ['250 mL', '500 mL', '1 L'] },
  jars: { value: 370, unit: 'mL', ask: 'How many mL does a jar hold?', choices: ['250 mL', '500 mL', '1 L'] },
  dropper: { value: 0.8, unit: 'mL', ask: 'What is in the dropper, and how full is it?', choices: ['0.5 mL', '1 mL'] },
  droppers: { value: 0.8, unit: 'mL', ask: 'What is in the dropper, and how full is it?', choices: ['0.5 mL', '1 mL'] },
  bit: { value: 5, unit: 'g', ask: 'How much is a bit?', choices: ['2 g', '5 g', '10 g'] },
  splash: { value: 5, unit: 'mL', ask: 'How much is a splash?', choices: ['1 tsp', '1 tbsp'] },
  glug: { value: 15, unit: 'mL', ask: 'How much is a glug?', choices: ['1 tbsp', '2 tbsp'] },
  squeeze: { value: 5, unit: 'mL', ask: 'How much is a squeeze?', choices: ['1 tsp', '1 tbsp'] },
  drizzle: { value: 5, unit: 'mL', ask: 'How much is a drizzle?', choices: ['1 tsp', '1 tbsp'] },
  spoon: { value: 1, unit: 'tbsp', ask: 'A teaspoon or a tablespoon?', choices: ['1 tsp', '1 tbsp'] },
  spoons: { value: 1, unit: 'tbsp', ask: 'Teaspoons or tablespoons?', choices: ['tsp', 'tbsp'] },
  spoonful: { value: 1, unit: 'tbsp', ask: 'A teaspoon or a tablespoon?', choices: ['1 tsp', '1 tbsp'] },
  spoonfuls: { value: 1, unit: 'tbsp', ask: 'Teaspoons or tablespoons?', choices: ['tsp', 'tbsp'] },
  twist: { value: 0.08, unit: 'g', ask: 'How much is a twist?', choices: ['0.05 g', '0.1 g'] },
  twists: { value: 0.08, unit: 'g', ask: 'How much is a twist?', choices: ['0.05 g', '0.1 g'] },
  grating: { value: 0.15, unit: 'g', ask: 'How much is a grating?', choices: ['1 pinch', '1/4 tsp'] },
  gratings: { value: 0.15, unit: 'g', ask: 'How much is a grating?', choices: ['1 pinch', '1/4 tsp'] },
  punnet: { value: 350, unit: 'g', ask: 'How many grams are in the punnet?', choices: ['250 g', '400 g', '500 g'] },
  punnets: { value: 350, unit: 'g', ask: 'How many grams are in a punnet?', choices: ['250 g', '400 g', '500 g'] },
  tub: { value: 400, unit: 'g', ask: 'How many grams are in the tub?', choices: ['250 g', '400 g', '500 g'] },
  carton: { value: 330, unit: 'mL', ask: 'How many mL are in the carton?', choices: ['330 mL', '1 L'] },
  can: { value: 400, unit: 'mL', ask: 'How many mL are in the can?', choices: ['330 mL', '400 mL'] },
  tin: { value: 400, unit: 'mL', ask: 'How many mL are in the tin?', choices: ['330 mL', '400 mL'] },
  c: { value: 1, unit: 'cup' },
  el: { value: 1, unit: 'tbsp' },
  tl: { value: 1, unit: 'tsp' },
};

/** Pieces of things that the catalogue does not count so, g (estimates); what comes of it is asked. */
export const PIECE_GRAMS: Readonly<Record<string, number>> = {
  bunch: 50,
  bunches: 50,
  knob: 15,
  slice: 12,
  slices: 12,
  wedge: 20,
  wedges: 20,
  finger: 15,
  fingers: 15,
  stick: 10,
  sticks: 10,
  handful: 30,
  handfuls: 30,
  scoop: 5,
  scoops: 5,
};

/** What a word before a measure makes of it. */
export const SIZE_WORDS: Readonly<Record<string, number>> = {
  scant: 0.9,
  generous: 1.25,
  good: 1.2,
  wee: 0.8,
  tiny: 0.6,
  small: 0.75,
  big: 1.3,
  large: 1.3,
  huge: 1.6,
};

/** Units with which a size word is part of the measure: they are multiplied, not sized as a piece. */
export const SIZED_MEASURES: ReadonlySet<string> = new Set(
  'tsp tbsp teaspoon teaspoons tablespoon tablespoons cup cups mug mugs glass glasses pinch pinches dash handful handfuls'.split(
    ' ',
  ),
);

/** Units that are another one by region, with what is asked. */
export const REGIONAL: Readonly<Record<string, string>> = {
  pint: 'A US pint (473 mL) or an imperial one (568 mL)?',
  pints: 'US pints (473 mL) or imperial ones (568 mL)?',
  gallon: 'A US gallon (3.8 L) or an imperial one (4.5 L)?',
  gallons: 'US gallons (3.8 L) or imperial ones (4.5 L)?',
};

/** Measures of a spoon: what is measured so is ground or dried. */
export const SPOONED = /^(?:tsp|tbsp|teaspoons?|tablespoons?|pinch|pinches|dash)$/;
/** Pieces that are counted; what they weigh together says more. */
export const PIECE_WORDS = /^(?:clove|leaf|slice|stick|sprig|finger|thumb|piece)/;
