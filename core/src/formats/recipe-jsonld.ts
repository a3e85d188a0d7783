import type { Analysis } from '../analyse';
import { isObject, type Json, DRINK_KINDS, type Drink, type DrinkKind, type DrinkStep } from '../drink';
import { formatNumber } from '../quantity';
import { sentenceStep, stepSentence } from './step-sentence';

const isoMinutes = (minutes: number): string => `PT${Math.max(0, Math.round(minutes))}M`;
const grams = (value: number): string => `${formatNumber(value)} g`;

/** A drink as a schema.org Recipe, with its contents a serving. */
export function recipeOf(analysis: Analysis) {
  const { drink, serving, perServing, trace } = analysis;
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: drink.name,
    recipeCategory: drink.kind,
    recipeYield: serving ? `${formatNumber(serving.servings)} servings of ${serving.text}` : undefined,
    totalTime: isoMinutes(trace.total_min),
    prepTime: isoMinutes(trace.handsOn_min),
    recipeIngredient: drink.steps.filter(({ verb }) => verb === 'add' || verb === 'use').map(({ text }) => text),
    recipeInstructions: drink.steps.map((step) => ({
      '@type': 'HowToStep',
      text: stepSentence(step),
      ...(step.note ? { description: step.note } : {}),
    })),
    nutrition: {
      '@type': 'NutritionInformation',
      servingSize: serving?.text,
      calories: `${formatNumber(perServing.energy_kcal)} kcal`,
      carbohydrateContent: grams(perServing.carbohydrate_g),
      sugarContent: grams(perServing.sugars_g),
      fatContent: grams(perServing.fat_g),
      fiberContent: grams(perServing.fibre_g),
      proteinContent: grams(perServing.protein_g),
      sodiumContent: `${formatNumber(perServing.sodium_mg)} mg`,
    },
  };
}

/** The Recipe in a JSON-LD document: itself, in a list, or in a graph. */
function findRecipe(json: unknown): Json | undefined {
  if (Array.isArray(json)) return json.map(findRecipe).find(Boolean);
  if (!isObject(json)) return undefined;
  const types = [json['@type']].flat();
  if (types.some((type) => typeof type === 'string' && /(?:^|\/)Recipe$/.test(type))) return json;
  return findRecipe(json['@graph']) ?? findRecipe(json.mainEntity);
}

/** Every instruction as a sentence: text, lists, steps, sections of steps. */
function sentences(value: unknown): { text: string; note?: string }[] {
  if (typeof value === 'string')
    return value
      .split(/(?<=[.!])\s+|\n+/)
      .map((text) => ({ text: text.trim() }))
      .filter(({ text }) => text !== '');
  if (Array.isArray(value)) return value.flatMap(sentences);
  if (!isObject(value)) return [];
  if (value.itemListElement !== undefined) return sentences(value.itemListElement);
  if (typeof value.text !== 'string') return [];
  const note = typeof value.description === 'string' ? { note: value.description } : {};
  const parts = value.text.includes(';') ? [{ text: value.text }] : sentences(value.text);
  return parts.map((part) => ({ ...part, ...note }));
}

const KIND_WORDS: readonly (readonly [RegExp, DrinkKind])[] = [
  [/rehydrat/i, 'rehydration'],
  [/sport/i, 'sport'],
  [/oxymel|vinegar/i, 'vinegar-honey'],
  [/syrup|cordial/i, 'syrup'],
  [/infused|spa water/i, 'infused-water'],
  [/juice|smoothie/i, 'juice'],
  [/gel\b/i, 'gel'],
  [/powder|electrolyte mix/i, 'dry-mix'],
  [/concentrate|shrub/i, 'concentrate'],
  [/tea|decoction/i, 'tea'],
];

function kindOf(recipe: Json, name: string): DrinkKind {
  const category = String([recipe.recipeCategory].flat()[0] ?? '');
  if (DRINK_KINDS.includes(category as DrinkKind)) return category as DrinkKind;
  return KIND_WORDS.find(([words]) => words.test(`${name} ${category}`))?.[1] ?? 'tonic';
}

export type ImportedRecipe =
  | { readonly kind: 'drink'; readonly drink: Drink; readonly leftOver: readonly string[] }
  | { readonly kind: 'no-recipe'; readonly message: string };

const SERVING = /servings? of (.+)$/;

/**
 * A schema.org Recipe as a drink. Ingredients become additions, unless the instructions add them
 * themselves; sentences that begin with a known verb become steps.
 *
 * @param json a parsed JSON-LD document
 * @returns the drink, with the sentences that became no step; they are kept as notes of the step before
 */
export function importRecipe(json: unknown): ImportedRecipe {
  const recipe = findRecipe(json);
  if (!recipe) return { kind: 'no-recipe', message: 'There is no schema.org Recipe in this file.' };
  const name = typeof recipe.name === 'string' ? recipe.name.trim() : '';
  if (!name) return { kind: 'no-recipe', message: 'The recipe has no name.' };
  const steps: DrinkStep[] = [];
  const leftOver: string[] = [];
  for (const { text, note } of sentences(recipe.recipeInstructions)) {
    const step = sentenceStep(text);
    if (step) steps.push(note ? { ...step, note } : step);
    else {
      leftOver.push(text);
      const last = steps.pop();
      if (last) steps.push({ ...last, note: [last.note, text].filter(Boolean).join(' ') });
    }
  }
  const lines = [recipe.recipeIngredient ?? recipe.ingredients ?? []]
    .flat()
    .filter((line): line is string => typeof line === 'string');
  const adds = steps.some(({ verb, text }) => verb === 'add' && lines.includes(text));
  const additions = adds ? [] : lines.map((text): DrinkStep => ({ verb: 'add', text: text.trim() }));
  const all = [...additions, ...steps.filter(({ verb }) => adds || verb !== 'add')];
  if (all.length === 0) return { kind: 'no-recipe', message: 'The recipe has neither ingredients nor instructions.' };
  const serving = SERVING.exec(String([recipe.recipeYield].flat()[0] ?? ''))?.[1];
  return {
    kind: 'drink',
    drink: { name, kind: kindOf(recipe, name), steps: all, ...(serving ? { serving } : {}) },
    leftOver,
  };
}
