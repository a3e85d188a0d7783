import { id, name, timestamp } from './common';
import { MEASURE_LIMITS } from './field-limits';
import { figure, flag, integer, list, nullable, object, oneOf, optional, text, type Of } from './schema';

/** What can stand on the worktop. */
export const DEVICES = ['scale', 'probe', 'refractometer', 'printer'] as const;
export type Device = (typeof DEVICES)[number];
export const SENSORS = ['scale', 'probe', 'refractometer'] as const;
export type Sensor = (typeof SENSORS)[number];

/** How far a value can be trusted: it stands, it still moves, it cannot be, or nothing comes. */
export const SIGNALS = ['settled', 'moving', 'nonsense', 'none'] as const;
export type Signal = (typeof SIGNALS)[number];

/** What a sensor shows; null where nothing that can be is shown. */
export const sensorValue = object({
  sensor: oneOf(SENSORS),
  signal: oneOf(SIGNALS),
  value: nullable(figure()),
  at: timestamp(),
});
export type SensorValue = Of<typeof sensorValue>;

const device = () => oneOf(DEVICES);
const deviceState = object({ device: device(), name: name(), plugged: flag() });
export type DeviceState = Of<typeof deviceState>;
export const deviceList = object({ devices: list(deviceState, { most: DEVICES.length }) });
export type DeviceList = Of<typeof deviceList>;

export const deviceParams = object({ device: device() });
export type DeviceParams = Of<typeof deviceParams>;

export const plugDevice = object({ plugged: flag() });
export type PlugDevice = Of<typeof plugDevice>;

/** The brew that the sensors are in and under. */
export const streamQuery = object({
  brew: id(),
  /** The clock of who watches, by which simulated devices go; the server's own where it is left out. */
  at: optional(timestamp()),
});
export type StreamQuery = Of<typeof streamQuery>;

export const tareScale = object({ brew: id() });
export type TareScale = Of<typeof tareScale>;

/** A measure of somebody's own that is put on the scale, and how many of it at once. */
export const weighHand = object({
  name: text(MEASURE_LIMITS.name),
  of: text(MEASURE_LIMITS.of),
  count: integer(1, 100),
});
export type WeighHand = Of<typeof weighHand>;

export const printLabels = object({
  bottles: list(id(), { most: 60, unique: (each) => each }),
  /** Brews whose jars still stand. */
  brews: optional(list(id(), { most: 60, unique: (each) => each })),
});
export type PrintLabels = Of<typeof printLabels>;

/** What lies in the printer's spool, by file name. */
export const printedLabels = object({ files: list(text(200), { most: 60 }), printedAt: timestamp() });
export type PrintedLabels = Of<typeof printedLabels>;
