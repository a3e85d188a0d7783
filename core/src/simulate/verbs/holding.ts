import { FRESH_HOLDS, RETENTION_CV, STRAINER_CV, STRAINING_LOSS_SHARE, type Straining } from '../../process';
import type { Column } from '../chance';
import { solidsGiven, waterOf } from '../ingredient-parts';
import type { WorkingPot } from '../pot';
import { insolubleOf, isFresh, retentionOf, type Solid } from '../solid';

/** How a hand strains and what a plant lets go of, in each sample. */
const handOf = (pot: WorkingPot, { ingredient }: Solid, straining: Straining): Column =>
  pot.chance.product([
    { key: `strainer:${straining}`, cv: STRAINER_CV },
    { key: `retention:${ingredient.id}`, cv: RETENTION_CV },
  ]);

/**
 * g of its own sap that a gram of blended fruit keeps back at least: it was bought with rind, core and pips, which
 * the yields of juicing know of.
 */
function leftByJuicing({ ingredient, cutting }: Solid, straining: Straining): number {
  const yields = cutting === 'blended' ? ingredient.juice : undefined;
  if (!yields) return 0;
  const yielded = (straining === 'cloth' || straining === 'mill' ? yields.cloth : yields.mesh)?.[0];
  return yielded === undefined ? 0 : waterOf(ingredient) + solidsGiven(ingredient, 'raw') - yielded;
}

/** g of liquor that a gram of a fresh plant keeps back: what is open by its matter, what is closed on its skin. */
function keptByFresh(solid: Solid, straining: Straining): (sample: number) => number {
  const { insoluble, closed } = FRESH_HOLDS[straining];
  const byOpen = Math.max(insoluble * insolubleOf(solid.ingredient), leftByJuicing(solid, straining));
  const { dryness } = solid;
  return (sample) => byOpen * dryness[sample]! + closed * (1 - dryness[sample]!);
}

/** Most of a liquid that solids can keep back. */
const MOST_KEPT = 0.97;

/**
 * Share of the liquid that clings to solids and strainer, in each sample.
 *
 * @param loss_mL what stays in the strainer besides
 */
export function holdBack(pot: WorkingPot, solids: readonly Solid[], straining: Straining, loss_mL = 0): Column {
  const volumes_mL = pot.liquid.volumes();
  const masses_g = pot.liquid.masses();
  const share = volumes_mL.map((mL) => (mL > 0 ? Math.min(STRAINING_LOSS_SHARE, loss_mL / mL) : 0));
  for (const solid of solids) {
    const hand = handOf(pot, solid, straining);
    const fresh = isFresh(solid) ? keptByFresh(solid, straining) : undefined;
    const dried = fresh ? 0 : retentionOf(solid.ingredient, straining);
    const whole = fresh ? masses_g : volumes_mL;
    for (let sample = 0; sample < pot.samples; sample += 1)
      if (whole[sample]! > 0)
        share[sample]! += (solid.grams[sample]! * hand[sample]! * (fresh?.(sample) ?? dried)) / whole[sample]!;
  }
  return share.map((each) => Math.min(MOST_KEPT, each));
}
