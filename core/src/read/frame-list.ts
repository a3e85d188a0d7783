import type { DrinkStep, Verb } from '../drink';
import type { LineOptions } from '../quantity';
import { actionFrame, type ActionFrame } from './action-frame';
import {
  asOne,
  asked,
  openAs,
  openOf,
  readOfAction,
  readOfIngredient,
  type Added,
  type Asked,
  type Frame,
} from './frames';
import { readIngredient, type IngredientFrame } from './ingredient-frame';
import { preparedIn } from './prepared';
import type { OpenQuestion, Read } from './reading';
import { relativeIn, relativeText } from './relative';
import type { Token } from './tokens';

/** Time passes and nothing else: several in a row are one. */
const WAITS = new Set<Verb>(['steep', 'rest', 'infuse']);

/** What "five minutes more" leaves open. */
export const STILL_ON = 'Simmering, or off the heat?';

/** The parts of a line that have become steps, in order. */
export class FrameList {
  readonly frames: Frame[] = [];
  readonly unread: string[] = [];
  /** What is open of the line as a whole. */
  protected again: Asked | null = null;
  /** What is done once all that is put in is in: "stir in the juice and the honey". */
  private pending: { readonly verb: Verb; readonly ask: string | null } | null = null;

  constructor(protected readonly options: LineOptions) {}

  /** Whether something goes in of which no amount is known. */
  get bare(): boolean {
    return this.frames.some((each) => each.kind === 'add' && each.frame.bare && each.relative === null);
  }

  /** Something that is open of the line as a whole. */
  ask(question: Asked): void {
    this.again ??= question;
  }

  /** What is done when nothing more is put in. */
  protected later(verb: Verb, ask: string | null): void {
    this.pending = { verb, ask };
  }

  /** Nothing more is put in for now, or at all. */
  settle(): void {
    const { pending } = this;
    this.pending = null;
    if (pending) this.push(pending.verb, [], pending.ask);
  }

  protected push(verb: Verb, rest: readonly Token[], ask: string | null): void {
    const frame = actionFrame({ row: { words: verb, verb }, rest, before: [], after: [], negated: false });
    this.unread.push(...frame.unread);
    const told = ask === STILL_ON ? { ...frame.with, more: 'yes' } : frame.with;
    this.frames.push({ kind: 'act', frame: { ...frame, with: told, ask: ask ?? frame.ask } });
  }

  protected done(frame: ActionFrame): void {
    const last = this.frames.at(-1);
    this.unread.push(...frame.unread);
    // "turn it off, cover, leave 20 min" is one time of standing.
    if (
      last?.kind === 'act' &&
      WAITS.has(last.frame.step.verb) &&
      WAITS.has(frame.step.verb) &&
      last.frame.minutes === null
    )
      this.frames.splice(-1, 1, { kind: 'act', frame: asOne(last.frame, frame) });
    else if (
      last?.kind === 'act' &&
      WAITS.has(last.frame.step.verb) &&
      frame.step.verb === 'infuse' &&
      frame.minutes === null
    )
      return;
    else if (last?.kind === 'act' && last.frame.step.verb === 'strain' && frame.with.how === 'squeezed')
      this.frames.splice(-1, 1, { kind: 'act', frame: { ...last.frame, step: { ...last.frame.step, text: 'press' } } });
    else this.frames.push({ kind: 'act', frame });
  }

  /** A thing goes in, as its phrase says; what is left of the phrase is unread. */
  protected put(frame: IngredientFrame, tokens: readonly Token[]): void {
    this.frames.push({ kind: 'add', frame, tokens, relative: null, ask: null });
    this.unread.push(...frame.unread);
  }

  protected add(tokens: readonly Token[]): boolean {
    const relative = relativeIn(tokens);
    const rest = relative?.rest ?? tokens;
    const frame = readIngredient(rest, this.options);
    if (!frame) return this.use(tokens);
    const last = this.frames.at(-1);
    // "change the water": a thing that is only mentioned beside words nobody knows does not go in.
    if (last && frame.bare && !relative && frame.unread.length > 0) return false;
    if (last?.kind === 'act' && last.frame.step.verb === 'carbonate' && /sparkling|soda/.test(frame.text)) {
      this.frames.pop();
      this.frames.push({
        kind: 'act',
        frame: { ...last.frame, step: { verb: 'carbonate', text: `with ${frame.text}` } },
      });
      return true;
    }
    const first = this.frames.find((each): each is Added => each.kind === 'add' && each.frame.parts !== undefined);
    const equal = relative?.says === 'equal parts';
    const says = equal ? null : (relative?.says ?? this.inParts(first, frame));
    const perGlass = rest.some(
      ({ text }, at) => text === 'per' && /^(?:cup|glass|serving|person)$/.test(rest[at + 1]?.text ?? ''),
    );
    const ask = relative?.ask ?? (perGlass ? 'Into each glass, or into the batch: how many glasses?' : null);
    this.frames.push({
      kind: 'add',
      frame: equal ? { ...frame, parts: 1 } : frame,
      tokens: rest,
      relative: says,
      ask: asked(ask),
    });
    this.unread.push(...frame.unread);
    return true;
  }

  private use(tokens: readonly Token[]): boolean {
    const frame = preparedIn(tokens);
    if (frame) this.frames.push({ kind: 'act', frame });
    return frame !== undefined;
  }

  /** "1 part honey to 4 parts water": the second depends on the first. */
  private inParts(first: Added | undefined, { parts, bare }: IngredientFrame): string | null {
    if (!first?.frame.parts || (parts === undefined && !bare)) return null;
    const name = first.frame.line.ingredient.name.toLowerCase();
    const times = (parts ?? first.frame.parts) / first.frame.parts;
    return times === 1 ? `equal to the ${name}` : `${Number(times.toPrecision(3))} x the ${name}`;
  }

  /** What is done must not get hotter. */
  limit(celsius: number): void {
    const last = this.frames.at(-1);
    if (last?.kind !== 'act') return;
    const step: DrinkStep =
      last.frame.step.verb === 'heat' ? { ...last.frame.step, text: `to ${celsius} °C` } : last.frame.step;
    this.frames[this.frames.length - 1] = { kind: 'act', frame: { ...last.frame, step, celsius, ask: null } };
  }

  /** The thing named last was a slip of the tongue. */
  takeBack(): void {
    const at = this.frames.findLastIndex(({ kind }) => kind === 'add');
    if (at < 0) return;
    const [gone] = this.frames.splice(at, 1) as [Added];
    this.again = asked(`Is the ${gone.frame.line.ingredient.name.toLowerCase()} out?`);
  }

  steps(): readonly DrinkStep[] {
    return this.frames.map((each) =>
      each.kind === 'add'
        ? {
            verb: 'add',
            text: relativeText(each.frame.text, each.relative),
            ...(each.frame.note ? { note: each.frame.note } : {}),
          }
        : each.frame.step,
    );
  }

  reads(): readonly Read[] {
    return this.frames.map((each) => (each.kind === 'add' ? readOfIngredient(each) : readOfAction(each)));
  }

  /** What is open of it. */
  open(): readonly OpenQuestion[] {
    const found = this.frames.flatMap(openOf);
    return this.again === null ? found : [...openAs(this.again, 'else'), ...found];
  }
}
