import { isObject, show, type DrinkProblem } from './drink-json';
import { OWN_NUMBERS, OWN_TEXTS, type OwnIngredientFields } from './own-ingredient-fields';

const FIELDS = new Set<string>([...OWN_TEXTS, ...OWN_NUMBERS, 'label']);

function readOne(value: unknown, at: string, problems: DrinkProblem[]): OwnIngredientFields | undefined {
  const before = problems.length;
  const wrong = (field: string, text: unknown, message: string) =>
    void problems.push({ at: field ? `${at}.${field}` : at, text: show(text), message });
  if (!isObject(value)) {
    wrong('', value, 'An ingredient is an object with a name, and a formula or a label.');
    return undefined;
  }
  for (const field of Object.keys(value))
    if (!FIELDS.has(field)) wrong(field, field, `"${field}" is not a field of an ingredient.`);
  for (const field of OWN_TEXTS)
    if (value[field] !== undefined && typeof value[field] !== 'string') wrong(field, value[field], `${field} is text.`);
  for (const field of OWN_NUMBERS)
    if (value[field] !== undefined && !((value[field] as number) > 0))
      wrong(field, value[field], `${field} is a number above 0.`);
  if (typeof value.name !== 'string' || !value.name.trim()) wrong('name', value.name, 'An ingredient has a name.');
  if ((value.formula === undefined) === (value.label === undefined))
    wrong('', value.name, 'An ingredient has either a formula or a label.');
  if (value.label !== undefined) {
    if (!isObject(value.label)) wrong('label', value.label, 'A label is an object such as { "serving_g": 10 }.');
    else
      for (const [key, content] of Object.entries(value.label))
        if (typeof content !== 'number' && typeof content !== 'string')
          wrong(`label.${key}`, content, `${key} is a number or text.`);
  }
  return problems.length === before ? (value as unknown as OwnIngredientFields) : undefined;
}

/** Reads the maker's own ingredients of a drink file; what they come to is found when the drink is run. */
export function readOwnIngredients(json: unknown, problems: DrinkProblem[]): readonly OwnIngredientFields[] {
  if (Array.isArray(json)) return json.flatMap((each, index) => readOne(each, `ingredients[${index}]`, problems) ?? []);
  problems.push({ at: 'ingredients', text: show(json), message: 'ingredients are a list.' });
  return [];
}
