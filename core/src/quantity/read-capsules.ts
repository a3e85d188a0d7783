import type { Amount } from './amount';
import { formatNumber } from './format-number';
import { describe, type IngredientLine } from './ingredient-line';
import { identify, splitPhrase, unknownIngredient } from './ingredient-phrase';
import { measuredMass } from './measured-mass';
import { isUnreadable, unreadable, type Unreadable } from './outcome';
import { scanUnit } from './read-amount';
import { scanNumber } from './scan-number';

const CAPSULE_OF = /^ ?(?:of |x |× )?/;

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
