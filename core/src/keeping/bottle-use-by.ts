import { shelfWords } from '../quantity';
import { closedDays, type Keeping, type KeepingPlace } from './keeping-of';

/** Where a bottle can stand. */
export const SHELF_PLACES = ['fridge', 'cool-room', 'cupboard', 'freezer'] as const;
export type ShelfPlace = (typeof SHELF_PLACES)[number];

/** Where a bottle was put, and when; ISO 8601. */
export interface Stand {
  readonly place: ShelfPlace;
  readonly since: string;
}

/** What decides when a bottle is to be used up, besides how its brew keeps. */
export interface BottleHistory {
  readonly madeAt: string;
  /** Where it has stood, in order; it stands at the last of these. */
  readonly stands: readonly Stand[];
  readonly openedAt: string | null;
}

export interface UseBy {
  /** ISO 8601. */
  readonly useBy: string;
  /** How long that is there, and why no longer, as a sentence. */
  readonly reason: string;
}

/** How a brew keeps, as far as bottles go by it. */
export type BottleKeeping = Pick<Keeping, 'place' | 'days' | 'daysOpened' | 'daysInCoolRoom' | 'closed' | 'heldBackBy'>;

const DAY_ms = 86_400_000;
/** What keeps for ever is to be used up by then. */
const LATEST_ms = Date.parse('2100-01-01T00:00:00.000Z');

const PLACE_WORDS: Readonly<Record<ShelfPlace, string>> = {
  fridge: 'in the fridge',
  'cool-room': 'in a cool room',
  cupboard: 'in the cupboard',
  freezer: 'in the freezer',
};

const keepingPlace = (place: ShelfPlace): KeepingPlace => (place === 'cool-room' ? 'cool room' : place);
/** The place on a shelf that the steps of a drink name. */
export const shelfPlace = (place: KeepingPlace): ShelfPlace => (place === 'cool room' ? 'cool-room' : place);

/** Days that a closed bottle keeps in a place, from fresh. */
export const daysIn = (keeping: BottleKeeping, place: ShelfPlace): number => closedDays(keeping, keepingPlace(place));

/** Days in a place of what was frozen before: as an opened one. */
const daysThawed = (keeping: BottleKeeping, place: ShelfPlace): number =>
  Math.min(daysIn(keeping, place), keeping.daysOpened);

/** The places a bottle may be put, those it keeps in longest first; of equal ones the one its steps name. */
export function placesByKeeping(
  keeping: BottleKeeping,
): readonly { readonly place: ShelfPlace; readonly days: number }[] {
  const named = shelfPlace(keeping.place);
  const order = (place: ShelfPlace): number => (place === named ? -1 : SHELF_PLACES.indexOf(place));
  const places = SHELF_PLACES.map((place) => ({ place, days: daysIn(keeping, place) }));
  const [own] = places.filter(({ place }) => place === named);
  const most = Math.max(...places.filter(({ place }) => place !== 'freezer').map(({ days }) => days));
  // What the steps say comes first, unless it would spoil there while it keeps elsewhere.
  const keepsThere = own !== undefined && own.days > 0 && (own.days >= 1 || own.days >= most);
  return places.sort((a, b) => {
    if (keepsThere && (a.place === named || b.place === named)) return order(a.place) - order(b.place);
    // The freezer keeps nearly everything, and is nobody's first thought.
    if ((a.place === 'freezer') !== (b.place === 'freezer')) return a.place === 'freezer' ? 1 : -1;
    return b.days - a.days || order(a.place) - order(b.place);
  });
}

/**
 * When a bottle is to be used up. Each place it has stood in takes its share of the time it keeps: a quarter of what
 * it keeps in the cupboard leaves three quarters of what it keeps in the fridge. An opened bottle has its own, shorter
 * time beside that, which stands still in the freezer; what was frozen keeps as an opened one once it is thawed.
 *
 * @param keeping of its brew
 * @param bottle when it was filled, where it has stood and when it was opened
 * @returns the moment and why, the same wherever it is asked
 * @throws RangeError where it stands nowhere or a moment is none
 */
export function bottleUseBy(keeping: BottleKeeping, { madeAt, stands, openedAt }: BottleHistory): UseBy {
  const here = stands.at(-1);
  if (!here) throw new RangeError('bottleUseBy: a bottle stands somewhere, got no stands');
  const because = keeping.heldBackBy.join('; ');
  let used = 0;
  let frozen = false;
  let frozenOpen_ms = 0;
  const opened_ms = openedAt === null ? Infinity : moment(openedAt);
  const daysOf = (place: ShelfPlace): number =>
    frozen && place !== 'freezer' ? daysThawed(keeping, place) : daysIn(keeping, place);
  // The first place counts from when it was filled, whenever that was written down.
  const from_ms = (index: number): number => (index === 0 ? moment(madeAt) : moment(stands[index]!.since));
  stands.slice(0, -1).forEach(({ place }, index) => {
    const until_ms = from_ms(index + 1);
    const stood_ms = Math.max(0, until_ms - from_ms(index));
    const days = daysOf(place);
    if (stood_ms > 0) used += days > 0 ? stood_ms / (days * DAY_ms) : 1;
    if (place !== 'freezer') return;
    frozen ||= stood_ms > 0;
    frozenOpen_ms += Math.max(0, until_ms - Math.max(from_ms(index), opened_ms));
  });
  const days = daysOf(here.place);
  const left = Math.max(0, 1 - used);
  const closed_ms = from_ms(stands.length - 1) + left * days * DAY_ms;
  const openedDays = Math.min(days, keeping.daysOpened);
  const runsOpen = openedAt !== null && here.place !== 'freezer';
  const open_ms = runsOpen ? opened_ms + frozenOpen_ms + openedDays * DAY_ms : Infinity;
  if (days <= 0) return { useBy: madeAt, reason: `Not to be kept: ${because}.` };
  const span =
    open_ms < closed_ms
      ? `${shelfWords(openedDays)} once opened`
      : `${shelfWords(left * days)} ${PLACE_WORDS[here.place]}${frozen ? ', thawed' : ''}`;
  return {
    useBy: new Date(Math.min(closed_ms, open_ms, LATEST_ms)).toISOString(),
    reason: left > 0 ? `About ${span}: ${because}.` : `Its time is used up, where it stood before: ${because}.`,
  };
}

function moment(iso: string): number {
  const at = Date.parse(iso);
  if (Number.isNaN(at)) throw new RangeError(`bottleUseBy: "${iso}" is no moment`);
  return at;
}

/** More stands than these are not told apart. */
export const MOST_STANDS = 100;

/**
 * Where a bottle has stood, after it is put somewhere else; the same place again changes nothing. Of very many the two
 * oldest become one, in whichever of the two it keeps shorter.
 */
export function movedTo(keeping: BottleKeeping, stands: readonly Stand[], { place, since }: Stand): readonly Stand[] {
  if (stands.at(-1)?.place === place) return stands;
  const [first, second, ...rest] = [...stands, { place, since }];
  if (stands.length < MOST_STANDS || !first || !second) return [...stands, { place, since }];
  const shorter = daysIn(keeping, first.place) <= daysIn(keeping, second.place) ? first.place : second.place;
  return [{ place: shorter, since: first.since }, ...rest];
}
