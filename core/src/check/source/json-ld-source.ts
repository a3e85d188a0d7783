import { decodeHTML } from 'entities';
import type { SourceText } from './source-text';

/** The parts of a schema.org recipe that are read here. */
interface RecipeNode {
  readonly '@type'?: unknown;
  readonly '@graph'?: unknown;
  readonly name?: unknown;
  readonly recipeYield?: unknown;
  readonly recipeIngredient?: unknown;
  readonly recipeInstructions?: unknown;
  readonly nutrition?: unknown;
}

const listOf = (value: unknown): readonly unknown[] =>
  Array.isArray(value) ? value : value === undefined ? [] : [value];
const isNode = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null;

/** The texts of a list of steps; a section says its name first. */
function textsOf(value: unknown, depth = 0): readonly string[] {
  if (typeof value === 'string') return value.split('\n');
  if (typeof value === 'number') return [String(value)];
  if (!isNode(value) || depth > MOST_DEPTH) return [];
  const { text, itemListElement, name } = value;
  if (itemListElement !== undefined)
    return [
      ...(typeof name === 'string' ? [`${name}:`] : []),
      ...listOf(itemListElement).flatMap((each) => textsOf(each, depth + 1)),
    ];
  return textsOf(text ?? name, depth + 1);
}
const MOST_DEPTH = 6;

const isRecipe = (value: unknown): value is RecipeNode => isNode(value) && listOf(value['@type']).includes('Recipe');

/** The recipe in parsed JSON, wherever in its graph it stands. */
function recipeIn(json: unknown): RecipeNode | undefined {
  if (isRecipe(json)) return json;
  const inside = Array.isArray(json) ? json : listOf((json as RecipeNode | null)?.['@graph']);
  return inside.find(isRecipe);
}

/** What a person sees of a text that was written for a page. */
const shown = (text: string): string =>
  decodeHTML(text.replace(/<[^>]{0,200}>/g, ' '))
    .replaceAll('\u00a0', ' ')
    .trim();

const NUTRITION: readonly (readonly [string, string])[] = [
  ['calories', 'energy'],
  ['sugarContent', 'sugar'],
  ['sodiumContent', 'sodium'],
];

/** The claims of a recipe's table of nutrition, as a person would write them. */
function claimsOf(nutrition: unknown): readonly string[] {
  if (!isNode(nutrition)) return [];
  return NUTRITION.flatMap(([field, name]) => {
    const said = nutrition[field];
    if (typeof said !== 'string' && typeof said !== 'number') return [];
    const text = shown(String(said));
    return [
      name === 'energy'
        ? `Per serving ${text.replace(/cal\w*/i, 'kcal').replace(/kkcal/, 'kcal')}`
        : `Per serving ${text} ${name}`,
    ];
  });
}

/**
 * A schema.org recipe as the lines a person would write; nothing where the text holds none.
 *
 * @param json text of a file, or of a script of a page
 * @param at where it stands in its source
 */
export function jsonLdLines(json: string, at = 0): readonly SourceText[] | undefined {
  let parsed: unknown;
  try {
    parsed = JSON.parse(json);
  } catch {
    return undefined;
  }
  const recipe = recipeIn(parsed);
  if (!recipe) return undefined;
  let from = 0;
  /** Where a text stands, by its letters as JSON writes them; a text of ours stands where the reading is. */
  const placed = (text: string, ours = false): SourceText => {
    const found = ours ? -1 : json.indexOf(JSON.stringify(text).slice(1, -1), from);
    if (found < 0) return { text: shown(text), start: at + from, end: at + from };
    from = found + text.length;
    return { text: shown(text), start: at + found, end: at + from };
  };
  const served = listOf(recipe.recipeYield)
    .flatMap((each) => textsOf(each))
    .slice(-1);
  return [
    ...textsOf(recipe.name).map((text) => placed(text)),
    ...served.map((each) => placed(/^\d+$/.test(each) ? `Serves ${each}` : `Makes ${each}`, true)),
    ...claimsOf(recipe.nutrition).map((text) => placed(text, true)),
    placed('Ingredients', true),
    ...listOf(recipe.recipeIngredient)
      .flatMap((each) => textsOf(each))
      .map((text) => placed(text)),
    placed('Method', true),
    ...listOf(recipe.recipeInstructions)
      .flatMap((each) => textsOf(each))
      .map((text) => (text.endsWith(':') ? placed(text, true) : placed(text))),
  ];
}
