import { analyseDrink, type AnalyseOptions } from '../analyse';
import { stepFromLine } from '../drink';
import { drinkFactsOf, type DrinkFacts } from './drink-facts';

export type GlassAdditions =
  | { readonly kind: 'facts'; readonly facts: DrinkFacts }
  | { readonly kind: 'unread'; readonly line: number; readonly message: string };

/**
 * What is in things that go into one glass: "1 tsp honey", "200 mL fizzy water".
 *
 * @param lines as they are typed
 * @param options the kitchen they are measured in
 * @returns what all of them bring together, as one serving; or the first line that could not be read, counted from 0
 */
export function glassAdditions(lines: readonly string[], options: AnalyseOptions = {}): GlassAdditions {
  const steps = lines.map((line) => stepFromLine(line));
  // One serving is all of it.
  const analysis = analyseDrink({ name: 'A glass', kind: 'tea', serving: '1 kg', steps }, options);
  const problem = analysis.problems.find(({ step }) => step !== null);
  if (problem) return { kind: 'unread', line: problem.step!, message: problem.message };
  return { kind: 'facts', facts: drinkFactsOf(analysis) };
}
