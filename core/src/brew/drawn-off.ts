import { analyseDrink, type Analysis } from '../analyse';
import { documentDrink } from '../drink';
import { massOf } from '../liquid';
import { applyMade, runBrew, type BrewRecipe, type BrewRun } from './brew-run';
import type { BrewState } from './brew-state';

/** What left a pot for bottles of its own: the same drink, as far as it had come by then. */
export interface DrawnOff {
  /** The step at which it was drawn off. */
  readonly step: string;
  readonly analysis: Analysis;
}

/** Liquids that are further apart than this are told apart as thin and thick, °Brix. */
const APART_brix = 1;

function nameOf(name: string, brix: number | null, inTheEnd: number | null): string {
  const apart = brix === null || inTheEnd === null ? 0 : brix - inTheEnd;
  if (Math.abs(apart) < APART_brix) return `${name}, drawn off`;
  return `${name}, ${apart < 0 ? 'thin' : 'thick'}`;
}

/**
 * What was and will be drawn off while a drink is made, each as a drink of its own: it has behind it the steps before it
 * and none of those after, and keeps and is cautioned by what is in it.
 *
 * @param recipe drink, preparations, kitchen
 * @param state where the brew stands
 * @param whole its run, where there is one already
 * @returns in the order in which it leaves the pot; nothing of a step that cannot be run
 */
export function drawnOff(
  recipe: BrewRecipe,
  state: BrewState,
  whole: BrewRun = runBrew(recipe, state),
): readonly DrawnOff[] {
  const { document, preparations, options = {} } = recipe;
  const { steps, analysis } = whole;
  const inTheEnd = analysis.liquid?.brix ?? null;
  return steps.flatMap(({ verb, of }, at): DrawnOff[] => {
    const { drawn_g = 0 } = (verb === 'draw' && analysis.trace.entries.find(({ step }) => step === at)) || {};
    const before = analysis.trace.entries.findLast(({ step }) => step < at);
    if (!before || !(drawn_g > 0)) return [];
    const share = Math.min(1, drawn_g / massOf(before.pot.body));
    const name = nameOf(document.name || 'Unnamed drink', before.brix, inTheEnd);
    const drink = documentDrink({ ...document, name }, preparations);
    const drawn = analyseDrink({ ...drink, steps: steps.slice(0, at) }, options, {
      at: (index, pot, done) => {
        const notes = applyMade(steps[index]!, state, pot, done);
        if (index === before.step) pot.keepOnly(new Float64Array(pot.samples).fill(share));
        return notes;
      },
    });
    return [{ step: of, analysis: drawn }];
  });
}
