/** Signs that Markdown or the HTML within it would take for something else than text. */
const SIGNS = /[\\`*_[\]<>|~&]/g;
/** What makes a heading, a list or a quotation of the line that begins with it. */
const BEGINS_BLOCK = /^(?:\d{1,9}[.)]|[-+]|#{1,6}|=+)(?=\s|$)/;

/**
 * What somebody has written, as text within a line of Markdown: no link, no markup, no line of its own.
 *
 * Source: CommonMark 0.31, 2.4 (backslash escapes).
 */
export function markdownText(text: string): string {
  const line = text.replace(/\s+/g, ' ').trim().replace(SIGNS, '\\$&');
  return BEGINS_BLOCK.test(line) ? line.replace(/^\d*/, '$&\\') : line;
}
