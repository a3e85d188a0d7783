import {
  adviceFor,
  brewChecks,
  checkLeft,
  expectedAt,
  type BrewCheck,
  type BrewRecipe,
  type BrewRun,
  type BrewState,
  type Expected,
  type ReadQuantity,
  type Reading,
} from '@wellhydra/core/brew';
import { VERB_TABLE, batchSteps, writtenTime, type EditedStep } from '@wellhydra/core/drink';
import { durationWords, formatNumber, readDuration, type IngredientLine } from '@wellhydra/core/quantity';
import { showMass, showVolume } from '../../domain/words/units';
import { doseWords } from '../../domain/words/dose-words';
import { capital, qualifierWords, stepTitle } from '../../domain/words/step-words';
import { quantityWords } from '../../domain/brews/reading-words';
import { differenceWords } from './readings/reading-units';
import type { Pieces } from './safeguards';
import { CHECK_GUIDES } from '../../domain/brews/step-guide';

/** What can be expected of a quantity, as it stands beside the box. */
export interface ExpectedView {
  readonly words: string;
  /** Places on the gauge, 0 to 1: the range, and what was read. */
  readonly low: number;
  readonly high: number;
  readonly dot: number | null;
}

/** A gauge shows so much beyond the range at each end, as a share of its width. */
const MARGIN = 0.9;

export function expectedView(quantity: ReadQuantity, expected: Expected, value: number | null): ExpectedView | null {
  const range = expected[quantity];
  if (!range) return null;
  const width = Math.max(range.p95 - range.p5, Math.abs(range.p50) * 0.02, 1e-6);
  const from = Math.min(range.p5 - MARGIN * width, value ?? Infinity);
  const to = Math.max(range.p95 + MARGIN * width, value ?? -Infinity);
  const at = (each: number) => (each - from) / (to - from);
  const narrow = width < Math.abs(range.p50) * 0.03;
  const low = quantityWords(quantity, range.p5);
  const high = quantityWords(quantity, range.p95);
  return {
    words:
      narrow || low === high ? `expected about ${quantityWords(quantity, range.p50)}` : `expected ${low} to ${high}`,
    low: at(range.p5),
    high: at(range.p95),
    dot: value === null ? null : at(value),
  };
}

/** What a reading means for the rest, to be taken or refused. */
export interface AdviceView {
  readonly reading: Reading;
  readonly words: string;
  readonly take: string;
  readonly keep: string;
  readonly changes: readonly { readonly step: string; readonly text: string }[];
  readonly moreMinutes: number | null;
  /** A line that is added, such as "55 mL water"; null where nothing is. */
  readonly adds: string | null;
}

/** The amount at the head of a line: "374 g" of "374 g honey". */
const amountOf = (line: string, name: string): string => {
  const words = line.split(/\s+/);
  const named = name.toLowerCase().split(/[^a-z]+/);
  const isNamed = (word: string): boolean => named.includes(word) || named.includes(word.replace(/s$/, ''));
  const end = words.findIndex((word, index) => index > 0 && isNamed(word.toLowerCase().replace(/,$/, '')));
  return words.slice(0, end > 0 ? end : 2).join(' ');
};

/** What rounding to spoons and pieces costs is worth a word from here on, as a share. */
const ROUNDING_MATTERS = 0.03;
const roundingWords = (stronger: number): string =>
  Math.abs(stronger) < ROUNDING_MATTERS
    ? ''
    : ` Measured like that it comes out ${formatNumber(Math.abs(100 * stronger), 1)} % ${stronger > 0 ? 'stronger' : 'weaker'}.`;

export function adviceView(recipe: BrewRecipe, state: BrewState, reading: Reading): AdviceView | null {
  if (state.kept.has(reading.id)) return null;
  const advice = adviceFor(recipe, state, reading);
  if (!advice) return null;
  const { amounts, moreMinutes, water_mL, stronger } = advice;
  const difference = differenceWords(advice.reading.quantity, advice.difference);
  if (water_mL !== null) {
    const adds = `${water_mL} mL water`;
    return {
      reading,
      words: `${difference}: more has boiled off. ${capital(adds)} poured back in makes up for it.`,
      take: `Pour in ${water_mL} mL`,
      keep: 'Go on as it is',
      changes: [],
      moreMinutes: null,
      adds,
    };
  }
  if (amounts.length === 0)
    return {
      reading,
      words:
        reading.quantity === 'thickness'
          ? `Too thin yet. Back on the fire, and look again on a cold spoon in ${durationWords(moreMinutes!)}.`
          : `${difference}. At this pace about ${durationWords(moreMinutes!)} more.`,
      take: `${durationWords(moreMinutes!)} more`,
      keep: 'Go on as it is',
      changes: [],
      moreMinutes,
      adds: null,
    };
  const [first] = amounts as readonly [(typeof amounts)[number]];
  const becomes = amounts.map(
    ({ name, from, to }) => `${name.toLowerCase()} becomes ${amountOf(to, name)} instead of ${amountOf(from, name)}`,
  );
  return {
    reading,
    words: `${difference}. To hold the same strength ${becomes.join(', ')}.${roundingWords(stronger)}`,
    take: amounts.length === 1 ? `Use ${amountOf(first.to, first.name)}` : 'Use these',
    keep: amounts.length === 1 ? `Keep ${amountOf(first.from, first.name)}` : 'Keep as written',
    changes: amounts.map(({ step, to }) => ({ step, text: to })),
    moreMinutes: null,
    adds: null,
  };
}

