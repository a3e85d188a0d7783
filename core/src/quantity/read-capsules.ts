import { findIngredient, type Ingredient } from '../catalogue';
import { ATOMIC_WEIGHTS, type ExtensiveProperty } from '../liquid';
import { rowOf } from '../lookup';
import type { Amount } from './amount';
import { formatNumber } from './format-number';
import { describe, type IngredientLine } from './ingredient-line';
import { identify, splitPhrase, unknownIngredient } from './ingredient-phrase';
import { measuredMass } from './measured-mass';
import { isUnreadable, unreadable, type Unreadable } from './outcome';
import { scanUnit } from './read-amount';
import { scanNumber } from './scan-number';

const CAPSULE_OF = /^ ?(?:of |x |× )?/;
const MASS = '\\d[\\d.,]* ?(?:mg|g|mcg|µg)';
const CAPSULES = '(?:capsules?|caps|tablets?|pills?)';

/** Ways of saying "12 capsules of 100 mg magnesium", with the count, the mass of each and the thing by name. */
const WAYS: readonly RegExp[] = [
  `^(?<count>\\S+) (?:x |× )?(?<mass>${MASS}) (?<thing>\\D+?) ${CAPSULES}$`,
  `^(?<count>\\S+) (?<thing>[^\\d(]+?) ${CAPSULES}(?: of|,| with| at)? ?\\(?(?<mass>${MASS})(?: each)?\\)?$`,
  `^(?<count>\\S+) ${CAPSULES}(?: of)? (?<thing>(?!with )[^\\d(,]+?)(?:,| at| with)? ?\\(?(?<mass>${MASS})(?: each)?\\)?$`,
  `^(?<count>\\S+) ${CAPSULES},? (?:with |at )?\\(?(?<mass>${MASS})(?: each)?\\)?(?: of)? (?<thing>\\D+?)(?: each)?$`,
].map((way) => new RegExp(way));

/** A line about capsules in the order in which they are read; any other line as it is. */
export function inCapsuleOrder(text: string): string {
  if (!new RegExp(`\\b${CAPSULES}\\b`).test(text)) return text;
  const said = WAYS.map((way) => way.exec(text)?.groups).find((groups) => groups !== undefined);
  return said ? `${said.count} capsules of ${said.mass} ${said.thing}` : text;
}

/** What a label counts by the element, and what it is taken to be in where the label is not read out. */
const ELEMENTS: Readonly<Record<string, readonly [symbol: string, property: ExtensiveProperty, usual: string]>> = {
  magnesium: ['Mg', 'magnesium_mmol', 'magnesium citrate'],
  potassium: ['K', 'potassium_mmol', 'potassium citrate'],
  calcium: ['Ca', 'calcium_mmol', 'calcium carbonate'],
};
const ELEMENT =
  /^(?:elemental )?(magnesium|potassium|calcium)(?: \(?(?:as|from) (?:(?:magnesium|potassium|calcium) )?(.+?)\)?)?$/;

interface Filling {
  readonly ingredient: Ingredient;
  /** Grams of it that a gram of what is said stands for. */
  readonly perGram: number;
  readonly assumed: readonly string[];
}

/** The compound behind an element: "magnesium as bisglycinate" is magnesium itself, in that. */
function compoundOf(thing: string): Filling | undefined {
  const [, element, as] = ELEMENT.exec(thing) ?? [];
  const row = element === undefined ? undefined : rowOf(ELEMENTS, element);
  if (!row) return undefined;
  const [symbol, property, usual] = row;
  const name = as ? `${element} ${as}` : usual;
  const ingredient = findIngredient(name) ?? findIngredient(as ?? usual);
  const share = ((ingredient?.composition?.[property] ?? 0) * (ATOMIC_WEIGHTS[symbol] as number)) / 1000;
  if (!ingredient || !(share > 0)) return undefined;
  return {
    ingredient,
    perGram: 1 / share,
    assumed: as
      ? []
      : [`the ${element} itself, taken to be in ${ingredient.name.toLowerCase()}: the label says in what`],
  };
}

/**
 * Reads what stands behind a count of capsules: "12 capsules of 100 mg magnesium citrate".
 *
 * @param count capsules, as read
 * @param rest of the line
 */
export function readCapsules(count: Amount, rest: string): IngredientLine | Unreadable {
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
  const element = compoundOf(thing);
  const phrase = splitPhrase(thing);
  if (isUnreadable(phrase)) return phrase;
  const named = element ? undefined : identify(phrase.words)?.ingredient;
  const filling = element ?? (named && { ingredient: named, perGram: 1, assumed: [] });
  if (!filling)
    return unknownIngredient(
      phrase.words,
      `${formatNumber(count.value)} ${count.unit.plural} of ${text.slice(0, unit.end)}`,
    );
  const mass_g = count.value * each.low * unit.unit.size * filling.perGram;
  return {
    kind: 'read',
    ingredient: filling.ingredient,
    amount: count,
    dose: { kind: 'mass', ...measuredMass(mass_g, [{ key: 'own', cv: count.unit.cv ?? 0 }]) },
    understood: `${describe(count, '')} of ${text.slice(0, unit.end)} ${element ? thing : filling.ingredient.name.toLowerCase()}`,
    assumed: filling.assumed,
  };
}
