import { readIngredientLine, type IngredientLine, type LineOptions } from '../quantity';
import { rowOf } from '../lookup';
import { MADE_OF_IT, WIDE_NAMES } from './en/ingredient-names';
import { PIECE_GRAMS, SIZED_MEASURES, SPOONED } from './en/measures';
import { COURTESY, NOTED, STATES, TRIMMED } from './en/noise';
import { ABOUT } from './en/numbers';
import { CAPSULES } from './en/vessels';
import { BESIDE, NO_WORD, nameIn, nameOf, type Span } from './names';
import { partsOf, takeUnit, type Parts } from './phrase-parts';
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
  /** What is said of it that changes no amount and matters: "pared thin", "seedless". */
  readonly note?: string;
  /** So many parts of it. */
  readonly parts?: number;
}

/** Where nothing is said of its state, a plant is looked for in these, by what it is measured with. */
const UNSAID = { spoon: ['ground', 'dried', 'fresh'], else: ['fresh', 'dried', 'ground'] } as const;

/** The thing that is named, in the state that is said, or in the one that is likeliest. */
function thingIn(parts: Parts): Span | undefined {
  const states = parts.forms.flatMap((form) =>
    form === 'powdered' ? ['ground', 'powdered'] : STATES.has(form) ? [form] : [],
  );
  const plain = nameIn(parts.words, states);
  if (plain) return plain;
  return nameIn(parts.words, parts.words.some((word) => SPOONED.test(word)) ? UNSAID.spoon : UNSAID.else);
}

/** Number and measure as a line begins with them. */
function measureWords(parts: Parts): string {
  const { amount, times, unit, loose, size, heap } = parts;
  const sized = (unit !== undefined && SIZED_MEASURES.has(unit)) || loose !== undefined ? size : 1;
  const factor = times * sized * (loose?.value ?? 1);
  const [low, high] = [(amount?.low ?? 1) * factor, (amount?.high ?? 1) * factor];
  const number = low < high ? `${plainNumber(low)}-${plainNumber(high)}` : plainNumber(low);
  const said = loose?.unit ?? unit;
  return [number, ...(heap === 'packed' ? [said, heap] : [heap, said])].filter(Boolean).join(' ');
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
  const at = tokens.findIndex(({ text }) => CAPSULES.test(text));
  const mass = tokens.findIndex(
    ({ kind }, index) => kind === 'number' && /^(?:mg|g|mcg)$/.test(tokens[index + 1]?.text ?? ''),
  );
  if (at < 0 || mass < 0) return undefined;
  const count = tokens.find(({ kind }, index) => kind === 'number' && index !== mass)?.text ?? '1';
  return `${count} capsules of ${tokens[mass]!.text} ${tokens[mass + 1]!.text} ${name}`;
}

/** What a grater takes off a fruit, by its name: that is a row of its own, or the peel. */
const zestName = (fruit: string): string => (nameOf([fruit, 'zest']) ? `${fruit} zest` : `${fruit} peel`);

/** Of a citrus fruit so much is what a grater takes off. Source: household, a lemon gives 5 g, an orange 8 (estimate). */
const ZEST_SHARE = 0.05;

/** The zest of so many fruits, by weight. */
function zestOf(measure: string, fruit: string): readonly string[] {
  const line = readIngredientLine(`${measure} ${fruit}`, { suggests: false });
  if (line.kind !== 'read' || line.dose.kind !== 'mass') return [];
  return [`${plainNumber(line.dose.mass_g * ZEST_SHARE)} g ${zestName(fruit)}`];
}

/** Of a peel with its pith so much is left where it is pared thin. Source: household, estimate. */
const PARED_SHARE = 0.2;
const PARED = new Set(['pared', 'thinly', 'pith', 'zested']);

/** A peel that is pared thin weighs a part of one with its pith. */
function pared(parts: Parts, thing: string): readonly string[] {
  if (parts.prefix !== 'peel of' || parts.unit !== undefined || !parts.words.some((word) => PARED.has(word))) return [];
  const line = readIngredientLine(`peel of ${measureWords(parts)} ${thing}`, { suggests: false });
  if (line.kind !== 'read' || line.dose.kind !== 'mass') return [];
  return [`${plainNumber(line.dose.mass_g * PARED_SHARE)} g ${thing} peel`];
}

