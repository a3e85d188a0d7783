import type { CheckFinding, RecipeCheck } from '@wellhydra/core/check';
import { readDrink, type Drink, type DrinkStep } from '@wellhydra/core/drink';
import { capital, qualifierWords, stepTitle } from '../../domain/words/step-words';
import { showMass } from '../../domain/words/units';

/** How a line of the source stands: read for certain, read with less, asked about, with a slip in it, or no part of the drink. */
export type LineTone = 'certain' | 'likely' | 'asked' | 'slip' | 'aside';

export interface LineView {
  readonly text: string;
  readonly tone: LineTone;
  /** Steps that come of it, by their places in the column. */
  readonly steps: readonly number[];
  /** An empty line stands before it. */
  readonly apart: boolean;
}

export interface StepView {
  readonly title: string;
  readonly detail: string;
  /** It goes into each glass, or is made beforehand. */
  readonly where: string;
}

/** A slip: what it says, what comes of it, what to do. */
export interface SlipView {
  readonly key: string;
  readonly harm: CheckFinding['harm'];
  readonly says: string;
  readonly text: string;
  readonly line: number | null;
  /** The text as it would be without it, what the button says, and what the line would say; empty where it goes. */
  readonly repair: { readonly label: string; readonly text: string; readonly would: string } | null;
}

export interface AskView {
  readonly key: string;
  readonly line: number;
  readonly about: string;
  readonly ask: string;
  readonly choices: readonly { readonly says: string; readonly text: string }[];
  /** An amount that is typed makes this text. */
  readonly withAmount: ((amount: string) => string) | null;
}

export interface CheckView {
  readonly title: string;
  readonly drink: Drink | null;
  readonly lines: readonly LineView[];
  readonly steps: readonly StepView[];
  readonly asks: readonly AskView[];
  readonly slips: readonly SlipView[];
  /** All repairs at once: how many lines they change, and the text they make; null where there is at most one. */
  readonly repairAll: { readonly count: number; readonly text: string } | null;
  /** Why it cannot be kept as a drink; null where it can. */
  readonly unkept: string | null;
  /** "10 of 12 lines certain". */
  readonly certain: string;
}

/** From this chance on a line is shown as certain. */
const CERTAIN = 0.95;
const SURELY_NOTHING = new Set(['title', 'heading', 'chatter']);

/** A text with one of its lines in other words; a line that goes takes its end with it. */
export function withLine(
  text: string,
  { start, end }: { readonly start: number; readonly end: number },
  edit: string,
): string {
  const said = text.slice(start, end);
  // What stands before the words of a line, a bullet or a number, stays.
  const lead = edit === '' ? '' : (/^\s*(?:[-*•]|\(?\d{1,2}[.)])?\s*/.exec(said)?.[0] ?? '');
  const after = edit === '' && text[end] === '\n' ? end + 1 : end;
  return `${text.slice(0, start)}${lead}${edit}${text.slice(after)}`;
}

type Line = RecipeCheck['lines'][number];

function toneOf(line: Line, index: number, asked: ReadonlySet<number>, wrong: ReadonlySet<number>): LineTone {
  if (wrong.has(index)) return 'slip';
  if (asked.has(index)) return 'asked';
  if (SURELY_NOTHING.has(line.role)) return 'aside';
  return line.confidence >= CERTAIN || line.role === 'serves' || line.role === 'keeps' || line.role === 'claim'
    ? 'certain'
    : 'likely';
}

const drinkOf = (check: RecipeCheck): Drink | null => {
  const read = readDrink(check.drink);
  return read.kind === 'drink' ? read.drink : null;
};

function detailOf(step: DrinkStep, grams: number | null | undefined): string {
  const mass = step.verb === 'add' && typeof grams === 'number' ? showMass(grams) : '';
  return [mass, qualifierWords(step)].filter(Boolean).join(' · ');
}

/** The steps of a drink in the order in which they are done, with those of its parts first. */
function stepsOf(drink: Drink, check: RecipeCheck): readonly StepView[] {
  const row = (step: DrinkStep, where: string, grams?: number | null): StepView => ({
    title: stepTitle(step),
    detail: detailOf(step, grams),
    where,
  });
  const gramsAt = (at: number) => check.ingredients.find(({ step }) => step === at)?.grams;
  return [
    ...drink.steps.map((step, at) => row(step, '', gramsAt(at))),
    ...Object.entries(drink.preparations ?? {}).flatMap(([name, part]) =>
      part.steps.map((step) => row(step, `beforehand: ${name}`)),
    ),
    ...(drink.atServing ?? []).map((step) => row(step, 'into each glass')),
  ];
}

