import type { Ingredient } from '../catalogue';
import { baseValue, type Amount } from './amount';
import type { IngredientLine, LineOptions, PotRule } from './ingredient-line';
import { identify, splitPhrase, unknownIngredient, type FoundIngredient } from './ingredient-phrase';
import { combinedCv, type MeasureError } from './measure-error';
import { isUnreadable, unreadable, type Unreadable } from './outcome';
import { readAmount } from './read-amount';
import { scanNumber } from './scan-number';
import { UNIT_BY_ALIAS } from './units';
import type { Unit } from './unit';

/** What a line is about that depends on the pot; every other line has none of these words. */
const DEPENDS =
  /\bas (?:the |there is )?\w|\bparts?\b|\bfor every\b|\bfor each\b|\bper\b|\bto cover\b|\bto taste\b|\bequal\b|\bsame (?:weight|amount|volume)\b/;

const THE_LIQUID = /^(?:the |that |your )?(?:liquid|liquor|juice|pot|brew|decoction|infusion|strained liquid|rest)$/;
const BY = /,? (?:both )?by (weight|mass|volume)\b/;

/** Hands and eyes that make two things equal. Source: estimate; a scale does better. */
const EQUAL_CV = { mass: 0.03, volume: 0.08 } as const;
/** What covers fruit depends on the pot and on the eye. Source: estimate. */
const COVER_CV = 0.3;
const TASTE_CV = 0.5;
/** Share of what is in the pot that most people end at, by mass. Source: estimates from common recipes. */
const TASTE: Readonly<Partial<Record<Ingredient['role'], number>>> = {
  sweetener: 0.06,
  acid: 0.002,
  salt: 0.002,
  juice: 0.03,
  spice: 0.001,
};

/** By the gram, so that a line of it is drawn and gathered as a mass. */
const GRAM = UNIT_BY_ALIAS.get('g') as Unit;
const gramsOf = (value: number): Amount => ({ value, low: value, high: value, decimals: 0, unit: GRAM });

interface Said {
  readonly thing: string;
  readonly rule: (found: FoundIngredient) => PotRule | undefined;
  readonly cv: number;
  readonly says: (name: string) => string;
}

const ofWhat = (words: string): string | null => (THE_LIQUID.test(words) ? null : words.replace(/^(?:the|your) /, ''));
const beside = (of: string | null): string => of ?? 'what is in the pot';

function ratio(thing: string, factor: number, of: string | null, by: 'mass' | 'volume'): Said {
  return {
    thing,
    rule: () => ({ kind: 'ratio', factor, of, by }),
    cv: EQUAL_CV[by],
    says: (name) =>
      `${factor === 1 ? 'as much' : `${Number(factor.toPrecision(3))} times as much`} ${name} as ${beside(of)}, by ${by === 'mass' ? 'weight' : 'volume'}`,
  };
}

function equalOf(text: string, by: 'mass' | 'volume'): Said | undefined {
  const much =
    /^as much (.+?) as (?:there is )?(.+)$/.exec(text) ??
    /^(?:the |an )?(?:same|equal) (?:weight|amount|mass|volume|quantity)(?: of)? (.+?) (?:as|to) (.+)$/.exec(text);
  if (much) return ratio(much[1]!, 1, ofWhat(much[2]!), by);
  const alone = /^(?:the |an )?(?:same|equal) (?:weight|amount|mass|volume|quantity)(?: of)? (.+)$/.exec(text);
  return alone ? ratio(alone[1]!, 1, null, by) : undefined;
}

function partsOf(text: string, by: 'mass' | 'volume'): Said | undefined {
  const first = scanNumber(text, 0);
  const [, thing, rest] =
    /^ parts? (?:of )?(.+?) (?:to|for(?: every)?) (.+)$/.exec(first ? text.slice(first.end) : '') ?? [];
  const second = rest ? scanNumber(rest, 0) : undefined;
  const [, of] = /^ parts? (?:of )?(.+)$/.exec(second ? rest!.slice(second.end) : '') ?? [];
  if (!first || !second || !thing || !of || !(second.low > 0)) return undefined;
  return ratio(thing, first.low / second.low, ofWhat(of), by);
}

/** "250 g sugar for every 500 mL". */
function everyOf(text: string): Said | undefined {
  const [, amount, thing, each] =
    /^([\d½¼¾⅓⅔./ ]+ ?[a-z]+) (?:of )?(.+?),? (?:for every|for each|per) (\S.*)$/.exec(text) ?? [];
  if (!amount || !thing || !each) return undefined;
  const more = readAmount(amount);
  const size = each.replace(/ (?:of )?(?:the )?(?:liquid|liquor|juice|water|brew)$/, '');
  const every = readAmount(scanNumber(size, 0) ? size : `1 ${size}`);
  if (isUnreadable(more) || isUnreadable(every) || more.unit.dimension !== 'mass') return undefined;
  const { dimension } = every.unit;
  if (dimension !== 'mass' && dimension !== 'volume') return undefined;
  const factor = baseValue(more) / baseValue(every);
  return {
    thing,
    rule: () => ({ kind: 'every', factor, of: dimension }),
    cv: EQUAL_CV[dimension],
    says: (name) => `${amount} ${name} for every ${each}`,
  };
}

function coverOrTaste(text: string): Said | undefined {
  const [, , thing, how] = /^((?:just )?enough )?(.+?),? (?:just enough )?to (cover|taste)\b/.exec(text) ?? [];
  if (!thing) return undefined;
  if (how === 'cover')
    return {
      thing,
      rule: () => ({ kind: 'cover' }),
      cv: COVER_CV,
      says: (name) => `${name}, until it covers what is in the pot`,
    };
  return {
    thing,
    rule: ({ ingredient }) => {
      const share = TASTE[ingredient.role];
      return share === undefined ? undefined : { kind: 'ratio', factor: share, of: null, by: 'mass' };
    },
    cv: TASTE_CV,
    says: (name) => `${name} to taste, about as much as most people put in`,
  };
}

/**
 * Reads an amount that depends on what is in the pot when its step comes: "as much honey as liquid", "1 part sugar to 2
 * parts liquid", "250 g sugar for every 500 mL", "water to cover", "honey to taste".
 *
 * @param text in small letters
 * @returns undefined where the line is no such thing
 */
export function readPotAmount(text: string, { own }: LineOptions): IngredientLine | Unreadable | undefined {
  if (!DEPENDS.test(text)) return undefined;
  const volume = /\b(?:by|equal|same) volume\b/.test(text);
  const plain = text.replace(BY, '');
  const by = volume ? 'volume' : 'mass';
  const said = equalOf(plain, by) ?? partsOf(plain, by) ?? everyOf(plain) ?? coverOrTaste(plain);
  if (!said) return undefined;
  const phrase = splitPhrase(said.thing);
  if (isUnreadable(phrase)) return phrase;
  const found = identify(phrase.words, own);
  if (!found) return unknownIngredient(phrase.words, '');
  const rule = said.rule(found);
  const name = found.ingredient.name.toLowerCase();
  if (!rule)
    return unreadable('no-amount', text, `How much ${name} goes in is not a matter of taste alone. Write how much.`, [
      `1 tsp ${name}`,
    ]);
  const errors: readonly MeasureError[] = [{ key: 'own', cv: said.cv }];
  return {
    kind: 'read',
    ingredient: found.ingredient,
    ...(found.form ? { form: found.form } : {}),
    amount: gramsOf(1),
    dose: { kind: 'pot', rule, cv: combinedCv(errors), errors },
    understood: said.says(name),
    assumed: [],
  };
}
