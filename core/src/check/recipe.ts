import type { DrinkStep, Verb } from '../drink';
import {
  OF_EACH,
  PUT_IN,
  WEIGHED,
  AT_SERVING,
  BUT,
  EVERYTHING,
  FOR_WASHING,
  MADE_READY,
  PRONOUNS,
  REASON,
  placeIn,
  type Read,
  type Reading,
} from '../read';
import { NOTHING, amountOf, inOrder, keptAt, shareOf, type Placed } from './placed';
import { isSaidOf, isTaken, saidOf, sameAmount, sameThing, speaksOf, type Listed } from './listed';

/** What a step names, of which no amount is known. */
export interface Unlisted {
  readonly line: number;
  readonly text: string;
}

/** An amount that stands in the list and in a step, and is not the same. */
export interface Differing {
  readonly listed: Listed;
  readonly line: number;
  readonly said: string;
  /** More is put in than is listed. */
  readonly over: boolean;
}

/** What is done to things before they go in. */
const BEFORE_THE_POT = new Set<Verb>(['wash', 'store', 'bottle', 'freeze']);
/** What is done to a pot that has everything in it: a sentence that begins so puts nothing in. */
const DRAWS_NOTHING = new Set<Verb>([
  'remove',
  'strain',
  'skim',
  'draw',
  'cool',
  'chill',
  'process',
  ...BEFORE_THE_POT,
]);
const WAITS = new Set<Verb>(['infuse', 'steep', 'rest', 'chill']);
const HOT = new Set<Verb>(['simmer', 'boil', 'reduce']);
/** What may be done in a glass. */
const IN_THE_GLASS = new Set<Verb>(['add', 'stir', 'dissolve', 'shake', 'carbonate']);

/** A recipe, or a part of it that is made by itself, while it is read: what is listed, and what the steps take of it. */
export class Recipe {
  readonly listed: Listed[] = [];
  readonly placed: Placed[] = [];
  readonly unlisted: Unlisted[] = [];
  readonly differing: Differing[] = [];
  /** How much of the drink goes into a glass, where a line says so: "20 mL of the base". */
  serving: string | null = null;
  /** What was named last and has not gone in: what "them" means. */
  private spokenOf: readonly Listed[] = [];
  /** The sentence that is being done. */
  private at: number | null = null;

  /** A line of the list. */
  list(line: number, { steps, reads, confidence }: Reading, text: string, atServing: boolean): void {
    if (FOR_WASHING.test(text)) return;
    steps.forEach((step, index) => {
      const read = reads[index]!;
      // What is done to it before it goes in changes no amount.
      if (read.verb !== 'add' && read.verb !== 'use') return;
      if (read.verb === 'add' && read.grams === null && read.relative === null)
        return void this.unlisted.push({ line, text: step.text });
      if (read.grams !== null) this.forget(read.ingredient);
      const served = atServing || AT_SERVING.test(text);
      const item: Listed = { line, step, read, confidence, atServing: served, gone: 0 };
      if (served) this.pour(item, step);
      else this.listed.push(item);
    });
  }

  /** What was listed in parts is listed in figures: "1 part ginger … 250 g ginger". */
  private forget(ingredient: string | null): void {
    const relative = this.listed.findIndex(
      ({ read }) => read.relative !== null && sameThing(read.ingredient, ingredient),
    );
    if (relative >= 0) this.listed.splice(relative, 1);
    const bare = this.unlisted.findIndex(({ text }) => sameThing(text, ingredient));
    if (bare >= 0) this.unlisted.splice(bare, 1);
  }

  private place(line: number, step: DrinkStep, read: Read, confidence: number, atServing = false): void {
    this.placed.push({ line, by: this.at ?? line, step, read, confidence, atServing });
  }

  private pour(item: Listed, step: DrinkStep): void {
    const { line, read, confidence } = item;
    item.gone = 1;
    if (read.verb === 'use') this.serving ??= amountOf(step);
    else this.place(line, step, read, confidence, true);
  }

  private take(item: Listed): void {
    if (isTaken(item)) return;
    const { line, step, read, confidence, gone } = item;
    item.gone = 1;
    if (gone === 0 || read.grams === null) return this.place(line, step, read, confidence);
    // A part of it has gone in before: this is the rest.
    const grams = read.grams * (1 - gone);
    const text = `${Number(grams.toPrecision(4))} g ${read.ingredient ?? ''}`;
    this.place(line, { ...step, text }, { ...read, grams }, confidence);
  }

