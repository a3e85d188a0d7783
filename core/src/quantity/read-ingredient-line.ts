import { ingredientById, type Ingredient, findIngredient } from '../catalogue';
import { rowOf } from '../lookup';
import type { Amount } from './amount';
import {
  assumptions,
  describe,
  type FillDose,
  type IngredientLine,
  type LineOptions,
  type MassDose,
} from './ingredient-line';
import {
  identify,
  splitPhrase,
  trailingForm,
  unknownIngredient,
  type FoundIngredient,
  type IngredientPhrase,
} from './ingredient-phrase';
import { juiceMass, measuredMass, pieceFor, type MeasuredMass } from './measured-mass';
import { massByMeasures, ownUnits, type OwnMeasure } from './own-measure';
import { isUnreadable, unreadable, type Unreadable } from './outcome';
import { amountOf, checkNumber, scanUnit, unknownUnit } from './read-amount';
import { inCapsuleOrder, readCapsules } from './read-capsules';
import { readFill } from './read-fill';
import { readPotAmount } from './read-pot-amount';
import { scanNumber, type ScannedNumber } from './scan-number';
import { UNIT_BY_ALIAS, WHOLE } from './units';
import type { Unit } from './unit';

export type { FillDose, IngredientLine, LineOptions, MassDose };

const QUALIFIED_UNIT =
  /(?:(?:level|flat|heaped|heaping|rounded|cutlery|measuring|small|medium|large|big|scant|generous) +)+/y;
const JUICE_OF = /^(?:the )?(?:juice|squeeze) (?:of|from) /;
const PEEL_OF = /^(?:the )?(?:peel|rind|skin) (?:of|from) /;

interface Draft {
  readonly amount: Amount;
  readonly phrase: IngredientPhrase;
  readonly before: string;
  readonly juice: boolean;
  readonly piece?: string;
}

/** Grams, and the measure of the maker's own they came by. */
interface Weight {
  readonly mass: MeasuredMass;
  readonly measure?: OwnMeasure;
}

