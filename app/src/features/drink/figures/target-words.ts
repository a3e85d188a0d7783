import type { Analysis } from '@wellhydra/core/analyse';
import { formatNumber } from '@wellhydra/core/quantity';
import { targetFor } from '@wellhydra/core/target';

/** What the bands on the rails are, and who says so. */
export function targetWords({ drink }: Analysis): string | null {
  const target = targetFor(drink);
  return target ? `Bands: ${target.name.toLowerCase()}. ${target.note} Source: ${target.source}.` : null;
}

/** The chance of too much salt with the measures used, as people say odds. */
export function oddsWords(chance: number | null): string | null {
  if (chance === null) return null;
  if (chance < 0.001)
    return 'Measured like this, fewer than 1 batch in 1,000 comes out above the salt line of 90 mmol/L.';
  if (chance > 0.5)
    return `Measured like this, ${Math.round(100 * chance)} batches in 100 come out above the salt line of 90 mmol/L.`;
  return `Measured like this, about 1 batch in ${formatNumber(1 / chance, 2)} comes out above the salt line of 90 mmol/L.`;
}
