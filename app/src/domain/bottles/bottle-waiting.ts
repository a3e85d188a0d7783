import type { BottleChange, BottleRecord } from '@wellhydra/contract';
import { bottleUseBy, movedTo } from '@wellhydra/core/keeping';
import type { Drunk } from '../people/people-endpoints';
import type { BottleDeeds } from './bottle-sending';

/**
 * Bottles and glasses with what was done to them here and is still to be sent: over what the server has said, which
 * does not know of it.
 */

/** Something that was done, as it waits. */
export type BottleDeed = {
  [Kind in keyof BottleDeeds]: { readonly kind: Kind; readonly body: BottleDeeds[Kind] };
}[keyof BottleDeeds];

const less = (bottle: BottleRecord, volume_mL: number): number => Math.max(0, bottle.remaining_mL - volume_mL);

function afterChange(bottle: BottleRecord, change: BottleChange): Partial<BottleRecord> {
  const openedAt = bottle.openedAt ?? change.at;
  switch (change.kind) {
    case 'opened':
      return { openedAt };
    case 'discarded':
      return { remaining_mL: 0 };
    case 'corrected':
      return { remaining_mL: change.remaining_mL };
    case 'topped-up':
      return { remaining_mL: bottle.remaining_mL + change.volume_mL, openedAt };
    case 'split':
      return { remaining_mL: less(bottle, change.into.volume_mL), openedAt };
  }
}

function ownChange(bottle: BottleRecord, deed: BottleDeed): Partial<BottleRecord> {
  switch (deed.kind) {
    case 'pour':
      return {
        remaining_mL: less(bottle, deed.body.volume_mL),
        openedAt: bottle.openedAt ?? deed.body.pouredAt,
      };
    case 'pour-undone':
      return {
        remaining_mL: Math.min(bottle.volume_mL, bottle.remaining_mL + (deed.body.was?.volume_mL ?? 0)),
        openedAt: deed.body.was ? deed.body.was.openedAt : bottle.openedAt,
      };
    case 'bottle-moved': {
      const { place, spot = null, at = new Date().toISOString() } = deed.body;
      const stands = movedTo(bottle.keeping, bottle.stands, { place, since: at });
      const until = bottleUseBy(bottle.keeping, { ...bottle, stands });
      return { place, spot, stands: [...stands], useBy: until.useBy, useByReason: until.reason };
    }
    case 'bottle-changed':
      return afterChange(bottle, deed.body);
    case 'change-undone':
      return deed.body.was ?? {};
    case 'brew-made':
    case 'batch-undone':
      return {};
  }
}

/** A bottle after something that was done to it, or to one that it was topped up from; the same one where it is about others. */
export function bottleAfter(bottle: BottleRecord, deed: BottleDeed): BottleRecord {
  const { kind, body } = deed;
  if (kind === 'bottle-changed' && body.kind === 'topped-up' && body.from === bottle.id)
    return { ...bottle, remaining_mL: less(bottle, body.volume_mL) };
  return body.id === bottle.id ? { ...bottle, ...ownChange(bottle, deed) } : bottle;
}

/** The shelf after something that was done: without the bottles of a batch that was taken back. */
export const shelfAfter = (bottles: readonly BottleRecord[], deed: BottleDeed): readonly BottleRecord[] =>
  deed.kind === 'batch-undone'
    ? bottles.filter(({ brewId }) => brewId !== deed.body.id)
    : bottles.map((bottle) => bottleAfter(bottle, deed));

/** What people drank with a glass that was poured here, or without one that was taken back. */
export function drunkAfter(drunk: Drunk, deed: BottleDeed, bottleOf: (id: string) => BottleRecord | undefined): Drunk {
  if (deed.kind !== 'pour' && deed.kind !== 'pour-undone') return drunk;
  const others = drunk.pours.filter(({ id }) => id !== deed.body.pourId);
  if (deed.kind === 'pour-undone') return { ...drunk, pours: others };
  const { id: bottleId, pourId: id, personId, volume_mL, pouredAt, additions = [] } = deed.body;
  const bottle = bottleOf(bottleId);
  if (!personId || !bottle) return drunk;
  const { brewId, drinkId, drinkName, batch, kind, serving_mL, facts } = bottle;
  const pour = { id, bottleId, brewId, drinkId, personId, volume_mL, pouredAt, additions, brought: null };
  return {
    pours: [pour, ...others].sort((a, b) => b.pouredAt.localeCompare(a.pouredAt)),
    brews: { ...drunk.brews, [brewId]: { drinkName, batch, kind, serving_mL, facts } },
  };
}
