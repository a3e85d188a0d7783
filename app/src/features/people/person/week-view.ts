import { personAt, type Person } from '@wellhydra/core/household';
import { dailyLines, intakeSum, standing, type DailyLine } from '@wellhydra/core/people';
import { showPortion } from '../../../domain/words/units';
import { WEEK_days, dayStart, hadOn, type Had } from '../../../domain/people/drunk';
import { lineAmount } from '../../../domain/people/person-words';
import { linesShown } from '../cards/card-view';

/** A line over the last seven days. */
export interface WeekLineView {
  readonly key: string;
  readonly name: string;
  readonly most: string;
  readonly days: readonly { readonly day: string; readonly share: number; readonly crossed: boolean }[];
  /** Where the line stands on the columns, as a share of their height. */
  readonly mark: number;
  readonly spoken: string;
}

const letter = new Intl.DateTimeFormat('en-GB', { weekday: 'short' });
const dayWords = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

const lastDays = (now: Date): readonly Date[] =>
  Array.from({ length: WEEK_days }, (_each, index) => dayStart(now, WEEK_days - 1 - index));

function weekLine(line: DailyLine, days: readonly Date[], hadThen: readonly (readonly Had[])[]): WeekLineView {
  const taken = hadThen.map((had) => standing(line, intakeSum(had.map(({ intake }) => intake))));
  const top = Math.max(1.25 * line.most, ...taken.map((each) => each.taken)) || 1;
  const over = taken.filter(({ crossed }) => crossed).length;
  const most = Math.max(...taken.map((each) => each.taken));
  return {
    key: line.key,
    name: line.name,
    most: line.most === 0 ? 'none advised' : `${lineAmount(line, line.most)} a day`,
    days: taken.map((each, index) => ({
      day: letter.format(days[index]),
      share: each.taken / top,
      crossed: each.crossed,
    })),
    mark: line.most / top,
    spoken: `${line.name}, seven days: ${lineAmount(line, most)} at most in a day; ${over === 0 ? 'the line was not crossed' : `crossed on ${over} ${over === 1 ? 'day' : 'days'}`}`,
  };
}

/** Lines worth a look in the last seven days: their own, and what came near a usual one on some day. */
export function weekView(person: Person, id: string, had: readonly Had[], now: Date): readonly WeekLineView[] {
  const at = personAt(person, now);
  const days = lastDays(now);
  const hadThen = days.map((day) => hadOn(had, id, day));
  const shown = new Set(hadThen.flatMap((each) => linesShown(at, each).map(({ line }) => line.key)));
  return dailyLines(at)
    .filter(({ key }) => shown.has(key))
    .map((line) => weekLine(line, days, hadThen));
}

/** What somebody had, by day, the newest first. */
export interface DayHad {
  readonly day: string;
  readonly glasses: readonly {
    readonly id: string;
    readonly bottleId: string;
    readonly words: string;
    readonly aside: string;
  }[];
}

export const daysHad = (id: string, had: readonly Had[], now: Date): readonly DayHad[] =>
  [...lastDays(now)].reverse().flatMap((day): DayHad[] => {
    const glasses = hadOn(had, id, day).map(({ pour, brew }) => ({
      id: pour.id,
      bottleId: pour.bottleId,
      words: brew.drinkName,
      aside: [
        clock.format(new Date(pour.pouredAt)),
        showPortion(pour.volume_mL, brew.kind === 'dry-mix'),
        ...(pour.additions.length > 0 ? [`with ${pour.additions.join(', ')}`] : []),
      ].join(' · '),
    }));
    return glasses.length > 0 ? [{ day: dayWords.format(day), glasses }] : [];
  });
