import type { LotRecord, LotTrace } from '@wellhydra/contract';
import { shelfWords } from '@wellhydra/core/quantity';
import { byExpiry } from '@wellhydra/core/stores';
import { ingredientName } from '../../domain/stores/ingredient-name';
import { showMass } from '../../domain/words/units';

const DAY_ms = 86_400_000;
/** A lot is to be used up soon from so long before its day. */
export const SOON_ms = 14 * DAY_ms;
/** An ingredient is low when no more than this share of its largest lot is left. */
const LOW = 0.2;

export interface LotView {
  readonly id: string;
  readonly name: string;
  /** "420 g of 1 kg". */
  readonly left: string;
  readonly share: number;
  /** "best before 12 Dec", where that is said. */
  readonly due: { readonly words: string; readonly urgency: 'past' | 'soon' | 'later' } | null;
  /** Where it stands and where it is from. */
  readonly about: string;
}

/** An ingredient with its lots, the first to be used first. */
export interface StockView {
  readonly ingredient: string;
  readonly name: string;
  readonly left: string;
  readonly low: boolean;
  readonly lots: readonly LotView[];
}

/** Until when a lot is best, as a person would say it. */
export function lotDue(bestBefore: string | null, now: Date): LotView['due'] {
  if (bestBefore === null) return null;
  const left_ms = Date.parse(bestBefore) - now.getTime();
  const span = shelfWords(Math.abs(left_ms) / DAY_ms);
  if (left_ms < 0) return { words: `past its day by ${span}`, urgency: 'past' };
  return { words: `best within ${span}`, urgency: left_ms < SOON_ms ? 'soon' : 'later' };
}

export const lotView = (lot: LotRecord, now: Date): LotView => ({
  id: lot.id,
  name: lot.name,
  left: `${showMass(lot.remaining_g)} of ${showMass(lot.amount_g)}`,
  share: Math.min(1, lot.remaining_g / lot.amount_g),
  due: lotDue(lot.bestBefore, now),
  about: [lot.place, lot.origin].filter(Boolean).join(' · '),
});

const isLow = (lots: readonly LotRecord[]): boolean => {
  const left = lots.reduce((sum, { remaining_g }) => sum + remaining_g, 0);
  return left > 0 && left <= LOW * Math.max(...lots.map(({ amount_g }) => amount_g));
};

/** Everything in the house by ingredient, in the order of their names; of a word that is looked for what has it. */
export function stockViews(lots: readonly LotRecord[], now: Date, search = ''): readonly StockView[] {
  const groups = new Map<string, LotRecord[]>();
  for (const lot of lots) groups.set(lot.ingredient, [...(groups.get(lot.ingredient) ?? []), lot]);
  const wanted = search.trim().toLowerCase();
  return [...groups]
    .map(([ingredient, all]): StockView => {
      const own = [...all].sort(byExpiry);
      return {
        ingredient,
        name: ingredientName(ingredient, own),
        left: showMass(own.reduce((sum, { remaining_g }) => sum + remaining_g, 0)),
        low: isLow(own),
        lots: own.filter(({ remaining_g }) => remaining_g > 0).map((lot) => lotView(lot, now)),
      };
    })
    .filter(({ name, lots: own }) => own.length > 0 && found(wanted, name, own))
    .sort((a, b) => a.name.localeCompare(b.name, 'en'));
}

const found = (wanted: string, name: string, lots: readonly LotView[]): boolean =>
  [name, ...lots.flatMap((lot) => [lot.name, lot.about])].some((text) => text.toLowerCase().includes(wanted));

/** What is worth a word on Today: low, or to be used up soon. */
export interface StoresWorth {
  readonly low: readonly string[];
  readonly soon: readonly { readonly id: string; readonly words: string }[];
}

export function storesWorth(lots: readonly LotRecord[], now: Date): StoresWorth {
  const stock = stockViews(lots, now);
  return {
    low: stock.filter(({ low }) => low).map(({ name, left }) => `${name.toLowerCase()}, ${left}`),
    soon: stock.flatMap((each) =>
      each.lots
        .filter(({ due }) => due && due.urgency !== 'later')
        .map(({ id, name, due }) => ({ id, words: `${name}: ${due!.words}` })),
    ),
  };
}

const counted = (count: number, one: string, many: string): string => `${count} ${count === 1 ? one : many}`;

/** "2 batches, 5 bottles of which 3 are still there, 4 people". */
export function reachedWords(brews: LotTrace['brews']): string {
  const bottles = brews.flatMap((brew) => brew.bottles);
  const there = bottles.filter(({ remaining_mL }) => remaining_mL > 0).length;
  const people = new Set(brews.flatMap(({ drinkers }) => drinkers.map(({ personId }) => personId))).size;
  return [
    counted(brews.length, 'batch', 'batches'),
    `${counted(bottles.length, 'bottle', 'bottles')}, ${there} of ${bottles.length === 1 ? 'it' : 'them'} still on the shelf`,
    counted(people, 'person has had of it', 'people have had of it'),
  ].join('; ');
}
