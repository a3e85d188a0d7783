import type { Analysis } from '@wellhydra/core/analyse';
import { batchSteps, documentDrink, type DrinkDocument, type EditedStep } from '@wellhydra/core/drink';
import { formatNumber, formatVolume, readAmount } from '@wellhydra/core/quantity';
import { measurableLine, resizeFactor, resizeHints, scaleSteps, type ResizeGoal } from '@wellhydra/core/resize';
import type { RunContext } from '../../../domain/run/run-context';
import { analyseDocument } from '../../../domain/run/analyse-document';
import { usesOthers } from '../../../domain/run/used-documents';
import { yieldWords } from '../../../domain/words/yield-words';
import { stepTitle } from '../../../domain/words/step-words';

export type ResizeMode = ResizeGoal['kind'];

/** What is typed for a goal, as it is typed. */
export interface ResizeForm {
  readonly mode: ResizeMode;
  readonly servings: string;
  readonly volume: string;
  readonly count: string;
  readonly container: string;
  readonly line: string;
  readonly pot: string;
}

export type ResizeView =
  | { readonly kind: 'wrong'; readonly message: string }
  | {
      readonly kind: 'resized';
      readonly document: DrinkDocument;
      readonly factor: string;
      readonly comesTo: string;
      readonly changes: readonly { readonly id: string; readonly was: string; readonly is: string }[];
      readonly hints: readonly string[];
    };

function goalOf(form: ResizeForm, { settings }: RunContext): ResizeGoal | string {
  if (form.mode === 'servings') {
    const servings = Number(form.servings.replace(',', '.'));
    return servings > 0 ? { kind: 'servings', servings } : 'How many servings? Write a number above 0.';
  }
  if (form.mode === 'volume') {
    const amount = readAmount(form.volume);
    if ('kind' in amount) return amount.message;
    if (amount.unit.dimension !== 'volume' && amount.unit.dimension !== 'mass') return 'Write a volume, such as 2 L.';
    return { kind: 'volume', volume_mL: amount.value * amount.unit.size };
  }
  if (form.mode === 'bottles') {
    const container = settings.containers.find(({ name }) => name === form.container) ?? settings.containers[0];
    const count = Number(form.count);
    if (!container) return 'There are no bottles in your kitchen yet. Add some under Kitchen.';
    if (!(Number.isInteger(count) && count > 0)) return 'How many bottles? Write a whole number.';
    return { kind: 'bottles', count, size_mL: container.size_mL, headspace_mL: container.size_mL * HEADSPACE };
  }
  if (form.mode === 'use-up') return { kind: 'use-up', line: form.line };
  const pot = settings.pots.find(({ name }) => name === form.pot) ?? settings.pots[0];
  return pot
    ? { kind: 'pot', holds_mL: pot.holds_mL }
    : 'There are no pots in your kitchen yet. Add one under Kitchen.';
}
/** Air left at the top of a bottle, share of its size. */
const HEADSPACE = 0.03;

/** Nearer to its size than this is its size. */
const THE_SAME = 0.015;

/** What a drink becomes at another size; nothing is changed until it is taken. */
export function resizeView(
  document: DrinkDocument,
  before: Analysis,
  form: ResizeForm,
  context: RunContext,
): ResizeView {
  const goal = goalOf(form, context);
  if (typeof goal === 'string') return { kind: 'wrong', message: goal };
  const preparations = usesOthers(document) ? context.preparationsFor(document.name) : undefined;
  const found = resizeFactor(documentDrink(document, preparations), goal, context.options);
  if (found.kind === 'cannot') return { kind: 'wrong', message: found.because };
  if (Math.abs(found.factor - 1) < THE_SAME) return { kind: 'wrong', message: 'That is its size now.' };
  const batch = batchSteps(document);
  // Additions as hands can measure them; what they come to is run anew below.
  const measured = (step: EditedStep, index: number): EditedStep => {
    const line =
      step.verb === 'add'
        ? measurableLine(batch[index]!.text, found.factor, context.settings, context.options)
        : undefined;
    return line === undefined ? step : { ...step, text: line };
  };
  const scaled = new Map(
    scaleSteps(batch, found.factor, context.options)
      .steps.map(measured)
      .map((step) => [step.id, step]),
  );
  const resized = { ...document, steps: document.steps.map((step) => scaled.get(step.id) ?? step) };
  const after = analyseDocument(resized, context);
  const { total, servings } = yieldWords(after);
  return {
    kind: 'resized',
    document: resized,
    factor: `× ${formatNumber(found.factor)}`,
    comesTo: `${total}, ${servings} × ${after.serving?.text ?? document.serving}`,
    changes: batch.flatMap((step) => {
      const is = scaled.get(step.id)!;
      return is === step || (is.text === step.text && is.in === step.in)
        ? []
        : [{ id: step.id, was: step.in ?? stepTitle(step), is: is.in ?? stepTitle(is) }];
    }),
    hints: resizeHints(before, after, found.factor).map(({ text }) => text),
  };
}

/** Fewer than these are no number of servings to begin with. */
const LEAST_SERVINGS = 0.1;

/** What the form begins with: servings as they are, also 4.1 of them. */
export function resizeForm(analysis: Analysis, { settings }: RunContext): ResizeForm {
  const { liquid, serving } = analysis;
  return {
    mode: 'servings',
    servings: serving && serving.servings >= LEAST_SERVINGS ? yieldWords(analysis).servings : '4',
    volume: liquid ? formatVolume(liquid.volume_mL) : '1 L',
    count: '2',
    container: settings.containers[0]?.name ?? '',
    line: '',
    pot: settings.usualPot,
  };
}
