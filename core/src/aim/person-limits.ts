import type { Ingredient } from '../catalogue';
import { isMineral, type DoseLine } from '../caution';
import { nutrientsOf, type Nutrients } from '../serving';

const figure =
  (key: keyof Nutrients) =>
  ({ composition }: Ingredient): number =>
    composition ? nutrientsOf(composition)[key] : 0;
const added =
  (key: keyof Nutrients) =>
  (ingredient: Ingredient): number =>
    isMineral(ingredient) ? figure(key)(ingredient) : 0;

/** What a person's line can be about, as doses come under it. */
const LIMITED = {
  sodium_mg: { name: 'sodium', unit: 'mg', of: figure('sodium_mg') },
  addedPotassium_mg: { name: 'added potassium', unit: 'mg', of: added('potassium_mg') },
  sugars_g: { name: 'sugars', unit: 'g', of: figure('sugars_g') },
  addedMagnesium_mg: { name: 'added magnesium', unit: 'mg', of: added('magnesium_mg') },
  caffeine_mg: { name: 'caffeine', unit: 'mg', of: figure('caffeine_mg') },
  vitaminC_mg: { name: 'vitamin C', unit: 'mg', of: figure('vitaminC_mg') },
} as const;
export type LimitKey = keyof typeof LIMITED;
export const isLimitKey = (key: string): key is LimitKey => Object.hasOwn(LIMITED, key);

/** Somebody a drink is made for, and the most of something that a serving may bring them. */
export interface PersonLimit {
  readonly person: string;
  readonly key: LimitKey;
  /** In the unit of its key; 0 for none at all. */
  readonly most: number;
}

/** None at all is a trace, so that it can be a share of something. */
const TRACE = 1e-6;
export const LINE_OF_PERSON = 'line-of-person';

/** Lines of people as lines that doses must not cross: no serving of it brings anybody over the line of a day. */
export const limitLines = (limits: readonly PersonLimit[]): readonly DoseLine[] =>
  limits.map(({ person, key, most }) => {
    const { name, unit, of } = LIMITED[key];
    return {
      code: LINE_OF_PERSON,
      name: `${name} for ${person}`,
      unit: `${unit} a serving`,
      most: Math.max(most, TRACE),
      per: 'serving',
      of,
    };
  });
