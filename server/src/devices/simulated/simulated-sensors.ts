import type { SensorDriver } from '../device-driver';

/** Share of values that do not come, and of those that are nonsense: radio in a kitchen is like that. */
const DROPPED = 0.02;
const NONSENSE = 0.01;
const NONSENSE_VALUE = 65_535;

type Random = () => number;

/** A standard normal number by Box and Muller. */
const normal = (random: Random): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

const disturbed = (random: Random, value: () => number | null): number | null => {
  const luck = random();
  if (luck < DROPPED) return null;
  return luck < DROPPED + NONSENSE ? NONSENSE_VALUE : value();
};

const rounded = (value: number, step: number): number => Math.round(value / step) * step;

/** A kitchen scale of 1 g: it follows the load in about a second, and creeps by a gram an hour. */
export function simulatedScale(random: Random, since: Date): SensorDriver {
  let shown: number | null = null;
  let last = since.getTime();
  return {
    sensor: 'scale',
    name: 'Scale, 1 g (simulated)',
    range: [-20_000, 20_000],
    settles: 1,
    read: ({ gross_g }, now) => {
      const seconds = Math.max(0, (now.getTime() - last) / 1000);
      last = now.getTime();
      const creep_g = (now.getTime() - since.getTime()) / 3_600_000;
      shown = shown === null ? gross_g : gross_g + (shown - gross_g) * Math.exp(-seconds / 0.8);
      const value = shown;
      return disturbed(random, () => rounded(value + creep_g + 0.3 * normal(random), 1));
    },
  };
}

/** A probe in the pot: it lags by some seconds and is good to half a degree. */
export function simulatedProbe(random: Random, since: Date): SensorDriver {
  let shown: number | null = null;
  let last = since.getTime();
  return {
    sensor: 'probe',
    name: 'Probe thermometer (simulated)',
    range: [-30, 130],
    settles: 0.4,
    read: ({ temperature_C }, now) => {
      const seconds = Math.max(0, (now.getTime() - last) / 1000);
      last = now.getTime();
      shown = shown === null ? temperature_C : temperature_C + (shown - temperature_C) * Math.exp(-seconds / 6);
      const value = shown;
      return disturbed(random, () => rounded(value + 0.1 * normal(random), 0.1));
    },
  };
}

/** A refractometer with a drop from the pot: good to 0.2 °Brix; of a dry pot it shows nothing. */
export function simulatedRefractometer(random: Random): SensorDriver {
  return {
    sensor: 'refractometer',
    name: 'Refractometer (simulated)',
    range: [0, 90],
    settles: 0.3,
    read: ({ brix }) =>
      brix === null ? null : disturbed(random, () => Math.max(0, rounded(brix + 0.1 * normal(random), 0.1))),
  };
}
