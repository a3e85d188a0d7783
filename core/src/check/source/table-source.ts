import Papa from 'papaparse';
import type { SourceText } from './source-text';
import { textLines } from './source-text';

/** What the columns of a table of a recipe are called, by what is in them. */
const COLUMNS: Readonly<Record<Column, RegExp>> = {
  item: /^(?:item|ingredient|what|name|thing|text|description|product)s?$/i,
  amount: /^(?:amount|quantity|qty|how much|measure|number)s?$/i,
  unit: /^units?$/i,
  note: /^(?:notes?|remarks?|how|form|preparation|comment)s?$/i,
  type: /^(?:type|kind|section|role)$/i,
};
type Column = 'item' | 'amount' | 'unit' | 'note' | 'type';

/** A line that opens the part of a recipe that a row of some type belongs to. */
const TYPE_HEADS: Readonly<Record<string, string>> = {
  ingredient: 'Ingredients',
  step: 'Method',
  instruction: 'Method',
};

const AMOUNT = /^[\d½⅓⅔¼¾⅛.,/ -]+\s*[a-zA-Z%]*\.?(?: [a-z]+)?$|^(?:a|an|half|one|two|three|four|five|six) \w+$/;

/** Which column is which, from the words of the head; nothing where no word is known. */
function columnsOf(head: readonly string[]): ReadonlyMap<Column, number> | undefined {
  const found = new Map<Column, number>();
  head.forEach((cell, at) => {
    const column = (Object.keys(COLUMNS) as Column[]).find((each) => COLUMNS[each].test(cell.trim()));
    if (column && !found.has(column)) found.set(column, at);
  });
  return found.has('item') && found.size > 1 ? found : undefined;
}

/** A row as a person would write it. */
function rowText(cells: readonly string[], columns: ReadonlyMap<Column, number> | undefined): string {
  const plain = cells.map((cell) => cell.trim()).filter((cell) => cell !== '');
  if (!columns) {
    const amount = plain.find((cell) => AMOUNT.test(cell));
    const item = plain.find((cell) => cell !== amount);
    return amount && item ? `${amount} ${item}` : plain.join(' ');
  }
  const at = (column: Column): string => cells[columns.get(column) ?? -1]?.trim() ?? '';
  const type = at('type').toLowerCase();
  if (type === 'serves') return `Serves ${[at('item'), at('amount'), at('unit')].join(' ')}`;
  const note = at('note');
  if (type === 'step' || type === 'instruction') return note ? `${at('item')} (${note})` : at('item');
  const said = [at('amount'), at('unit'), at('item')].filter(Boolean).join(' ');
  // Where somebody buys it is no part of the recipe; how it is cut is.
  return note && columns.has('unit') ? `${said}, ${note}` : said;
}

/** Whether a text is a table of comma-separated values: a head of known columns, or rows of one width. */
export function isTable(source: string): boolean {
  const rows = source
    .split('\n')
    .filter((line) => line.trim() !== '')
    .slice(0, 6);
  const widths = rows.map((line) => line.split(/[,;\t]/).length);
  const [head] = rows;
  if (rows.length < 2 || head === undefined || widths[0]! < 2) return false;
  return columnsOf(head.split(/[,;\t]/)) !== undefined;
}

/**
 * A table of comma-separated values, a line for each of its rows.
 *
 * @param source with a head of columns
 */
export function tableLines(source: string): readonly SourceText[] {
  const rows = Papa.parse<string[]>(source, { skipEmptyLines: false }).data;
  const columns = columnsOf(rows[0] ?? []);
  const places = textLines(source);
  const typed = columns?.has('type') ?? false;
  let at = 1;
  let section = '';
  const lines = rows.slice(1).flatMap((cells): readonly SourceText[] => {
    const place = places[at] ?? places.at(-1)!;
    at += cells.join(' ').split('\n').length;
    const text = rowText(cells, columns);
    if (text.trim() === '') return [];
    const type = cells[columns?.get('type') ?? -1]?.trim().toLowerCase() ?? '';
    const head = typed ? TYPE_HEADS[type] : undefined;
    const opens = head !== undefined && head !== section;
    if (opens) section = head;
    const { start, end } = place;
    return [...(opens ? [{ text: head, start, end: start }] : []), { text, start, end }];
  });
  return typed ? lines : [{ text: 'Ingredients', start: 0, end: places[0]!.end }, ...lines];
}

const ROW = /^\s*\|(.+)\|\s*$/;
const RULE = /^[\s|:-]+$/;

/** Tables of Markdown among other lines, a line for each row. */
export function withoutTables(lines: readonly SourceText[]): readonly SourceText[] {
  let columns: ReadonlyMap<Column, number> | undefined;
  return lines.map((line, at) => {
    const cells = ROW.exec(line.text)?.[1]?.split('|');
    if (!cells) return line;
    if (RULE.test(line.text)) return { ...line, text: '' };
    if (RULE.test(lines[at + 1]?.text ?? '')) {
      columns = columnsOf(cells);
      return { ...line, text: '' };
    }
    return { ...line, text: rowText(cells, columns) };
  });
}
