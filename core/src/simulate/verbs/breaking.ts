import type { Ingredient } from '../../catalogue';
import { BETWEEN_FRUIT_CV, yieldCv, type JuicingMethod } from '../../process';
import { formatNumber, readAmount, isUnreadable, unreadable, type Unreadable } from '../../quantity';
import { elapse } from '../elapse';
import { solidsGiven, waterOf } from '../ingredient-parts';
import { readOptionalMinutes } from '../read-qualifiers';
import { breakTo, dryTo, finerForm, giveTo, isFresh, solidMass, type Solid } from '../solid';
import { evenColumn, type StepContext, type StepDone, type StepNote } from '../step-run';
import { pressCake, runStrain } from './straining';

/** A blender's load takes so long, min. */
const LOAD_min = 2;

function blenderLoads(context: StepContext): { loads: number; notes: StepNote[] } | Unreadable {
  const { step, pot, kitchen } = context;
  let limit_mL: number = kitchen.blenderJug_mL;
  if (step.loadLimit !== undefined) {
    const amount = readAmount(step.loadLimit);
    if (isUnreadable(amount)) return amount;
    if (amount.unit.dimension !== 'volume')
      return unreadable('unit-mismatch', step.loadLimit, 'A blender jug holds a volume, such as 1.5 L.');
    limit_mL = amount.value * amount.unit.size;
  }
  const all_mL = pot.solids.reduce((sum, solid) => sum + solidMass(solid)[0]!, pot.liquid.volume());
  const loads = Math.max(1, Math.ceil(all_mL / limit_mL - 1e-9));
  const each = formatNumber(all_mL / loads);
  return {
    loads,
    notes:
      loads > 1
        ? [
            {
              code: 'blender-loads',
              text: `A jug of ${formatNumber(limit_mL)} mL takes ${loads} loads of about ${each} mL each.`,
            },
          ]
        : [],
  };
}

function mashSolid(solid: Solid): void {
  solid.form = finerForm(solid.form);
  solid.opened = true;
  if (isFresh(solid)) breakTo(solid, 'crushed');
}

/** `mash`, `mill`: what is in the pot becomes finer and gives faster. */
export function runMash(context: StepContext): StepDone | Unreadable {
  const { pot, step } = context;
  const minutes = readOptionalMinutes(step.text, 3);
  if (typeof minutes !== 'number') return minutes;
  if (pot.solids.length === 0)
    return unreadable('no-ingredient', step.text, 'There are no pieces in the pot to break.');
  for (const solid of pot.solids) mashSolid(solid);
  elapse(pot, evenColumn(pot, minutes), pot.temperature_C);
  return { minutes, handsOn_min: minutes };
}

/** `blend`: hardly a cell of a fresh plant stays closed; dried ones become powder. */
export function runBlend(context: StepContext): StepDone | Unreadable {
  const { pot, step } = context;
  if (pot.solids.length === 0 && pot.dry)
    return unreadable('no-ingredient', step.text, 'There is nothing in the jug to blend.');
  const load = blenderLoads(context);
  if (isUnreadable(load)) return load;
  const minutes = readOptionalMinutes(step.text, LOAD_min);
  if (typeof minutes !== 'number') return minutes;
  for (const solid of pot.solids) {
    mashSolid(solid);
    if (isFresh(solid)) breakTo(solid, 'blended');
    else solid.form = 'powder';
    solid.suspended = true;
  }
  elapse(pot, evenColumn(pot, minutes), pot.temperature_C);
  pot.settle();
  const all = minutes * load.loads;
  return { minutes: all, handsOn_min: all, notes: load.notes };
}

const METHODS: readonly (readonly [RegExp, JuicingMethod])[] = [
  [/cloth|muslin|bag/, 'cloth'],
  [/mesh|sieve|blend/, 'mesh'],
  [/juicer|centrifug|slow/, 'centrifugal'],
  [/hand|ream|squeeze|citrus|^$|press/, 'hand'],
];
/** Grams of fruit a minute, by method. */
const PACE_g_min: Readonly<Record<JuicingMethod, number>> = { hand: 150, mesh: 120, cloth: 80, centrifugal: 200 };

