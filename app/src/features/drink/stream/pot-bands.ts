import { potContents, type Pot } from '@wellhydra/core/simulate';
import { BANDS, type Band } from '../../../ui/bands';

/** Salts are a hundredth of most drinks: they are drawn this many times as wide, and it is said so. */
export const SALT_MAGNIFIED = 10;

/** Widths of what a pot is drawn as: grams, but for salts in a liquid, which are magnified. */
export function bandWidths(pot: Pot): Readonly<Record<Band, number>> {
  const contents = potContents(pot);
  return { ...contents, salt: contents.salt * (pot.dry ? 1 : SALT_MAGNIFIED) };
}

/** A part of what something is made of. */
export interface PotShare {
  readonly band: Band;
  /** Of the whole, 0 to 1. */
  readonly share: number;
}

/** Less than this share is not seen. */
const LEAST_SHARE = 0.001;

/** What a pot is made of, salts magnified as they are drawn. */
export function potShares(pot: Pot): readonly PotShare[] {
  const drawn = bandWidths(pot);
  const whole = BANDS.reduce((sum, band) => sum + drawn[band], 0);
  if (whole <= 0) return [];
  return BANDS.map((band) => ({ band, share: drawn[band] / whole })).filter(({ share }) => share > LEAST_SHARE);
}
