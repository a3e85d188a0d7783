import type { BottleRecord, Pour } from '@wellhydra/contract';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { Intake } from '@wellhydra/core/people';
import type { SignedIn } from '../accounts/session-store';
import type { BrewContext } from '../brews/brew-context';
import { readSettings } from '../kitchen/kitchen-documents-store';
import { Problem } from '../problem';
import { changed, leftAfter, readKnownBottle } from './bottle-service';
import { openedSince } from './opened-since';
import { addPour } from './pour-store';

interface PourIds {
  readonly id: string;
  readonly pourId: string;
}

const pourKey = ({ kitchenId }: SignedIn, { id, pourId }: PourIds) => ({ kitchenId, bottleId: id, id: pourId });

/** What went into the glass, reckoned in this kitchen; nothing where nothing did. */
async function broughtBy(
  { models, runner }: BrewContext,
  { kitchenId }: SignedIn,
  additions: readonly string[],
): Promise<Intake | null> {
  if (additions.length === 0) return null;
  const { settings } = await readSettings(models, kitchenId);
  const read = await runner.run('glass', { lines: additions, settings: settings ?? DEFAULT_SETTINGS });
  if (read.kind === 'intake') return read.intake;
  throw new Problem('invalid-request', [{ at: `body.additions.${read.line}`, message: read.message }], read.message);
}

/** Who a pour is for: of a drinker always themselves. */
function drinkerOf({ role, personId }: SignedIn, meant: string | null): string | null {
  if (role !== 'drinker') return meant;
  if (meant !== null && meant !== personId) throw new Problem('makers-only');
  return personId;
}

/** Takes a serving off a bottle; sending it again changes nothing. */
export async function pourFromBottle(
  context: BrewContext,
  who: SignedIn,
  ids: PourIds,
  { volume_mL, personId: meant = null, additions = [], ...pour }: Pour,
): Promise<BottleRecord> {
  const personId = drinkerOf(who, meant);
  // Reckoned before the bottle is locked: while it is, nothing may be waited for.
  const brought = await broughtBy(context, who, additions);
  await changed(context, who, ids.id, async (bottle, transaction) => {
    const pouredAt = new Date(pour.pouredAt);
    const row = { ...pourKey(who, ids), volumeMl: volume_mL, pouredAt, pouredBy: who.accountId, personId };
    const glass = additions.length > 0 ? { additions, brought } : { additions: null, brought: null };
    if (!(await addPour(context.sequelize, { ...row, ...glass }, transaction))) return undefined;
    const openedAt = bottle.openedAt && bottle.openedAt < pouredAt ? bottle.openedAt : pouredAt;
    return { remainingMl: leftAfter(bottle, volume_mL), openedAt };
  });
  return readKnownBottle(context, who, ids.id);
}

/** Takes a pour back: the drink is in the bottle again, and closed if it was only opened for that. */
export async function undoPour(context: BrewContext, who: SignedIn, ids: PourIds): Promise<BottleRecord> {
  const { models } = context;
  await changed(context, who, ids.id, async (bottle, transaction) => {
    const pour = await models.pours.findOne({ where: pourKey(who, ids), transaction });
    // A drinker takes back what they have poured themselves.
    if (!pour || (who.role === 'drinker' && pour.pouredBy !== who.accountId)) throw new Problem('not-found');
    if (pour.undoneAt) return undefined;
    await pour.update({ undoneAt: new Date() }, { transaction });
    return {
      remainingMl: bottle.remainingMl + pour.volumeMl,
      openedAt: await openedSince(models, { kitchenId: who.kitchenId, bottleId: ids.id }, transaction),
    };
  });
  return readKnownBottle(context, who, ids.id);
}
