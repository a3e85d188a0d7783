import type { Ingredient } from '../catalogue/ingredient';
import { ingredientById } from '../catalogue/catalogue';
import { baseValue, type Amount, type SpoonKind } from './amount';
import { formatNumber } from './format-number';
import {
  identify,
  splitPhrase,
  unknownIngredient,
  type FoundIngredient,
  type IngredientPhrase,
} from './ingredient-phrase';
import { combinedCv, jugCv, type MeasureError } from './measure-error';
import { juiceMass, massOfAmount, measuredMass, pieceFor, type MeasuredMass } from './measured-mass';
import { unreadable, type Unreadable } from './outcome';
import { amountOf, checkNumber, readAmount, scanUnit, unknownUnit } from './read-amount';
import { scanNumber } from './scan-number';
import { UNIT_BY_ALIAS, WHOLE } from './units';
import type { Unit } from './unit';

/** So much of it. */
export interface MassDose extends MeasuredMass {
  readonly kind: 'mass';
}

/** As much as it takes to reach a mark. */
export interface FillDose {
  readonly kind: 'fill';
  readonly volume_mL: number;
  readonly cv: number;
  readonly errors: readonly MeasureError[];
}

/** One line of a recipe, understood. */
export interface IngredientLine {
  readonly kind: 'read';
  readonly ingredient: Ingredient;
  readonly form?: string;
  readonly amount: Amount;
  readonly dose: MassDose | FillDose;
  /** What was understood, in full: "0.667 US cup honey". */
  readonly understood: string;
  /** What was taken for granted, to be shown beside it. */
  readonly assumed: readonly string[];
}

export interface LineOptions {
  /** Spoons used where the line does not say. */
  readonly spoons?: SpoonKind;
}

const QUALIFIED_UNIT =
  /(?:(?:level|flat|heaped|heaping|rounded|cutlery|measuring|small|medium|large|big|scant|generous) +)+/y;
const FILL = /^(?:(?:top|fill)(?: it)? up with |top with |fill with )?(.+?),? (?:up to|to make|made up to|to) (\S.*)$/;
const JUICE_OF = /^(?:the )?(?:juice|squeeze) (?:of|from) /;
const PEEL_OF = /^(?:the )?(?:peel|rind|skin) (?:of|from) /;
const CAPSULE_OF = /^ ?(?:of |x |× )?/;

/** Assumptions that hold for a name as short as this one. */
const SHORT_NAMES: Readonly<Record<string, string>> = {
  salt: 'read as fine table salt; flaky and coarse salt weigh less by the spoon',
  sugar: 'read as white granulated sugar',
  'tap water': 'read as tap water of average hardness',
};

interface Draft {
  readonly amount: Amount;
  readonly phrase: IngredientPhrase;
  readonly before: string;
  readonly juice: boolean;
  readonly piece?: string;
}

const isUnreadable = (value: object): value is Unreadable => 'kind' in value && value.kind === 'unreadable';

function describeUnit(amount: Amount): string {
  if (amount.unit === WHOLE) return '';
  const heap = amount.heap === 'heaped' ? 'heaped ' : '';
  const spoons = amount.spoons === 'cutlery' && amount.unit.tool === 'spoon' ? 'cutlery ' : '';
  return `${heap}${spoons}${amount.value > 1 ? amount.unit.plural : amount.unit.name}`;
}

function describe(amount: Amount, thing: string): string {
  const number =
    amount.low < amount.high
      ? `${formatNumber(amount.low)} to ${formatNumber(amount.high)}`
      : formatNumber(amount.value);
  return [number, describeUnit(amount), thing].filter(Boolean).join(' ');
}

function assumptions(phrase: IngredientPhrase): readonly string[] {
  const known = SHORT_NAMES[phrase.words.join(' ')];
  return known ? [known] : [];
}

function finish(found: FoundIngredient, draft: Draft, mass: MeasuredMass, unit: Unit): IngredientLine {
  const { phrase } = draft;
  const amount: Amount = {
    ...draft.amount,
    unit,
    ...(phrase.heap ? { heap: phrase.heap } : {}),
    ...(phrase.spoons ? { spoons: phrase.spoons } : {}),
  };
  const sized = phrase.size ?? 1;
  const scaled = sized === 1 ? mass : measuredMass(mass.mass_g * sized, mass.errors);
  const form = found.form;
  const juice = draft.juice || form === 'juiced';
  const pressed = juice ? juiceMass(scaled, found.ingredient, amount.value) : undefined;
  const ingredient = pressed ? ingredientById(found.ingredient.juice!.juice) : found.ingredient;
  const name = ingredient.name.toLowerCase();
  const size = phrase.size === undefined || phrase.size === 1 ? '' : phrase.size > 1 ? 'large ' : 'small ';
  const thing = pressed ? `${found.ingredient.name.toLowerCase()}, its juice` : form ? `${name}, ${form}` : name;
  return {
    kind: 'read',
    ingredient,
    ...(form && !pressed ? { form } : {}),
    amount,
    dose: { kind: 'mass', ...(pressed ?? scaled) },
    understood: describe(amount, `${size}${thing}`),
    assumed: assumptions(phrase),
  };
}

