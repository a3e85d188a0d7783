import type { DrinkList, DrinkVersions } from './drink-endpoints';
import type { DrinkDeeds } from './drink-sending';

/** Drinks and their versions with what was done to them here and is still to be sent. */

export type DrinkDeed = {
  [Kind in keyof DrinkDeeds]: { readonly kind: Kind; readonly body: DrinkDeeds[Kind] };
}[keyof DrinkDeeds];

/** The list without what was deleted. */
export const drinksAfter = (drinks: DrinkList['drinks'], { kind, body }: DrinkDeed): DrinkList['drinks'] =>
  kind === 'drink-deleted' ? drinks.filter(({ id }) => id !== body.id) : drinks;

/** The versions of a drink with the name that one was given. */
export const versionsAfter = (
  versions: DrinkVersions['versions'],
  drinkId: string,
  { kind, body }: DrinkDeed,
): DrinkVersions['versions'] =>
  kind === 'version-named' && body.id === drinkId
    ? versions.map((version) => (version.revision === body.revision ? { ...version, label: body.label } : version))
    : versions;
