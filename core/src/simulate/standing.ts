import { TWO_STAGE, coolingTime } from '../process';
import type { Standing } from './pot-picture';
import type { TraceEntry } from './trace';

/** Between these germs grow, °C. Source: US FDA Food Code 2022, 3-501. */
const WARM = { above_C: TWO_STAGE.to_C, below_C: TWO_STAGE.from_C } as const;
/** In a fridge it is on its way to the cold from here, °C. */
const SETTLING_C = TWO_STAGE.middle_C;
/** No warmer than this is a fridge, °C. */
const FRIDGE_C = 8;
/** A pot that was as hot as this was boiled or simmered, °C; water boils below 100 °C higher up. */
export const BOILED_C = 88;
/** Less than this in a step is not worth looking at, min. */
const BRIEF_min = 15;

/** Minutes of a step in which the pot was between 57 and 5 °C. */
function warmMinutes({ minutes, cooling, temperature_C, processed }: TraceEntry, from_C: number): number {
  if (processed) return 0;
  if (!cooling) return temperature_C > WARM.above_C && temperature_C < WARM.below_C ? minutes : 0;
  const { tau_min, around_C } = cooling;
  const until = (mark_C: number) => Math.min(minutes, coolingTime(tau_min, from_C, mark_C, around_C));
  if (around_C <= FRIDGE_C) return until(SETTLING_C) - until(WARM.below_C);
  return around_C > WARM.below_C ? 0 : minutes - until(WARM.below_C);
}

const allMinutes = (stood: readonly Standing[]): number => stood.reduce((sum, { minutes }) => sum + minutes, 0);

/**
 * When a drink stood between 57 and 5 °C since it last boiled, or since it was mixed: in its own pot, and before that
 * in the pot of the preparation that stood longest. Steps that are over within a quarter of an hour are left out.
 *
 * @param entries of its trace
 */
export function standingWarm(entries: readonly TraceEntry[]): readonly Standing[] {
  const since = Math.max(
    0,
    entries.findLastIndex(({ hottest_C, processed }) => hottest_C >= BOILED_C || processed !== undefined),
  );
  let brought: readonly Standing[] = [];
  const own: Standing[] = [];
  entries.slice(since).forEach((entry, index) => {
    const { stood = [], pot } = entry;
    if (allMinutes(stood) > allMinutes(brought)) brought = stood;
    const from_C = entries[since + index - 1]?.temperature_C ?? entry.temperature_C;
    const minutes = pot.dry ? 0 : warmMinutes(entry, from_C);
    if (minutes > BRIEF_min) own.push({ minutes, pot });
  });
  return [...brought, ...own];
}
