import type { Sensor, SensorValue } from '@wellhydra/contract';
import type { ReadQuantity } from '@wellhydra/core/brew';
import { useEffect, useState } from 'react';

/** Which sensor shows which quantity. */
export const SENSOR_FOR: Readonly<Partial<Record<ReadQuantity, Sensor>>> = {
  mass_g: 'scale',
  temperature_C: 'probe',
  brix: 'refractometer',
};
/** A value older than this is none, ms. */
const STALE_ms = 4000;

export type Sensors = Readonly<Partial<Record<Sensor, SensorValue>>>;

/** What the devices on the worktop show at a brew, as it comes; a device that falls silent shows nothing. */
export function useSensors(brew: string): Sensors {
  const [sensors, setSensors] = useState<Sensors>({});
  useEffect(() => {
    if (typeof EventSource === 'undefined') return undefined;
    const source = new EventSource(`/api/devices/stream?brew=${brew}`);
    let heard = Date.now();
    source.onmessage = ({ data }: MessageEvent<string>) => {
      heard = Date.now();
      const values = JSON.parse(data) as readonly SensorValue[];
      setSensors(Object.fromEntries(values.map((value) => [value.sensor, value])));
    };
    const watch = setInterval(() => {
      if (Date.now() - heard > STALE_ms) setSensors({});
    }, STALE_ms / 2);
    return () => {
      clearInterval(watch);
      source.close();
    };
  }, [brew]);
  return sensors;
}
