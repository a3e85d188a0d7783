import { dilutionWater } from '../caution';
import type { BrewState } from './brew-state';
import { runBrew, type BrewRecipe, type BrewRun } from './brew-run';

/** Water is said in steps of this many mL: measurable in a jug. */
const STEP_mL = 10;
/** So many times what there is, at most, is poured on: more would be another drink. */
const MOST_TIMES = 4;
/** An addition that is only tried. */
const TRIAL = 'mending-water';

const withWater = (state: BrewState, step: string, water_mL: number): BrewState => ({
  ...state,
  additions: [...state.additions, { id: TRIAL, step, text: `${water_mL} mL water`, at: new Date(0).toISOString() }],
});

const stops = ({ analysis }: BrewRun, code: string): boolean =>
  analysis.cautions.some((caution) => caution.code === code && caution.severity === 'stop');

/**
 * Water that takes a stop off a brew, poured in after a step: the least that does, by halving, with the steps that follow
 * run to the end; for a drink that is too salty to give, as much as brings it to what a sachet has.
 *
 * @param recipe what is made
 * @param state where the brew stands
 * @param stop code of the caution, and the step after which it is poured
 * @returns mL; null where no water mends it
 */
export function mendingWater(
  recipe: BrewRecipe,
  state: BrewState,
  { code, step }: { readonly code: string; readonly step: string },
): number | null {
  const run = runBrew(recipe, state);
  const { liquid, perLitre } = run.analysis;
  if (!liquid || !stops(run, code)) return null;
  const mends = (water_mL: number): boolean => !stops(runBrew(recipe, withWater(state, step, water_mL)), code);
  const aimed_mL = dilutionWater(perLitre?.sodium_mmol ?? 0, liquid.volume_mL);
  if (code === 'rehydration-salt-high' && aimed_mL > 0 && mends(aimed_mL)) return aimed_mL;
  let enough = Math.ceil((MOST_TIMES * liquid.volume_mL) / STEP_mL);
  if (!mends(enough * STEP_mL)) return null;
  let little = 0;
  while (enough - little > 1) {
    const middle = Math.floor((little + enough) / 2);
    if (mends(middle * STEP_mL)) enough = middle;
    else little = middle;
  }
  return enough * STEP_mL;
}
