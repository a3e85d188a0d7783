import type { SensorValue, WeighHand } from '@wellhydra/contract';
import type { BrewContext } from '../brews/brew-context';
import { Problem } from '../problem';
import { kitchenOf } from './device-service';
import { SignalFilter } from './signal-filter';
import { simulatedHand } from './simulated/simulated-hand';
import { simulatedScale } from './simulated/simulated-sensors';

/** A scale shows something new so often, ms. */
const READ_EVERY_ms = 300;
/** It settles in some seconds; one that does not is looked at so many times. */
const MOST_READS = 60;

/**
 * What the scale shows once it has settled on a measure of somebody's own.
 *
 * @throws Problem where no scale is plugged in
 */
export async function weighHandful(
  context: BrewContext,
  { kitchenId, accountId }: { readonly kitchenId: string; readonly accountId: string },
  measure: WeighHand,
  now: Date,
  random: () => number = Math.random,
): Promise<SensorValue> {
  const { unplugged } = await kitchenOf(context, kitchenId);
  if (unplugged.includes('scale')) throw new Problem('device-unplugged');
  const filter = new SignalFilter(simulatedScale(random, now));
  const onIt = { gross_g: simulatedHand(accountId, measure, random), temperature_C: 20, brix: null };
  let shown: SensorValue | undefined;
  for (let read = 0; read < MOST_READS && shown?.signal !== 'settled'; read += 1)
    shown = filter.read(onIt, new Date(now.getTime() + read * READ_EVERY_ms));
  return shown!;
}
