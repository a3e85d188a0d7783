import type { BrewRun, LogbookBrew } from '@wellhydra/contract';
import { brewRecipe, brewState, runBrew, type BrewRun as RunOfBrew } from '@wellhydra/core/brew';
import { compareSteps } from '@wellhydra/core/compare';
import { durationWords, formatNumber } from '@wellhydra/core/quantity';
import { afterWords, stepTitle } from '../../../domain/words/step-words';
import { facingPots } from '../../drink/compare/facing-rows';
import type { FacingRow, FacingStream } from '../../drink/compare/facing-streams';
import { rowView } from '../logbook-view';

/** Two brews step by step, and how each really went. */
export interface ComparedBrews {
  readonly rows: readonly FacingRow[];
  readonly streams: readonly [FacingStream, FacingStream];
}

const runOf = ({ recipe, events }: BrewRun): RunOfBrew => runBrew(brewRecipe(recipe), brewState(events));

function wordsOf(run: RunOfBrew, index: number): string {
  const step = run.steps[index];
  const entry = run.analysis.trace.entries.find((each) => each.step === index);
  if (!step) return '';
  return [stepTitle(step), entry ? afterWords(entry) : ''].filter(Boolean).join(' · ');
}

/** Two brews as they went: step beside step, and how wide the pot was in each. */
export function compareBrews(a: BrewRun, b: BrewRun): ComparedBrews {
  const [one, other] = [runOf(a), runOf(b)];
  const compared = compareSteps(one.steps, other.steps, one.analysis.options);
  const next = { one: 0, other: 0 };
  const rows = compared.map(({ kind, first, second }, row): FacingRow => ({
    key: String(row),
    kind,
    first: first ? wordsOf(one, next.one++) : '',
    second: second ? wordsOf(other, next.other++) : '',
  }));
  return { rows, streams: facingPots(compared, [one.analysis, other.analysis]) };
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
