import type { Ingredient } from '../catalogue';
import { needsStove } from '../drink';
import { BOILED_C, hottestOf, type Pot, type PotEntry, type Trace } from '../simulate';

/** Heat that makes raw juice safe, °C. Source: US FDA juice guidance (71 °C). */
export const PASTEURISED_C = 71;
/** More than half of what went in: what plants lie under then. */
const MOSTLY = 0.5;
/** Water in a gram of something dry, at most: dried fruit is moister, and moulds. */
const DRY_WATER_g = 0.15;

/** What is in a drink that decides how it keeps, whatever it is called and whatever its liquid is like. */
export interface Contents {
  /** Milk, egg, plant milk or grain. */
  readonly perishable: boolean;
  /** Garlic, fresh herbs, chillies or roots, mostly under oil. */
  readonly plantsInOil: boolean;
  /** Garlic, mostly in honey. */
  readonly garlicInHoney: boolean;
  /** Juice, fruit or vegetables that never were {@link PASTEURISED_C} hot. */
  readonly raw: boolean;
  /** Mostly fat, or moist things that nothing was poured on: no figure tells how such a thing keeps. */
  readonly undescribed: boolean;
  /** It was boiled or simmered, not only poured on boiling. */
  readonly boiled: boolean;
}

/** Contents that decide nothing: clean water and what dissolves in it, never heated. */
export const PLAIN_CONTENTS: Contents = {
  perishable: false,
  plantsInOil: false,
  garlicInHoney: false,
  raw: false,
  undescribed: false,
  boiled: false,
};

const RAW_ROLES = new Set(['juice', 'fruit', 'vegetable']);
const GRAINS = new Set(['oats-rolled', 'barley-pearl', 'rice-white']);

const isFat = ({ role }: Ingredient): boolean => role === 'fat';
/** What spoils like milk, once it is wet. */
const isPerishable = ({ id, role }: Ingredient): boolean => role === 'milk' || GRAINS.has(id);
/** Fresh garlic, herbs, chillies and roots bring soil germs along. */
const bringsSpores = ({ id, role, dried }: Ingredient): boolean =>
  id === 'garlic' ||
  (dried === false && (role === 'herb' || role === 'spice')) ||
  (role === 'vegetable' && dried !== true);
const isMoist = ({ composition }: Ingredient): boolean => (composition?.water_g ?? 0) > DRY_WATER_g;

/** What pours and has next to no water is no liquid that a figure describes. */
const LEAST_WATER_SHARE = 1e-3;
const isWaterless = ({ dry, body, mass_g }: Pot): boolean => !dry && body.water_g <= LEAST_WATER_SHARE * mass_g;

const isRaw = (entry: PotEntry, { entries }: Trace): boolean =>
  RAW_ROLES.has(entry.ingredient.role) &&
  entry.ingredient.id !== 'coconut-water' &&
  (entry.ingredient.composition?.water_g ?? 0) > 0.5 &&
  hottestOf(entry, entries) < PASTEURISED_C;

/** What a drink holds, read off its run. */
export function contentsOf(trace: Trace): Contents {
  const { pot, entries } = trace;
  const all_g = pot.entries.reduce((sum, { mass_g }) => sum + mass_g, 0);
  const has = (is: (ingredient: Ingredient) => boolean) => pot.entries.some(({ ingredient }) => is(ingredient));
  const mostly = (is: (ingredient: Ingredient) => boolean) =>
    pot.entries.reduce((sum, { ingredient, mass_g }) => sum + (is(ingredient) ? mass_g : 0), 0) > MOSTLY * all_g;
  const plantsInOil = mostly(isFat) && has(bringsSpores);
  return {
    perishable: !pot.dry && has(isPerishable),
    plantsInOil,
    garlicInHoney: mostly(({ id }) => id === 'honey') && has(({ id }) => id === 'garlic'),
    raw: pot.entries.some((entry) => isRaw(entry, trace)),
    undescribed:
      ((mostly(isFat) || isWaterless(pot)) && !plantsInOil) ||
      (pot.dry && has((ingredient) => isFat(ingredient) || isMoist(ingredient))),
    boiled: entries.some(({ verb, hottest_C }) => needsStove(verb) && hottest_C >= BOILED_C),
  };
}
