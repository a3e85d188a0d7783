import { formatNumber, readIngredientLine, type LineOptions } from '@wellhydra/core/quantity';
import { measurableLine, type Measures } from '@wellhydra/core/resize';
import { substitutesFor, type Keeps, type Substitute } from '@wellhydra/core/substitute';
import type { Ingredient } from '@wellhydra/core/catalogue';

const KEPT: Readonly<Record<Keeps, string>> = {
  sweetness: 'as sweet',
  sodium: 'the same sodium',
  potassium: 'the same potassium',
  magnesium: 'the same magnesium',
  sourness: 'as sour',
  strength: 'as strong, by dried weight',
};
/** What rounding costs is said from here on, as a share. */
const WORTH_SAYING = 0.03;

/** Something that can stand in, in an amount that this kitchen can measure. */
export interface SubstituteView extends Pick<Substitute, 'vegan' | 'forInfants'> {
  readonly text: string;
  /** What it keeps, and what rounding it to a measure costs where that matters. */
  readonly kept: string;
}

function keptWords(text: string, { grams, keeps }: Substitute, options: LineOptions): string {
  const line = readIngredientLine(text, options);
  const got = line.kind === 'read' && line.dose.kind === 'mass' ? line.dose.mass_g : grams;
  const off = got / grams - 1;
  if (Math.abs(off) < WORTH_SAYING) return KEPT[keeps];
  return `${KEPT[keeps]} but for ${formatNumber(Math.abs(100 * off), 2)} % ${off > 0 ? 'more' : 'less'}, which is what can be measured here`;
}

/**
 * What could stand in for an ingredient.
 *
 * @param ingredient that is to go, and grams of it
 * @param measures of the kitchen
 * @param options with which its lines are read
 */
export function substitutesView(
  { ingredient, grams }: { readonly ingredient: Ingredient; readonly grams: number },
  measures: Measures,
  options: LineOptions = {},
): readonly SubstituteView[] {
  return substitutesFor(ingredient, grams).map((each) => {
    const text = measurableLine(each.text, 1, measures, options) ?? each.text;
    return { text, vegan: each.vegan, forInfants: each.forInfants, kept: keptWords(text, each, options) };
  });
}
