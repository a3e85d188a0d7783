import Joi from 'joi';
import { id, objectOf, timestamp } from './common';

/** What can stand on the worktop. */
export const DEVICES = ['scale', 'probe', 'refractometer', 'printer'] as const;
export type Device = (typeof DEVICES)[number];
export const SENSORS = ['scale', 'probe', 'refractometer'] as const;
export type Sensor = (typeof SENSORS)[number];

/** How far a value can be trusted: it stands, it still moves, it cannot be, or nothing comes. */
export const SIGNALS = ['settled', 'moving', 'nonsense', 'none'] as const;
export type Signal = (typeof SIGNALS)[number];

/** What a sensor shows; null where nothing that can be is shown. */
export interface SensorValue {
  readonly sensor: Sensor;
  readonly signal: Signal;
  readonly value: number | null;
  readonly at: string;
}

export interface DeviceState {
  readonly device: Device;
  readonly name: string;
  readonly plugged: boolean;
}
export interface DeviceList {
  readonly devices: readonly DeviceState[];
}
const device = Joi.string().valid(...DEVICES);
export const deviceList = objectOf<DeviceList>({
  devices: Joi.array()
    .items(
      objectOf<DeviceState>({
        device: device.required(),
        name: Joi.string().required(),
        plugged: Joi.boolean().required(),
      }),
    )
    .required(),
});

export interface DeviceParams {
  readonly device: Device;
}
export const deviceParams = objectOf<DeviceParams>({ device: device.required() });

export interface PlugDevice {
  readonly plugged: boolean;
}
export const plugDevice = objectOf<PlugDevice>({ plugged: Joi.boolean().required() });

/** The brew that the sensors are in and under. */
export interface StreamQuery {
  readonly brew: string;
  /** The clock of who watches, by which simulated devices go; the server's own where it is left out. */
  readonly at?: string;
}
export const streamQuery = objectOf<StreamQuery>({ brew: id.required(), at: timestamp });

export interface TareScale {
  readonly brew: string;
}
export const tareScale = objectOf<TareScale>({ brew: id.required() });

export interface PrintLabels {
  readonly bottles: readonly string[];
}
export const printLabels = objectOf<PrintLabels>({ bottles: Joi.array().items(id).min(1).max(60).unique().required() });

/** What lies in the printer's spool, by file name. */
export interface PrintedLabels {
  readonly files: readonly string[];
  readonly printedAt: string;
}
export const printedLabels = objectOf<PrintedLabels>({
  files: Joi.array().items(Joi.string()).required(),
  printedAt: timestamp.required(),
});
