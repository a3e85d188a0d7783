import { ANY_CUP, BOTTLES_ASK, FOR_WASHING, type Choice } from '../read';
import type { UnderstoodRecipe } from './understand-recipe';

/** What must be asked of a recipe. */
export interface CheckQuestion {
  /** The line it is about. */
  readonly line: number;
  readonly ask: string;
  /** Ways to say the line that answer it. */
  readonly choices: readonly Choice[];
  /** Which of them runs until it is answered. */
  readonly assumed: number;
}

const none = (line: number, ask: string): CheckQuestion => ({ line, ask, choices: [], assumed: 0 });

/** What must be asked of a recipe, in the order of its lines. */
export function questionsOf({ lines, recipe, parts }: UnderstoodRecipe): readonly CheckQuestion[] {
  const names = new Set(parts.map(({ name }) => name));
  const found = lines.flatMap(({ role, reading, text }, line): readonly CheckQuestion[] => {
    if (ANY_CUP.test(text)) return [none(line, 'How many mL does the cup hold?')];
    if (!reading?.question || role === 'keeps') return [];
    const { reads, question } = reading;
    // What a step only names has its amount in the list; how many bottles there are follows from what is made.
    const bare = reads.some((read) => read.verb === 'add' && read.grams === null && read.relative === null);
    if (role === 'step' && (bare || (question.ask === BOTTLES_ASK && reads.length > 0))) return [];
    if (FOR_WASHING.test(text)) return [];
    if (reads.some(({ verb, ingredient }) => verb === 'use' && [...names].some((name) => ingredient?.endsWith(name))))
      return [];
    return [{ line, ...question, assumed: 0 }];
  });
  const unlisted = recipe.unlisted.map(({ line, text }) => none(line, `How much ${text}?`));
  const differing = recipe
    .unsettled()
    .map(({ listed, line, said }) => none(line, `${lines[listed.line]!.text}, or ${said}?`));
  return [...found, ...unlisted, ...differing].sort((a, b) => a.line - b.line);
}