/** Codes of findings that only repeat what a question asks. */
const ASKED_ANYWAY = new Set(['assumed', 'used-never-listed', 'amount-disagrees']);
const LABELS: Readonly<Record<string, string>> = {
  'listed-never-used': 'Strike it',
  'not-for-them': 'Take the line out',
  'servings-disagree': 'Correct the count',
  'temperature-unlikely': 'Write it in °C',
};

function slipOf(check: RecipeCheck, text: string, finding: CheckFinding, at: number): SlipView {
  const { code, harm, says, comesOf, line, repair } = finding;
  const mended = line === null || repair === null ? null : withLine(text, check.lines[line]!, repair);
  return {
    key: `${code}-${at}`,
    harm,
    says: capital(says),
    text: [comesOf, finding.do].filter(Boolean).join(' '),
    line,
    repair:
      mended === null || mended === text
        ? null
        : { label: LABELS[code] ?? 'Repair it', text: mended, would: repair ?? '' },
  };
}

/** The text with every repair in it; of two for one line the first, which is the graver. */
function repairedAll(check: RecipeCheck, text: string): CheckView['repairAll'] {
  const byLine = new Map<number, string>();
  for (const { line, repair } of check.findings)
    if (line !== null && repair !== null && !byLine.has(line)) byLine.set(line, repair);
  if (byLine.size < 2) return null;
  // From the end on, so that what stands before keeps its place.
  const last = [...byLine].sort(([a], [b]) => check.lines[b]!.start - check.lines[a]!.start);
  return {
    count: byLine.size,
    text: last.reduce((said, [line, edit]) => withLine(said, check.lines[line]!, edit), text),
  };
}

/** A drink of the kitchen holds so many steps. */
const MOST_STEPS = 200;
function whyUnkept(drink: Drink | null): string | null {
  const count = (drink?.steps.length ?? 0) + (drink?.atServing?.length ?? 0);
  if (!drink || drink.steps.length === 0) return 'Nothing of it is a step yet: say what goes in, and what is done.';
  return count > MOST_STEPS ? `A drink holds ${MOST_STEPS} steps, and this has ${count}: make two of it.` : null;
}

/** Where a line of the list is put in: behind the last that is there, else behind the title. */
function listEnd(check: RecipeCheck, text: string): number {
  const last =
    check.lines.findLast(({ role }) => role === 'ingredient') ?? check.lines.find(({ role }) => role === 'title');
  const end = last?.end ?? 0;
  const line = text.indexOf('\n', end);
  return line < 0 ? text.length : line;
}

/**
 * A recipe that was checked, as it is shown.
 *
 * @param check of the text
 * @param text as it was checked
 */
export function checkView(check: RecipeCheck, text: string): CheckView {
  const drink = drinkOf(check);
  const asked = new Set(check.questions.map(({ line }) => line));
  const findings = check.findings.filter(
    ({ code, line }) => !ASKED_ANYWAY.has(code) && !(code === 'not-understood' && line !== null && asked.has(line)),
  );
  const wrong = new Set(findings.flatMap(({ line, harm }) => (line !== null && harm !== 'note' ? [line] : [])));
  const steps = drink ? stepsOf(drink, check) : [];
  const lines = check.lines.map((line, index): LineView => ({
    text: line.text,
    tone: toneOf(line, index, asked, wrong),
    steps: line.steps,
    apart: index > 0 && /\n\s*\n/.test(text.slice(check.lines[index - 1]!.end, line.start + 1)),
  }));
  const meant = lines.filter(({ tone }) => tone !== 'aside');
  const certain = meant.filter(({ tone }) => tone === 'certain');
  const insert = listEnd(check, text);
  return {
    title: drink?.name ?? '',
    drink,
    lines,
    steps,
    asks: check.questions.map(({ line, ask, choices, amountOf }, at): AskView => ({
      key: `${line}-${at}`,
      line,
      about: check.lines[line]!.text,
      ask,
      choices: choices.map(({ says, edit }) => ({ says, text: withLine(text, check.lines[line]!, edit) })),
      withAmount:
        amountOf === null
          ? null
          : (amount) => `${text.slice(0, insert)}\n${amount.trim()} ${amountOf}${text.slice(insert)}`,
    })),
    repairAll: repairedAll(check, text),
    unkept: whyUnkept(drink),
    slips: findings.map((finding, at) => slipOf(check, text, finding, at)),
    certain: `${certain.length} of ${meant.length} lines certain`,
  };
}
