import type { StartBrew } from '@wellhydra/contract';
import type { BrewEvent, BrewHappening } from '@wellhydra/core/brew';
import { brewRecipe } from '@wellhydra/core/brew';
import { stepFromLine, type DrinkDocument } from '@wellhydra/core/drink';
import { DEFAULT_SETTINGS } from '@wellhydra/core/kitchen';
import type { Brews, DeviceBrew } from '../src/domain/brews/brews';

/** A tonic that is being made, for tests of what is shown of it. */
export const drink = (name: string, lines: readonly string[]): DrinkDocument => ({
  name,
  kind: 'tonic',
  serving: '15 mL',
  target: null,
  steps: lines.map((line, index) => ({ id: `s${index + 1}`, ...stepFromLine(line) })),
});
export const TONIC = drink('Harbour tonic', [
  '100 g dried elderberries',
  '1 L water',
  'simmer 40 min, lid ajar',
  'steep 8 h, off heat',
  'strain through cloth',
  'cool to 40 °C',
  '400 g honey',
]);
export const stored = { document: TONIC, preparations: [], settings: DEFAULT_SETTINGS };
export const recipe = brewRecipe(stored);
/** What a brew of it begins with. */
export const beginning = (startedAt: Date): StartBrew => ({
  drinkId: '00000000-0000-4000-8000-000000000002',
  drinkRevision: 1,
  recipe: stored,
  cook: 'Ines',
  startedAt: startedAt.toISOString(),
});
export const START = new Date('2026-10-01T08:00:00Z');
export const after = (minutes: number) => new Date(START.getTime() + minutes * 60_000);
let count = 0;
export const event = (happening: BrewHappening, at: Date = START): BrewEvent => ({
  ...happening,
  id: `e${(count += 1)}`,
  at: at.toISOString(),
});
export const brew: DeviceBrew = {
  id: 'b',
  batch: 'HT-01',
  drinkId: 'd',
  drinkRevision: 1,
  cook: 'Ines',
  startedAt: START.toISOString(),
  recipe: stored,
  known: [],
};
export const brewsWith = (events: readonly BrewEvent[]): Brews => ({
  byId: { b: brew },
  outbox: events.map((body) => ({ id: body.id, brew: 'b', kind: 'event', body })),
});
