import type { LabelPage, LabelPages } from '@wellhydra/contract';
import { LABEL_SHEETS, labelsOn, type LabelSheet } from '@wellhydra/contract/label-sheets';
import { codeRuns } from '../code-runs';
import { layOut, type LaidLabel } from './label-layout';
import type { LabelWords } from './label-words';

/** A label to be printed: what it says, and where its code leads. */
export interface LabelToPrint {
  readonly words: LabelWords;
  readonly address: string;
}

const mm = (length: number): number => (length * 72) / 25.4;
export const sheetOf = (id: string): LabelSheet => LABEL_SHEETS.find((sheet) => sheet.id === id)!;

interface Mutable {
  readonly width: number;
  readonly height: number;
  readonly cells: LabelPage['cells'][number][];
  readonly texts: LabelPage['texts'][number][];
  readonly squares: LabelPage['squares'][number][];
}

function place(page: Mutable, at: { readonly x: number; readonly y: number }, laid: LaidLabel, address: string): void {
  for (const text of laid.texts) page.texts.push({ ...text, x: at.x + text.x, y: at.y + text.y });
  if (!laid.code) return;
  const { size, runs } = codeRuns(address);
  const square = laid.code.side / size;
  for (const run of runs)
    page.squares.push({
      x: at.x + laid.code.x + run.x * square,
      y: at.y + laid.code.y + run.y * square,
      width: run.length * square,
      height: square,
    });
}

/**
 * Labels on pages, along the rows of a sheet.
 *
 * @param start the first label of the first page that is free, from 1
 */
export function labelPagesOf(labels: readonly LabelToPrint[], sheet: LabelSheet, start = 1): LabelPages {
  const [width, height] = sheet.page.map(mm) as [number, number];
  const perPage = labelsOn(sheet);
  const pages: Mutable[] = [];
  let next = Math.min(start, perPage) - 1;
  for (const { words, address } of labels)
    for (const laid of layOut(words, sheet.label)) {
      const page = Math.floor(next / perPage);
      pages[page] ??= { width, height, cells: [], texts: [], squares: [] };
      const slot = next % perPage;
      const [column, row] = [slot % sheet.columns, Math.floor(slot / sheet.columns)];
      const at = {
        x: mm(sheet.from[0] + column * sheet.pitch[0]),
        y: mm(sheet.from[1] + row * sheet.pitch[1]),
      };
      pages[page].cells.push({ ...at, width: mm(sheet.label[0]), height: mm(sheet.label[1]) });
      place(pages[page], at, laid, address);
      next += 1;
    }
  return { pages };
}
