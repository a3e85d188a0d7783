import type { BrewRun, LogbookBrew } from '@wellhydra/contract';
import { brewRecipe, brewState, runBrew, type BrewRun as RunOfBrew } from '@wellhydra/core/brew';
import { compareSteps } from '@wellhydra/core/compare';
import { durationWords, formatNumber } from '@wellhydra/core/quantity';
import { afterWords, stepTitle } from '../../../domain/words/step-words';
import { rowView } from '../logbook-view';

/** A step of either brew, beside the one of the other that it answers to. */
export interface ComparedRow {
  readonly key: string;
  readonly kind: 'same' | 'changed' | 'only-first' | 'only-second';
  readonly first: string;
  readonly second: string;
}

/** How a brew really went, with where each of its steps ends on the page. */
export interface ComparedStream {
  readonly run: RunOfBrew;
  readonly rowEnds: readonly number[];
  /** Its widest as a share of the wider of the two. */
  readonly share: number;
}

export interface ComparedBrews {
  readonly rows: readonly ComparedRow[];
  readonly first: ComparedStream;
  readonly second: ComparedStream;
}

/** A row of the page, px. */
export const ROW_px = 84;
/** With letters twice as large a step takes as much, px. */
export const LARGE_ROW_px = 264;

const runOf = ({ recipe, events }: BrewRun): RunOfBrew => runBrew(brewRecipe(recipe), brewState(events));
const widest = ({ analysis }: RunOfBrew): number => Math.max(1, ...analysis.trace.entries.map(({ mass_g }) => mass_g));

function wordsOf(run: RunOfBrew, index: number): string {
  const step = run.steps[index];
  const entry = run.analysis.trace.entries.find((each) => each.step === index);
  if (!step) return '';
  return [stepTitle(step), entry ? afterWords(entry) : ''].filter(Boolean).join(' · ');
}

/** Two brews as they went: step beside step, and how wide the pot was in each. */
export function compareBrews(a: BrewRun, b: BrewRun, row_px: number = ROW_px): ComparedBrews {
  const [one, other] = [runOf(a), runOf(b)];
  const compared = compareSteps(one.steps, other.steps, one.analysis.options);
  const ends: [number[], number[]] = [[], []];
  const rows = compared.map(({ kind, first, second }, row): ComparedRow => {
    const at = [first, second].map((step, side) => {
      if (!step) return -1;
      ends[side]!.push((row + 1) * row_px);
      return ends[side]!.length - 1;
    });
    return { key: String(row), kind, first: wordsOf(one, at[0]!), second: wordsOf(other, at[1]!) };
  });
  const most = Math.max(widest(one), widest(other));
  return {
    rows,
    first: { run: one, rowEnds: ends[0], share: widest(one) / most },
    second: { run: other, rowEnds: ends[1], share: widest(other) / most },
  };
}

/** A figure of the two, and whether they differ in it. */
export interface ComparedFigure {
  readonly label: string;
  readonly first: string;
  readonly second: string;
}

const minutesOf = (run: BrewRun | undefined, brew: LogbookBrew): string =>
  run ? durationWords((Date.parse(brew.madeAt) - Date.parse(run.startedAt)) / 60_000) : '';

/** What came of the two, figure by figure; nothing of what neither says. */
export function comparedFigures(
  brews: readonly [LogbookBrew, LogbookBrew],
  runs: readonly [BrewRun | undefined, BrewRun | undefined],
  currency?: string,
): readonly ComparedFigure[] {
  const [a, b] = [rowView(brews[0], currency), rowView(brews[1], currency)];
  const all: readonly (readonly [string, string, string])[] = [
    ['Made', `${a.made}, ${a.cook}`, `${b.made}, ${b.cook}`],
    ['Expected', a.expected, b.expected],
    ['Got', a.got, b.got],
    ['°Brix', a.brix, b.brix],
    ['pH', a.pH, b.pH],
    ['Taste, out of 5', a.taste, b.taste],
    ['A serving costs', a.cost, b.cost],
    ['It took', minutesOf(runs[0], brews[0]), minutesOf(runs[1], brews[1])],
    [
      'Off by',
      ...(brews.map(({ expected_mL, got_mL }) =>
        expected_mL ? `${formatNumber(100 * (got_mL / expected_mL - 1), 2)} %` : '',
      ) as [string, string]),
    ],
  ];
  return all
    .filter(([, first, second]) => first !== '' || second !== '')
    .map(([label, first, second]) => ({ label, first: first || '–', second: second || '–' }));
}
