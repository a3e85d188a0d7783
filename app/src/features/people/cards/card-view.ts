import type { BottleRecord } from '@wellhydra/contract';
import { personAt, type Person, type PersonNow } from '@wellhydra/core/household';
import {
  dailyLines,
  intakeOf,
  intakeSum,
  personCautions,
  standing,
  type DailyLine,
  type LineStanding,
} from '@wellhydra/core/people';
import { hadOn, type Had } from '../../../domain/people/drunk';
import { besideName, lineAmount, plainAmount, standingWords } from '../../../domain/people/person-words';
import type { PersonRow } from '../../../domain/people/use-people';

/** A line a day with what was taken of it, pour by pour. */
export interface LineView {
  readonly key: string;
  readonly name: string;
  readonly taken: string;
  readonly of: string;
  /** Each pour as a stretch of the gauge, from and to as shares of it, in order. */
  readonly stretches: readonly (readonly [from: number, to: number])[];
  /** Where the line stands on the gauge. */
  readonly mark: number;
  readonly tone: 'salt' | 'sugar' | 'botanical' | 'acid';
  readonly crossed: boolean;
  readonly spoken: string;
  /** "One more Sea-room glass crosses it: 197 mg". */
  readonly next: string | null;
}

export interface CardView {
  readonly id: string;
  readonly name: string;
  readonly beside: string;
  /** "3 glasses today". */
  readonly glasses: string;
  readonly lines: readonly LineView[];
  /** What of the shelf is not for them. */
  readonly shelf: { readonly title: string; readonly text: string } | null;
}

/** Where the line stands on a gauge that has room for half as much again. */
const MARK = 0.72;
/** A usual line is shown from this share of it on. */
const WORTH_SHOWING = 0.2;
const MOST_LINES = 3;

function toneOf({ key }: DailyLine): LineView['tone'] {
  if (key.startsWith('plant:')) return 'botanical';
  if (key === 'sugars_g') return 'sugar';
  return key === 'vitaminC_mg' || key === 'caffeine_mg' ? 'acid' : 'salt';
}

/** What one more serving of something they drink would cross: the first that does, those they had lately leading. */
function nextCrossing(
  line: DailyLine,
  taken: number,
  had: readonly Had[],
  bottles: readonly BottleRecord[],
): string | null {
  if (line.most <= 0 || taken > line.most) return null;
  const lately = new Set(had.map(({ pour }) => pour.drinkId));
  const first = [...bottles].sort((a, b) => Number(lately.has(b.drinkId)) - Number(lately.has(a.drinkId)));
  for (const { facts, drinkName } of first) {
    const more = facts ? line.of(intakeOf(facts, 1)) : 0;
    if (more > 0 && taken + more > line.most) return `One more ${drinkName} crosses it: ${lineAmount(line, more)}`;
  }
  return null;
}

export function lineView(
  { line, taken, share, crossed }: LineStanding,
  had: readonly Had[],
  bottles: readonly BottleRecord[],
): LineView {
  const scale = Math.max(taken, line.most) / (crossed ? 1 : MARK) || 1;
  let from = 0;
  const stretches = [...had].reverse().flatMap(({ intake }): (readonly [number, number])[] => {
    const amount = line.of(intake);
    if (amount <= 0) return [];
    const stretch = [from / scale, (from + amount) / scale] as const;
    from += amount;
    return [stretch];
  });
  return {
    key: line.key,
    name: line.name,
    taken: lineAmount(line, taken),
    of: `of ${plainAmount(line.most)}${line.from === 'usual' ? '' : ' a day'}`,
    stretches,
    mark: Math.min(1, line.most / scale),
    tone: toneOf(line),
    crossed,
    spoken: `${line.name}: ${standingWords({ line, taken, share, crossed })}`,
    next: nextCrossing(line, taken, had, bottles),
  };
}

/** Lines worth a look: their own, and of the others those that are well under way. */
export function linesShown(person: PersonNow, had: readonly Had[]): readonly LineStanding[] {
  const sum = intakeSum(had.map(({ intake }) => intake));
  const all = dailyLines(person)
    .map((line) => standing(line, sum))
    .filter(({ line }) => Number.isFinite(line.most));
  const own = all.filter(({ line }) => line.from !== 'usual');
  const others = all
    .filter(({ line, share }) => line.from === 'usual' && share >= WORTH_SHOWING)
    .sort((a, b) => b.share - a.share);
  return [...own, ...others].slice(0, Math.max(MOST_LINES, own.length));
}

/** What holds bottles back from somebody, in a few words: "honey", "potassium". */
function stopsOf(bottle: BottleRecord, id: string, person: Person, now: Date): readonly string[] {
  if (!bottle.facts) return [];
  return personCautions(bottle.facts, id, person, now)
    .filter(({ severity }) => severity === 'stop')
    .map(({ title }) => title.replace(/^[^:]*: /, ''));
}

const counted = (count: number): string => `${count} ${count === 1 ? 'bottle' : 'bottles'}`;

/** What of the shelf is not for somebody, and why. */
export function shelfFor(bottles: readonly BottleRecord[], { id, person }: PersonRow, now: Date): CardView['shelf'] {
  const held = bottles.map((bottle) => stopsOf(bottle, id, person, now)).filter((stops) => stops.length > 0);
  if (held.length === 0) return null;
  const reasons = new Map<string, number>();
  for (const stops of held) for (const reason of new Set(stops)) reasons.set(reason, (reasons.get(reason) ?? 0) + 1);
  const why = [...reasons]
    .sort((a, b) => b[1] - a[1])
    .slice(0, 3)
    .map(([reason, count]) => (count === held.length ? reason : `${reason} in ${counted(count)}`))
    .join('; ');
  return {
    title:
      held.length === bottles.length
        ? `Nothing on this shelf is for ${person.name}.`
        : `${counted(held.length)} of ${bottles.length} ${held.length === 1 ? 'is' : 'are'} not for ${person.name}.`,
    text: `${why.charAt(0).toUpperCase()}${why.slice(1)}.`,
  };
}

/** Everybody as a card: where their lines stand today, and what of the shelf is not for them. */
export function cardViews(
  people: readonly PersonRow[],
  {
    had,
    bottles,
    now,
  }: { readonly had: readonly Had[]; readonly bottles: readonly BottleRecord[]; readonly now: Date },
): readonly CardView[] {
  return people.map((row): CardView => {
    const today = hadOn(had, row.id, now);
    const at = personAt(row.person, now);
    return {
      id: row.id,
      name: row.person.name,
      beside: besideName(row.person, now),
      glasses:
        today.length === 0
          ? 'Nothing yet today.'
          : `${today.length} ${today.length === 1 ? 'glass or spoon' : 'glasses or spoons'} today: ${[...new Set(today.map(({ brew }) => brew.drinkName))].join(', ')}.`,
      lines: linesShown(at, today).map((each) => lineView(each, today, bottles)),
      shelf: shelfFor(bottles, row, now),
    };
  });
}
