import { id } from './common';
import { figure, integer, list, object, oneOf, optional, written, type Of } from './schema';
import { LABEL_SHEETS, type LabelSheet } from './label-sheets';

/** So many labels at once: laying them out holds the server up for less than half a second. */
export const MOST_LABELS = 60;

/** Labels for bottles, on a sheet of them, from a label on where some are used already. */
export const labelOrder = object({
  bottles: list(id(), { most: MOST_LABELS, unique: (each) => each }),
  /** Brews whose jars still stand, and are strained later. */
  brews: optional(list(id(), { most: MOST_LABELS, unique: (each) => each })),
  sheet: oneOf(LABEL_SHEETS.map((sheet): LabelSheet['id'] => sheet.id)),
  /** The first label that is free, counted from 1 along the rows. */
  start: integer(1, 100),
});
export type LabelOrder = Of<typeof labelOrder>;

/** A line of words on a label, its baseline box from the upper left corner of the page, pt. */
const labelText = object({
  font: oneOf(['heading', 'body', 'strong'] as const),
  size: figure(),
  x: figure(),
  y: figure(),
  text: written(500),
});
const square = object({ x: figure(), y: figure(), width: figure(), height: figure() });

/** A page of labels as it is printed, pt. */
const labelPage = object({
  width: figure(),
  height: figure(),
  cells: list(square, { most: 200 }),
  texts: list(labelText, { most: 20_000 }),
  /** Dark parts of the codes. */
  squares: list(square, { most: 60_000 }),
});
export const labelPages = object({ pages: list(labelPage, { most: MOST_LABELS * 3 }) });
export type LabelPages = Of<typeof labelPages>;
export type LabelPage = Of<typeof labelPage>;

/** Bottles whose labels are on them now. */
export const labelsStuck = object({ bottles: list(id(), { least: 1, most: MOST_LABELS, unique: (each) => each }) });
export type LabelsStuck = Of<typeof labelsStuck>;
