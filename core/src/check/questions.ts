import { answersOf, ANY_CUP, FOR_WASHING, MADE_READY, SERVING_LEAD, type Choice } from '../read';
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
  /** The thing of which an amount is asked for: with it, it is a line of the list. */
  readonly amountOf: string | null;
}

const none = (line: number, ask: string, amountOf: string | null = null): CheckQuestion => ({
  line,
  ask,
  choices: [],
  assumed: 0,
  amountOf,
});

/** What must be asked of a recipe, in the order of its lines. */
export function questionsOf({ lines, recipe, parts, out }: UnderstoodRecipe): readonly CheckQuestion[] {
  const names = new Set(parts.map(({ name }) => name));
  const isPart = (name: string | null): boolean => [...names].some((part) => name?.endsWith(part));
  const found = lines.flatMap(({ role, reading, text, place }, line): readonly CheckQuestion[] => {
    // "20 mL of the base" in a glass is the drink itself.
    const drinkIsMeant = place.section === 'serving' || SERVING_LEAD.test(text);
    if (ANY_CUP.test(text)) return [none(line, 'How many mL does the cup hold?')];
    if (!reading || role === 'keeps' || FOR_WASHING.test(text)) return [];
    // A line of the list that nobody can read is asked about as a whole.
    if (role === 'ingredient' && reading.steps.length === 0 && reading.question)
      return [{ ...none(line, reading.question.ask), choices: answersOf(reading) }];
    // What a step only names has its amount in the list; how many bottles there are follows from what is made.
    if (role === 'step' && MADE_READY.test(text)) return [];
    // What is done to a thing of the list, and how much of it a step takes, is said elsewhere; a step that cannot be run is asked about.
    const stuck = out.some((each) => each.line === line);
    const open = reading.open.filter(({ about }) =>
      role === 'step' ? about === 'else' || (about === 'doing' && stuck) : about !== 'bottles' && about !== 'doing',
    );
    if (reading.reads.some(({ verb, ingredient }) => verb === 'use' && (isPart(ingredient) || drinkIsMeant))) return [];
    return open.map((question) => ({ ...none(line, question.ask), choices: answersOf(reading, question) }));
  });
  const unlisted = recipe.unlisted.map(({ line, text }) => none(line, `How much ${text}?`, text));
  const differing = recipe.unsettled().map(({ listed, said }): CheckQuestion => {
    const was = lines[listed.line]!.text;
    return { ...none(listed.line, `${was}, or ${said}?`), choices: [{ says: said, edit: said }] };
  });
  return [...found, ...unlisted, ...differing].sort((a, b) => a.line - b.line);
}
