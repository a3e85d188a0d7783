import type { Nutrients } from '../../serving';
import { finding, type CheckFinding } from '../finding';
import type { UnderstoodRecipe } from '../understand-recipe';

/** What a claim may be about, by its words, with its figure and the milligrams or grams it is told in. */
const CLAIMED: readonly (readonly [RegExp, string, (figures: Nutrients) => number | null, 'mg' | 'g' | 'kcal'])[] = [
  [/magnesium/i, 'magnesium', ({ magnesium_mg }) => magnesium_mg, 'mg'],
  [/potassium/i, 'potassium', ({ potassium_mg }) => potassium_mg, 'mg'],
  [/sodium/i, 'sodium', ({ sodium_mg }) => sodium_mg, 'mg'],
  [/calcium/i, 'calcium', ({ calcium_mg }) => calcium_mg, 'mg'],
  [/vitamin c/i, 'vitamin C', ({ vitaminC_mg }) => vitaminC_mg, 'mg'],
  [/caffeine/i, 'caffeine', ({ caffeine_mg }) => caffeine_mg, 'mg'],
  [/sugars?\b/i, 'sugars', ({ sugars_g }) => sugars_g, 'g'],
  [/kcal|calorie/i, 'kcal', ({ energy_kcal }) => energy_kcal, 'kcal'],
];
const NUMBER = /(\d[\d.,]*) ?(mg|g|kcal|cal\w*)?\b/i;
const SUGAR_FREE = /\bsugar[- ]free\b|\bno added sugars?\b/i;
/** A sugar-free drink may have so much in 100 mL. Source: Codex CXG 23-1997. */
const SUGAR_FREE_g_100mL = 0.5;
/** A label may be off by this share before it misleads. */
const OFF = 0.3;

/** Claims in figures that the drink does not keep. */
export function claimsDisagree({ lines, analysis }: UnderstoodRecipe): readonly CheckFinding[] {
  const { perServing, liquid } = analysis;
  const claims = lines.flatMap(({ role, text }, line) =>
    role === 'claim' ? text.split(/[|;•]/).map((each) => ({ text: each.trim(), line })) : [],
  );
  return claims.flatMap(({ text, line }): readonly CheckFinding[] => {
    const found: CheckFinding[] = [];
    const sugars_g = analysis.liquid === null || liquid === null ? null : perServing.sugars_g;
    const serving_mL = analysis.serving?.volume_mL ?? null;
    if (SUGAR_FREE.test(text) && sugars_g !== null && serving_mL && (100 * sugars_g) / serving_mL > SUGAR_FREE_g_100mL)
      found.push(claim(line, text, `A serving has ${sugars_g.toFixed(1)} g of sugars.`));
    const [, number, unit] = NUMBER.exec(text) ?? [];
    const about = CLAIMED.find(([words]) => words.test(text));
    if (!number || !about) return found;
    const [, name, figure, told] = about;
    const is = figure(perServing);
    const said =
      Number(number.replace(',', '.')) *
      (unit?.toLowerCase() === 'g' && told === 'mg' ? 1000 : 1) *
      (unit?.toLowerCase() === 'mg' && told === 'g' ? 0.001 : 1);
    if (is === null || !(said > 0) || Math.abs(is / said - 1) <= OFF) return found;
    const amount =
      told === 'kcal' ? `${Math.round(is)} kcal` : `${is < 10 ? is.toFixed(1) : Math.round(is)} ${told} of ${name}`;
    found.push(claim(line, text, `A serving has ${amount}.`));
    return found;
  });
}

const claim = (line: number, text: string, comesOf: string): CheckFinding =>
  finding('claim-disagrees', 'warn', `“${text}”`, { line, comesOf, do: 'Correct the claim, or the amounts.' });
