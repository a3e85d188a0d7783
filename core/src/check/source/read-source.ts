import { htmlLines, isHtml } from './html-source';
import { jsonLdLines } from './json-ld-source';
import { textLines, type SourceText } from './source-text';
import { isTable, tableLines, withoutTables } from './table-source';

/**
 * The lines of a source, told by its content: schema.org JSON-LD, a saved web page, a table of comma-separated values,
 * Markdown or plain text.
 *
 * @param source of a file, or pasted
 */
export function readSource(source: string): readonly SourceText[] {
  if (/^\s*[[{]/.test(source)) {
    const found = jsonLdLines(source);
    if (found) return found;
  }
  if (isHtml(source)) return htmlLines(source);
  if (isTable(source)) return tableLines(source);
  return withoutTables(textLines(source));
}
