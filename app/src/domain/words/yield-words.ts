import type { Analysis } from '@wellhydra/core/analyse';
import { formatNumber } from '@wellhydra/core/quantity';
import type { Basis } from '../../state/preferences';
import { showVolume } from './units';
import { PORTIONS_mL } from './portions';

/** What the figures are for, in words: "In each 250 mL serving". */
export function basisTitle(analysis: Analysis, basis: Basis): string {
  if (basis === 'litre') return 'In a litre';
  if (basis === 'spoon') return `In a ${PORTIONS_mL.spoon} mL spoon`;
  if (basis === 'glass') return `In a ${PORTIONS_mL.glass} mL glass`;
  if (basis === 'batch')
    return analysis.liquid
      ? `In all ${showVolume(analysis.liquid.volume_mL)}`
      : `In all ${formatNumber(analysis.trace.pot.mass_g)} g`;
  return `In each ${analysis.serving?.text ?? 'serving'}`;
}

/** Servings that can really be poured: whole ones from ten on, tenths below. */
function wholeServings(servings: number): string {
  const step = servings >= 10 ? 1 : 0.1;
  return formatNumber(Math.floor(servings / step + 1e-6) * step);
}

/** Total and servings for the line under the name. */
export function yieldWords(analysis: Analysis): { readonly total: string; readonly servings: string } {
  const { liquid, serving, trace } = analysis;
  const total = liquid
    ? showVolume(liquid.volume_mL)
    : trace.pot.mass_g > 0
      ? `${formatNumber(trace.pot.mass_g)} g`
      : 'nothing yet';
  const count = serving && serving.servings > 0 ? wholeServings(serving.servings) : '0';
  return { total, servings: count };
}
