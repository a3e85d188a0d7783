/** Sheets and rolls of labels as shops sell them, mm. Apart from the schemas, for pages without the checking library. */
export interface LabelSheet {
  readonly id: string;
  readonly name: string;
  readonly page: readonly [width: number, height: number];
  readonly columns: number;
  readonly rows: number;
  readonly label: readonly [width: number, height: number];
  /** The upper left corner of the first label. */
  readonly from: readonly [left: number, top: number];
  /** From one label to the next. */
  readonly pitch: readonly [across: number, down: number];
}

const A4 = [210, 297] as const;
const LETTER = [215.9, 279.4] as const;
const roll = (id: string, name: string, width: number, height: number): LabelSheet => ({
  id,
  name,
  page: [width, height],
  columns: 1,
  rows: 1,
  label: [width, height],
  from: [0, 0],
  pitch: [width, height],
});

export const LABEL_SHEETS = [
  roll('roll-89', 'Roll or single, 89 × 51 mm', 89, 51),
  roll('roll-62', 'Small roll, 62 × 38 mm', 62, 38),
  roll('roll-100', 'Wide roll, 100 × 62 mm', 100, 62),
  {
    id: 'a4-21',
    name: 'A4, 21 of 63.5 × 38.1 mm',
    page: A4,
    columns: 3,
    rows: 7,
    label: [63.5, 38.1],
    from: [7.2, 15.1],
    pitch: [66, 38.1],
  },
  {
    id: 'a4-12',
    name: 'A4, 12 of 63.5 × 72 mm',
    page: A4,
    columns: 3,
    rows: 4,
    label: [63.5, 72],
    from: [7.2, 4.5],
    pitch: [66, 72],
  },
  {
    id: 'a4-8',
    name: 'A4, 8 of 99.1 × 67.7 mm',
    page: A4,
    columns: 2,
    rows: 4,
    label: [99.1, 67.7],
    from: [4.65, 13.1],
    pitch: [101.6, 67.7],
  },
  {
    id: 'letter-30',
    name: 'Letter, 30 of 66.7 × 25.4 mm',
    page: LETTER,
    columns: 3,
    rows: 10,
    label: [66.675, 25.4],
    from: [4.7625, 12.7],
    pitch: [69.85, 25.4],
  },
  {
    id: 'letter-10',
    name: 'Letter, 10 of 101.6 × 50.8 mm',
    page: LETTER,
    columns: 2,
    rows: 5,
    label: [101.6, 50.8],
    from: [3.96, 12.7],
    pitch: [106.68, 50.8],
  },
] as const satisfies readonly LabelSheet[];
export type LabelSheetId = (typeof LABEL_SHEETS)[number]['id'];

/** So many labels are on a sheet. */
export const labelsOn = ({ columns, rows }: Pick<LabelSheet, 'columns' | 'rows'>): number => columns * rows;
