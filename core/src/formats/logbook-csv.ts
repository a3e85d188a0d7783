import { csvOf } from './csv';

/** A brew as it stands in the logbook. */
export interface LogbookLine {
  readonly batch: string;
  readonly drinkName: string;
  /** ISO 8601. */
  readonly madeAt: string;
  readonly cook: string;
  readonly expected_mL: number | null;
  readonly got_mL: number;
  readonly brix: number | null;
  readonly pH: number | null;
  readonly taste: number | null;
  readonly cost: number | null;
  readonly left_mL: number;
  readonly note: string;
}

const COLUMNS = [
  'batch',
  'drinkName',
  'madeAt',
  'cook',
  'expected_mL',
  'got_mL',
  'brix',
  'pH',
  'taste',
  'cost',
  'left_mL',
  'note',
] as const satisfies readonly (keyof LogbookLine)[];

/** Brews as CSV; the first line names the columns. */
export const logbookCsv = (lines: readonly LogbookLine[]): string =>
  csvOf([COLUMNS, ...lines.map((line) => COLUMNS.map((column) => line[column]))]);
