import type { Analysis } from '@wellhydra/core/analyse';
import { potContents, type Pot } from '@wellhydra/core/simulate';
import { BANDS, type Band } from '../../../ui/bands';

/** Salts are a hundredth of most drinks: they are drawn this many times as wide, and it is said so. */
export const SALT_MAGNIFIED = 10;

/** What each band of a pot is wide, in grams as it is drawn or in px. */
export type Widths = Readonly<Record<Band, number>>;

export const NO_WIDTHS = Object.fromEntries(BANDS.map((band) => [band, 0])) as Widths;
export const widthOf = (widths: Widths): number => BANDS.reduce((sum, band) => sum + widths[band], 0);

/** Grams as they are drawn, px; however little is in a pot, it is a thread. */
export function drawnWidths(widths: Widths, px_g: number, thinnest_px: number): Widths {
  const whole = widthOf(widths);
  const scale = Math.max(px_g, whole > 0 ? thinnest_px / whole : 0);
  return Object.fromEntries(BANDS.map((band) => [band, widths[band] * scale])) as Widths;
}

/** Widths of what a pot is drawn as: grams, but for salts in a liquid, which are magnified. */
export function bandWidths(pot: Pot): Widths {
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
  const whole = widthOf(drawn);
  if (whole <= 0) return [];
  return BANDS.map((band) => ({ band, share: drawn[band] / whole })).filter(({ share }) => share > LEAST_SHARE);
}

/** Bands that are in any of the pots at any time, in the order they lie. */
export function bandsIn(analyses: readonly Analysis[]): readonly Band[] {
  const pots = analyses.flatMap(({ trace }) => trace.entries.map(({ pot }) => pot));
  const found = new Set(pots.flatMap((pot) => potShares(pot).map(({ band }) => band)));
  return BANDS.filter((band) => found.has(band));
}
