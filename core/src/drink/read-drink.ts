import { readOwnIngredients } from './read-own-ingredients';
import { isObject, show, type DrinkProblem, type Json } from './drink-json';
import {
  DRINK_FORMAT,
  DRINK_KINDS,
  FLAG_QUALIFIERS,
  TEXT_QUALIFIERS,
  type Drink,
  type DrinkKind,
  type DrinkStep,
} from './drink';
import { VERBS, type Verb } from './verbs';

export type ReadDrink =
  | { readonly kind: 'drink'; readonly drink: Drink }
  | { readonly kind: 'not-a-drink'; readonly problems: readonly DrinkProblem[] };

const STEP_QUALIFIERS = new Set<string>([...TEXT_QUALIFIERS, ...FLAG_QUALIFIERS]);
const KNOWN_FIELDS = new Set([
  'format',
  'name',
  'kind',
  'serving',
  'target',
  'steps',
  'atServing',
  'preparations',
  'ingredients',
  'source',
]);
/** Preparations inside preparations, at most. */
const DEEPEST = 5;

function verbsOf(step: Json): Verb[] {
  // `strain` is a verb of its own and a qualifier of `rinsePass`.
  const verbs = VERBS.filter((verb) => verb in step);
  return verbs.length === 2 && verbs.includes('rinsePass') ? ['rinsePass'] : verbs;
}

function readStep(step: unknown, at: string, problems: DrinkProblem[]): DrinkStep | undefined {
  const wrong = (where: string, text: string, message: string) => void problems.push({ at: where, text, message });
  if (!isObject(step))
    return (wrong(at, show(step), 'A step is an object such as { "add": "2.6 g table salt" }.'), undefined);
  const verbs = verbsOf(step);
  const verb = verbs[0];
  if (!verb || verbs.length > 1)
    return (
      wrong(
        at,
        show(step),
        `A step has exactly one verb; this one has ${verbs.length === 0 ? 'none' : verbs.join(', ')}. Verbs are ${VERBS.join(', ')}.`,
      ),
      undefined
    );
  const text = step[verb];
  if (typeof text !== 'string') return (wrong(`${at}.${verb}`, show(text), 'The value of a verb is text.'), undefined);
  for (const key of Object.keys(step))
    if (key !== verb && !STEP_QUALIFIERS.has(key))
      wrong(`${at}.${key}`, key, `"${key}" is neither a verb nor a qualifier of a step.`);
  const qualifiers: Record<string, string | boolean> = {};
  for (const key of TEXT_QUALIFIERS) {
    const value = step[key];
    if (value === undefined || key === verb) continue;
    if (typeof value === 'string') qualifiers[key] = value;
    else wrong(`${at}.${key}`, show(value), `${key} is text.`);
  }
  for (const key of FLAG_QUALIFIERS) {
    const value = step[key];
    if (value === undefined) continue;
    if (typeof value !== 'boolean') wrong(`${at}.${key}`, show(value), `${key} is true or false.`);
    else if (value) qualifiers[key] = true;
  }
  return { verb, text, ...qualifiers };
}

function readText(json: Json, field: string, problems: DrinkProblem[]): string | undefined {
  const value = json[field];
  if (value === undefined || typeof value === 'string') return value;
  problems.push({ at: field, text: show(value), message: `${field} is text.` });
  return undefined;
}

function readSteps(json: Json, field: 'steps' | 'atServing', problems: DrinkProblem[]): DrinkStep[] {
  const steps = json[field];
  if (!Array.isArray(steps)) {
    problems.push({ at: field, text: show(steps), message: `${field} is a list of steps.` });
    return [];
  }
  return steps.flatMap((step, index) => readStep(step, `${field}[${index}]`, problems) ?? []);
}

function readPreparations(json: Json, depth: number, problems: DrinkProblem[]): Record<string, Drink> {
  const written = json.preparations;
  if (!isObject(written)) {
    problems.push({ at: 'preparations', text: show(written), message: 'preparations are drinks by name.' });
    return {};
  }
  if (depth >= DEEPEST) {
    problems.push({ at: 'preparations', text: '', message: `Preparations go at most ${DEEPEST} deep.` });
    return {};
  }
  const read: Record<string, Drink> = {};
  for (const [name, value] of Object.entries(written)) {
    const each = readAt(value, depth + 1);
    if (each.kind === 'drink') read[name] = each.drink;
    else
      problems.push(
        ...each.problems.map((problem) => ({
          ...problem,
          at: `preparations.${name}${problem.at ? `.${problem.at}` : ''}`,
        })),
      );
  }
  return read;
}

/**
 * Reads a drink file that has been parsed from JSON.
 *
 * @param json anything
 * @returns the drink, or every problem found with its place in the file
 */
export function readDrink(json: unknown): ReadDrink {
  return readAt(json, 0);
}

function readAt(json: unknown, depth: number): ReadDrink {
  if (!isObject(json))
    return { kind: 'not-a-drink', problems: [{ at: '', text: show(json), message: 'A drink file is a JSON object.' }] };
  const problems: DrinkProblem[] = [];
  if (json.format !== DRINK_FORMAT)
    problems.push({ at: 'format', text: show(json.format), message: `format is "${DRINK_FORMAT}".` });
  if (!DRINK_KINDS.includes(json.kind as DrinkKind))
    problems.push({ at: 'kind', text: show(json.kind), message: `kind is one of ${DRINK_KINDS.join(', ')}.` });
  const name = readText(json, 'name', problems);
  if (!name?.trim()) problems.push({ at: 'name', text: show(json.name), message: 'A drink has a name.' });
  for (const field of Object.keys(json))
    if (!KNOWN_FIELDS.has(field))
      problems.push({ at: field, text: field, message: `"${field}" is not a field of a drink.` });
  const serving = readText(json, 'serving', problems);
  const target = readText(json, 'target', problems);
  const source = readText(json, 'source', problems);
  const steps = readSteps(json, 'steps', problems);
  const atServing = json.atServing === undefined ? [] : readSteps(json, 'atServing', problems);
  const preparations = json.preparations === undefined ? {} : readPreparations(json, depth, problems);
  const ingredients = json.ingredients === undefined ? [] : readOwnIngredients(json.ingredients, problems);
  if (problems.length > 0) return { kind: 'not-a-drink', problems };
  return {
    kind: 'drink',
    drink: {
      name: (name as string).trim(),
      kind: json.kind as DrinkKind,
      steps,
      ...(serving === undefined ? {} : { serving }),
      ...(target === undefined ? {} : { target }),
      ...(atServing.length > 0 ? { atServing } : {}),
      ...(Object.keys(preparations).length > 0 ? { preparations } : {}),
      ...(ingredients.length > 0 ? { ingredients } : {}),
      ...(source === undefined ? {} : { source }),
    },
  };
}

const writeStep = ({ verb, text, ...qualifiers }: DrinkStep): Json => ({ [verb]: text, ...qualifiers });

/** A drink as a file: what {@link readDrink} reads back to the same drink. */
export function writeDrink(drink: Drink): Json {
  const { steps, atServing, preparations, ...head } = drink;
  return {
    format: DRINK_FORMAT,
    ...head,
    steps: steps.map(writeStep),
    ...(atServing ? { atServing: atServing.map(writeStep) } : {}),
    ...(preparations
      ? {
          preparations: Object.fromEntries(
            Object.entries(preparations).map(([name, each]) => [name, writeDrink(each)]),
          ),
        }
      : {}),
  };
}