/** What the methods of a table of yields are called. */
const METHOD_WORDS: Readonly<Record<JuicingMethod, string>> = {
  hand: 'by hand',
  mesh: 'with blender and mesh',
  cloth: 'with blender and cloth',
  centrifugal: 'with a juicer',
};

/** Fruit that a method gets no juice out of stays as it is: nothing is poured, and it is said what would do. */
function nothingPressed({ name, juice }: Ingredient, way: string): StepDone {
  const would = (Object.keys(METHOD_WORDS) as JuicingMethod[]).filter((method) => juice?.[method]);
  const text = `${name} gives no juice this way ("${way}"). Press it ${would.map((method) => METHOD_WORDS[method]).join(' or ')}.`;
  return { minutes: 0, handsOn_min: 0, notes: [{ code: 'press-gives-nothing', text }] };
}

/** `press`: juice from fruit by its yield; or more liquid from what was strained off. */
export function runPress(context: StepContext): StepDone | Unreadable {
  const { pot, step } = context;
  const text = step.text.trim().toLowerCase();
  const method = METHODS.find(([words]) => words.test(text))?.[1];
  if (!method)
    return unreadable(
      'unknown-word',
      step.text,
      'Press by hand, with blender and mesh, blender and cloth, or a juicer.',
      ['hand press', 'blender and mesh', 'blender and cloth', 'juicer'],
    );
  const fruit = pot.solids.filter((solid) => isFresh(solid) && solid.ingredient.juice?.[method]);
  const givesNothing =
    fruit.length === 0 && pot.dry && pot.solids.find((solid) => isFresh(solid) && solid.ingredient.juice);
  if (givesNothing) return nothingPressed(givesNothing.ingredient, step.text.trim() || 'hand');
  if (fruit.length === 0)
    return pressCake(context, method === 'cloth' ? 'cloth' : /screw|mill/.test(text) ? 'mill' : 'press');
  const grams = fruit.reduce((sum, { grams: each }) => sum + each[0]!, 0);
  if (!pot.dry && (method === 'mesh' || method === 'cloth')) {
    const blended = runBlend({ ...context, step: { ...step, text: '' } });
    if (isUnreadable(blended)) return blended;
    const strained = runStrain({ ...context, step: { ...step, text: method } });
    if ('kind' in strained || 'kind' in blended) return strained;
    const minutes = blended.minutes + strained.minutes;
    return { ...strained, minutes, handsOn_min: minutes, notes: blended.notes ?? [] };
  }
  for (const solid of fruit) {
    const { ingredient } = solid;
    const range = ingredient.juice![method]!;
    const wet = waterOf(ingredient) + solidsGiven(ingredient, 'juice');
    const spread = pot.chance.product([
      { key: `press:${ingredient.id}`, cv: yieldCv(range) },
      { key: 'own', cv: BETWEEN_FRUIT_CV / 2 },
    ]);
    // What cooking or sugar has drawn out already is out.
    const share = spread.map((factor, sample) =>
      Math.max(solid.given[sample]!, Math.min(0.98, (range[0] * factor) / wet)),
    );
    giveTo(pot.liquid, solid, 'juice', share);
    dryTo(pot.liquid, solid, share);
  }
  pot.dry = false;
  pot.settle();
  if (pot.cake) pot.ledger.discarded.push(pot.cake);
  pot.solids = pot.solids.filter((solid) => !fruit.includes(solid));
  pot.cake = { solids: fruit, held: pot.liquid.take(evenColumn(pot, 0)) };
  const minutes = 2 + grams / PACE_g_min[method];
  const pomace_g = fruit.reduce((sum, solid) => sum + solidMass(solid)[0]!, 0);
  return { minutes, handsOn_min: minutes, strained_g: pomace_g, strainer: text || 'hand' };
}
