import type { DrinkDocument, DrinkKind } from '@wellhydra/core/drink';
import { DEFAULT_SERVINGS } from '@wellhydra/core/drink';

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

/** What a drink of a kind begins with, where something sensible can be said. */
const STARTERS: Readonly<Partial<Record<DrinkKind, readonly string[]>>> = {
  rehydration: ['6 level tsp white sugar', '1/2 level tsp table salt', 'water to 1 L'],
  sport: ['60 g white sugar', '1.5 g table salt', 'water to 1 L'],
  'daily-hydration': ['10 g white sugar', '0.8 g table salt', 'juice of 1 lemon', 'water to 1 L'],
  'infused-water': ['1 L water'],
  juice: ['juice of 4 oranges'],
  syrup: ['200 g white sugar', '100 mL water'],
  'vinegar-honey': ['250 mL cider vinegar', '355 g honey'],
  'dry-mix': ['90 g glucose', '17 g table salt'],
};

/** A new drink of a kind. */
export function newDocument(kind: DrinkKind, newId: () => string): DrinkDocument {
  const home = kind === 'rehydration' ? 'home-sugar-and-salt' : null;
  return {
    name: '',
    kind,
    serving: DEFAULT_SERVINGS[kind],
    target: home,
    steps: (STARTERS[kind] ?? []).map((text) => ({ id: newId(), verb: 'add' as const, text })),
  };
}
