import type { SensorValue } from '@wellhydra/contract';
import type { OnTheWorktop, SensorDriver } from './device-driver';

/** So many values in a row decide whether it has settled. */
const WINDOW = 4;

/** Reads a sensor over and over, and says of each value how far it can be trusted. */
export class SignalFilter {
  private recent: readonly number[] = [];

  constructor(private readonly driver: SensorDriver) {}

  read(worktop: OnTheWorktop, now: Date): SensorValue {
    const { sensor, range, settles } = this.driver;
    const raw = this.driver.read(worktop, now);
    const at = now.toISOString();
    if (raw === null) return { sensor, signal: 'none', value: null, at };
    if (!(raw >= range[0] && raw <= range[1])) return { sensor, signal: 'nonsense', value: null, at };
    this.recent = [...this.recent, raw].slice(-WINDOW);
    const spread = Math.max(...this.recent) - Math.min(...this.recent);
    const settled = this.recent.length === WINDOW && spread <= settles;
    return { sensor, signal: settled ? 'settled' : 'moving', value: raw, at };
  }
}
