import type { Analysis } from '../analyse';
import { isMineral } from '../caution';
import { ATOMIC_WEIGHTS } from '../liquid';
import type { DrinkKind } from '../drink';
import { driedFromFresh } from '../process';
import type { Nutrients } from '../serving';
import type { Pot, PotEntry } from '../simulate';

/** What is in a serving of a drink, as far as it matters to people. Plain data, stored with a brew. */
export interface DrinkFacts {
  readonly kind: DrinkKind;
  /** A serving, as its maker says it: "1 tbsp"; not known of brews of before. */
  readonly servingText?: string;
  readonly perServing: Pick<
    Nutrients,
    | 'energy_kcal'
    | 'sugars_g'
    | 'addedSugars_g'
    | 'sodium_mg'
    | 'potassium_mg'
    | 'caffeine_mg'
    | 'vitaminC_mg'
    | 'ethanol_g'
  >;
  /** What salts, acids and powders bring. */
  readonly added: { readonly sodium_mg: number; readonly potassium_mg: number; readonly magnesium_mg: number };
  /** Everything that went into the batch or into a glass, by id, but water. */
  readonly contains: readonly string[];
  /** Names of everything that went in, the most of it by weight first. */
  readonly byWeight: readonly string[];
  /** Grams of plants, salts and vinegars whose strength is in a serving, by id. */
  readonly grams: Readonly<Record<string, number>>;
  /** Plants of {@link grams} as what they would weigh dried. */
  readonly dried_g: Readonly<Record<string, number>>;
  readonly alcohol_pct: number;
  /** Codes of the cautions that fired on it. */
  readonly cautions: readonly string[];
}

const PLANTS = new Set(['herb', 'spice', 'seed', 'tea']);
/** Roots that are taken by the gram as plants are. */
const PLANT_IDS = new Set(['aloe-gel', 'horseradish-fresh']);
/** Less than this is nothing, g. */
const LEAST_g = 1e-6;

function addOrigins({ origins }: Pot, share: number, grams: Map<string, number>, dried: Map<string, number>): void {
  for (const [ingredient, mass_g] of origins) {
    const { id, role, state, composition } = ingredient;
    const plant = state === 'solid' && (PLANTS.has(role) || PLANT_IDS.has(id));
    if (!plant && !isMineral(ingredient) && !id.endsWith('vinegar')) continue;
    const each_g = mass_g * share;
    if (!(each_g > LEAST_g)) continue;
    grams.set(id, (grams.get(id) ?? 0) + each_g);
    if (!plant) continue;
    const dry_g = ingredient.dried === false ? driedFromFresh(each_g, composition?.water_g ?? 0) : each_g;
    dried.set(id, (dried.get(id) ?? 0) + dry_g);
  }
}

function namesByWeight(entries: readonly PotEntry[]): readonly string[] {
  const masses = new Map<string, number>();
  for (const { ingredient, mass_g } of entries)
    masses.set(ingredient.name, (masses.get(ingredient.name) ?? 0) + mass_g);
  return [...masses].sort((a, b) => b[1] - a[1]).map(([name]) => name.toLowerCase());
}

/** What matters to people, read off the trace of a drink. */
export function drinkFactsOf(analysis: Analysis): DrinkFacts {
  const { drink, trace, glass, serving, perServing, addedPerServing, liquid, cautions } = analysis;
  const share = serving && serving.servings > 0 ? 1 / serving.servings : 0;
  const [grams, dried] = [new Map<string, number>(), new Map<string, number>()];
  addOrigins(trace.pot, share, grams, dried);
  if (glass) addOrigins(glass.pot, 1, grams, dried);
  const entries = glass ? [...trace.pot.entries, ...glass.pot.entries] : trace.pot.entries;
  const { energy_kcal, sugars_g, addedSugars_g, sodium_mg, potassium_mg, caffeine_mg, vitaminC_mg, ethanol_g } =
    perServing;
  return {
    kind: drink.kind,
    ...(serving ? { servingText: serving.text } : {}),
    perServing: { energy_kcal, sugars_g, addedSugars_g, sodium_mg, potassium_mg, caffeine_mg, vitaminC_mg, ethanol_g },
    added: {
      sodium_mg: addedPerServing.sodium_mg,
      potassium_mg: addedPerServing.potassium_mmol * (ATOMIC_WEIGHTS.K as number),
      magnesium_mg: addedPerServing.magnesium_mg,
    },
    contains: [
      ...new Set(
        entries
          .filter(({ ingredient }) => ingredient.role !== 'water')
          .flatMap(({ ingredient: { id, named = [] } }) => [id, ...named]),
      ),
    ],
    byWeight: namesByWeight(entries),
    grams: Object.fromEntries(grams),
    dried_g: Object.fromEntries(dried),
    alcohol_pct: liquid?.alcohol_pctABV ?? 0,
    cautions: cautions.map(({ code }) => code),
  };
}

/** Whether a caution of this code fired on it: what the rules of drinks look at is not looked at again. */
export const warnsOf = ({ cautions }: DrinkFacts, code: string): boolean => cautions.includes(code);
/** Whether any of these went in. */
export const contains = ({ contains: ids }: DrinkFacts, ...any: readonly string[]): boolean =>
  any.some((id) => ids.includes(id));
/** Grams of these in a serving. */
export const gramsOf = ({ grams }: DrinkFacts, ...ids: readonly string[]): number =>
  ids.reduce((sum, id) => sum + (grams[id] ?? 0), 0);
/** Dried herb, spice, seed and tea in a serving, g. */
export const herb_g = ({ dried_g }: DrinkFacts): number => Object.values(dried_g).reduce((sum, each) => sum + each, 0);
