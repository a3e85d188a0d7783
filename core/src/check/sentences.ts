import type { SourceText } from './source/source-text';

/** A line that is longer is prose, and read sentence by sentence. */
const PROSE_FROM = 90;
const SENTENCE_END = /[.!?](?=\s+[A-Z"“(*\d]|\s*$)|[.:!?](?=\s+\d{1,2}[.)]\s)/g;
/** The number of a step ends no sentence, and neither does a word that is cut short. */
const NO_END = /(?:^\s*\(?\d{1,2}|\b(?:approx|abt|dr|hon|vin|lf|st|no|bot|dk))\.$/i;

/** Whether a line tells several things. */
const isProse = (text: string): boolean =>
  text.length >= PROSE_FROM || /[.!?]\s+[A-Z“*\d]|:\s+(?:[A-Z“*]|\d{1,2}[.)]\s)/.test(text);

/**
 * Sentences of a line of prose; a line that is none as it is.
 *
 * @param line with its place; where its text is not the source's letter by letter, each sentence has the place of the line
 */
export function sentencesOf(line: SourceText): readonly SourceText[] {
  const { text, start, end } = line;
  if (!isProse(text)) return [line];
  const literal = end - start === text.length;
  const found: SourceText[] = [];
  let from = 0;
  const push = (to: number) => {
    const said = text.slice(from, to);
    if (said.trim() !== '')
      found.push({ text: said, ...(literal ? { start: start + from, end: start + to } : { start, end }) });
    from = to;
  };
  for (const { index } of text.matchAll(SENTENCE_END)) {
    if (NO_END.test(text.slice(from, index + 1))) continue;
    push(index + 1);
  }
  push(text.length);
  return found;
}
