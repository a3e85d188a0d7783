import type { Ingredient } from '../catalogue';
import { baseValue } from './amount';
import { assumptions, describe, type IngredientLine } from './ingredient-line';
import { identify, splitPhrase, unknownIngredient } from './ingredient-phrase';
import { combinedCv, jugCv } from './measure-error';
import { isUnreadable, unreadable, type Unreadable } from './outcome';
import { readAmount } from './read-amount';
import { scanNumber } from './scan-number';

const FILL = /^(?:(?:top|fill)(?: it)? up with |top with |fill with )?(.+?),? (?:up to|to make|made up to|to) (\S.*)$/;

/** Reads "water to 1 L", "top up with water to 1 L"; undefined when the line is no such thing. */
export function readFill(text: string, own?: readonly Ingredient[]): IngredientLine | Unreadable | undefined {
  const [, thing, mark] = FILL.exec(text) ?? [];
  if (!thing || !mark || scanNumber(text, 0)) return undefined;
  const amount = readAmount(mark);
  if (isUnreadable(amount)) return amount;
  if (amount.unit.dimension !== 'volume') return unreadable('unit-mismatch', mark, 'Fill to a volume, such as 1 L.');
  const phrase = splitPhrase(thing);
  if (isUnreadable(phrase)) return phrase;
  const found = identify(phrase.words, own);
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
    assumed: assumptions(phrase, found.ingredient),
  };
}
