import type { BrewContext } from '../brews/brew-context';
import { DEMO_BREWS } from './demo-brews';
import { demoId } from './demo-kitchen';
import { demoLots } from './demo-lots';
import { demoHousehold } from './demo-people';
import { DEMO_MADE, DEMO_RUNS } from './demo-runs';

const DAY_ms = 86_400_000;
/** Local calendar day as the database writes it. */
export const dayOf = (now: Date): string => now.toISOString().slice(0, 10);

/** Moves what the demo came with to today; what people added since stays where it is. */
export async function moveDemoDates({ sequelize, models }: BrewContext, since: string, now: Date): Promise<void> {
  const days = Math.round((Date.parse(dayOf(now)) - Date.parse(since)) / DAY_ms);
  if (days <= 0) return;
  const runs = [
    ...DEMO_RUNS.map((_run, index) => demoId(`run-${index}`)),
    ...DEMO_MADE.map((_made, index) => demoId(`made-${index}`)),
  ];
  const brews = [...DEMO_BREWS.map((_brew, index) => demoId(`brew-${index}`)), ...runs];
  const bottles = DEMO_BREWS.flatMap((brew, index) =>
    brew.bottles.map((_each, place) => demoId(`bottle-${index}-${place}`)),
  );
  const pours = DEMO_BREWS.flatMap((brew, index) =>
    brew.bottles.flatMap(({ pours: all }, place) => all.map((_each, pour) => demoId(`pour-${index}-${place}-${pour}`))),
  );
  await sequelize.transaction(async (transaction) => {
    const shift = async (table: string, column: string, ids: readonly string[], of = 'id') =>
      sequelize.query(
        `UPDATE ${table} SET ${column} = ${column} + make_interval(days => :days)
         WHERE kitchen_id = :kitchenId AND ${of} IN (:ids)`,
        {
          replacements: { days, ids, kitchenId: demoId('kitchen') },
          transaction,
        },
      );
    await shift('brews', 'made_at', brews);
    await shift('brews', 'started_at', runs);
    await shift('brew_events', 'happened_at', runs, 'brew_id');
    await shift('tastings', 'tasted_at', runs, 'brew_id');
    await shift('bottles', 'opened_at', bottles);
    await shift('bottles', 'use_by', bottles);
    await shift('pours', 'poured_at', pours);
    const lots = demoLots(now).map((_lot, index) => demoId(`lot-${index}`));
    await shift('lots', 'got_at', lots);
    await shift('lots', 'best_before', lots);
    await shift('lot_changes', 'happened_at', lots, 'lot_id');
    const people = demoHousehold(now);
    await models.kitchens.update({ demoDay: dayOf(now), people }, { where: { id: demoId('kitchen') }, transaction });
  });
}