function noJuice(found: FoundIngredient): Unreadable {
  const name = found.ingredient.name.toLowerCase();
  return unreadable(
    'no-such-measure',
    name,
    `How much juice ${name} gives is not known here. Measure the juice and write its volume.`,
  );
}

function build(draft: Draft): IngredientLine | Unreadable {
  const { phrase, amount } = draft;
  if (phrase.words.length === 0)
    return unreadable('no-ingredient', draft.before, `Say of what: ${draft.before} of which ingredient?`);
  let found = identify(phrase.words);
  let unit = draft.piece ? (UNIT_BY_ALIAS.get(draft.piece) as Unit) : amount.unit;
  if (!found && unit === WHOLE && phrase.words.length > 1) {
    // "6 mint leaves": the last word is the piece.
    const piece = UNIT_BY_ALIAS.get(phrase.words[phrase.words.length - 1] as string);
    const shorter = identify(phrase.words.slice(0, -1));
    if (piece?.dimension === 'piece' && shorter && pieceFor(shorter.ingredient, piece.id)) {
      found = shorter;
      unit = piece;
    }
  }
  if (!found) return unknownIngredient(phrase.words, draft.before);
  if ((draft.juice || found.form === 'juiced') && !found.ingredient.juice) return noJuice(found);
  const measured = massOfAmount(
    {
      ...amount,
      unit,
      ...(phrase.heap ? { heap: phrase.heap } : {}),
      ...(phrase.spoons ? { spoons: phrase.spoons } : {}),
    },
    found.ingredient,
    found.form,
  );
  if (isUnreadable(measured)) return measured;
  return finish(found, draft, measured, unit);
}

/** "water to 1 L", "top up with water to 1 L". */
function readFill(text: string): IngredientLine | Unreadable | undefined {
  const [, thing, mark] = FILL.exec(text) ?? [];
  if (!thing || !mark || scanNumber(text, 0)) return undefined;
  const amount = readAmount(mark);
  if (isUnreadable(amount)) return amount;
  if (amount.unit.dimension !== 'volume') return unreadable('unit-mismatch', mark, 'Fill to a volume, such as 1 L.');
  const phrase = splitPhrase(thing);
  if (isUnreadable(phrase)) return phrase;
  const found = identify(phrase.words);
  if (!found) return unknownIngredient(phrase.words, '');
  if (found.ingredient.state !== 'liquid')
    return unreadable(
      'unit-mismatch',
      thing,
      `Only a liquid can be filled up to a mark; ${found.ingredient.name.toLowerCase()} is none.`,
      [`water to ${mark}`],
    );
  const volume_mL = baseValue(amount);
  const errors = [{ key: 'own', cv: jugCv(volume_mL) }];
  return {
    kind: 'read',
    ingredient: found.ingredient,
    amount,
    dose: { kind: 'fill', volume_mL, cv: combinedCv(errors), errors },
    understood: `${found.ingredient.name.toLowerCase()} to ${describe(amount, '').trim()}`,
    assumed: assumptions(phrase),
  };
}

/** "12 capsules of 100 mg magnesium citrate". */
function readCapsules(count: Amount, rest: string): IngredientLine | Unreadable {
  const text = rest.replace(CAPSULE_OF, '');
  const each = scanNumber(text, 0);
  const unit = each ? scanUnit(text, each.end + (text[each.end] === ' ' ? 1 : 0)) : undefined;
  if (!each || unit?.unit.dimension !== 'mass')
    return unreadable(
      'no-amount',
      rest.trim(),
      `Say how much is in each ${count.unit.name}, such as "12 capsules of 100 mg ascorbic acid".`,
    );
  const thing = text.slice(unit.end).trim();
  const phrase = splitPhrase(thing);
  if (isUnreadable(phrase)) return phrase;
  if (phrase.words.join(' ') === 'magnesium')
    return unreadable(
      'ambiguous-ingredient',
      'magnesium',
      'Which compound? The label says how much magnesium is in it; the powder around it weighs more.',
      ['magnesium citrate', 'magnesium bisglycinate'].map(
        (name) => `${formatNumber(count.value)} ${count.unit.plural} of ${text.slice(0, unit.end)} ${name}`,
      ),
    );
  const found = identify(phrase.words);
  if (!found)
    return unknownIngredient(
      phrase.words,
      `${formatNumber(count.value)} ${count.unit.plural} of ${text.slice(0, unit.end)}`,
    );
  const mass_g = count.value * each.low * unit.unit.size;
  return {
    kind: 'read',
    ingredient: found.ingredient,
    amount: count,
    dose: { kind: 'mass', ...measuredMass(mass_g, [{ key: 'own', cv: count.unit.cv ?? 0 }]) },
    understood: `${describe(count, '')} of ${text.slice(0, unit.end)} ${found.ingredient.name.toLowerCase()}`,
    assumed: [],
  };
}

