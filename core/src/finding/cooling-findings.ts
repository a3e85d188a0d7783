import { COOLING_RATES, twoStageCooling, type CoolingStage } from '../process';
import { formatNumber } from '../quantity';
import type { FindingRule } from './finding';

/** °Brix from which a syrup is exempt from the two-stage rule. */
const EXEMPT_BRIX = 65;

/** What goes into the fridge as it is, °C around it. */
const FRIDGE_C = 4;
const inFridge = ({ tau_min }: CoolingStage): CoolingStage => ({
  minutes: Infinity,
  tau_min: (tau_min * COOLING_RATES.room) / COOLING_RATES.fridge,
  around_C: FRIDGE_C,
});

/** Low-acid liquids that stay warm for too long. */
export const slowCooling: FindingRule = ({ trace, liquid, keeping }) => {
  if (!liquid || !keeping?.lowAcid || liquid.brix >= EXEMPT_BRIX) return [];
  const first = trace.entries.findIndex(({ hottest_C, cooling }) => cooling && hottest_C > 57);
  if (first < 0) return [];
  const after = trace.entries.slice(first);
  const stages = after.flatMap(({ cooling }) => cooling ?? []);
  const chilled = after.some(({ place }) => place === 'fridge' || place === 'freezer');
  // A chill that ends near the fridge's own temperature goes on in the fridge, and so does what is stored there.
  const { first_min, all_min, ok } = twoStageCooling(
    trace.entries[first]!.hottest_C,
    chilled ? [...stages, inFridge(stages.at(-1)!)] : stages,
  );
  if (ok) return [];
  const last = trace.entries.findLast(({ cooling }) => cooling);
  if (!Number.isFinite(first_min))
    return after.some(({ place, filled }) => place !== undefined || filled !== undefined)
      ? [
          {
            code: 'cooling-too-slow',
            step: last?.step ?? null,
            text: `It never comes below ${formatNumber(Math.ceil(stages.at(-1)!.around_C))} °C where it stands. A liquid that is neither sour nor sweet has 2 h from 57 to 21 °C. Stand the pot in ice water, then put it in the fridge.`,
          },
        ]
      : [];
  const all = Number.isFinite(all_min) ? ` and ${formatNumber(all_min / 60)} h to 5 °C` : '';
  return first_min <= 120 && !Number.isFinite(all_min)
    ? []
    : [
        {
          code: 'cooling-too-slow',
          step: last?.step ?? null,
          text: `It takes ${formatNumber(first_min / 60)} h from 57 to 21 °C${all}; 2 h and 6 h are the most for a liquid that is neither sour nor sweet. Stand the pot in ice water first.`,
        },
      ];
};
