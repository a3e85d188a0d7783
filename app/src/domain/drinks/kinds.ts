import type { DrinkKind } from '@wellhydra/core/drink';

export const KIND_NAMES: Readonly<Record<DrinkKind, string>> = {
  'infused-water': 'Infused water',
  juice: 'Juice',
  tea: 'Tea',
  tonic: 'Tonic',
  syrup: 'Syrup',
  'vinegar-honey': 'Vinegar and honey',
  concentrate: 'Concentrate',
  gel: 'Gel',
  'dry-mix': 'Dry mix',
  rehydration: 'Rehydration',
  sport: 'Sports drink',
  'daily-hydration': 'Daily hydration',
};

/** What a drink of a kind is, in a line. */
export const KIND_LINES: Readonly<Record<DrinkKind, string>> = {
  'infused-water': 'Fruit and leaves stand in cold water',
  juice: 'Fruit, pressed and drunk soon',
  tea: 'Leaves or roots in hot water, for a day',
  tonic: 'A strong decoction, by the small glass',
  syrup: 'Sweet enough to keep, by the spoon',
  'vinegar-honey': 'Plants draw for weeks in vinegar and honey',
  concentrate: 'Strong and short, filled up in the glass',
  gel: 'Seeds that thicken, to be spooned',
  'dry-mix': 'A powder, stirred into water when it is wanted',
  rehydration: 'Water, sugar and salt in their right measure',
  sport: 'Sugar and salt for hours of sweat',
  'daily-hydration': 'Water with a little salt and something sour',
};

/** The kind of which words are just the name; undefined of anything else. */
export function kindNamed(words: string): DrinkKind | undefined {
  const said = words.trim().toLowerCase();
  const found = Object.entries(KIND_NAMES).find(([, name]) => name.toLowerCase() === said);
  return found?.[0] as DrinkKind | undefined;
}
