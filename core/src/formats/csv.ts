import Papa from 'papaparse';

type Cell = string | number | null;

/** Rows as CSV, RFC 4180. What a spreadsheet would take for a formula is written so that it is text. */
export const csvOf = (rows: readonly (readonly Cell[])[]): string =>
  `${Papa.unparse(
    rows.map((row) => [...row]),
    { escapeFormulae: true, newline: '\r\n' },
  )}\r\n`;
