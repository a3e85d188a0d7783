import { Parser } from 'htmlparser2';
import type { SourceText } from './source-text';
import { jsonLdLines } from './json-ld-source';

/** What is never read on a page: programs, its look, and what stands around its text. */
const NOT_READ = new Set(
  'script style title noscript template nav aside footer form button select svg iframe'.split(' '),
);
/** Parts of a page that are not the recipe, by what its makers call them. */
const NOT_THE_RECIPE =
  /\b(?:comments?|reviews?|cookies?|newsletter|advert\w*|sidebar|related|share|breadcrumbs?|nav)\b/i;
/** What ends a line. */
const BLOCKS = new Set(
  'p div li ul ol h1 h2 h3 h4 h5 h6 tr table section article header main br dt dd blockquote figcaption'.split(' '),
);
const HEADS = /^h[1-6]$/;

export const isHtml = (source: string): boolean =>
  /<(?:!doctype html|html|body|article|div|p|ul|ol|h1)[\s>]/i.test(source.slice(0, 20_000)) && /<\/\w+>/.test(source);

/**
 * A saved web page as its lines: a schema.org recipe in it where it has one, else the text of the page.
 *
 * @param source as saved
 */
export function htmlLines(source: string): readonly SourceText[] {
  const lines: SourceText[] = [];
  let text = '';
  let start = -1;
  let end = 0;
  let skipped = 0;
  const open: { readonly name: string; readonly skips: boolean }[] = [];
  let data: { readonly at: number; text: string } | undefined;
  let found: readonly SourceText[] | undefined;
  const flush = (blank = false) => {
    const plain = text.replace(/\s+/g, ' ').trim();
    if (plain !== '') lines.push({ text: plain, start, end });
    if (blank && plain !== '') lines.push({ text: '', start: end, end });
    text = '';
    start = -1;
  };
  const parser: Parser = new Parser(
    {
      onopentag(name, { type, id, class: said, role }) {
        const skips = NOT_READ.has(name) || NOT_THE_RECIPE.test(`${id ?? ''} ${said ?? ''} ${role ?? ''}`);
        if (name === 'script' && type === 'application/ld+json') data = { at: parser.endIndex + 1, text: '' };
        if (BLOCKS.has(name)) flush();
        // The table of a page is its words, a cell after the other.
        if (name === 'td' || name === 'th') text += ' ';
        if (skips) skipped += 1;
        open.push({ name, skips });
      },
      ontext(said) {
        if (data) data.text += said;
        if (skipped > 0) return;
        if (start < 0 && said.trim() !== '') start = parser.startIndex;
        text += said;
        if (said.trim() !== '') end = parser.endIndex + 1;
      },
      onclosetag(name) {
        if (data && name === 'script') {
          found ??= jsonLdLines(data.text, data.at);
          data = undefined;
        }
        if (open.pop()?.skips) skipped -= 1;
        if (BLOCKS.has(name)) flush(HEADS.test(name));
      },
    },
    { decodeEntities: true },
  );
  parser.write(source);
  parser.end();
  flush();
  return found ?? lines;
}
