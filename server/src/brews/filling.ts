import { randomUUID } from 'node:crypto';
import type { BottleToFill, Filling } from '@wellhydra/contract';
import { formatPortion } from '@wellhydra/core/quantity';
import type { Keeping } from '@wellhydra/core/keeping';
import type { CreationAttributes, Transaction } from 'sequelize';
import { standing } from '../bottles/standing';
import type { Models } from '../database/models';
import { Problem } from '../problem';
import type { BrewFigures, RunFigures } from '../runs/run-jobs';

type NewBrew = CreationAttributes<InstanceType<Models['brews']>>;
type NewBottle = CreationAttributes<InstanceType<Models['bottles']>>;
type NewPour = CreationAttributes<InstanceType<Models['pours']>>;

/** Bottles may hold this much more than the brew comes to: jugs and eyes differ. */
const FILL_ALLOWANCE = 1.1;

/** What a brew is stored with, of its run; throws `cannot-be-made` where it comes to nothing. */
export function madeFrom(ran: RunFigures) {
  const { problems, keeping, servings, drinkName, volumeMl, servingMl, cautions, perServing, facts, brix, ph } = ran;
  if (problems.length > 0 || !keeping || servings <= 0)
    throw new Problem(
      'cannot-be-made',
      problems,
      problems[0]?.message ?? 'There is nothing in it yet. Add a step first.',
    );
  return { drinkName, volumeMl, servingMl, keeping, cautions, perServing, facts, brix, ph };
}

/** What a brew takes out of the house, as it is stored. */
export const takenOut = ({ used, prepared }: Pick<BrewFigures, 'used' | 'prepared'>) => ({
  used,
  prepared: Object.keys(prepared).length > 0 ? prepared : null,
});

const sumOf = (bottles: readonly BottleToFill[]): number => bottles.reduce((sum, { volume_mL }) => sum + volume_mL, 0);

/** All there was, as it is stored: what the run comes to, or what was taken of it where that is a little more. */
function allOf(taken_mL: number, { volumeMl, dry }: RunFigures): number {
  if (taken_mL <= volumeMl * FILL_ALLOWANCE) return Math.max(volumeMl, taken_mL);
  throw new Problem(
    'invalid-request',
    [{ at: 'body.bottles', message: 'more than was made' }],
    `The bottles hold ${formatPortion(taken_mL, dry)}, but the drink comes to ${formatPortion(volumeMl, dry)}. Use fewer or smaller bottles.`,
  );
}

/** A brew that is filled: what of it is known before it is run. */
export interface BrewToFill {
  readonly kitchenId: string;
  readonly id: string;
  readonly batch: string;
  readonly drinkId: string;
  readonly drinkRevision: number;
  readonly kind: string;
  readonly madeAt: Date;
  readonly madeBy: string;
}

type FilledWith = Pick<BrewToFill, 'kitchenId' | 'madeAt'> & { readonly brewId: string; readonly keeping: Keeping };

/** Full bottles of a brew, as they are stored. */
const bottleRows = (
  { kitchenId, brewId, keeping, madeAt }: FilledWith,
  bottles: readonly BottleToFill[],
): readonly NewBottle[] =>
  bottles.map(({ id, place, volume_mL, spot = null, vessel = null }) => ({
    id,
    spot,
    vessel,
    kitchenId,
    brewId,
    volumeMl: volume_mL,
    filledMl: volume_mL,
    remainingMl: volume_mL,
    openedAt: null,
    ...standing(keeping, { madeAt, stands: [{ place, since: madeAt.toISOString() }], openedAt: null }),
    // It has stood nowhere else.
    stands: null,
  }));

