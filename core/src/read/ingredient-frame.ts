import { readIngredientLine, type IngredientLine, type LineOptions } from '../quantity';
import { LOOSE_MEASURES, PIECE_GRAMS, REGIONAL, SIZED_MEASURES, SIZE_WORDS, type LooseMeasure } from './en/measures';
import { COURTESY, CUTS, FORM_WORDS, STATES, TRIMMED } from './en/noise';
import { ABOUT } from './en/numbers';
import { BESIDE, nameIn, type Span } from './names';
import { plainNumber } from './plain-number';
import type { Token } from './tokens';
import { isUnit } from './units';

/** What an ingredient phrase says. */
export interface IngredientFrame {
  /** As a step of the drink file says it. */
  readonly text: string;
  readonly line: IngredientLine;
  /** Words that nothing was made of. */
  readonly unread: readonly string[];
  /** What must be asked, with the other ways to say it. */
  readonly ask: { readonly ask: string; readonly choices: readonly string[] } | null;
  /** A thing of which no amount is said. */
  readonly bare: boolean;
  /** So many parts of it. */
  readonly parts?: number;
}

/** Where nothing is said of its state, a plant is looked for in these, by what it is measured with. */
const UNSAID = { spoon: ['ground', 'dried', 'fresh'], else: ['fresh', 'dried', 'ground'] } as const;
const SPOONED = /^(?:tsp|tbsp|teaspoons?|tablespoons?|pinch|pinches|dash)$/;

/** The thing that is named, in the state that is said, or in the one that is likeliest. */
function thingIn(parts: Parts): Span | undefined {
  const states = parts.forms.flatMap((form) =>
    form === 'powdered' ? ['ground', 'powdered'] : STATES.has(form) ? [form] : [],
  );
  const plain = nameIn(parts.words, states);
  if (plain) return plain;
  return nameIn(parts.words, parts.words.some((word) => SPOONED.test(word)) ? UNSAID.spoon : UNSAID.else);
}

/** What was found around the name: number, measure, state. */
interface Parts {
  amount: Token | undefined;
  times: number;
  unit: string | undefined;
  loose: LooseMeasure | undefined;
  size: number;
  heap: string;
  prefix: string;
  readonly forms: string[];
  words: string[];
  ask: string | undefined;
  /** It is counted in parts of something. */
  part: boolean;
  /** The word right behind the number, where it is a unit. */
  beside: Token | undefined;
  /** What the jar holds, where it is said. */
  holds: { readonly value: number; readonly unit: string } | undefined;
}

const PREFIXES: Readonly<Record<string, string>> = {
  juice: 'juice of',
  peel: 'peel of',
  rind: 'peel of',
  skin: 'peel of',
  zest: 'zest',
};
const PORTIONS = new Set('slices wedges rounds wheels chunks cubes coins sticks'.split(' '));
const HEAPS = new Set(['level', 'flat', 'heaped', 'heaping', 'rounded', 'cutlery', 'measuring', 'packed']);
function partsOf(tokens: readonly Token[]): Parts {
  const parts: Parts = {
    amount: undefined,
    times: 1,
    unit: undefined,
    loose: undefined,
    size: 1,
    heap: '',
    prefix: '',
    forms: [],
    words: [],
    ask: undefined,
    part: false,
    beside: undefined,
    holds: undefined,
  };
  const holdsAt = tokens.findIndex(
    ({ text }, index) => /^(?:is|holds)$/.test(text) && tokens[index + 1]?.kind === 'number',
  );
  if (holdsAt > 0 && tokens[holdsAt + 2])
    parts.holds = { value: tokens[holdsAt + 1]!.low, unit: tokens[holdsAt + 2]!.text };
  const said = holdsAt > 0 ? tokens.filter((_, index) => index < holdsAt - 1 || index > holdsAt + 2) : tokens;
  said.forEach((token, index) => {
    const next = said[index + 1];
    if (token.vague) parts.ask ??= 'How many are a few?';
    if (token.kind === 'number') {
      if (next?.text === '×') parts.times = token.low;
      else if (!parts.amount || (parts.amount.article && !token.article)) {
        parts.amount = token;
        parts.beside =
          next?.kind === 'word' && isUnit(next.text) && !Object.hasOwn(LOOSE_MEASURES, next.text) ? next : undefined;
      }
      return;
    }
    const { text } = token;
    if (token.kind === 'sign') return;
    if (token === parts.beside) return void parts.words.push(BESIDE + token.text);
    if (/^teabags?$/.test(text)) {
      parts.unit = 'bags';
      return void parts.words.push('tea');
    }
    if (text === 'part' || text === 'parts') return void (parts.part = true);
    if (Object.hasOwn(PREFIXES, text) && (next?.text === 'of' || next?.text === 'from' || next?.text === 'and'))
      return void (parts.prefix ||= PREFIXES[text]!);
    if (HEAPS.has(text)) return void (parts.heap = `${parts.heap} ${text}`.trim());
    if (Object.hasOwn(SIZE_WORDS, text)) return void (parts.size = SIZE_WORDS[text]!);
    // "in thin slices" is how it is cut, not what is counted.
    if (
      PORTIONS.has(text) &&
      said.slice(Math.max(0, index - 2), index).some((each) => each.text === 'in' || each.text === 'into')
    )
      return void parts.forms.push('sliced');
    const cut = Object.hasOwn(CUTS, text) ? CUTS[text]! : text;
    if (FORM_WORDS.has(cut)) return void parts.forms.push(cut);
    parts.words.push(text);
  });
  return parts;
}

