import type { DrinkStep, Verb } from '../drink';
import { isUnreadable, readAmount } from '../quantity';
import type { Read } from '../read';

/** A step, and the line it comes from. */
export interface Placed {
  readonly step: DrinkStep;
  readonly line: number;
  /** The line that says when: of what is listed, the step that takes it. */
  readonly by: number;
  readonly read: Read;
  readonly confidence: number;
  readonly atServing: boolean;
}

/** What is done with all that its sentence names. */
const DONE_WITH_ALL = new Set<Verb>(['press', 'blend', 'mash', 'mill', 'simmer', 'boil', 'soak', 'shake']);

/** Places of the steps of a sentence, things before what is done with all of them: "feed the juicer: carrots, then celery". */
export function inOrder(reads: readonly Read[]): readonly number[] {
  const places = reads.map((_, at) => at);
  if (!reads[0] || !DONE_WITH_ALL.has(reads[0].verb)) return places;
  const until = reads.findIndex(({ verb, grams }, at) => at > 0 && (verb !== 'add' || grams !== null));
  const named = until < 0 ? places.slice(1) : places.slice(1, until);
  return [...named, 0, ...places.slice(named.length + 1)];
}

/** The amount of a `use`: its number and its unit. */
export const amountOf = ({ text }: DrinkStep): string => text.split(' ').slice(0, 2).join(' ');

export const NOTHING: Read = {
  verb: 'store',
  ingredient: null,
  form: null,
  grams: null,
  p5: null,
  p95: null,
  relative: null,
  minutes: null,
  celsius: null,
  with: {},
};

/** Where something is kept, as a step says it. */
export const keptAt = (place: string | undefined): string =>
  place === 'dark cupboard' || place === 'room' ? 'cupboard' : (place ?? 'fridge');

/** Bottles of no said size are as many as it takes, and have their date where the recipe says so. */
export function bottled(placed: readonly Placed[], volume_mL: number | null, dated: boolean): readonly Placed[] {
  const note = dated ? { note: 'label with the date' } : {};
  return placed.map((each) => {
    if (each.step.verb !== 'bottle') return each;
    const size = readAmount(/^1 x (\S+ \S+)/.exec(each.step.text)?.[1] ?? '');
    const size_mL = isUnreadable(size) ? SOME_BOTTLE_mL : size.value * size.unit.size;
    const count = Math.max(1, Math.ceil((volume_mL ?? 0) / (FILLED * size_mL)));
    const text = each.read.with.bottles === 'unsaid' ? each.step.text.replace(/^1 x/, `${count} x`) : each.step.text;
    return { ...each, step: { ...each.step, text, ...note } };
  });
}

/** What the reader takes for a bottle of which nobody has said the size. */
const SOME_BOTTLE_mL = 500;
/** A bottle is filled so far, below its headspace. */
const FILLED = 0.94;

/** The part that "half of the honey" and "the rest" are of what is listed. */
export function shareOf(relative: string | null): number | 'rest' | undefined {
  if (relative === 'the rest') return 'rest';
  const part = /^(0\.\d+) of it$/.exec(relative ?? '')?.[1];
  return part === undefined ? undefined : Number(part);
}
