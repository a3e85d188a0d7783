/** A line of a source as a person would read it, and where it stands in the source, in UTF-16 units. */
export interface SourceText {
  readonly text: string;
  readonly start: number;
  readonly end: number;
}

/** Lines of plain text. */
export function textLines(source: string): readonly SourceText[] {
  const lines: SourceText[] = [];
  let start = 0;
  for (const text of source.split('\n')) {
    lines.push({ text: text.replace(/\r$/, ''), start, end: start + text.length });
    start += text.length + 1;
  }
  return lines;
}
