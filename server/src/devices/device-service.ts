import { createHash } from 'node:crypto';
import type { Device, DeviceList, SensorValue } from '@wellhydra/contract';
import { DEVICES, SENSORS } from '@wellhydra/contract';
import { brewState } from '@wellhydra/core/brew';
import type { Habits } from '@wellhydra/core/equipment';
import type { BrewContext } from '../brews/brew-context';
import { readRun } from '../brews/brew-run-service';
import { lastNumber } from '../brews/brew-run-store';
import { Problem } from '../problem';
import type { OnTheWorktop, SensorDriver } from './device-driver';
import { SignalFilter } from './signal-filter';
import { simulatedProbe, simulatedRefractometer, simulatedScale } from './simulated/simulated-sensors';
import { VESSEL_g, worktopAt, type Worktop } from './simulated/simulated-worktop';

const NAMES: Readonly<Record<Device, string>> = {
  scale: 'Scale, 1 g (simulated)',
  probe: 'Probe thermometer (simulated)',
  refractometer: 'Refractometer (simulated)',
  printer: 'Label printer (simulated)',
};

export async function kitchenOf({ models }: BrewContext, kitchenId: string) {
  const kitchen = await models.kitchens.findByPk(kitchenId, { attributes: ['id', 'unplugged', 'tareG'] });
  if (!kitchen) throw new Problem('not-found');
  return kitchen;
}

/** What stands on the worktop of a kitchen, and what of it is plugged in. */
export async function listDevices(context: BrewContext, kitchenId: string): Promise<DeviceList> {
  const { unplugged } = await kitchenOf(context, kitchenId);
  return {
    devices: DEVICES.map((device) => ({ device, name: NAMES[device], plugged: !unplugged.includes(device) })),
  };
}

export async function plugIn(context: BrewContext, kitchenId: string, device: Device, plugged: boolean) {
  // In one statement: several that are plugged at once do not undo each other.
  await context.sequelize.query(
    `UPDATE kitchens SET unplugged = (unplugged - :device) || :out::jsonb WHERE id = :kitchenId`,
    { replacements: { kitchenId, device, out: JSON.stringify(plugged ? [] : [device]) } },
  );
  return listDevices(context, kitchenId);
}

/** A kitchen as it really is: the same at every start, and nobody in it knows. */
function truthOf(kitchenId: string): Habits {
  const hash = createHash('sha256').update(kitchenId).digest();
  const factor = (at: number, apart: number) => ({ factor: Math.exp(apart * (hash[at]! / 128 - 1)), cv: 0 });
  return {
    'evaporation:saucepan': factor(0, 0.3),
    'strainer:cloth': factor(1, 0.2),
    'strainer:drain': factor(2, 0.2),
    'cooling:room': factor(3, 0.2),
    'burner:gas medium': factor(4, 0.15),
  };
}

interface Watched {
  readonly last: number;
  readonly worktop: Worktop;
  readonly since: Date;
}

/** The worktop of a brew, read anew only when something has happened. */
export function worktopOf(context: BrewContext, kitchenId: string, brewId: string) {
  let watched: Watched | undefined;
  return async (now: Date): Promise<OnTheWorktop> => {
    const last = await lastNumber(context.sequelize, kitchenId, brewId);
    if (last === undefined) throw new Problem('not-found');
    if (!watched || watched.last !== last) {
      const run = await readRun(context, kitchenId, brewId);
      const { recipe, events, startedAt } = run;
      const worktop = await context.runner.run('worktop', { recipe, events, habits: truthOf(kitchenId) });
      const began = [...brewState(events).left.values()].map(({ at }) => Date.parse(at));
      watched = { last, worktop, since: new Date(Math.max(Date.parse(startedAt), ...began)) };
    }
    return worktopAt(watched.worktop, watched.since, now);
  };
}

/** The sensors of a kitchen at a brew: each call reads those that are plugged in. */
export function sensorsAt(
  context: BrewContext,
  kitchenId: string,
  brewId: string,
  now: Date,
  random: () => number = Math.random,
) {
  const drivers: readonly SensorDriver[] = [
    simulatedScale(random, now),
    simulatedProbe(random, now),
    simulatedRefractometer(random),
  ];
  const filters = new Map(drivers.map((driver) => [driver.sensor, new SignalFilter(driver)]));
  const worktop = worktopOf(context, kitchenId, brewId);
  return async (at: Date): Promise<readonly SensorValue[]> => {
    const { unplugged, tareG } = await kitchenOf(context, kitchenId);
    const here = await worktop(at);
    return SENSORS.filter((sensor) => !unplugged.includes(sensor)).map((sensor) => {
      const shown = filters.get(sensor)!.read(here, at);
      return sensor === 'scale' && shown.value !== null
        ? { ...shown, value: Math.round(shown.value - (tareG ?? VESSEL_g)) }
        : shown;
    });
  };
}

/**
 * Makes the scale show nothing for what stands on it: at an addition for what stood there before it, so that it weighs
 * what goes in.
 */
export async function tare(context: BrewContext, kitchenId: string, brewId: string, now: Date): Promise<void> {
  const { gross_g, before_g } = await worktopOf(context, kitchenId, brewId)(now);
  await context.models.kitchens.update({ tareG: before_g ?? gross_g }, { where: { id: kitchenId } });
}