  /** What a sentence names goes in before it is done; what it puts in itself goes in where it says so. */
  do(line: number, reading: Reading, sentence: string): void {
    const { steps, reads, confidence } = reading;
    const text = sentence.replace(REASON, '');
    this.at = line;
    const all = EVERYTHING.test(text);
    const but = all ? BUT.exec(text)?.[1]?.split(/[,.]| (?:in|go|goes|into) /)[0] : undefined;
    const open = this.listed.filter((item) => !isTaken(item));
    const named = open.filter((item) => (all ? but === undefined || !speaksOf(but, item) : speaksOf(text, item)));
    const first = reads.find(({ verb }) => verb !== 'add');
    const ready = this.isReady(text, reads);
    const draws = !ready && (first === undefined || !DRAWS_NOTHING.has(first.verb) || reads[0]!.verb === 'add');
    // "Rinse the berries. Put them in the pot."
    const pronoun = PRONOUNS.exec(text)?.[0]?.toLowerCase();
    if (draws && pronoun && (pronoun !== 'it' || this.spokenOf.length === 1))
      this.spokenOf.forEach((item) => this.take(item));
    const putIn = (item: Listed): boolean =>
      reads.some(
        ({ verb, ingredient }) =>
          (verb === 'add' && sameThing(ingredient, item.read.ingredient)) ||
          (verb === 'use' && isSaidOf(ingredient ?? '', item)),
      );
    if (draws) named.filter((item) => all || !putIn(item)).forEach((item) => this.take(item));
    this.spokenOf = draws ? [] : named;
    if (ready) return;
    const each = OF_EACH.test(text);
    const kept = (index: number): boolean =>
      but === undefined ||
      reads[index]!.verb !== 'add' ||
      !this.listed.some((item) => sameThing(item.read.ingredient, reads[index]!.ingredient) && speaksOf(but, item));
    for (const index of inOrder(reads))
      if (kept(index)) this.step(line, steps[index]!, reads[index]!, confidence, each);
  }

  /** Whether a sentence only makes things ready: "weigh the powders on a 0.1 g scale". */
  private isReady(text: string, reads: readonly Read[]): boolean {
    if (!MADE_READY.test(text)) return false;
    if (PUT_IN.test(text) && this.listed.length > 0) return false;
    if (this.listed.length > 0 && WEIGHED.test(text)) return !reads.some(({ verb }) => verb !== 'add');
    const first = reads.find(({ verb }) => verb !== 'add');
    if (first !== undefined && !BEFORE_THE_POT.has(first.verb)) return false;
    // "Slice the cucumber and the lime" puts no slice of them in.
    const known = reads.every(({ ingredient }) =>
      this.listed.some((item) => sameThing(item.read.ingredient, ingredient)),
    );
    return !this.adds(reads) || (this.listed.length > 0 && known);
  }

  private adds(reads: readonly Read[]): boolean {
    return reads.some(({ verb, grams }) => verb === 'add' && grams !== null);
  }

  private step(line: number, step: DrinkStep, read: Read, confidence: number, each: boolean): void {
    if (step.verb === 'add') return this.add(line, step, read, confidence, each);
    if (step.verb === 'use') {
      const thing = this.listed.find((each) => each.read.verb === 'add' && isSaidOf(read.ingredient ?? '', each));
      if (thing) {
        // "Two tablespoons of syrup" are of the golden syrup of the list.
        const said = saidOf(amountOf(step), thing);
        if (said.reads[0]?.verb === 'add') return this.add(line, said.steps[0]!, said.reads[0], confidence, each);
      }
      const item = this.listed.find((other) => other.read.verb === 'use' && !isTaken(other));
      return item ? this.take(item) : this.place(line, step, read, confidence);
    }
    // What is soaked in the water of the list takes no other water.
    if (step.verb === 'soak' && step.in !== undefined && this.listed.some((item) => sameAmount(item.read, read))) {
      this.listed.filter((item) => sameAmount(item.read, read)).forEach((item) => this.take(item));
      const { in: _water, ...soak } = step;
      return this.place(line, soak, read, confidence);
    }
    const before = this.placed.findLast((each) => each.step.verb !== 'add');
    // "Five minutes more" goes on with what was done before.
    if (read.with.more === 'yes' && before && HOT.has(before.step.verb))
      return this.place(line, { ...step, verb: 'simmer' }, { ...read, verb: 'simmer' }, confidence);
    // What stands in the fridge once it is bottled is kept there.
    const bottled = this.placed.some((each) => each.step.verb === 'bottle');
    if (bottled && WAITS.has(step.verb)) {
      const kept: DrinkStep = { verb: 'store', text: keptAt(step.at ?? read.with.at) };
      return this.place(line, kept, { ...read, verb: 'store' }, confidence);
    }
    this.place(line, step, read, confidence);
  }