function finish(found: FoundIngredient, draft: Draft, { mass, measure }: Weight, unit: Unit): IngredientLine {
  const { phrase } = draft;
  const amount: Amount = {
    ...draft.amount,
    unit,
    ...(phrase.heap ? { heap: phrase.heap } : {}),
    ...(phrase.spoons ? { spoons: phrase.spoons } : {}),
  };
  // A large lemon weighs more than a lemon; 60 g of a large lemon are 60 g.
  const measured = unit.dimension === 'mass' || unit.tool === 'jug';
  const sized = measured ? 1 : (phrase.size ?? 1);
  const scaled = sized === 1 ? mass : measuredMass(mass.mass_g * sized, mass.errors);
  const form = found.form;
  const juice = draft.juice || form === 'juiced';
  const pressed = juice ? juiceMass(scaled, found.ingredient, amount.value) : undefined;
  const ingredient = pressed ? ingredientById(found.ingredient.juiceId!) : found.ingredient;
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
    ...(measure ? { byOwn: measure } : {}),
    assumed: assumptions(phrase, found.ingredient),
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

/** The peel of a fruit has a row of its own where it is used by itself. */
function peelOf(fruit: Ingredient): Ingredient {
  return findIngredient(`${fruit.id} peel`) ?? fruit;
}

/** What goes by another name on a spoon: sticks are not spooned, and a root may be fresh or ground. */
const GROUND: Readonly<Record<string, string>> = { 'cinnamon-stick': 'cinnamon-ground' };
const FRESH_OR_GROUND = new Set(['ginger']);

function spooned(found: FoundIngredient, words: readonly string[], before: string): FoundIngredient | Unreadable {
  const name = words.join(' ');
  if (FRESH_OR_GROUND.has(name) && found.form === undefined)
    return unreadable(
      'ambiguous-ingredient',
      name,
      `Ground or fresh? A spoon of ground ${name} is several times as strong as one of fresh.`,
      [`${before} ground ${name}`, `${before} fresh ${name}, grated`],
    );
  const ground = rowOf(GROUND, found.ingredient.id);
  return ground && !words.includes('stick') && !words.includes('sticks')
    ? { ...found, ingredient: ingredientById(ground) }
    : found;
}

function build(draft: Draft, { own, measures, suggests = true }: LineOptions): IngredientLine | Unreadable {
  const { phrase, amount } = draft;
  if (phrase.words.length === 0)
    return unreadable('no-ingredient', draft.before, `Say of what: ${draft.before} of which ingredient?`);
  let found = identify(phrase.words, own);
  let unit = draft.piece ? (UNIT_BY_ALIAS.get(draft.piece) as Unit) : amount.unit;
  if (!found && unit === WHOLE && phrase.words.length > 1) {
    // "6 mint leaves, torn": the last word but the forms is the piece.
    const { name, form } = trailingForm(phrase.words);
    const piece = UNIT_BY_ALIAS.get(name[name.length - 1] ?? '');
    const shorter = identify(name.slice(0, -1), own);
    if (piece?.dimension === 'piece' && shorter && pieceFor(shorter.ingredient, piece.id)) {
      found = form === undefined ? shorter : { ...shorter, form };
      unit = piece;
    }
  }
  if (!found) return unknownIngredient(phrase.words, draft.before, suggests);
  const byTheSpoon = unit.tool === 'spoon' ? spooned(found, phrase.words, draft.before) : found;
  if ('kind' in byTheSpoon) return byTheSpoon;
  found = byTheSpoon;
  if (draft.piece === 'peel') found = { ...found, ingredient: peelOf(found.ingredient) };
  const pressed = draft.juice || found.form === 'juiced';
  if (pressed && !(found.ingredient.juice?.hand && found.ingredient.juiceId)) return noJuice(found);
  const { mass, measure } = massByMeasures(
    {
      ...amount,
      unit,
      ...(phrase.heap ? { heap: phrase.heap } : {}),
      ...(phrase.spoons ? { spoons: phrase.spoons } : {}),
    },
    found,
    measures,
  );
  if (isUnreadable(mass)) return mass;
  return finish(found, draft, { mass, ...(measure ? { measure } : {}) }, unit);
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

/** "2 x 1/4 tsp" is so many of so much; "2 x cloves" has no second number. */
function timesOf(text: string, count: ScannedNumber): ScannedNumber | Unreadable | undefined {
  const times = /^ ?[x×] ?(?=[\d½¼¾⅓⅔⅛⅜⅝⅞])/.exec(text.slice(count.end));
  const each = times ? scanNumber(text, count.end + times[0].length) : undefined;
  if (!each) return undefined;
  const wrong = checkNumber(each, text.slice(count.end, each.end).trim());
  return wrong ?? { ...each, low: count.low * each.low, high: count.high * each.high };
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
  const other = readPotAmount(text, options) ?? readFill(text, options.own);
  if (other) return other;
  text = inCapsuleOrder(text);
  const juice = JUICE_OF.test(text);
  const peel = PEEL_OF.test(text);
  text = text.replace(juice ? JUICE_OF : PEEL_OF, '');

  const number = scanNumber(text, 0);
  if (number) {
    const wrong = checkNumber(number, text.slice(0, number.end));
    if (wrong) return { ...wrong, suggestions: wrong.suggestions.map((each) => `${each}${text.slice(number.end)}`) };
  }
  const several = number && timesOf(text, number);
  if (several && 'kind' in several) return several;
  const value = several ?? number ?? { low: 1, high: 1, decimals: 0, end: 0 };
  let at = value.end;
  while (text[at] === ' ' || (text[at] === 'x' && text[at + 1] === ' ')) at += 1;
  QUALIFIED_UNIT.lastIndex = at;
  const qualifiers = QUALIFIED_UNIT.test(text) ? text.slice(at, QUALIFIED_UNIT.lastIndex) : '';
  const unitAt = at + qualifiers.length;
  const scanned = scanUnit(text, unitAt, options.measures && ownUnits(options.measures));
  if (!number && scanned?.unit.tool !== 'hand' && scanned?.unit.dimension !== 'piece') return nothingBefore(text);

  const rest = scanned ? text.slice(scanned.end).trim() : '';
  // "8 cloves", "1 cinnamon stick" and "1 t salt" have no unit of their own.
  const usesUnit = scanned !== undefined && (rest !== '' || scanned.unit.dimension !== 'piece');
  if (usesUnit && scanned.unit.dimension === 'capsule') return readCapsules(amountOf(value, scanned.unit), rest);
  const before = text.slice(0, usesUnit ? scanned.end : at).trim();
  const phrase = splitPhrase(`${qualifiers}${usesUnit ? rest : text.slice(unitAt)}`);
  if (isUnreadable(phrase)) return phrase;
  const withSpoons = { ...phrase, spoons: phrase.spoons ?? options.spoons };
  const draft: Draft = {
    amount: amountOf(value, usesUnit ? scanned.unit : WHOLE),
    phrase: withSpoons.spoons ? (withSpoons as IngredientPhrase) : phrase,
    before,
    juice,
    ...(peel ? { piece: 'peel' } : {}),
  };
  const line = build(draft, options);
  if (line.kind === 'read' || usesUnit || line.code !== 'unknown-ingredient' || phrase.words.length < 2) return line;
  const [first, ...others] = phrase.words;
  return identify(others)
    ? withRest(unknownUnit(first as string, text.slice(0, number?.end ?? 0)), others.join(' '))
    : line;
}

function withRest(wrong: Unreadable, thing: string): Unreadable {
  return { ...wrong, suggestions: wrong.suggestions.map((each) => `${each} ${thing}`) };
}
