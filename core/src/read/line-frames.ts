import type { Verb } from '../drink';
import { UNTIMED, actionFrame, unreadWords } from './action-frame';
import { actionIn, type FoundAction } from './action-words';
import { FrameList, STILL_ON } from './frame-list';
import { asked, type Added, type Done } from './frames';
import { readIngredient } from './ingredient-frame';
import { conditionIn, laterAction, shareIn, tokensOfTime } from './clauses';
import { slotsOf } from './slots';
import { tokensOf, type Token } from './tokens';
import { isUnit } from './units';

/** What these are done with may be named with its amount, and goes in first. */
const TAKES_OBJECT = new Set<Verb>(
  'simmer boil steep stir mash blend shake heat rest infuse dissolve wash'.split(' ') as Verb[],
);

/** What is left of a sentence about the flame. */
const FLAME = new Set(
  'and the to low medium high a heat flame then reduce lower turn down it over on stove'.split(' '),
);

/** A pot that is this hot simmers. */
const SIMMERS_FROM_C = 90;

/** The steps of a line while it is read, phrase by phrase. */
export class LineFrames extends FrameList {
  /** A place or a lid that is said before anything is done. */
  private readonly where: Token[] = [];

  /** Reads a phrase. */
  read(tokens: readonly Token[]): void {
    const action = actionIn(tokens);
    if (!action) {
      const till = this.lateTime(tokens);
      if (till > 0) {
        // "… and cinnamon in the water for 45 min": the time is that of what is done.
        this.read(tokens.slice(0, till));
        return this.attach(tokens.slice(till));
      }
      if (this.removesToo(tokens) || this.add(this.withEach(tokens))) return;
      return this.attach(tokens);
    }
    if (action.negated) return;
    if (action.row.skips) {
      const others = action.rest.filter(({ kind, text }) => kind === 'number' || !FLAME.has(text));
      return others.length > 0 ? this.read(others) : undefined;
    }
    const condition = conditionIn(action.after);
    if (condition) {
      // "Stir in the honey once it has cooled": what is waited for comes first.
      if (actionIn(condition)) this.read(condition);
      else this.push('cool', condition, null);
      return this.read(tokens.slice(0, tokens.length - condition.length));
    }
    const next = laterAction(action, tokens.length);
    if (next) {
      this.read(tokens.slice(0, tokens.length - next.length));
      return this.read(next);
    }
    // "…two spoons of vinegar funnel it into bottles": what is dictated has no commas.
    const dictated = !action.row.adds && action.before.some(({ kind, article }) => kind === 'number' && !article);
    if (dictated && !actionIn(action.before) && this.add(action.before))
      return this.act({ ...action, rest: action.rest.filter((token) => !action.before.includes(token)) });
    // "once it is cool stir in the honey": one thing is done before another.
    const before = actionIn(action.before);
    if (before && !before.negated && !before.row.vague) this.read(action.before);
    const rest = before ? action.rest.filter((token) => !action.before.includes(token)) : action.rest;
    this.act({ ...action, rest });
  }

  /** Where a time begins that was still to be said of what is done; behind a thing that has no number of its own. */
  private lateTime(tokens: readonly Token[]): number {
    const last = this.frames.at(-1);
    if (last?.kind !== 'act' || last.frame.minutes !== null || !UNTIMED.has(last.frame.step.verb)) return -1;
    const times = tokensOfTime(tokens);
    const at = tokens.findIndex((token) => times.has(token));
    const counts = tokens.slice(0, Math.max(0, at)).some(({ kind, article }) => kind === 'number' && !article);
    return counts ? -1 : at;
  }

  private act(action: FoundAction): void {
    const { row, rest } = action;
    const { verb } = row;
    this.settle();
    if (row.adds) {
      const added = this.add(rest);
      if (!added) this.unread.push(...unreadWords(rest));
      if (row.also && (added || !row.vague)) this.later(row.also, added ? null : (row.ask ?? null));
      return;
    }
    if (verb === 'carbonate') return this.done(actionFrame(action));
    const share = shareIn(rest);
    if (share) {
      // "Warm half the water with the ginger": what is done is done with that part of it.
      this.add(share);
      return this.act({ ...action, rest: rest.filter((token) => !share.includes(token)) });
    }
    if (TAKES_OBJECT.has(verb)) {
      const times = tokensOfTime(rest);
      const object = readIngredient(
        rest.filter((token) => !times.has(token)),
        this.options,
      );
      // "Mix 1 part honey with 3 parts vinegar".
      if (object?.parts !== undefined) {
        this.later(verb, null);
        return void this.add(rest);
      }
      if (object && !object.bare) {
        this.put(object, rest);
        return this.done({ ...actionFrame({ ...action, rest: rest.filter((token) => times.has(token)) }), unread: [] });
      }
    }
    if (verb === 'soak') return this.soak(action);
    const frame = actionFrame(action);
    this.done(frame);
    if (verb === 'heat' && frame.step.verb === 'heat' && frame.minutes !== null) this.hold(frame.celsius, rest);
  }

