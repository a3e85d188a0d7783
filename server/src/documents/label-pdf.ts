import { createRequire } from 'node:module';
import type { BottleRecord } from '@wellhydra/contract';
import { formatPortion } from '@wellhydra/core/quantity';
import PDFDocument from 'pdfkit';
import { codeRuns } from './code-runs';

const require = createRequire(import.meta.url);
const FONTS = {
  heading: '@expo-google-fonts/bricolage-grotesque/700Bold/BricolageGrotesque_700Bold.ttf',
  body: '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
  strong: '@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf',
} as const;

const mm = (length: number): number => (length * 72) / 25.4;
/** A common size of roll and sheet labels. */
export const LABEL_mm = { width: 89, height: 51, margin: 4, code: 18 } as const;
const INK = '#0E2A2B';

const day = (iso: string): string =>
  new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' }).format(new Date(iso));
/** Short-lived drinks need the hour on their label too. */
const due = (bottle: BottleRecord): string => {
  const short = new Date(bottle.useBy).getTime() - new Date(bottle.madeAt).getTime() < 3 * 86_400_000;
  const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' }).format(new Date(bottle.useBy));
  return short ? `${day(bottle.useBy)}, ${time}` : day(bottle.useBy);
};

const PLACE_WORDS = {
  fridge: 'Keep in the fridge',
  'cool-room': 'Keep in a cool room',
  cupboard: 'Keep dry and dark',
  freezer: 'Keep frozen',
} as const;

function drawCode(
  document: PDFKit.PDFDocument,
  text: string,
  { x, y, side }: { readonly x: number; readonly y: number; readonly side: number },
): void {
  const { size, runs } = codeRuns(text);
  const square = side / size;
  for (const run of runs) document.rect(x + run.x * square, y + run.y * square, run.length * square, square);
  document.fill(INK);
}

/** Sizes of type for what must not be overlooked, pt: the largest in which all of it fits. */
const CAUTION_pt = [8, 7, 6.5, 6, 5.5] as const;

/** What a label warns of, the longest wording first: stops in full and the others by title, or only titles. */
function cautionWordings({ cautions }: BottleRecord): readonly string[] {
  const of = (severity: string) => cautions.filter((each) => each.severity === severity);
  const titles = (severity: string) => of(severity).map(({ title }) => title);
  const inFull = of('stop').map(({ title, text }) => `${title}. ${text}`);
  return [
    [...inFull, titles('warn').join(' · ')],
    inFull.length > 0 ? [...inFull] : [],
    [[...titles('stop'), ...titles('warn')].join(' · ')],
  ]
    .map((parts) => parts.filter(Boolean).join('\n'))
    .filter(Boolean);
}

/** Fills what is left of a label with its cautions. */
function drawCautions(document: PDFKit.PDFDocument, bottle: BottleRecord): void {
  const wordings = cautionWordings(bottle);
  if (wordings.length === 0) return;
  document.moveDown(0.5).font('strong');
  const width = mm(LABEL_mm.width - 2 * LABEL_mm.margin);
  const height = mm(LABEL_mm.height - LABEL_mm.margin) - document.y;
  const fitting = wordings.flatMap((words) => {
    const size = CAUTION_pt.find((each) => document.fontSize(each).heightOfString(words, { width }) <= height);
    return size === undefined ? [] : [{ words, size }];
  })[0];
  // Titles of more cautions than there is room for are cut off at the end; the code leads to all of them.
  const { words, size } = fitting ?? { words: wordings.at(-1)!, size: CAUTION_pt.at(-1)! };
  document.fontSize(size).text(words, mm(LABEL_mm.margin), document.y, { width, height, ellipsis: true });
}

/**
 * A label for a bottle: name, batch, dates, serving, place, cautions and a code that opens its page.
 *
 * @param bottle as stored
 * @param address of its page in the application
 * @returns the PDF
 */
export async function labelPdf(bottle: BottleRecord, address: string): Promise<Buffer> {
  const size: [number, number] = [mm(LABEL_mm.width), mm(LABEL_mm.height)];
  const document = new PDFDocument({
    size,
    margin: mm(LABEL_mm.margin),
    info: { Title: `${bottle.drinkName} ${bottle.batch}` },
  });
  const chunks: Buffer[] = [];
  document.on('data', (chunk: Buffer) => chunks.push(chunk));
  const finished = new Promise<void>((resolve) => document.on('end', resolve));
  for (const [name, file] of Object.entries(FONTS)) document.registerFont(name, require.resolve(file));
  const amount = (each: number) => formatPortion(each, bottle.kind === 'dry-mix');
  const text = mm(LABEL_mm.width - 3 * LABEL_mm.margin - LABEL_mm.code);
  const left = mm(LABEL_mm.margin);
  drawCode(document, address, {
    x: mm(LABEL_mm.width - LABEL_mm.margin - LABEL_mm.code),
    y: left,
    side: mm(LABEL_mm.code),
  });
  document
    .fillColor(INK)
    .font('heading')
    .fontSize(bottle.drinkName.length > 24 ? 13 : 16)
    .text(bottle.drinkName, left, left, { width: text, height: 36, ellipsis: true });
  document
    .font('body')
    .fontSize(9)
    .text(`Batch ${bottle.batch} · made ${day(bottle.madeAt)}`, { width: text });
  document
    .moveDown(0.4)
    .font('strong')
    .fontSize(11)
    .text(`Use by ${due(bottle)}`, { width: text });
  document
    .font('body')
    .fontSize(8.5)
    .text(`${PLACE_WORDS[bottle.place]} · ${amount(bottle.volume_mL)} · serving ${amount(bottle.serving_mL)}`, {
      width: text,
    });
  drawCautions(document, bottle);
  document.end();
  await finished;
  return Buffer.concat(chunks);
}
