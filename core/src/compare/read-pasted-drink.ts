import { typedLine } from '../read';
import { DRINK_FORMAT, type Drink, type DrinkKind, readDrink, stepFromLine } from '../drink';
import { importRecipe } from '../formats';
import { readIngredientLine } from '../quantity';

export type PastedDrink =
  { readonly kind: 'drink'; readonly drink: Drink } | { readonly kind: 'no-drink'; readonly because: string };

const BULLET = /^\s*(?:[-*•–]|\d+[.)](?=\s))\s*/;
const HEADING = /^(?:ingredients?|method|directions?|instructions?|you need|steps?)\s*:?$/i;
const MOST_LINES = 200;

function fromJson(text: string): PastedDrink {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return { kind: 'no-drink', because: `This looks like a file but cannot be read (${(error as Error).message}).` };
  }
  if ((json as { format?: unknown } | null)?.format === DRINK_FORMAT) {
    const read = readDrink(json);
    if (read.kind === 'drink') return { kind: 'drink', drink: read.drink };
    const [first] = read.problems;
    return { kind: 'no-drink', because: `${first?.at ? `${first.at}: ` : ''}${first?.message ?? 'It is no drink.'}` };
  }
  const recipe = importRecipe(json);
  return recipe.kind === 'drink'
    ? { kind: 'drink', drink: recipe.drink }
    : { kind: 'no-drink', because: recipe.message };
}

/**
 * A drink from text that somebody pasted: a drink file, a schema.org Recipe, or a step a line. A first line that
 * is neither an amount nor something done is its name.
 *
 * @param text as pasted
 * @param kind what it is taken for, where the text does not say
 * @returns the drink; lines that mean nothing are kept in it and refused when it is run
 */
export function readPastedDrink(text: string, kind: DrinkKind): PastedDrink {
  if (/^\s*[[{]/.test(text)) return fromJson(text);
  const lines = text
    .split(/\r?\n/)
    .map((line) => line.replace(BULLET, '').trim())
    .filter((line) => line !== '' && !HEADING.test(line));
  if (lines.length === 0) return { kind: 'no-drink', because: 'Paste a recipe, a step a line.' };
  if (lines.length > MOST_LINES)
    return { kind: 'no-drink', because: `It has ${lines.length} lines; ${MOST_LINES} are the most.` };
  const [first, ...others] = lines as [string, ...string[]];
  const step = stepFromLine(first);
  const isTitle = step.verb === 'add' && readIngredientLine(step.text).kind === 'unreadable' && others.length > 0;
  return {
    kind: 'drink',
    drink: {
      name: isTitle ? first : 'Pasted',
      kind,
      steps: (isTitle ? others : lines).flatMap((line) => typedLine(line).steps),
    },
  };
}
