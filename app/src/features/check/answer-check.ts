import { checkRecipe, plainText, type RecipeCheck } from '@wellhydra/core/check';
import type { DrinkKind } from '@wellhydra/core/drink';
import { LONGEST_CHECK } from '../../domain/checks/limits';

/** What a worker is asked: a recipe, and what kind of drink it is where that is said. */
export interface CheckQuery {
  readonly text: string;
  readonly kind?: DrinkKind;
}

/** A recipe that was checked. */
export interface CheckAnswer {
  /** What was asked, so that an answer that comes late is known. */
  readonly asked: string;
  /** In plain lines: what a page, a table or data hold of a recipe. */
  readonly text: string;
  readonly check: RecipeCheck;
}

/** Checks a recipe; a page, a table or data as the lines they hold. */
export function answerCheck({ text: asked, kind }: CheckQuery): CheckAnswer {
  const plain = plainText(asked);
  const text = plain === asked.trim() ? asked : plain.slice(0, LONGEST_CHECK);
  return { asked, text, check: checkRecipe(text, kind ? { kind } : {}) };
}