  /** "Heat to 71 °C and hold for 10 minutes". */
  private hold(celsius: number | null, tokens: readonly Token[]): void {
    // A pot that is brought to a simmer and has a time goes on simmering.
    if (celsius !== null && celsius >= SIMMERS_FROM_C)
      return this.push(celsius >= 100 ? 'boil' : 'simmer', tokens, null);
    this.push('steep', tokens, null);
    const { frame } = this.frames.pop() as Done;
    const at = celsius === null ? {} : { at: `${Math.round(celsius)} °C` };
    this.frames.push({ kind: 'act', frame: { ...frame, step: { ...frame.step, ...at } } });
  }

  /** "soak 2 tbsp of seeds in 300 mL water for 1 h". */
  private soak(action: FoundAction): void {
    const at = action.rest.findIndex(({ text }) => text === 'in');
    const times = tokensOfTime(action.rest);
    const [what, where] = at < 0 ? [action.rest, []] : [action.rest.slice(0, at), action.rest.slice(at + 1)];
    const object = readIngredient(
      what.filter((token) => !times.has(token)),
      this.options,
    );
    if (object && !object.bare) this.put(object, what);
    const liquid = readIngredient(
      where.filter((token) => !times.has(token)),
      this.options,
    );
    const named = object !== undefined || liquid !== undefined;
    // "Soak 3 spoons of something": what it is is not known.
    const counted = what.some((token) => token.kind === 'number' && !token.article && !times.has(token));
    if (at >= 0 && (!object || (object.bare && counted)))
      this.unread.push(...unreadWords(what.filter((token) => !times.has(token))));
    const apart = object === undefined ? [...what, ...where.filter((token) => times.has(token))] : undefined;
    const told = !named ? action.rest : (apart ?? action.rest.filter((token) => times.has(token)));
    const frame = actionFrame({ ...action, rest: told });
    const known = liquid && !liquid.bare && liquid.line.dose.kind === 'mass';
    if (known && object && !object.bare) {
      this.put(liquid, where);
      return this.done(frame);
    }
    this.done({
      ...frame,
      step: { ...frame.step, ...(known ? { in: liquid.text } : {}) },
      thing: known ? liquid.line.ingredient.name.toLowerCase() : null,
      grams: known && liquid.line.dose.kind === 'mass' ? liquid.line.dose.mass_g : null,
      ask: known ? frame.ask : 'In how much water, and is it kept?',
    });
  }

  /** "lift out the cinnamon and the cloves": a bare thing behind something taken out is taken out, too. */
  private removesToo(tokens: readonly Token[]): boolean {
    const last = this.frames.at(-1);
    if (last?.kind !== 'act' || last.frame.step.verb !== 'remove') return false;
    const frame = readIngredient(tokens, this.options);
    if (!frame?.bare) return false;
    this.push('remove', tokens, null);
    return true;
  }

  /** A phrase that is neither an action nor a thing says something of what came before: a time, a lid, a place. */
  private attach(tokens: readonly Token[]): void {
    this.settle();
    if (this.spread(tokens)) return;
    if (tokens.some(({ text }) => text === 'if') && tokens.some(({ kind }) => kind === 'number'))
      this.again ??= asked('Which of the amounts?');
    const slots = slotsOf(tokens);
    // "Blend the gel with the oat drink and nutmeg, 30 seconds": what is only named stands between.
    const last = this.frames.findLast((each) => each.kind === 'act' || !each.frame.bare || each.relative !== null);
    const says =
      slots.minutes !== undefined || slots.lid || slots.place || slots.celsius !== undefined || slots.through;
    if (tokens[0]?.text === 'after' && slots.minutes !== undefined && last?.kind === 'act') {
      this.frames.pop();
      this.push('infuse', tokens.slice(1), null);
      this.frames.push(last);
      return;
    }
    if (last?.kind === 'act' && last.frame.step.verb === 'bottle' && (slots.place || slots.minutes !== undefined)) {
      // What stands in the fridge once it is bottled is kept there; how long is said by the way.
      if (slots.place) this.push('store', tokens, null);
      return;
    }
    if (last?.kind === 'act' && last.frame.step.verb === 'heat' && slots.minutes !== undefined && last.frame.celsius) {
      return this.hold(last.frame.celsius, tokens);
    }
    if (last?.kind === 'act' && says) return this.sayMore(last, tokens);
    if (slots.minutes !== undefined) {
      const more = tokens.some(({ text }) => text === 'more');
      return this.push('steep', [...this.where.splice(0), ...tokens], more ? STILL_ON : null);
    }
    // "Lid on, dark cupboard, 2 weeks": how long is said last.
    if (says) return void this.where.push(...tokens);
    this.unread.push(...unreadWords(tokens));
  }

