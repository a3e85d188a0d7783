import { linesOf, type LabelFont } from './label-type';
import type { LabelWords } from './label-words';

export interface PlacedText {
  readonly font: LabelFont;
  readonly size: number;
  readonly x: number;
  readonly y: number;
  readonly text: string;
}

/** One label: words and where its code stands, from its own upper left corner, pt. */
export interface LaidLabel {
  readonly texts: readonly PlacedText[];
  readonly code: { readonly x: number; readonly y: number; readonly side: number } | null;
}

interface Block {
  readonly font: LabelFont;
  readonly size: number;
  readonly text: string;
  /** Room above it, of its size. */
  readonly above: number;
  /** Beside the code, where that reaches so far down. */
  readonly beside?: boolean;
}

const mm = (length: number): number => (length * 72) / 25.4;
const MARGIN = mm(3);
/** The code is scanned from a hand's width: no smaller than this, and no more of the label than this. */
const CODE = { least: mm(11), most: mm(20), ofHeight: 0.42, ofWidth: 0.3 } as const;
/** Line height of type, of its size. */
const LEADING = 1.18;
/** Type is set smaller in these steps until everything fits, and never smaller than can be read, pt. */
const SCALES = [1.1, 1, 0.92, 0.85, 0.78, 0.72, 0.66] as const;
const SMALLEST_pt = 5;

const textBlock = (font: LabelFont, size: number, text: string, above = 0.35): Block => ({ font, size, text, above });

/** What every label says, and what is left out first where there is no room: figures, then what is in it, then warnings. */
function blocksOf(words: LabelWords): {
  readonly head: readonly Block[];
  readonly bodies: readonly (readonly Block[])[];
} {
  const head: readonly Block[] = [
    { ...textBlock('heading', words.name.length > 24 ? 12.5 : 15, words.name, 0), beside: true },
    { ...textBlock('body', 8, words.batch, 0.25), beside: true },
    { ...textBlock('strong', 10, words.due, 0.3), beside: true },
    { ...textBlock('body', 8, words.keep, 0.25), beside: true },
  ];
  const stops = words.stops.map((text) => textBlock('strong', 8, text));
  const warns = words.warns ? [textBlock('strong', 7.5, words.warns)] : [];
  const contains = words.contains ? [textBlock('body', 7, words.contains)] : [];
  const figures = words.perServing ? [textBlock('body', 7, words.perServing)] : [];
  return {
    head,
    bodies: [
      [...stops, ...warns, ...contains, ...figures],
      [...stops, ...warns, ...contains],
      [...stops, ...warns],
      stops,
    ],
  };
}

interface Frame {
  readonly width: number;
  readonly height: number;
  readonly code: LaidLabel['code'];
}

/** Sets blocks one under the other; null where they are higher than the label. */
function set(blocks: readonly Block[], scale: number, { width, height, code }: Frame): readonly PlacedText[] | null {
  const texts: PlacedText[] = [];
  let y = MARGIN;
  for (const { font, size: whole, text, above, beside } of blocks) {
    const size = Math.max(SMALLEST_pt, whole * scale);
    y += texts.length === 0 ? 0 : above * size;
    const besideCode = code !== null && (beside === true || y < code.y + code.side);
    const column = besideCode ? code.x - 2 * MARGIN : width - 2 * MARGIN;
    for (const line of linesOf(font, size, text, column)) {
      texts.push({ font, size, x: MARGIN, y, text: line });
      y += LEADING * size;
      if (y > height - MARGIN + 0.01) return null;
    }
  }
  return texts;
}

/** Sets words over as many labels as they need, as large as their longest stretch allows. */
function overSeveral(title: string, blocks: readonly Block[], { width, height }: Frame): readonly LaidLabel[] {
  const frame = { width, height, code: null };
  const size = 7;
  const column = width - 2 * MARGIN;
  const lines = blocks.flatMap(({ font, text }) => linesOf(font, size, text, column).map((line) => ({ font, line })));
  const labels: LaidLabel[] = [];
  let rest = lines;
  while (rest.length > 0) {
    const head = set([textBlock('body', 6.5, `${title} · cautions, ${labels.length + 2}`, 0)], 1, frame) ?? [];
    let y = MARGIN + head.length * LEADING * 6.5 + 2;
    const texts: PlacedText[] = [...head];
    let count = 0;
    while (count < rest.length && y + LEADING * size <= height - MARGIN + 0.01) {
      texts.push({ font: rest[count]!.font, size, x: MARGIN, y, text: rest[count]!.line });
      y += LEADING * size;
      count += 1;
    }
    // A label so low that no line fits under its heading cannot say it: the code leads to all of it.
    if (count === 0) break;
    labels.push({ texts, code: null });
    rest = rest.slice(count);
  }
  return labels;
}

/**
 * Lays out a label so that nothing is cut off: type gets smaller, then figures, what is in it and warnings are left out;
 * what must not be overlooked goes on over the next labels where even then it has no room.
 *
 * @param words what it says
 * @param label_mm width and height
 * @returns one label, or several that belong together
 */
export function layOut(words: LabelWords, label_mm: readonly [number, number]): readonly LaidLabel[] {
  const [width, height] = label_mm.map(mm) as [number, number];
  const side = Math.min(CODE.most, Math.max(CODE.least, Math.min(CODE.ofHeight * height, CODE.ofWidth * width)));
  const code = { x: width - MARGIN - side, y: MARGIN, side };
  const frame: Frame = { width, height, code };
  const { head, bodies } = blocksOf(words);
  const first = (blocks: readonly Block[]): readonly PlacedText[] | undefined =>
    SCALES.map((scale) => set(blocks, scale, frame)).find((texts) => texts !== null) ?? undefined;
  for (const body of bodies) {
    const texts = first([...head, ...body]);
    if (texts) return [{ texts, code }];
  }
  const more = words.stops.length > 0 ? [textBlock('strong', 8, 'Cautions on the next label')] : [];
  const title = words.batch.split(' · ')[0]!;
  const begun = first([...head, ...more]);
  if (begun) return [{ texts: begun, code }, ...overSeveral(title, bodies.at(-1)!, frame)];
  // A name that fills the label by itself: batch, date and the code are what cannot be done without.
  const least = first([...head.slice(1, 3), ...more]);
  return [{ texts: least ?? [], code }, ...overSeveral(title, [head[0]!, ...bodies.at(-1)!], frame)];
}
