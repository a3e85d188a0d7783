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
    let heard = 0;
    /** How far the clock of what comes is behind this one, ms. */
    let behind = 0;
    let source: EventSource | undefined;
    const listen = () => {
      source?.close();
      heard = Date.now();
      behind = 0;
      // What is simulated goes by the clock of who watches it.
      const at = encodeURIComponent(new Date(heard).toISOString());
      source = new EventSource(`/api/devices/stream?brew=${brew}&at=${at}`);
      source.onmessage = ({ data }: MessageEvent<string>) => {
        heard = Date.now();
        const values = JSON.parse(data) as readonly SensorValue[];
        behind = values[0] ? Math.abs(heard - Date.parse(values[0].at)) : 0;
        setSensors(Object.fromEntries(values.map((value) => [value.sensor, value])));
      };
    };
    listen();
    // Silent for long, or by another clock: the device is gone, or this one slept.

    const watch = setInterval(() => {
      if (Date.now() - heard <= STALE_ms && behind <= STALE_ms) return;
      setSensors({});
      listen();
    }, STALE_ms / 2);
    return () => {
      clearInterval(watch);
      source?.close();
    };
  }, [brew]);
  return sensors;
}
