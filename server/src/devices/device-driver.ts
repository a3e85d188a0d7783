import type { Sensor } from '@wellhydra/contract';

/** What is measured: the simulated pot here, the thing itself for a real driver, which has no use for it. */
export interface OnTheWorktop {
  /** Vessel and what is in it, g. */
  readonly gross_g: number;
  /** The same without what goes in at this moment; where nothing does, undefined. */
  readonly before_g?: number;
  readonly temperature_C: number;
  readonly brix: number | null;
}

/** A device that shows a number. */
export interface SensorDriver {
  readonly sensor: Sensor;
  /** For people. */
  readonly name: string;
  /** What it can show at all: a value outside is nonsense. */
  readonly range: readonly [least: number, most: number];
  /** Values this close together have settled. */
  readonly settles: number;
  /** The raw value now; null where nothing comes. */
  readonly read: (worktop: OnTheWorktop, now: Date) => number | null;
}

/** A device that prints a PDF. */
export interface PrinterDriver {
  readonly name: string;
  /** Prints a document and returns what the job is called. */
  readonly print: (name: string, pdf: Buffer) => Promise<string>;
}