/** Ways to say it that the reader of amounts may know, the fullest first. */
function attempts(parts: Parts, { name: thing }: Span): readonly string[] {
  const { amount, unit, loose, prefix, forms } = parts;
  const named = new Set(thing.split(' '));
  const states = forms.filter((form, index) => forms.indexOf(form) === index && !named.has(form));
  const measure = measureWords(parts);
  const all: string[] = [];
  all.push(...pared(parts, thing));
  if (prefix === 'zest') {
    if (unit || loose) all.push(`${measure} ${thing} zest`, `${measure} ${thing} peel`);
    else all.push(...zestOf(measure, thing));
    return all;
  } else if (prefix) {
    // So many grams of peel are no peel of so many fruits.
    if (unit === undefined) all.push(`${prefix} ${measure} ${thing}`);
    if (prefix === 'peel of') all.push(`${measure} ${thing} peel`);
    if (!unit && !loose) return all;
  }
  // "1 tsp mandarin, zest": what is grated off has a row of its own.
  if (states.includes('zest') && nameOf([thing, 'zest'])) all.push(`${measure} ${thing} zest`);
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
  if (!name || MADE_OF_IT.has(parts.words[name.to] ?? '')) return undefined;
  const left = { ...parts, words: [...parts.words.slice(0, name.from), NO_WORD, ...parts.words.slice(name.to)] };
  takeUnit(left);
  const unread = [...unreadOf(left.words.filter((word) => word !== NO_WORD))];
  if (left.times === 1 && !parts.holds && !capsules(tokens, name.name)) unread.push(...parts.spare);
  const said = left.amount !== undefined || left.unit !== undefined || left.loose !== undefined;
  // "tonic water" is no water.
  const before = parts.words[name.from - 1];
  const wide = before !== undefined && unread.includes(before) ? rowOf(WIDE_NAMES, name.name) : undefined;
  const ask = name.asked
    ? asked(name.asked.ask, name.asked.choices)
    : left.loose?.ask
      ? asked(left.loose.ask, left.loose.choices)
      : left.ask
        ? asked(left.ask)
        : wide
          ? asked(wide)
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
      const ounces = left.unit === 'oz' && line.ingredient.state === 'liquid';
      const long = line.amount.unit.dimension === 'length' ? asked('How thick is it?', ['1 cm', '2 cm', '3 cm']) : null;
      const how = long ?? (guessed ? asked(`How many grams is a ${left.unit!.replace(/s$/, '')} of it?`) : null);
      const which = ounces
        ? asked('Fluid ounces, or ounces by weight?', [text.replace(' oz ', ' fl oz '), text])
        : null;
      const said = parts.words
        .concat(parts.forms)
        .map((word) => rowOf(NOTED, word))
        .find(Boolean);
      return { text, line, unread, ask: ask ?? which ?? how, bare: false, ...(said ? { note: said } : {}) };
    }
    if (line.code === 'ambiguous-ingredient' && line.suggestions.length > 0) {
      const [first] = line.suggestions as [string, ...string[]];
      const assumed = readIngredientLine(first, options);
      if (assumed.kind === 'read')
        return { text: first, line: assumed, unread, ask: asked(line.message, line.suggestions), bare: false };
    }
  }
  return unweighed(left, name, unread, options);
}

/** A thing that is counted, and of which nobody here knows what one weighs: it stands, and is asked about. */
function unweighed(
  { unit, loose, prefix, amount }: Parts,
  { name }: Span,
  unread: readonly string[],
  options: LineOptions,
): IngredientFrame | undefined {
  if (unit !== undefined || loose !== undefined || prefix || !amount || amount.article) return undefined;
  const line = readIngredientLine(`1 g ${name}`, options);
  if (line.kind !== 'read') return undefined;
  return { text: name, line, unread, ask: asked(`How many grams of ${name} is that?`), bare: true };
}
