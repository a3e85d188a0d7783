import { potContents, type Pot } from '@wellhydra/core/simulate';
import { BANDS, type Band } from '../../../ui/bands';
import type { BarPart } from '../../../ui/composition-bar';

/** Salts are a hundredth of most drinks: they are drawn this many times as wide, and it is said so. */
export const SALT_MAGNIFIED = 10;

/** Widths of what a pot is drawn as: grams, but for salts in a liquid, which are magnified. */
export function bandWidths(pot: Pot): Readonly<Record<Band, number>> {
  const contents = potContents(pot);
  return { ...contents, salt: contents.salt * (pot.dry ? 1 : SALT_MAGNIFIED) };
}

/** Less than this share of a bar is not seen. */
const LEAST_SHARE = 0.001;

/** A pot as the parts of a bar, salts magnified. */
export function barParts(pot: Pot): readonly BarPart[] {
  const drawn = bandWidths(pot);
  const whole = BANDS.reduce((sum, band) => sum + drawn[band], 0);
  if (whole <= 0) return [];
  return BANDS.map((band) => ({ band, share: drawn[band] / whole })).filter(({ share }) => share > LEAST_SHARE);
}
