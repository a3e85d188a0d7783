import { carbohydrateOf, type Composition } from '@wellhydra/core/liquid';
import type { Pot } from '@wellhydra/core/simulate';
import type { Band } from '../../ui/bands';
import type { BarPart } from '../../ui/composition-bar';

/** Salts are a hundredth of most drinks: they are drawn this many times as wide, and it is said so. */
export const SALT_MAGNIFIED = 10;

/** Grams of what a pot is drawn as. */
export function bandMasses(pot: Pot): Readonly<Record<Band, number>> {
  const c: Composition = pot.liquid;
  const sugar = carbohydrateOf(c);
  const sediment = pot.sediment.reduce((sum, { mass_g }) => sum + mass_g, 0);
  const salts = pot.entries.filter(({ ingredient }) => ingredient.role === 'salt');
  const dissolved = salts.reduce(
    (sum, { ingredient, mass_g }) => sum + mass_g * (ingredient.composition?.salts_g ?? 0),
    0,
  );
  const salt = Math.min(dissolved, c.salts_g);
  return {
    water: c.water_g,
    sugar,
    salt,
    acid: Math.max(0, c.solubleSolids_g - sugar - salt) + c.insoluble_g,
    pieces: pot.pieces_g + sediment,
  };
}

/** A pot as the parts of a bar, salts magnified. */
export function barParts(pot: Pot): readonly BarPart[] {
  const masses = bandMasses(pot);
  const drawn = { ...masses, salt: masses.salt * (pot.dry ? 1 : SALT_MAGNIFIED) };
  const whole = Object.values(drawn).reduce((sum, mass) => sum + mass, 0);
  if (whole <= 0) return [];
  return (Object.entries(drawn) as [Band, number][])
    .filter(([, mass]) => mass > 0)
    .map(([band, mass]) => ({ band, share: mass / whole }));
}
