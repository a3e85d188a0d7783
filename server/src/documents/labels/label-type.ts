import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';

const require = createRequire(import.meta.url);
export const FONT_FILES = {
  heading: require.resolve('@expo-google-fonts/bricolage-grotesque/700Bold/BricolageGrotesque_700Bold.ttf'),
  body: require.resolve('@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf'),
  strong: require.resolve('@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf'),
} as const;
export type LabelFont = keyof typeof FONT_FILES;

/** Widths are measured at this size, pt, and scale with it. */
const MEASURED_pt = 100;
/** So many words keep their width; others are measured anew. */
const MOST_KNOWN = 20_000;
let ruler: PDFKit.PDFDocument | undefined;
const known = new Map<string, number>();

/** Width of a word, pt. */
function wordWidth(font: LabelFont, word: string): number {
  const key = `${font} ${word}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  if (!ruler) {
    ruler = new PDFDocument({ autoFirstPage: false });
    for (const [name, file] of Object.entries(FONT_FILES)) ruler.registerFont(name, file);
  }
  const width = ruler.font(font).fontSize(MEASURED_pt).widthOfString(word) / MEASURED_pt;
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, width);
  return width;
}

/** A word that is wider than a line is broken where the line ends. */
function broken(font: LabelFont, size: number, word: string, width: number): readonly string[] {
  if (wordWidth(font, word) * size <= width) return [word];
  const parts: string[] = [];
  let part = '';
  for (const sign of word) {
    if (part && wordWidth(font, part + sign) * size > width) {
      parts.push(part);
      part = '';
    }
    part += sign;
  }
  return [...parts, part];
}

/** Words in lines that are no wider than a width, pt; what has no room beside others begins a line. */
export function linesOf(font: LabelFont, size: number, text: string, width: number): readonly string[] {
  const space = wordWidth(font, ' ') * size;
  const lines: string[] = [];
  for (const paragraph of text.split('\n')) {
    let line = '';
    let used = 0;
    for (const word of paragraph
      .split(' ')
      .filter(Boolean)
      .flatMap((each) => broken(font, size, each, width))) {
      const more = wordWidth(font, word) * size;
      if (line && used + space + more > width) {
        lines.push(line);
        line = '';
        used = 0;
      }
      used += (line ? space : 0) + more;
      line = line ? `${line} ${word}` : word;
    }
    if (line) lines.push(line);
  }
  return lines;
}
