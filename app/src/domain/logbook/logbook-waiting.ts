import type { LogbookBrew } from '@wellhydra/contract';
import type { LogbookDeeds } from './logbook-sending';

/** A brew of the logbook with what was written of it here and is still to be sent. */

export type LogbookDeed = {
  [Kind in keyof LogbookDeeds]: { readonly kind: Kind; readonly body: LogbookDeeds[Kind] };
}[keyof LogbookDeeds];

const meanOf = (tastings: LogbookBrew['tastings']): number | null =>
  tastings.length > 0 ? tastings.reduce((sum, { score }) => sum + score, 0) / tastings.length : null;
const withTastings = (brew: LogbookBrew, tastings: LogbookBrew['tastings']): LogbookBrew => ({
  ...brew,
  tastings,
  taste: meanOf(tastings),
});

/** A brew after something that was written of it; the same one where it is about another. Photos are shown beside it. */
export function brewAfter(brew: LogbookBrew, { kind, body }: LogbookDeed): LogbookBrew {
  if (body.id !== brew.id) return brew;
  if (kind === 'brew-noted') return { ...brew, note: body.note };
  if (kind !== 'tasted' && kind !== 'tasting-forgotten') return brew;
  const others = brew.tastings.filter(({ id }) => id !== body.tastingId);
  if (kind === 'tasting-forgotten') return withTastings(brew, others);
  const { id: _brew, tastingId: id, ...said } = body;
  return withTastings(brew, [{ id, ...said }, ...others]);
}