  private add(line: number, step: DrinkStep, read: Read, confidence: number, each: boolean): void {
    const bare = read.grams === null && read.relative === null;
    const same = this.listed.filter(
      (item) => sameThing(item.read.ingredient, read.ingredient) || (bare && isSaidOf(step.text, item)),
    );
    const open = same.filter((item) => !isTaken(item));
    const part = shareOf(read.relative);
    if (part !== undefined) {
      const item = open[0];
      if (item) return part === 'rest' ? this.take(item) : this.takePart(item, part, confidence);
      if (same.length === 0) this.unlisted.push({ line, text: step.text });
      return;
    }
    // "Two slices in each bottle" are those of the list, divided.
    const exact = open.find((item) => sameAmount(item.read, read)) ?? (each ? open[0] : undefined);
    if (exact) return this.take(exact);
    if (bare) {
      if (open.length > 0) return open.forEach((item) => this.take(item));
      // What has gone in already is only spoken of: "the pulp back in the pan".
      if (same.length === 0) this.unlisted.push({ line, text: step.text });
      return;
    }
    const [item] = open;
    if (item && item.read.grams !== null && read.grams !== null && read.grams < item.read.grams * (1 - item.gone)) {
      item.gone += read.grams / item.read.grams;
      this.differing.push({ listed: item, line, said: step.text, over: false });
      return this.place(line, step, read, confidence);
    }
    if (item && item.gone === 0) {
      if (item.read.grams !== null && read.grams !== null)
        this.differing.push({ listed: item, line, said: step.text, over: true });
      return this.take(item);
    }
    this.place(line, step, read, confidence);
  }

  /** A share of what is listed; the rest goes in later. */
  private takePart(item: Listed, share: number, confidence: number): void {
    const grams = item.read.grams;
    if (grams === null) return this.take(item);
    item.gone += share;
    const text = `${Number((grams * share).toPrecision(4))} g ${item.read.ingredient ?? ''}`;
    this.place(
      item.line,
      { ...item.step, text },
      { ...item.read, grams: grams * share },
      Math.min(confidence, item.confidence),
    );
  }

  /** A sentence about the glass. */
  serve(line: number, { steps, reads, confidence }: Reading): void {
    this.at = line;
    steps.forEach((step, index) => {
      const read = reads[index]!;
      if (read.verb === 'use') this.serving ??= amountOf(step);
      else if (!IN_THE_GLASS.has(read.verb)) return;
      else if (read.verb !== 'add') {
        if (this.placed.some(({ atServing }) => atServing)) this.place(line, step, read, confidence, true);
      } else if (read.grams !== null || read.relative !== null) {
        const item = this.listed.find((each) => !isTaken(each) && sameThing(each.read.ingredient, read.ingredient));
        if (item) item.gone = 1;
        this.place(line, step, read, confidence, true);
      }
    });
  }

  /** A sentence that tells where it is kept, once it is made. */
  keep(line: number, text: string): void {
    this.at = line;
    const place = placeIn(text);
    if (place === undefined || this.placed.some(({ step }) => step.verb === 'store')) return;
    const step: DrinkStep = { verb: 'store', text: keptAt(place) };
    this.place(line, step, { ...NOTHING, verb: 'store' }, 0.9);
  }

  /** What no step has named goes in before the first thing that is done to the pot. */
  rest(): readonly Listed[] {
    // What is left of a thing that a step took a part of stays where it is: it is asked about.
    const left = this.listed.filter(({ gone }) => gone === 0);
    const at = this.placed.findIndex(({ step }) => step.verb !== 'add' && !BEFORE_THE_POT.has(step.verb));
    const early = at < 0 ? this.placed.length : at;
    const firstStep = Math.min(...this.placed.map(({ line }) => line), Infinity);
    for (const { line, step, read, confidence } of left) {
      const own: Placed = { line, by: line, step, read, confidence, atServing: false };
      // What is listed among the steps goes in where it stands.
      const behind =
        line > firstStep ? this.placed.findLastIndex((each) => each.line < line && !each.atServing) + 1 : undefined;
      this.placed.splice(
        behind ?? early + left.filter((each) => each.line < line && each.line <= firstStep).length,
        0,
        own,
      );
    }
    return left;
  }

  /** What a step took less of than is listed, or more, and never the rest. */
  unsettled(): readonly Differing[] {
    return this.differing.filter(({ listed, over }) => over || !isTaken(listed));
  }
}
