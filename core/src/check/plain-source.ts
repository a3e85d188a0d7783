/** The parts of a schema.org recipe that are read here. */
interface RecipeNode {
  readonly '@type'?: unknown;
  readonly '@graph'?: unknown;
  readonly name?: unknown;
  readonly recipeYield?: unknown;
  readonly recipeIngredient?: unknown;
  readonly recipeInstructions?: unknown;
}

const listOf = (value: unknown): readonly unknown[] =>
  Array.isArray(value) ? value : value === undefined ? [] : [value];
const textOf = (value: unknown): readonly string[] => {
  if (typeof value === 'string') return value.split('\n');
  if (typeof value === 'number') return [String(value)];
  if (typeof value !== 'object' || value === null) return [];
  const { text, itemListElement, name } = value as Record<string, unknown>;
  return text !== undefined
    ? textOf(text)
    : itemListElement !== undefined
      ? listOf(itemListElement).flatMap(textOf)
      : textOf(name);
};

const isRecipe = (value: unknown): value is RecipeNode =>
  typeof value === 'object' && value !== null && listOf((value as RecipeNode)['@type']).includes('Recipe');

/** The recipe in parsed JSON, wherever in its graph it stands. */
function recipeIn(json: unknown): RecipeNode | undefined {
  if (isRecipe(json)) return json;
  const inside = Array.isArray(json) ? json : listOf((json as RecipeNode | null)?.['@graph']);
  return inside.find(isRecipe);
}

/**
 * A source as plain text: schema.org JSON-LD as the lines a person would write, a table of comma-separated values a line
 * each, anything else as it is.
 *
 * @param source of a file
 */
export function plainSource(source: string): string {
  if (!/^\s*[[{]/.test(source)) return source;
  let json: unknown;
  try {
    json = JSON.parse(source);
  } catch {
    return source;
  }
  const recipe = recipeIn(json);
  if (!recipe) return source;
  const served = textOf(recipe.recipeYield).slice(0, 1);
  return [
    ...textOf(recipe.name),
    ...served.map((each) => (/^\d+$/.test(each) ? `Serves ${each}` : `Makes ${each}`)),
    'Ingredients',
    ...listOf(recipe.recipeIngredient).flatMap(textOf),
    'Method',
    ...listOf(recipe.recipeInstructions).flatMap(textOf),
  ].join('\n');
}
