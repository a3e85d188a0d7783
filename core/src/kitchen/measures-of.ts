import type { KitchenSettings } from './kitchen-settings';

/**
 * The kitchen as it is for one of its members: with their own measures before everybody's, and nobody else's.
 *
 * @param member whose hand measures; null for nobody's in particular
 * @returns settings whose measures are all in use; the same object where nothing is anybody's own
 */
export function settingsFor(settings: KitchenSettings, member: string | null): KitchenSettings {
  const { measures } = settings;
  if (!measures?.some((each) => each.member !== undefined)) return settings;
  const mine = measures.filter((each) => each.member !== undefined && each.member === member);
  const named = new Set(mine.map(({ name, of }) => `${name}|${of}`));
  const common = measures.filter((each) => each.member === undefined && !named.has(`${each.name}|${each.of}`));
  return { ...settings, measures: [...mine.map(({ member: _mine, ...each }) => each), ...common] };
}
