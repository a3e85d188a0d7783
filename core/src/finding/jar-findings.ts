import { hotWaterMinutes, jarsAreTested, testedRecipe } from '../keeping';
import { formatNumber } from '../quantity';
import type { Finding, FindingRule } from './finding';

/** Processing that names no altitude, or is too short for it. */
export const processTime: FindingRule = ({ trace, drink, keeping }) =>
  trace.entries.flatMap(({ step, processed }): Finding[] => {
    if (!processed || keeping?.lowAcid) return [];
    const content = testedRecipe(trace.pot) ?? (drink.kind === 'juice' ? 'juice' : 'berry-syrup');
    const { altitude_m, minutes } = processed;
    if (altitude_m === null)
      return [
        {
          code: 'process-time-altitude',
          step,
          text: `Water boils cooler higher up, so jars take longer: ${hotWaterMinutes(content, 0)} min to 300 m, ${hotWaterMinutes(content, 1000)} to 1,800 m, ${hotWaterMinutes(content, 2500)} above. Say how high the kitchen is, and follow a tested recipe.`,
        },
      ];
    const needed = hotWaterMinutes(content, altitude_m);
    return minutes < needed
      ? [
          {
            code: 'process-time-altitude',
            step,
            text: `At ${formatNumber(altitude_m)} m the jars take ${needed} min, not ${formatNumber(minutes)}. Follow a tested recipe.`,
          },
        ]
      : [];
  });

const NO_TIME =
  'Nobody has tested how long jars of this have to stand in boiling water: only plain berry syrups and apple or grape juice, in jars of up to a quart, have a time. Keep it in the fridge, or freeze it.';

/** Jars that are processed without a tested recipe: their minutes mean nothing. */
export const noTestedProcess: FindingRule = ({ trace }) =>
  trace.entries.flatMap(({ step, processed }): Finding[] =>
    processed && !(testedRecipe(trace.pot) && jarsAreTested(trace.entries))
      ? [{ code: 'no-tested-process', step, text: NO_TIME }]
      : [],
  );
