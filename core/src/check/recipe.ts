import type { DrinkStep } from '../drink';
import { AT_SERVING, EVERYTHING, type Read, type Reading } from '../read';

/** An ingredient of the list, until a step takes it. */
export interface Listed {
  readonly line: number;
  readonly step: DrinkStep;
  readonly read: Read;
  readonly confidence: number;
  taken: boolean;
}

/** A step, and the line it comes from. */
export interface Placed {
  readonly step: DrinkStep;
  readonly line: number;
  readonly read: Read;
  readonly confidence: number;
  readonly atServing: boolean;
}

const wordsOf = (name: string): readonly string[] =>
  name
    .toLowerCase()
    .replace(/[^a-z ]/g, ' ')
    .split(/\s+/)
    .filter((word) => word.length > 2 && !PLAIN.has(word))
    .map((word) => word.replace(/(?:ies)$/, 'y').replace(/(?:es|s)$/, ''));
const PLAIN = new Set('fresh dried whole ground fine raw leaf root white juice peel and the tap water'.split(' '));

/** Whether a sentence speaks of something in the list. */
function speaksOf(sentence: string, { read, step }: Listed): boolean {
  const said = sentence.toLowerCase();
  if (read.ingredient?.includes('water')) return /\bwater\b/.test(said);
  const names = wordsOf(`${read.ingredient ?? ''} ${step.text}`);
  return names.some((name) => new RegExp(`\\b${name}`).test(said));
}

/** What is done to things before they go in. */
const BEFORE_THE_POT = new Set(['wash', 'remove', 'store', 'bottle']);

const WAITS = new Set<DrinkStep['verb']>(['infuse', 'steep', 'rest']);
const storedAt = (place: string): DrinkStep => ({
  verb: 'store',
  text: place === 'dark cupboard' ? 'cupboard' : place,
});
/** How the reader writes a bottle of which nobody has said the size. */
const SOME_BOTTLE = '1 x 500 mL bottle';
const SOME_BOTTLE_mL = 470;

/** Bottles of no said size are as many as it takes, and have their date where the recipe says so. */
export function bottled(placed: readonly Placed[], volume_mL: number | null, dated: boolean): readonly Placed[] {
  const note = dated ? { note: 'label with the date' } : {};
  return placed.map((each) => {
    if (each.step.verb !== 'bottle') return each;
    const count = Math.max(1, Math.ceil((volume_mL ?? 0) / SOME_BOTTLE_mL));
    const text = each.step.text === SOME_BOTTLE ? `${count} x 500 mL bottle` : each.step.text;
    return { ...each, step: { ...each.step, text, ...note } };
  });
}

/** A recipe while it is read: what is listed, and what the steps take of it. */
export class Recipe {
  readonly listed: Listed[] = [];
  readonly placed: Placed[] = [];
  /** What a step names without an amount, and no list has. */
  readonly unlisted: { readonly line: number; readonly text: string }[] = [];

  list(line: number, { steps, reads, confidence }: Reading, text: string): void {
    steps.forEach((step, index) => {
      const read = reads[index]!;
      // What is done to it before it goes in changes no amount.
      if (read.verb !== 'add') return;
      if (AT_SERVING.test(text)) this.place(line, step, read, confidence, true);
      else this.listed.push({ line, step, read, confidence, taken: false });
    });
  }

  /** What was named last and has not gone in: what "them" means. */
  private spokenOf: readonly Listed[] = [];

  private place(line: number, step: DrinkStep, read: Read, confidence: number, atServing = false): void {
    this.placed.push({ line, step, read, confidence, atServing });
  }

  private take(item: Listed): void {
    if (item.taken) return;
    item.taken = true;
    this.place(item.line, item.step, item.read, item.confidence);
  }

  /** A sentence of the method: what it names of the list goes in, then it is done. */
  do(line: number, { steps, reads, confidence }: Reading, text: string): void {
    const all = EVERYTHING.test(text);
    const but = /\b(?:bar|except|but|apart from) (.+)$/i.exec(text)?.[1]?.split(/[,.]| in /)[0];
    const named = this.listed.filter(
      (item) => !item.taken && (all ? but === undefined || !speaksOf(but, item) : speaksOf(text, item)),
    );
    const first = reads.findIndex(({ verb }) => verb !== 'add');
    const draws = first < 0 || !BEFORE_THE_POT.has(reads[first]!.verb);
    // "Rinse the berries. Put them in the pot."
    if (draws && /\b(?:them|it|these)\b/i.test(text)) this.spokenOf.forEach((item) => this.take(item));
    if (draws) named.forEach((item) => this.take(item));
    this.spokenOf = draws ? [] : named;
    steps.forEach((step, index) => {
      const read = reads[index]!;
      if (step.verb !== 'add') {
        // What stands in the fridge once it is bottled is kept there.
        const kept =
          WAITS.has(step.verb) && step.at !== undefined && this.placed.some((each) => each.step.verb === 'bottle');
        return this.place(line, kept ? storedAt(step.at!) : step, kept ? { ...read, verb: 'store' } : read, confidence);
      }
      const known = this.listed.find((item) => item.read.ingredient === read.ingredient);
      // What is listed goes in as it is listed; a mention of it is no second helping.
      if (known) return;
      if (read.grams === null && read.relative === null) return void this.unlisted.push({ line, text: step.text });
      this.place(line, step, read, confidence);
    });
  }

  /** What no step has named goes in before the first thing that is done to the pot. */
  rest(): readonly Listed[] {
    const left = this.listed.filter(({ taken }) => !taken);
    const at = this.placed.findIndex(({ step }) => step.verb !== 'add' && !BEFORE_THE_POT.has(step.verb));
    const rest = left.map(({ line, step, read, confidence }): Placed => ({
      line,
      step,
      read,
      confidence,
      atServing: false,
    }));
    this.placed.splice(at < 0 ? this.placed.length : at, 0, ...rest);
    return left;
  }
}
