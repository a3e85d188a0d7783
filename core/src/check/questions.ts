import { ANY_CUP, FOR_WASHING, type Choice } from '../read';
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
  const isPart = (name: string | null): boolean => [...names].some((part) => name?.endsWith(part));
  const found = lines.flatMap(({ role, reading, text }, line): readonly CheckQuestion[] => {
    if (ANY_CUP.test(text)) return [none(line, 'How many mL does the cup hold?')];
    if (!reading || role === 'keeps' || FOR_WASHING.test(text)) return [];
    // A line of the list that nobody can read is asked about as a whole.
    if (role === 'ingredient' && reading.steps.length === 0 && reading.question)
      return [{ line, ...reading.question, assumed: 0 }];
    // What a step only names has its amount in the list; how many bottles there are follows from what is made.
    const open = reading.open.filter(({ about }) => about !== 'bottles' && (about !== 'amount' || role !== 'step'));
    if (reading.reads.some(({ verb, ingredient }) => verb === 'use' && isPart(ingredient))) return [];
    return open.map(({ ask, choices }) => ({ line, ask, choices, assumed: 0 }));
  });
  const unlisted = recipe.unlisted.map(({ line, text }) => none(line, `How much ${text}?`));
  const differing = recipe
    .unsettled()
    .map(({ listed, line, said }) => none(line, `${lines[listed.line]!.text}, or ${said}?`));
  return [...found, ...unlisted, ...differing].sort((a, b) => a.line - b.line);
}
