import { ingredientById, type Ingredient, waterComposition } from '../catalogue';
import { COOKING_POTS, DEFAULT_KITCHEN, potOfWidth, type CookingPot, type Kitchen } from '../equipment';
import { settingsFor, type KitchenSettings, type OwnPot } from '../kitchen';
import { ownIngredient } from '../own-ingredient';
import type { RunOptions } from './trace';

const TAP_IDS = { soft: 'tap-water-soft', average: 'tap-water', hard: 'tap-water-hard' } as const;
const MOST_MINERALS_mg_L = 5000;

/** A pot of the kitchen; the usual ones keep what is known of them. */
function cookingPot({ name, width_cm, holds_mL }: OwnPot): CookingPot {
  const usual = COOKING_POTS[name as keyof typeof COOKING_POTS] as CookingPot | undefined;
  return usual && Math.round(usual.diameter_m * 100) === width_cm
    ? { ...usual, holds_mL }
    : potOfWidth(width_cm / 100, holds_mL);
}

/** Whatever is done to it, it came from the tap, with its minerals in it. */
const FROM_THE_TAP = [
  'water',
  'tap water',
  'plain water',
  'clean water',
  'fresh water',
  'drinking water',
  'filtered water',
  'boiled water',
  'safe water',
  'cold water',
  'warm water',
  'hot water',
  'boiling water',
  'just-boiled water',
  'ice water',
  'iced water',
];

/** What "water" means in this kitchen; undefined where it is pure, as the drink file has it. */
function tapWater({ tap, sheet_mg_L }: KitchenSettings): Ingredient | undefined {
  if (tap === 'pure') return undefined;
  const names = { name: 'Tap water', aliases: FROM_THE_TAP };
  if (tap !== 'sheet') return { ...ingredientById(TAP_IDS[tap]), ...names };
  for (const [mineral, mg_L] of Object.entries(sheet_mg_L))
    if (!(mg_L >= 0 && mg_L <= MOST_MINERALS_mg_L))
      throw new RangeError(`kitchenOptions: ${mineral} is between 0 and ${MOST_MINERALS_mg_L} mg/L, got ${mg_L}`);
  const id = 'own:tap-water';
  const row = { id, ...names, mg_L: sheet_mg_L, source: 'water-report', confidence: 'A' } as const;
  const source = "From the supplier's sheet, as it stands in the kitchen";
  return { ...ingredientById('tap-water'), ...names, id, composition: waterComposition(row), source, confidence: 'A' };
}

/** Names are looked up as they are written in a line, without capitals. */
const byName = <T extends { readonly name: string }, V>(rows: readonly T[], value: (row: T) => V): Record<string, V> =>
  Object.fromEntries(rows.map((row) => [row.name.trim().toLowerCase(), value(row)]));

/**
 * How drinks are run in a kitchen.
 *
 * @param settings what the kitchen has, for one of its members where it is (`settingsFor`); an empty list of pots or burners stands for the usual ones
 * @returns options for `analyseDrink` and `runSteps`
 * @throws RangeError when the sheet of the water or the label of an ingredient has an impossible figure
 */
export function kitchenOptions(settings: KitchenSettings): Omit<RunOptions, 'preparations'> {
  const pots = settings.pots.length > 0 ? byName(settings.pots, cookingPot) : DEFAULT_KITCHEN.pots;
  const burners =
    settings.burners.length > 0 ? byName(settings.burners, ({ net_W }) => net_W) : DEFAULT_KITCHEN.burners;
  const named = (name: string, of: Readonly<Record<string, unknown>>): string =>
    name.toLowerCase() in of ? name.toLowerCase() : Object.keys(of)[0]!;
  const kitchen: Partial<Kitchen> = {
    pots,
    pot: named(settings.usualPot, pots),
    burners,
    burner: named(settings.usualBurner, burners),
    blenderJug_mL: settings.blenderJug_mL,
    altitude_m: settings.altitude_m,
    room_C: settings.room_C,
    fridge_C: settings.fridge_C,
    coolRoom_C: settings.coolRoom_C,
    ...(settings.habits ? { habits: settings.habits } : {}),
  };
  const water = tapWater(settings);
  const own = [...(water ? [water] : []), ...(settings.ingredients ?? []).map(ownIngredient)];
  const { measures } = settingsFor(settings, null);
  return {
    kitchen,
    ...(settings.spoons === 'cutlery' ? { spoons: 'cutlery' as const } : {}),
    ...(own.length > 0 ? { own } : {}),
    ...(measures && measures.length > 0 ? { measures } : {}),
  };
}