/** One step, or one look at the brew, as it fills the screen. */
export interface StepPage {
  readonly id: string;
  /** The step of the drink: itself, or what a check looks at. What is read or added here belongs to it. */
  readonly of: string;
  readonly title: string;
  /** What it comes to, how long, in what. */
  readonly facts: string;
  readonly look: string;
  readonly mind: string;
  readonly note: string;
  readonly notes: readonly string[];
  readonly optional: boolean;
  readonly left: 'done' | 'skipped' | null;
  /** What is worth reading off here, the first one asked for. */
  readonly readings: readonly ReadQuantity[];
  /** Minutes of a timer that belongs here; null where nothing is timed. */
  readonly timer_min: number | null;
  /** What goes in at this step, where it is an addition: a reading is how much of that. */
  readonly goesIn: IngredientLine | null;
  readonly pieces: Pieces;
  /** A taste step can be answered with an addition. */
  readonly canAdd: boolean;
  readonly additions: readonly { readonly id: string; readonly text: string; readonly after: string }[];
}

const LEAST_TIMER_min = 0.5;

function timerOf(step: EditedStep, minutes: number | undefined): number | null {
  const written = writtenTime(step) || (VERB_TABLE[step.verb].time === 'brief' ? step.text : '');
  const read = written ? readDuration(written) : null;
  const isFound = VERB_TABLE[step.verb].time === 'found';
  const found = read && read.kind !== 'unreadable' ? read.minutes : isFound ? minutes : undefined;
  return found !== undefined && found >= LEAST_TIMER_min ? found : null;
}

/** A look at the brew: what is read and added there is read of the step before it. */
function checkPage(check: BrewCheck, left: StepPage['left'], of: StepPage): StepPage {
  const { title, ...guide } = CHECK_GUIDES[check.kind];
  return {
    ...guide,
    id: check.id,
    of: check.of,
    title,
    facts: '',
    note: '',
    notes: [],
    optional: true,
    left,
    timer_min: null,
    goesIn: null,
    pieces: of.pieces === 'in' ? 'in' : 'none',
    canAdd: check.kind === 'taste',
    additions: check.kind === 'taste' ? of.additions : [],
  };
}

/** The pages of a brew, one a step, and one for each look between. */
export function stepPages(recipe: BrewRecipe, state: BrewState, run: BrewRun): readonly StepPage[] {
  const { entries } = run.analysis.trace;
  const entryOf = (id: string) => {
    const at = run.steps.findIndex(({ of, addition }) => of === id && addition === undefined);
    return entries.find(({ step }) => step === at);
  };
  const brixAfter = (addition: string) => {
    const at = run.steps.findIndex((step) => step.addition === addition);
    const entry = entries.find(({ step }) => step === at);
    return entry && entry.brix !== null
      ? `${formatNumber(entry.brix, 2)} °Brix, ${showVolume(entry.volume_mL ?? 0)}`
      : '';
  };
  const stepPage = (written: EditedStep): StepPage => {
    const step = { ...written, text: state.texts.get(written.id) ?? written.text };
    const entry = entryOf(step.id);
    const { guide, time, tasted } = VERB_TABLE[step.verb];
    const found = time === 'found' && entry ? `about ${durationWords(entry.minutes)}` : '';
    const facts = [
      entry?.line &&
        entry.added_g !== undefined &&
        (entry.asMeasured ? `${showMass(entry.added_g)} went in` : doseWords(entry.line, entry.added_g)),
      qualifierWords(step),
      found,
      state.texts.has(step.id) && `written: ${written.text}`,
    ];
    return {
      id: step.id,
      of: step.id,
      title: stepTitle(step),
      facts: capital(facts.filter(Boolean).join(' · ')),
      look: guide.look,
      mind: guide.mind,
      note: step.note ?? '',
      notes: (entry?.notes ?? []).map(({ text }) => text),
      optional: step.optional === true,
      left: state.left.get(step.id)?.how ?? null,
      readings: guide.readings,
      timer_min: timerOf(step, entry?.minutes),
      goesIn: entry?.line ?? null,
      pieces: (entry?.pot.pieces_g ?? 0) >= 1 ? 'in' : (entry?.strained_g ?? 0) >= 1 ? 'out' : 'none',
      canAdd: tasted,
      additions: state.additions
        .filter((each) => each.step === step.id)
        .map(({ id, text }) => ({ id, text, after: brixAfter(id) })),
    };
  };
  const checks = brewChecks(recipe, run);
  return batchSteps(recipe.document).flatMap((written) => {
    const page = stepPage(written);
    const looks = checks.filter(({ of }) => of === page.id);
    return [page, ...looks.map((check) => checkPage(check, checkLeft(recipe, state, check)?.how ?? null, page))];
  });
}

/** What can be expected at a step, without what was already read there. */
export const expectedHere = (recipe: BrewRecipe, state: BrewState, step: string): Expected =>
  expectedAt(recipe, { ...state, readings: state.readings.filter((each) => each.step !== step) }, step);