/** A glass that was drunk as soon as it was made: a bottle that was never full on a shelf, and a pour for each drinker. */
function glassRows(
  filled: FilledWith,
  { drunk_mL, drunkBy, pouredBy }: { drunk_mL: number; drunkBy: readonly string[]; pouredBy: string },
) {
  const { kitchenId, madeAt } = filled;
  const id = randomUUID();
  const [full] = bottleRows(filled, [{ id, volume_mL: drunk_mL, place: 'fridge' }]);
  const glass: NewBottle = { ...(full as NewBottle), remainingMl: 0, openedAt: madeAt, atOnce: true };
  const pours = drunkBy.map((personId): NewPour => ({
    kitchenId,
    bottleId: id,
    id: randomUUID(),
    volumeMl: drunk_mL / drunkBy.length,
    pouredAt: madeAt,
    pouredBy,
    personId,
    additions: null,
    brought: null,
  }));
  return { glass, pours };
}

/** Rows that are stored when a brew is filled. */
export interface FilledRows {
  /** What its own row says now. */
  readonly figures: ReturnType<typeof madeFrom> & { readonly drunkMl: number; readonly tastedMl: number };
  /** Brews of what was drawn off on the way. */
  readonly parts: readonly NewBrew[];
  readonly bottles: readonly NewBottle[];
  readonly pours: readonly NewPour[];
}

const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** What was drawn off at a step and filled, as a brew beside the one it came from: "FE-34a". */
function partRows(
  brew: BrewToFill,
  { step, figures: ran }: BrewFigures['drawn'][number],
  { bottles, index }: { readonly bottles: readonly BottleToFill[]; readonly index: number },
) {
  const figures = madeFrom(ran);
  const id = randomUUID();
  const { batch, ...rest } = brew;
  const volumeMl = allOf(sumOf(bottles), ran);
  const part: NewBrew = {
    ...rest,
    ...figures,
    id,
    volumeMl,
    batch: `${batch}${LETTERS[index] ?? ''}`,
    partOf: brew.id,
    partStep: step,
  };
  return { part, bottles: bottleRows({ ...brew, brewId: id, keeping: figures.keeping }, bottles) };
}

/**
 * What a brew is filled into, as rows: its bottles, those of what was drawn off, and what was drunk at once.
 *
 * @throws Problem `invalid-request` where that is more than was made, or was drawn off at no step; `cannot-be-made`
 */
export function filledRows(
  brew: BrewToFill,
  ran: BrewFigures,
  { bottles, drunk_mL = 0, drunkBy = [], tasted_mL = 0 }: Filling,
): FilledRows {
  const made = madeFrom(ran);
  const own = bottles.filter(({ draw }) => draw === undefined);
  const strange = bottles.findIndex(({ draw }) => draw !== undefined && !ran.drawn.some(({ step }) => step === draw));
  if (strange >= 0)
    throw new Problem(
      'invalid-request',
      [{ at: `body.bottles.${strange}.draw`, message: 'nothing is drawn off there' }],
      'Nothing is drawn off at that step. Fill the bottle with what is left in the end.',
    );
  const volumeMl = allOf(sumOf(own) + drunk_mL + tasted_mL, ran);
  const filled = { ...brew, brewId: brew.id, keeping: made.keeping };
  const named = drunk_mL > 0 && drunkBy.length > 0;
  const glass = named ? glassRows(filled, { drunk_mL, drunkBy, pouredBy: brew.madeBy }) : null;
  const parts = ran.drawn.flatMap((drawn, index) => {
    const its = bottles.filter(({ draw }) => draw === drawn.step);
    return its.length > 0 ? [partRows(brew, drawn, { bottles: its, index })] : [];
  });
  return {
    figures: { ...made, volumeMl, drunkMl: named ? 0 : drunk_mL, tastedMl: tasted_mL },
    parts: parts.map(({ part }) => part),
    bottles: [...bottleRows(filled, own), ...(glass ? [glass.glass] : []), ...parts.flatMap((each) => each.bottles)],
    pours: glass?.pours ?? [],
  };
}

/** Stores what a brew was filled into; its own row is there already. */
export async function storeFilled(
  models: Models,
  { parts, bottles, pours }: FilledRows,
  transaction: Transaction,
): Promise<void> {
  await models.brews.bulkCreate([...parts], { transaction });
  await models.bottles.bulkCreate([...bottles], { transaction });
  await models.pours.bulkCreate([...pours], { transaction });
}