function nothingBefore(text: string): Unreadable {
  if (/^[-−]\s*\d/.test(text))
    return unreadable('not-positive', text, 'An amount has to be more than nothing. Write a number above 0.');
  const phrase = splitPhrase(text);
  if (isUnreadable(phrase)) return phrase;
  const found = identify(phrase.words);
  const thing = found ? found.ingredient.name.toLowerCase() : phrase.words.join(' ');
  const unit = found?.ingredient.state === 'liquid' ? 'mL' : 'g';
  return found
    ? unreadable(
        'no-amount',
        text,
        `How much ${thing}? Put the amount first.`,
        [
          `2 ${unit} ${thing}`,
          ...(found.ingredient.state === 'soluble' ? [`1/2 tsp ${thing}`] : [`${thing} to 1 L`]),
        ].slice(0, found.ingredient.pieces.length ? 1 : 2),
      )
    : unreadable('no-amount', text, 'Start with an amount, such as "2.6 g table salt".');
}

/**
 * Reads one line of a recipe: "1 1/2 tsp fine sea salt, level", "juice of 1 lime", "water to 1 L".
 *
 * @param written any case and spacing
 * @param options what spoons are meant where the line does not say
 * @returns ingredient, amount and grams with their spread; or what was not understood, and what
 *   it could have meant. Nothing is guessed: what is taken for granted stands in `assumed`.
 */
export function readIngredientLine(written: string, options: LineOptions = {}): IngredientLine | Unreadable {
  let text = written
    .trim()
    .toLowerCase()
    .replace(/\s+/g, ' ')
    .replace(/^(?:about|around|approx\.?|approximately|~) ?/, '');
  if (text === '')
    return unreadable('empty', written, 'Write an amount and an ingredient, such as "2.6 g table salt".');
  const fill = readFill(text);
  if (fill) return fill;
  const juice = JUICE_OF.test(text);
  const peel = PEEL_OF.test(text);
  text = text.replace(juice ? JUICE_OF : PEEL_OF, '');

  let at = 0;
  const number = scanNumber(text, 0);
  if (number) {
    const wrong = checkNumber(number, text.slice(0, number.end));
    if (wrong) return { ...wrong, suggestions: wrong.suggestions.map((each) => `${each}${text.slice(number.end)}`) };
    at = number.end;
  }
  const value = number ?? { low: 1, high: 1, decimals: 0, end: 0 };
  while (text[at] === ' ' || (text[at] === 'x' && text[at + 1] === ' ')) at += 1;
  QUALIFIED_UNIT.lastIndex = at;
  const qualifiers = QUALIFIED_UNIT.test(text) ? text.slice(at, QUALIFIED_UNIT.lastIndex) : '';
  const unitAt = at + qualifiers.length;
  const scanned = scanUnit(text, unitAt);
  if (!number && scanned?.unit.tool !== 'hand' && scanned?.unit.dimension !== 'piece') return nothingBefore(text);

  const rest = scanned ? text.slice(scanned.end).trim() : '';
  // "8 cloves", "1 cinnamon stick" and "1 t salt" have no unit of their own.
  const usesUnit = scanned !== undefined && (rest !== '' || scanned.unit.dimension !== 'piece');
  if (usesUnit && scanned.unit.dimension === 'capsule') return readCapsules(amountOf(value, scanned.unit), rest);
  const before = text.slice(0, usesUnit ? scanned.end : at).trim();
  const phrase = splitPhrase(`${qualifiers}${usesUnit ? rest : text.slice(unitAt)}`);
  if (isUnreadable(phrase)) return phrase;
  const withSpoons = { ...phrase, spoons: phrase.spoons ?? options.spoons };
  const line = build({
    amount: amountOf(value, usesUnit ? scanned.unit : WHOLE),
    phrase: withSpoons.spoons ? (withSpoons as IngredientPhrase) : phrase,
    before,
    juice,
    ...(peel ? { piece: 'peel' } : {}),
  });
  if (line.kind === 'read' || usesUnit || line.code !== 'unknown-ingredient' || phrase.words.length < 2) return line;
  const [first, ...others] = phrase.words;
  return identify(others)
    ? withRest(unknownUnit(first as string, text.slice(0, number?.end ?? 0)), others.join(' '))
    : line;
}

function withRest(wrong: Unreadable, thing: string): Unreadable {
  return { ...wrong, suggestions: wrong.suggestions.map((each) => `${each} ${thing}`) };
}