/** Takes the measure out of the words that are not the name. */
function takeUnit(parts: Parts): void {
  const beside = parts.words.findIndex((word) => word.startsWith(BESIDE));
  if (beside >= 0) {
    parts.unit = parts.words[beside]!.slice(BESIDE.length);
    if (Object.hasOwn(REGIONAL, parts.unit)) parts.ask ??= REGIONAL[parts.unit];
    parts.words.splice(beside, 1);
    return;
  }
  for (let index = 0; index < parts.words.length; index += 1) {
    const word = parts.words[index]!;
    const next = parts.words[index + 1];
    const loose = Object.hasOwn(LOOSE_MEASURES, word) ? LOOSE_MEASURES[word]! : undefined;
    if (loose) {
      // What it holds is said: nothing is asked.
      parts.loose = parts.holds ?? loose;
      parts.words.splice(index, 1);
      return;
    }
    const unit = next !== undefined && isUnit(`${word} ${next}`) ? `${word} ${next}` : isUnit(word) ? word : undefined;
    if (unit !== undefined) {
      parts.unit = unit;
      if (Object.hasOwn(REGIONAL, unit)) parts.ask ??= REGIONAL[unit];
      parts.words.splice(index, unit.split(' ').length);
      return;
    }
    if (Object.hasOwn(PIECE_GRAMS, word)) {
      parts.unit = word;
      parts.words.splice(index, 1);
      return;
    }
  }
}

/** Number and measure as a line begins with them. */
function measureWords(parts: Parts): string {
  const { amount, times, unit, loose, size, heap } = parts;
  const sized = (unit !== undefined && SIZED_MEASURES.has(unit)) || loose !== undefined ? size : 1;
  const factor = times * sized * (loose?.value ?? 1);
  const [low, high] = [(amount?.low ?? 1) * factor, (amount?.high ?? 1) * factor];
  const number = low < high ? `${plainNumber(low)}-${plainNumber(high)}` : plainNumber(low);
  return [number, heap, loose?.unit ?? unit].filter(Boolean).join(' ');
}

const sizeWord = ({ size, unit, loose }: Parts): string =>
  loose !== undefined || (unit !== undefined && !Object.hasOwn(PIECE_GRAMS, unit)) || size === 1
    ? ''
    : size > 1
      ? 'large'
      : 'small';

/** Words of a phrase that would change its reading if they were anything. */
const unreadOf = (words: readonly string[]): readonly string[] =>
  words.filter((word) => !COURTESY.has(word) && !ABOUT.has(word) && !TRIMMED.has(word) && word !== 'each');

/** "12 capsules of 100 mg": so many, of so much each. */
function capsules(tokens: readonly Token[], name: string): string | undefined {
  const at = tokens.findIndex(({ text }) => /^(?:capsule|cap|tablet|pill)s?$/.test(text));
  const mass = tokens.findIndex(
    ({ kind }, index) => kind === 'number' && /^(?:mg|g|mcg)$/.test(tokens[index + 1]?.text ?? ''),
  );
  if (at < 0 || mass < 0) return undefined;
  const count = tokens.find(({ kind }, index) => kind === 'number' && index !== mass)?.text ?? '1';
  return `${count} capsules of ${tokens[mass]!.text} ${tokens[mass + 1]!.text} ${name}`;
}

/** Of a citrus fruit so much is what a grater takes off. Source: household, a lemon gives 5 g, an orange 8 (estimate). */
const ZEST_SHARE = 0.05;

/** The zest of so many fruits, by weight. */
function zestOf(measure: string, fruit: string): readonly string[] {
  const line = readIngredientLine(`${measure} ${fruit}`, { suggests: false });
  if (line.kind !== 'read' || line.dose.kind !== 'mass') return [];
  return [`${plainNumber(line.dose.mass_g * ZEST_SHARE)} g ${fruit} peel`];
}

