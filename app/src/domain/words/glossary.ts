/** A word of the field in plain ones, with what makes it more than a number. */
export interface GlossaryEntry {
  readonly id: string;
  readonly term: string;
  /** What it is, in a sentence or two. */
  readonly plain: string;
  /** Values that somebody knows from the kitchen or their own body. */
  readonly known: readonly (readonly [string, string])[];
  /** What it is good for here. */
  readonly use: string;
}

const ENTRIES: readonly GlossaryEntry[] = [
  {
    id: 'as-dried',
    term: 'Dry weight',
    plain:
      'How much dried plant a spoon or a glass stands for. Fresh plants are counted as what is left of them when they are dried, so that both can be held beside each other.',
    known: [
      ['100 g fresh ginger', 'about 23 g dried'],
      ['A tea bag', 'about 2 g'],
    ],
    use: 'Cautions about strong herbs go by it. It says how much plant, not how much of what is in the plant.',
  },
  {
    id: 'brix',
    term: '°Brix',
    plain:
      'Of 100 g of a liquid, how many grams are dissolved in it: sugar, mostly. A refractometer reads it from a drop.',
    known: [
      ['Lemonade', 'about 10'],
      ['A syrup that pours', '30 to 50'],
      ['A syrup that keeps by its sugar alone', '65 and more'],
      ['Honey', 'about 81'],
    ],
    use: 'It says how sweet, how thick and how lasting a syrup is.',
  },
  {
    id: 'water-activity',
    term: 'Water activity',
    plain:
      'How free the water in something is, from 0 to 1. Sugar and salt hold water; what germs cannot get at does not spoil.',
    known: [
      ['Water', '1'],
      ['Sugar syrup of 65 °Brix', '0.865'],
      ['Most bacteria stop', 'below 0.91'],
      ['Honey', 'about 0.6'],
    ],
    use: 'With acid and heat it decides how long a drink keeps.',
  },
  {
    id: 'headspace',
    term: 'Headspace',
    plain: 'The air that is left under the lid of a bottle or jar. Hot liquid shrinks and frozen liquid grows.',
    known: [
      ['A jar that is filled hot', '1 cm'],
      ['A flask for the freezer', 'a tenth of it'],
    ],
    use: 'Too little bursts glass in the freezer; too much lets a syrup mould under the lid.',
  },
  {
    id: 'daily-value',
    term: '% of a day',
    plain:
      'Of what food labels give as the amount for a day of a grown-up, how much is in it. For salt and sugar it is a ceiling, for vitamins a goal.',
    known: [['A teaspoon of table salt', 'about the sodium of a day']],
    use: 'It makes milligrams of different things comparable. A child’s day is less.',
  },
  {
    id: 'ph',
    term: 'pH',
    plain: 'How sour a liquid is: the lower, the sourer. Each step down is ten times as sour.',
    known: [
      ['Lemon juice', '2.3'],
      ['Vinegar', '2.5'],
      ['Orange juice', '3.7'],
      ['The line for keeping', '4.2 and below'],
      ['Water', 'about 7'],
    ],
    use: 'The germ that makes preserves deadly does not grow below 4.6. A recipe is kept to 4.2, since plants differ.',
  },
  {
    id: 'osmolality',
    term: 'Dissolved particles (osmolality)',
    plain:
      'How many particles of salt and sugar are dissolved in a kilogram of water, in mOsm/kg. Water moves to where there are more of them: through the wall of the gut as well.',
    known: [
      ['Blood', 'about 290'],
      ['Tears', 'about 300'],
      ['Rehydration solution', '245'],
      ['Fruit juice', '540 to 1,080'],
    ],
    use: 'Below blood, a drink is taken up quickly. Far above it, it first draws water into the gut and can make diarrhoea worse.',
  },
  {
    id: 'spread',
    term: 'Spread, ±',
    plain:
      'How far off it may come out: nine of ten times it lies between the ends of the thin line. Spoons, eyes and plants differ.',
    known: [
      ['On a scale', '± 1 %'],
      ['A level teaspoon of salt', '± 13 %'],
      ['A pinch', 'half as much, or twice'],
    ],
    use: 'Weigh what matters most, or weigh your own pinch under My measures, and it grows narrow.',
  },
  {
    id: 'mmol',
    term: 'mmol',
    plain:
      'A count of particles, where grams would mislead: a millimole of sodium is 23 mg, and is met by a millimole of glucose, which is 180 mg. They are taken up in pairs.',
    known: [
      ['1 g table salt', '17 mmol sodium'],
      ['1 tsp of sugar', '12 mmol'],
    ],
    use: 'Recipes for rehydration are written in it.',
  },
  {
    id: 'water-bath',
    term: 'Water bath',
    plain:
      'Filled and closed jars stand covered in boiling water for some minutes, so that what is on lid and glass dies, too.',
    known: [
      ['Up to 300 m', 'as the recipe says'],
      ['Up to 1,800 m', '5 min more'],
      ['Higher', '10 min more'],
    ],
    use: 'It is only for what is sour, pH 4.2 and below, or very sweet. Tested recipes of your own country come first.',
  },
];

/** Signs before a word count for nothing in its place. */
const letters = ({ term }: GlossaryEntry): string => term.replace(/^[^a-z]+/i, '');

/** Words that figures of the application need, in the order of the alphabet. */
export const GLOSSARY: readonly GlossaryEntry[] = [...ENTRIES].sort((a, b) =>
  letters(a).localeCompare(letters(b), 'en'),
);

export const glossaryEntry = (id: string): GlossaryEntry | undefined => GLOSSARY.find((each) => each.id === id);

/** Figures that are said as a share of a day. */
const OF_A_DAY = new Set(['sodium_mg', 'potassium_mg', 'magnesium_mg', 'vitaminC_mg', 'fat_g', 'fibre_g']);

/** The word that a figure needs, by the figure's id. */
export function wordOfFigure(figure: string): GlossaryEntry | undefined {
  if (figure === 'liquid.pH') return glossaryEntry('ph');
  if (figure.startsWith('liquid.osmol')) return glossaryEntry('osmolality');
  if (figure.startsWith('plant:')) return glossaryEntry('as-dried');
  if (figure.endsWith('_mmol')) return glossaryEntry('mmol');
  return OF_A_DAY.has(figure) ? glossaryEntry('daily-value') : undefined;
}
