/** What can be read while making, with its unit. Taste is 1 to 5; thickness 1 runs, 2 coats the spoon, 3 holds a line. */
export const READ_QUANTITIES = [
  'volume_mL',
  'mass_g',
  'temperature_C',
  'brix',
  'pH',
  'minutes',
  'taste',
  'thickness',
] as const;
export type ReadQuantity = (typeof READ_QUANTITIES)[number];

/** Within this a reading can be meant at all; outside it is a slip or a broken device. */
export const READING_RANGES: Readonly<Record<ReadQuantity, readonly [number, number]>> = {
  volume_mL: [1, 50_000],
  mass_g: [0.1, 50_000],
  temperature_C: [-25, 125],
  brix: [0, 85],
  pH: [1, 10],
  minutes: [0, 525_600],
  taste: [1, 5],
  thickness: [1, 3],
};

/** What happened, without who and when. `step` is the id of a step of the drink. */
export type BrewHappening =
  | { readonly kind: 'step-done'; readonly step: string }
  | { readonly kind: 'step-skipped'; readonly step: string }
  /** Takes back a done or skipped step, unless somebody has gone over it since. */
  | { readonly kind: 'step-reopened'; readonly step: string; readonly undoes: string }
  | { readonly kind: 'reading'; readonly step: string; readonly quantity: ReadQuantity; readonly value: number }
  | { readonly kind: 'reading-removed'; readonly reading: string }
  /** The amount of a step is another one now, because of a reading or by choice. */
  | { readonly kind: 'amount-changed'; readonly step: string; readonly text: string }
  /** What a reading suggested was refused. */
  | { readonly kind: 'amount-kept'; readonly reading: string }
  /** Something added to taste, after a step. */
  | { readonly kind: 'added'; readonly step: string; readonly text: string }
  | { readonly kind: 'added-removed'; readonly addition: string }
  | { readonly kind: 'timer-started'; readonly step: string; readonly minutes: number }
  | { readonly kind: 'timer-stopped'; readonly step: string }
  | { readonly kind: 'paused' }
  | { readonly kind: 'resumed' }
  /** Given up, and what was done with what is in the pot. */
  | { readonly kind: 'abandoned'; readonly text: string }
  | { readonly kind: 'finished' };

/** One thing that happened to a brew. A brew is its drink and these, in the order in which they arrived. */
export type BrewEvent = BrewHappening & {
  readonly id: string;
  /** Moment, ISO 8601. */
  readonly at: string;
};
