import { formatNumber } from '@wellhydra/core/quantity';
import { servingFigureLines } from '@wellhydra/core/serving';
import type { BottleRecord, Place, PourRecord } from '@wellhydra/contract';
import { runOutAtPace } from '@wellhydra/core/household';
import { showPortion, showVolume } from '../../domain/words/units';
import { dueView, type DueView } from '../../domain/words/due-words';
import { dayWords } from '../../domain/words/moment-words';

export const PLACE_NAMES: Readonly<Record<Place, string>> = {
  fridge: 'Fridge',
  'cool-room': 'Cool room',
  cupboard: 'Cupboard',
  freezer: 'Freezer',
};

export const servingFigures = ({ perServing }: Pick<BottleRecord, 'perServing'>) =>
  perServing
    ? servingFigureLines(perServing).map(({ name, unit, amount }) => ({
        name,
        amount: `${formatNumber(amount)} ${unit}`,
      }))
    : [];

/** Pours left below this are the rest that clings. */
const EMPTY_mL = 0.01;

const dates = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});
export const dateWords = (iso: string): string => dates.format(new Date(iso));

/** Servings left in a bottle, in halves. */
export function poursLeft({ remaining_mL, serving_mL }: Pick<BottleRecord, 'remaining_mL' | 'serving_mL'>): number {
  return Math.round((2 * remaining_mL) / serving_mL) / 2;
}

/** What Pour takes: a serving, or the rest. */
export function nextPour_mL({ remaining_mL, serving_mL }: Pick<BottleRecord, 'remaining_mL' | 'serving_mL'>): number {
  return Math.min(serving_mL, remaining_mL);
}

/** An amount out of a bottle, as it is measured. */
export const measure = (bottle: Pick<BottleRecord, 'kind'>, amount: number): string =>
  showPortion(amount, bottle.kind === 'dry-mix');

export interface BottleView {
  readonly id: string;
  readonly name: string;
  readonly batch: string;
  readonly place: string;
  readonly due: DueView;
  readonly left: string;
  readonly pourLabel: string;
  readonly empty: boolean;
}

export function bottleView(bottle: BottleRecord, now: Date): BottleView {
  const left = poursLeft(bottle);
  return {
    id: bottle.id,
    name: bottle.drinkName,
    batch: bottle.batch,
    place: bottle.spot ?? PLACE_NAMES[bottle.place],
    due: dueView(bottle.useBy, now),
    left: `${measure(bottle, bottle.remaining_mL)} left · ${formatNumber(left)} ${left === 1 ? 'serving' : 'servings'}`,
    pourLabel: `Pour ${measure(bottle, nextPour_mL(bottle))}`,
    empty: bottle.remaining_mL < EMPTY_mL,
  };
}

/** "11 bottles · 6.4 L"; powders are counted and not poured together. */
export function shelfSummary(bottles: readonly BottleRecord[]): string {
  const volume_mL = bottles
    .filter(({ kind }) => kind !== 'dry-mix')
    .reduce((sum, { remaining_mL }) => sum + remaining_mL, 0);
  const count = `${bottles.length} ${bottles.length === 1 ? 'bottle' : 'bottles'}`;
  return volume_mL > 0 ? `${count} · ${showVolume(volume_mL)}` : count;
}

/** When a bottle is empty at the pace of the last week; nothing where too little was poured to tell, or it is empty. */
export function paceWords(
  { remaining_mL }: Pick<BottleRecord, 'remaining_mL'>,
  pours: readonly Pick<PourRecord, 'volume_mL' | 'pouredAt'>[],
  now: Date,
): string | null {
  if (remaining_mL < EMPTY_mL) return null;
  const poured = pours.map(({ volume_mL, pouredAt }) => ({ volume_mL, at: new Date(pouredAt) }));
  const at = runOutAtPace(remaining_mL, poured, now);
  return at && `At the pace of the last week it lasts until ${dayWords(at)}.`;
}
