import { CATALOGUE, ingredientById, type Ingredient } from '../catalogue';
import { formatMass } from '../quantity';
import { equalAmount, type Keeps } from './equal-amounts';

/** Something that can stand in for an ingredient. */
export interface Substitute {
  readonly ingredient: Ingredient;
  readonly grams: number;
  /** The line that takes its place: "34 g white sugar". */
  readonly text: string;
  readonly keeps: Keeps;
  readonly vegan: boolean;
  /** Whether a child under twelve months may have it, as far as honey goes. */
  readonly forInfants: boolean;
}

/** Things that stand in for each other, by what they have in common, the commonest first. */
const GROUPS: readonly { readonly keeps: Keeps; readonly ids: readonly string[] }[] = [
  {
    keeps: 'sweetness',
    ids: [
      'white-sugar',
      'honey',
      'maple-syrup',
      'agave-syrup',
      'date-syrup',
      'brown-sugar',
      'panela',
      'coconut-sugar',
      'glucose',
      'fructose',
    ],
  },
  { keeps: 'sodium', ids: ['table-salt', 'sea-salt-fine', 'sea-salt-coarse', 'trisodium-citrate', 'baking-soda'] },
  { keeps: 'potassium', ids: ['potassium-chloride', 'tripotassium-citrate', 'potassium-bicarbonate'] },
  {
    keeps: 'magnesium',
    ids: ['magnesium-citrate', 'magnesium-bisglycinate', 'magnesium-chloride', 'magnesium-sulfate', 'magnesium-malate'],
  },
  {
    keeps: 'sourness',
    ids: ['lemon-juice', 'lime-juice', 'citric-acid', 'malic-acid', 'cider-vinegar', 'white-vinegar'],
  },
];

const ANIMAL = new Set(['honey', 'milk', 'butter', 'ghee']);

/** The plant of a row, whatever was done to it. */
const plantOf = ({ id }: Ingredient): string => id.replace(/-(?:fresh|dried|ground|whole|stick|pods|root)$/, '');
const PLANT_ROLES = new Set(['herb', 'spice', 'seed']);

function samePlant(ingredient: Ingredient): readonly Ingredient[] {
  if (!PLANT_ROLES.has(ingredient.role)) return [];
  const plant = plantOf(ingredient);
  return CATALOGUE.filter((each) => each !== ingredient && PLANT_ROLES.has(each.role) && plantOf(each) === plant);
}

const substitute = (from: Ingredient, grams: number, ingredient: Ingredient, keeps: Keeps): Substitute[] => {
  const amount = equalAmount(from, grams, ingredient, keeps);
  if (amount === undefined) return [];
  return [
    {
      ingredient,
      grams: amount,
      text: `${formatMass(amount)} ${ingredient.name.toLowerCase().replace(/,.*$/, '') === ingredient.name.toLowerCase() ? ingredient.name.toLowerCase() : ingredient.id.replaceAll('-', ' ')}`,
      keeps,
      vegan: !ANIMAL.has(ingredient.id),
      forInfants: ingredient.id !== 'honey',
    },
  ];
};

/**
 * What could stand in for an ingredient, and how much of it keeps what matters: the sweetness of a sweetener, the
 * sodium of a salt, the sourness of an acid, the strength of a plant fresh or dried.
 *
 * @param ingredient that is to go
 * @param grams of it, above 0
 * @throws RangeError for grams that are not above 0
 */
export function substitutesFor(ingredient: Ingredient, grams: number): readonly Substitute[] {
  if (!(grams > 0)) throw new RangeError(`substitutesFor: grams must be above 0, got ${grams}`);
  return [
    ...samePlant(ingredient).flatMap((each) => substitute(ingredient, grams, each, 'strength')),
    ...GROUPS.filter(({ ids }) => ids.includes(ingredient.id)).flatMap(({ keeps, ids }) =>
      ids
        .filter((id) => id !== ingredient.id)
        .flatMap((id) => substitute(ingredient, grams, ingredientById(id), keeps)),
    ),
  ];
}