  /** How much of each of several things: "a pinch each of salt and sugar". */
  private eachOf: readonly Token[] = [];

  /** A thing that is only named takes the amount that was said of each. */
  private withEach(tokens: readonly Token[]): readonly Token[] {
    const at = tokens.findIndex(({ text }, index) => text === 'each' && tokens[index + 1]?.text === 'of');
    if (at > 0) this.eachOf = tokens.slice(0, at);
    const counts = tokens.some(({ kind, article }) => kind === 'number' && !article);
    return this.eachOf.length > 0 && !counts ? [...this.eachOf, ...tokens] : tokens;
  }

  /** "2 cm of each": an amount for every thing that has none. */
  private spread(tokens: readonly Token[]): boolean {
    if (!tokens.some(({ text }) => text === 'each')) return false;
    const bare = this.frames.filter((each): each is Added => each.kind === 'add' && each.frame.bare);
    for (const each of bare) {
      const frame = readIngredient([...tokens.filter(({ text }) => text !== 'each'), ...each.tokens], this.options);
      if (frame) this.frames[this.frames.indexOf(each)] = { ...each, frame };
    }
    return bare.length > 0;
  }

  private sayMore({ frame }: Done, tokens: readonly Token[]): void {
    const { step } = frame;
    const time = frame.minutes !== null && step.text ? tokensOf(step.text) : [];
    const row = { words: step.verb, verb: step.verb, ...(step.verb === 'heat' ? { value: step.text } : {}) };
    const rebuilt = actionFrame({ row, rest: [...time, ...tokens], before: [], after: [], negated: false });
    const text =
      ['strain', 'press', 'store', 'remove', 'bottle'].includes(step.verb) && step.text ? step.text : rebuilt.step.text;
    this.frames[this.frames.findLastIndex(({ kind }) => kind === 'act')] = {
      kind: 'act',
      frame: {
        ...rebuilt,
        thing: frame.thing ?? null,
        step: { ...step, ...rebuilt.step, text: text || step.text },
        celsius: rebuilt.celsius ?? frame.celsius,
        with: { ...frame.with, ...rebuilt.with },
        ask: rebuilt.minutes === null ? frame.ask : rebuilt.ask,
      },
    };
    this.unread.push(...rebuilt.unread);
  }

  /** Another way to do what was just said: which of the two is asked. */
  instead(tokens: readonly Token[]): void {
    const last = this.frames.at(-1);
    const alone = readIngredient(tokens, this.options);
    // "2 tbsp honey or syrup" is 2 tbsp of either.
    const measure =
      last?.kind === 'add' ? last.tokens.filter(({ kind, text }) => kind === 'number' || isUnit(text)) : [];
    const other = alone?.bare ? (readIngredient([...measure, ...tokens], this.options) ?? alone) : alone;
    if (last?.kind === 'add' && (other || tokens.some(({ kind }) => kind === 'number'))) {
      const name = other ? other.text : tokens.map(({ text }) => text).join(' ');
      this.frames[this.frames.length - 1] = {
        ...last,
        ask: { ask: `${last.frame.text}, or ${name}?`, choices: [last.frame.text, name] },
      };
      return;
    }
    if (!last) this.read(tokens);
    // "Eight hours or overnight": either is long enough.
    if (last?.kind === 'act' && last.frame.minutes !== null && slotsOf(tokens).minutes !== undefined) return;
    // "or the tea goes bitter" is a reason, no other way.
    const reason = !alone || (alone.bare && last?.kind === 'act');
    if (last && reason && !actionIn(tokens) && !tokens.some(({ kind, article }) => kind === 'number' && !article))
      return;
    this.again ??= asked('Which of the two?');
  }
}
