import {
  BERRY_YIELDS,
  FIRM_YIELDS,
  FRESH_RETENTION,
  RETENTION,
  RETENTION_CV,
  STRAINER_CV,
  type Straining,
} from '../../process';
import { solidsGiven, waterOf } from '../ingredient-parts';
import type { Column } from '../chance';
import type { WorkingPot } from '../pot';
import { isFresh, type Solid } from '../solid';

/** mL that a solid keeps back, in each sample. */
export function keptBy(pot: WorkingPot, solid: Solid, straining: Straining): Column {
  const { ingredient, grams } = solid;
  const spread = pot.chance.product([
    { key: `strainer:${straining}`, cv: STRAINER_CV },
    { key: `retention:${ingredient.id}`, cv: RETENTION_CV },
  ]);
  if (solid.blended && isFresh(solid)) {
    const yields = ingredient.juice ?? (/berr|currant|cherr/.test(ingredient.id) ? BERRY_YIELDS : FIRM_YIELDS);
    const method = straining === 'drain' || straining === 'press' ? yields.mesh : yields.cloth;
    const wet = waterOf(ingredient) + solidsGiven(ingredient, 'juice');
    const kept = Math.max(0.05, wet - (method?.[0] ?? 0.5));
    return grams.map((mass, sample) => mass * kept * spread[sample]!);
  }
  const part = ingredient.part ?? 'leaf';
  const perGram = isFresh(solid) || part === 'fruit' ? FRESH_RETENTION[straining] : RETENTION[part][straining];
  return grams.map((mass, sample) => mass * perGram * spread[sample]!);
}

/** Most of a liquid that solids can keep back. */
const MOST_KEPT = 0.97;

/**
 * Share of the liquid that clings to solids and strainer, in each sample.
 *
 * @param loss_mL what stays in the strainer besides
 */
export function holdBack(pot: WorkingPot, solids: readonly Solid[], straining: Straining, loss_mL = 0): Column {
  const kept = new Float64Array(pot.samples).fill(loss_mL);
  for (const solid of solids) {
    const each = keptBy(pot, solid, straining);
    for (let sample = 0; sample < pot.samples; sample += 1) kept[sample]! += each[sample]!;
  }
  const volumes = pot.liquid.volumes();
  return kept.map((mL, sample) => (volumes[sample]! > 0 ? Math.min(MOST_KEPT, mL / volumes[sample]!) : 0));
}
