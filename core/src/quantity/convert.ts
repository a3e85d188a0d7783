import { baseValue } from './amount';
import { bulkDensityFor, pieceFor } from './measured-mass';
import { unreadable, type Unreadable } from './outcome';
import { readAmount, unknownUnit } from './read-amount';
import { readIngredientLine, type IngredientLine } from './read-ingredient-line';
import { UNIT_BY_ALIAS, WHOLE } from './units';
import type { Unit } from './unit';

/** An amount in another unit, with the 5 % and 95 % points of its spread. */
export interface Conversion {
  readonly kind: 'converted';
  readonly value: number;
  readonly unit: string;
  readonly p5: number;
  readonly p95: number;
  readonly understood: string;
}

/** Standard normal deviate of the 5 % and 95 % points. */
const Z95 = 1.6449;

/** Grams of one unit of an ingredient, or undefined when that is not known. */
function gramsPerUnit(unit: Unit, line: IngredientLine): number | undefined {
  if (unit.dimension === 'mass') return unit.size;
  if (unit.dimension === 'volume') {
    const bulk = bulkDensityFor(line.ingredient, line.form);
    return bulk && bulk.density_g_mL * unit.size;
  }
  return unit.dimension === 'piece' ? pieceFor(line.ingredient, unit.id)?.mass_g : undefined;
}

function targetUnit(name: string): Unit | Unreadable {
  const spelling = name.trim().toLowerCase();
  if (['piece', 'pieces', 'whole'].includes(spelling)) return WHOLE;
  return UNIT_BY_ALIAS.get(spelling) ?? unknownUnit(spelling, '');
}

function plainConversion(text: string, unit: Unit): Conversion | Unreadable {
  const amount = readAmount(text);
  if ('kind' in amount) return amount;
  if (amount.unit.dimension !== unit.dimension)
    return unreadable(
      'unit-mismatch',
      text,
      `${amount.unit.name} and ${unit.name} measure different things. Say of what: "${text} honey".`,
    );
  const inUnit = (value: number) => (value * amount.unit.size) / unit.size;
  return {
    kind: 'converted',
    value: baseValue(amount) / unit.size,
    unit: unit.name,
    p5: inUnit(amount.low),
    p95: inUnit(amount.high),
    understood: `${amount.value} ${amount.unit.name}`,
  };
}

/**
 * Says an amount in another unit: "2/3 cup honey" in g, "1 US cup" in mL, "200 g lemon" in pieces.
 *
 * @param text an amount, with an ingredient where the units measure different things
 * @param to name of the unit wanted
 * @returns the value with its spread, or what is wrong
 */
export function convert(text: string, to: string): Conversion | Unreadable {
  const unit = targetUnit(to);
  if ('kind' in unit) return unit;
  const line = readIngredientLine(text);
  if (line.kind === 'unreadable') {
    const plain = plainConversion(text, unit);
    return plain.kind === 'converted' || line.code === 'no-ingredient' ? plain : line;
  }
  if (line.dose.kind !== 'mass')
    return unreadable('unit-mismatch', text, 'This depends on what is in the pot. Write an amount.');
  const perUnit = gramsPerUnit(unit, line);
  if (perUnit === undefined)
    return unreadable(
      'no-such-measure',
      to,
      `How much a ${unit.name} of ${line.ingredient.name.toLowerCase()} weighs is not known here.`,
    );
  const value = line.dose.mass_g / perUnit;
  return {
    kind: 'converted',
    value,
    unit: unit.name,
    p5: value * Math.exp(-Z95 * line.dose.cv),
    p95: value * Math.exp(Z95 * line.dose.cv),
    understood: line.understood,
  };
}