/** Ways to say it that the reader of amounts may know, the fullest first. */
function attempts(parts: Parts, { name: thing }: Span): readonly string[] {
  const { amount, unit, loose, prefix, forms } = parts;
  const named = new Set(thing.split(' '));
  const states = forms.filter((form, index) => forms.indexOf(form) === index && !named.has(form));
  const measure = measureWords(parts);
  const all: string[] = [];
  if (prefix === 'zest') {
    if (unit || loose) all.push(`${measure} ${thing} zest`, `${measure} ${thing} peel`);
    else all.push(...zestOf(measure, thing));
    return all;
  } else if (prefix) {
    all.push(`${prefix} ${measure} ${thing}`);
    if (prefix === 'peel of') all.push(`${measure} ${thing} peel`);
    if (!unit && !loose) return all;
  }
  const size = sizeWord(parts);
  const counted = unit === undefined && loose === undefined;
  // "1 garlic clove": the last word of the name is what is counted.
  const last = thing.slice(thing.lastIndexOf(' ') + 1);
  if (counted && last !== thing && isUnit(last)) all.push(`${measure} ${last} ${thing.slice(0, -last.length - 1)}`);
  for (let kept = states.length; kept >= 0; kept -= 1) {
    const state = states.slice(0, kept);
    const before = [measure, size, ...state, thing].filter(Boolean).join(' ');
    const after = `${[measure, size, thing].filter(Boolean).join(' ')}${state.length > 0 ? `, ${state.join(' ')}` : ''}`;
    all.push(...(counted ? [after, before] : [before, after]));
  }
  if (unit?.startsWith('sachet')) all.push(`${measure.replace(unit, 'bags')} ${thing}`);
  if (unit !== undefined && Object.hasOwn(PIECE_GRAMS, unit) && amount)
    all.push(`${plainNumber(((amount.low + amount.high) / 2) * PIECE_GRAMS[unit]!)} g ${thing}`);
  return all;
}

/** A thing in parts: how much a part is is not known from the line. */
function partOf(
  parts: Parts,
  name: Span,
  unread: readonly string[],
  options: LineOptions,
): IngredientFrame | undefined {
  const line = readIngredientLine(`1 g ${name.name}`, options);
  if (line.kind !== 'read') return undefined;
  const share = parts.amount?.low ?? 1;
  return { text: name.name, line, unread, ask: asked('How much is a part?'), bare: true, parts: share };
}

const asked = (ask: string, choices: readonly string[] = []) => ({ ask, choices });

/**
 * Reads a phrase that names a thing, with its amount before or behind it.
 *
 * @param tokens of one phrase
 * @returns undefined where nothing of the catalogue is named, or it cannot be measured so
 */
export function readIngredient(tokens: readonly Token[], options: LineOptions = {}): IngredientFrame | undefined {
  const quietly = { ...options, suggests: false };
  const parts = partsOf(tokens);
  let name = thingIn(parts);
  if (!name && parts.beside) {
    // Nothing else is named: "3 cloves" is the spice.
    parts.words = parts.words.map((word) => word.replace(BESIDE, ''));
    name = thingIn(parts);
  }
  if (!name) return undefined;
  const left = { ...parts, words: [...parts.words.slice(0, name.from), ' ', ...parts.words.slice(name.to)] };
  takeUnit(left);
  const unread = [...unreadOf(left.words.filter((word) => word !== ' '))];
  const said = left.amount !== undefined || left.unit !== undefined || left.loose !== undefined;
  const ask = name.asked
    ? asked(name.asked.ask, name.asked.choices)
    : left.loose?.ask
      ? asked(left.loose.ask, left.loose.choices)
      : left.ask
        ? asked(left.ask)
        : null;
  if (!said) {
    const line = readIngredientLine(`1 g ${name.name}`, options);
    return line.kind === 'read' ? { text: name.name, line, unread, ask, bare: true } : undefined;
  }
  if (left.part) return partOf(left, name, unread, options);
  const filled = capsules(tokens, name.name);
  for (const text of filled ? [filled] : attempts(left, name)) {
    const line = readIngredientLine(text, quietly);
    if (line.kind === 'read') {
      // A peel that has no row of its own is not the fruit.
      if (left.forms.includes('zest') && !/peel|zest/.test(line.ingredient.id)) unread.push('zest');
      const guessed = left.unit !== undefined && Object.hasOwn(PIECE_GRAMS, left.unit) && line.amount.unit.id === 'g';
      const long = line.amount.unit.dimension === 'length' ? asked('How thick is it?', ['1 cm', '2 cm', '3 cm']) : null;
      const how = long ?? (guessed ? asked(`How many grams is a ${left.unit!.replace(/s$/, '')} of it?`) : null);
      return { text, line, unread, ask: ask ?? how, bare: false };
    }
    if (line.code === 'ambiguous-ingredient' && line.suggestions.length > 0) {
      const [first] = line.suggestions as [string, ...string[]];
      const assumed = readIngredientLine(first, options);
      if (assumed.kind === 'read')
        return { text: first, line: assumed, unread, ask: asked(line.message, line.suggestions), bare: false };
    }
  }
  return undefined;
}
