import type { Analysis } from '@wellhydra/core/analyse';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { BAND_NAMES, type Band } from '../../../ui/bands';
import { KIND_NAMES } from '../../../domain/drinks/kinds';
import { yieldWords } from '../../../domain/words/yield-words';
import { stepsView, type StepView } from '../step/steps-view';
import { bandsIn } from '../stream/pot-bands';
import { streamShape, type StreamShape } from '../stream/stream-shape';

/** A line of words on the picture. */
export interface PictureLine {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly look: 'name' | 'step' | 'small';
}

/** A drink as a still picture, laid out in px. */
export interface PictureView {
  readonly width: number;
  readonly height: number;
  readonly lines: readonly PictureLine[];
  /** Rules between the steps. */
  readonly rules: readonly number[];
  readonly stream: StreamShape & { readonly x: number; readonly y: number };
  readonly legend: readonly { readonly band: Band; readonly name: string; readonly x: number; readonly y: number }[];
}

const WIDTH_px = 720;
const EDGE_px = 36;
const STREAM_px = { width: 170, room: 214 } as const;
const WORDS_px = EDGE_px + STREAM_px.room + 26;
/** From one line of words to the next. */
const LEADING_px = { name: 42, step: 24, small: 19 } as const;
/** Letters of a line, as wide as they are at the most. */
const LETTERS = { name: 38, step: 40, small: 58 } as const;
const STEP_px = { above: 12, below: 12 } as const;
const LEGEND_px = { each: 160, leading: 24, in_line: 4 } as const;

/** Words in lines of so many letters; a word that is longer has a line of its own. */
export function wrapped(text: string, letters: number): readonly string[] {
  return text
    .split(/\s+/)
    .filter(Boolean)
    .reduce<string[]>((lines, word) => {
      const last = lines.at(-1);
      return last !== undefined && `${last} ${word}`.length <= letters
        ? [...lines.slice(0, -1), `${last} ${word}`]
        : [...lines, word];
    }, []);
}

/** Lays out words below each other from `top` on; what comes below begins at `end`. */
function column(words: readonly (readonly [string, PictureLine['look']])[], x: number, top: number) {
  let end = top;
  const lines = words.flatMap(([text, look]) =>
    wrapped(text, LETTERS[look]).map((line): PictureLine => ({ text: line, x, y: (end += LEADING_px[look]), look })),
  );
  return { lines, end };
}

const wordsOf = ({ title, details }: StepView) =>
  [
    [title, 'step'],
    [details, 'small'],
  ] as const;

/** A drink as a picture to be shared: its name, its stream with the steps beside it, and what the colours are. */
export function pictureView(document: DrinkDocument, analysis: Analysis): PictureView {
  const { total, servings } = yieldWords(analysis);
  const size = `${KIND_NAMES[analysis.drink.kind]} · ${total} · ${servings} × ${analysis.serving?.text ?? document.serving}`;
  const name = column([[document.name || 'Unnamed drink', 'name']], EDGE_px, EDGE_px - 8);
  const head = column([[size, 'small']], EDGE_px, name.end + 8);
  const steps = stepsView(document, analysis);
  const top = head.end + 24;
  let y = top;
  const rows = steps
    .filter(({ batchIndex }) => batchIndex !== null)
    .map((step) => {
      const { lines, end } = column(wordsOf(step), WORDS_px, y + STEP_px.above - 6);
      y = end + STEP_px.below;
      return { lines, end: y };
    });
  const glass = steps.filter(({ batchIndex }) => batchIndex === null);
  const inGlass = column(
    glass.map(
      ({ title, details }) => [['In each glass:', title, details && `(${details})`].join(' '), 'small'] as const,
    ),
    WORDS_px,
    y,
  );
  const rowEnds = rows.map(({ end }) => end - top);
  const bands = bandsIn([analysis]);
  const legendTop = inGlass.end + 40;
  const legend = bands.map((band, at) => ({
    band,
    name: BAND_NAMES[band],
    x: EDGE_px + (at % LEGEND_px.in_line) * LEGEND_px.each,
    y: legendTop + Math.floor(at / LEGEND_px.in_line) * LEGEND_px.leading,
  }));
  const foot = column(
    [
      [
        bands.includes('salt') ? 'Salts are drawn ten times as wide. Drawn by Wellhydra.' : 'Drawn by Wellhydra.',
        'small',
      ],
    ],
    EDGE_px,
    (legend.at(-1)?.y ?? inGlass.end) + 16,
  );
  return {
    width: WIDTH_px,
    height: foot.end + EDGE_px - 8,
    lines: [...name.lines, ...head.lines, ...rows.flatMap(({ lines }) => lines), ...inGlass.lines, ...foot.lines],
    rules: rows.map(({ end }) => end),
    stream: { ...streamShape(analysis, rowEnds, STREAM_px.width, STREAM_px.room), x: EDGE_px, y: top },
    legend,
  };
}
