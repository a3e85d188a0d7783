import type { Analysis } from '@wellhydra/core/analyse';
import { type DrinkDocument, type DrinkStep, type EditedStep, lineFromStep } from '@wellhydra/core/drink';
import { readIngredientLine, type LineOptions, type Unreadable } from '@wellhydra/core/quantity';
import { answersOf, typedLine, type Reading } from '@wellhydra/core/read';
import { showVolume } from '../../../domain/words/units';
import { doseWords } from '../../../domain/words/dose-words';
import { afterWords, capital, qualifierWords, stepDetails, stepTitle } from '../../../domain/words/step-words';

/** A step as it is drawn: what was understood, what it does to the pot, or what is wrong. */
export interface StepView {
  readonly id: string;
  /** Place among all steps, and among those of the batch; null for what is done to each glass. */
  readonly index: number;
  readonly batchIndex: number | null;
  readonly step: EditedStep;
  /** The line it is edited as. */
  readonly line: string;
  /** What is on the row when it is not being edited. */
  readonly title: string;
  /** What it comes to: grams, spoons, spread, time, steam. */
  readonly details: string;
  /** What is in the pot afterwards, in grams or mL. */
  readonly after: string;
  readonly optional: boolean;
  readonly note: string;
  readonly notes: readonly string[];
  readonly problem: { readonly message: string; readonly suggestions: readonly string[] } | null;
}

/** How a line was read is said whatever else is open. */
const ASSUMED = 'assumed';

/** Steps as rows, with what the run of the drink says about each. */
export function stepsView(document: DrinkDocument, analysis: Analysis): readonly StepView[] {
  let batch = 0;
  // A line that is not read yet could change anything: nothing is advised from the rest.
  const partial = analysis.problems.some(({ step, text }) => step !== null && text.trim() !== '');
  return document.steps.map((step, index): StepView => {
    const batchIndex = step.atServing ? null : batch++;
    const entry = batchIndex === null ? undefined : analysis.trace.entries.find((each) => each.step === batchIndex);
    const problem =
      batchIndex === null
        ? analysis.problems.find((each) => each.step === null && each.text !== '' && step.text.includes(each.text))
        : analysis.problems.find((each) => each.step === batchIndex);
    const notes =
      batchIndex === null
        ? []
        : analysis.findings
            .filter(({ step: at, open, code }) => at === batchIndex && !open && (!partial || code === ASSUMED))
            .map(({ text }) => text);
    return {
      id: step.id,
      index,
      batchIndex,
      step,
      line: lineFromStep(step),
      title: stepTitle(step),
      details: entry ? stepDetails(step, entry) : step.atServing ? glassDetails(step, analysis.options) : '',
      after: entry ? afterWords(entry) : '',
      optional: step.optional === true,
      note: step.note ?? '',
      notes,
      problem: problem ? { message: problem.message, suggestions: problem.suggestions } : null,
    };
  });
}

/** What is found of the drink as a whole, and what a sheet without an end still lacks. */
export function wholeView({ findings }: Analysis): readonly string[] {
  const whole = findings.filter(({ step, open }) => step === null && !open).map(({ text }) => text);
  const open = findings.filter((finding) => finding.open).map(({ text }) => `Before it is finished: ${text}`);
  return [...whole, ...open];
}

/** What an addition to a glass weighs. */
const glassDetails = (step: EditedStep, options: LineOptions): string => comesTo(step, options);

export type ComposerView =
  | { readonly kind: 'empty' }
  | { readonly kind: 'understood'; readonly text: string; readonly details: string }
  | { readonly kind: 'problem'; readonly message: string; readonly suggestions: readonly string[] };

/** What is made of a line while it is being typed. */
export function composerView(line: string, options: LineOptions = {}): ComposerView {
  if (line.trim() === '') return { kind: 'empty' };
  const { steps, reading, taken } = typedLine(line, options);
  if (taken)
    return {
      kind: 'understood',
      text: steps.map((step) => titleAndDose(step, options)).join(' · '),
      details: '',
    };
  const asked = reading ? askedView(reading) : null;
  if (asked) return asked;
  const [step] = steps as readonly [DrinkStep];
  if (step.verb !== 'add') return { kind: 'understood', text: stepTitle(step), details: qualifierWords(step) };
  const read = readIngredientLine(step.text, options);
  if (read.kind === 'unreadable') return problemView(read);
  const { dose } = read;
  const details =
    dose.kind === 'mass'
      ? doseWords(read, dose.mass_g)
      : dose.kind === 'fill'
        ? `filled up to ${showVolume(dose.volume_mL)}`
        : 'as much as there is room for when its turn comes';
  return {
    kind: 'understood',
    text: capital(read.understood),
    details: [details, ...read.assumed].filter(Boolean).join(' · '),
  };
}

/** What an addition weighs. */
function comesTo({ verb, text }: DrinkStep, options: LineOptions): string {
  const line = verb === 'add' ? readIngredientLine(text, options) : null;
  return line?.kind === 'read' && line.dose.kind === 'mass' ? doseWords(line, line.dose.mass_g) : '';
}

function titleAndDose(step: DrinkStep, options: LineOptions): string {
  const dose = comesTo(step, options);
  return dose ? `${stepTitle(step)} (${dose})` : stepTitle(step);
}

/** A line that is understood but for a question: what is asked, and the lines that answer it. */
function askedView(reading: Reading): ComposerView | null {
  const { steps, question } = reading;
  const [first, ...more] = steps;
  const edits = answersOf(reading).map(({ edit }) => edit);
  if (!first)
    return question && edits.length > 0 ? { kind: 'problem', message: question.ask, suggestions: edits } : null;
  if (question === null)
    return more.length > 0
      ? null
      : { kind: 'problem', message: 'Is this what is meant?', suggestions: [lineFromStep(first)] };
  return { kind: 'problem', message: question.ask, suggestions: edits };
}

function problemView({ message, suggestions }: Unreadable): ComposerView {
  return { kind: 'problem', message, suggestions };
}
