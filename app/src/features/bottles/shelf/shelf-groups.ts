import type { BottleRecord, Place } from '@wellhydra/contract';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { shapeOf, type VesselShape } from '@wellhydra/core/keeping';
import { PLACE_NAMES, bottleView, type BottleView } from '../bottles-view';
import { drinkColour } from '../drink-colour';
import { showTemperature } from '../../../domain/words/units';

/** A bottle as it stands on a shelf. */
export interface StandingView extends BottleView {
  readonly shape: VesselShape;
  readonly colour: string;
  /** As high as it is large, px. */
  readonly height: number;
  /** Of what it holds to the brim, 0 to 1. */
  readonly level: number;
  /** "41 of 52 scoops"; nothing of what is told by its level. */
  readonly count: string;
}

export interface ShelfGroup {
  readonly key: string;
  /** "Fridge · 4 °C". */
  readonly title: string;
  readonly bottles: readonly StandingView[];
}

/** How high a litre stands, px; others by the cube root of their size, as bottles of one shape do. */
const LITRE_px = 112;
const LEAST_px = 52;
const heightOf = (size_mL: number): number => Math.max(LEAST_px, Math.min(140, LITRE_px * Math.cbrt(size_mL / 1000)));

/** Scoops are counted where a powder is taken by them. */
function countOf({ kind, remaining_mL, volume_mL, serving_mL }: BottleRecord): string {
  if (kind !== 'dry-mix') return '';
  const of = (amount: number) => Math.floor(amount / serving_mL + 1e-6);
  return `${of(remaining_mL)} of ${of(volume_mL)} scoops`;
}

export function standingView(bottle: BottleRecord, now: Date): StandingView {
  const { vessel, volume_mL, remaining_mL, kind, facts } = bottle;
  const size_mL = Math.max(vessel?.size_mL ?? 0, volume_mL);
  return {
    ...bottleView(bottle, now),
    shape: vessel?.shape ?? (kind === 'dry-mix' ? shapeOf('jar') : 'bottle'),
    colour: drinkColour(kind, facts?.contains),
    height: heightOf(size_mL),
    level: remaining_mL / size_mL,
    count: countOf(bottle),
  };
}

const USUAL: readonly Place[] = ['fridge', 'cool-room', 'cupboard', 'freezer'];

/** What a place is like, where that is known. */
function temperatureOf(place: Place, settings: KitchenSettings): string {
  if (place === 'fridge') return showTemperature(settings.fridge_C);
  if (place === 'cool-room') return showTemperature(settings.coolRoom_C);
  if (place === 'cupboard') return showTemperature(settings.room_C);
  return '';
}

/** The shelves of a kitchen: usual places in their order, then those of its own; what is to be used first stands left. */
export function shelfGroups(
  bottles: readonly BottleRecord[],
  settings: KitchenSettings,
  now: Date,
): readonly ShelfGroup[] {
  const groups = new Map<string, { readonly place: Place; readonly spot: string | null; bottles: StandingView[] }>();
  for (const bottle of bottles) {
    const key = bottle.spot ?? bottle.place;
    const group = groups.get(key) ?? { place: bottle.place, spot: bottle.spot, bottles: [] };
    group.bottles.push(standingView(bottle, now));
    groups.set(key, group);
  }
  const order = ({ place, spot }: { place: Place; spot: string | null }) =>
    spot === null ? USUAL.indexOf(place) : USUAL.length;
  return [...groups]
    .sort(([a, one], [b, other]) => order(one) - order(other) || a.localeCompare(b, 'en'))
    .map(([key, { place, spot, bottles: standing }]) => ({
      key,
      title: [
        spot ?? PLACE_NAMES[place],
        spot ? `like ${PLACE_NAMES[place].toLowerCase()}` : temperatureOf(place, settings),
      ]
        .filter(Boolean)
        .join(' · '),
      bottles: standing,
    }));
}

/** Bottles whose name, batch or place has all words that are looked for. */
export function found(bottles: readonly BottleRecord[], words: string): readonly BottleRecord[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  if (wanted.length === 0) return bottles;
  return bottles.filter(({ drinkName, batch, place, spot }) => {
    const text = `${drinkName} ${batch} ${PLACE_NAMES[place]} ${spot ?? ''}`.toLowerCase();
    return wanted.every((word) => text.includes(word));
  });
}
