import { normaliseName, type Ingredient } from '../../catalogue';
import { volumeOf } from '../../liquid';
import { potArea } from '../../process';
import { bulkDensityFor, unreadable, type IngredientLine, type PotRule, type Unreadable } from '../../quantity';
import { columnOf, type Column } from '../chance';
import type { WorkingPot } from '../pot';
import { evenColumn, type StepContext } from '../step-run';

/** Of a heap of fruit or roots so much is gaps. Source: random packing of rounds, 0.36 to 0.45. */
const GAPS = 0.4;
/** A heap of whole fruit weighs so much a mL where the catalogue does not say. Source: estimate. */
const HEAP_g_mL = 0.6;
/** Liquid stands so far above what it covers, m. */
const ABOVE_m = 0.01;
const mL_per_m3 = 1e6;

const density = ({ composition }: Ingredient): number => (composition ? 1 / volumeOf(composition) : 1);

/** Whether a name in a line means something that went in: by its name, an alias, or a word of them. */
function isMeant({ name, aliases }: Ingredient, words: string): boolean {
  const said = normaliseName(words);
  return [name, ...aliases].some((each) => {
    const known = normaliseName(each);
    return known === said || ` ${known} `.includes(` ${said} `) || known.split(' ').some((word) => word.endsWith(said));
  });
}

/** g and mL of what went in under a name. */
function putIn(pot: WorkingPot, words: string): { readonly mass_g: number; readonly volume_mL: number } {
  let mass_g = 0;
  let volume_mL = 0;
  for (const { ingredient, mass_g: grams } of pot.entries) {
    if (!isMeant(ingredient, words)) continue;
    mass_g += grams;
    volume_mL += grams / (bulkDensityFor(ingredient)?.density_g_mL ?? density(ingredient));
  }
  return { mass_g, volume_mL };
}

/** Volume of the liquid that fills the gaps between the pieces and stands a finger's breadth above them. */
function toCover({ pot, kitchen }: StepContext): number {
  const heap_mL = pot.solids.reduce(
    (sum, { ingredient, grams, suspended }) =>
      suspended ? sum : sum + grams[0]! / (bulkDensityFor(ingredient)?.density_g_mL ?? HEAP_g_mL),
    0,
  );
  if (heap_mL === 0) return 0;
  const { diameter_m } = kitchen.pots[kitchen.pot]!;
  const there_mL = pot.dry ? 0 : pot.liquid.volume();
  return Math.max(0, GAPS * heap_mL + potArea({ diameter_m }) * ABOVE_m * mL_per_m3 - there_mL);
}

const nothing = (text: string, message: string): Unreadable => unreadable('no-ingredient', text, message);

/**
 * Grams of an addition that depend on what is in the pot when its step comes.
 *
 * @returns g in each sample; or what is missing in the pot for it
 */
export function gramsByPot(context: StepContext, { ingredient }: IngredientLine, rule: PotRule): Column | Unreadable {
  const { pot, step } = context;
  if (rule.kind === 'cover') {
    const volume_mL = toCover(context);
    return volume_mL > 0
      ? evenColumn(pot, volume_mL * density(ingredient))
      : nothing(step.text, 'There is nothing in the pot that is not covered already.');
  }
  if (rule.kind === 'ratio' && rule.of !== null) {
    const there = putIn(pot, rule.of);
    if (!(there.mass_g > 0))
      return nothing(
        step.text,
        `There is no ${rule.of} in the pot to measure it by. Put it in before, or write an amount.`,
      );
    const heap = bulkDensityFor(ingredient)?.density_g_mL ?? density(ingredient);
    return evenColumn(pot, rule.factor * (rule.by === 'mass' ? there.mass_g : there.volume_mL * heap));
  }
  if (pot.dry) return nothing(step.text, 'There is no liquid in the pot yet to measure it by. Put it in before.');
  const body = pot.body();
  if (rule.kind === 'every') {
    const whole = rule.of === 'mass' ? body.masses() : body.volumes();
    return columnOf(pot.samples, (sample) => rule.factor * whole[sample]!);
  }
  if (rule.by === 'mass') return body.masses().map((grams) => rule.factor * grams);
  const own = density(ingredient);
  return body.volumes().map((volume_mL) => rule.factor * volume_mL * own);
}
