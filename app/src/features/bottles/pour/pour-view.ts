import type { BottleRecord } from '@wellhydra/contract';
import { personAt } from '@wellhydra/core/household';
import {
  dailyLines,
  glassAdditions,
  intakeOf,
  intakeSum,
  linesCrossedBy,
  personCautions,
  standing,
  type GlassAdditions,
  type Intake,
  type PersonCaution,
} from '@wellhydra/core/people';
import { isUnreadable, readAmount } from '@wellhydra/core/quantity';
import type { AnalyseOptions } from '@wellhydra/core/analyse';
import { hadOn, pourIntake, type Had } from '../../../domain/people/drunk';
import { standingWords } from '../../../domain/people/person-words';
import type { PersonRow } from '../../../domain/people/use-people';
import { bySeverity } from '../../../domain/drinks/cautions-view';

/** What is asked of a glass before it is poured. */
export interface PourForm {
  readonly amount: string;
  /** One thing a line. */
  readonly additions: string;
  readonly at: Date | null;
}

export type ReadPour =
  | {
      readonly kind: 'pour';
      readonly volume_mL: number;
      readonly additions: readonly string[];
      readonly brought: Intake | null;
      readonly added: Extract<GlassAdditions, { kind: 'facts' }>['facts'] | null;
    }
  | { readonly kind: 'wrong'; readonly field: 'amount' | 'additions'; readonly message: string };

const SERVINGS = /^(\d+(?:[.,]\d+)?|half(?: a)?|an?)?\s*(?:servings?|scoops?|pours?)$/i;
const COUNTS: Readonly<Record<string, number>> = { half: 0.5, 'half a': 0.5, a: 1, an: 1, '': 1 };

/** What is poured, in mL or in g of a dry mix: "1 glass", "2 tsp", "half a serving", "120 mL". */
function readVolume(text: string, bottle: Pick<BottleRecord, 'serving_mL' | 'kind'>): number | string {
  const servings = SERVINGS.exec(text.trim());
  if (servings) {
    const count = (servings[1] ?? '').toLowerCase();
    return (COUNTS[count] ?? Number(count.replace(',', '.'))) * bottle.serving_mL;
  }
  const read = readAmount(text.trim().replace(/^(?:a|one) /i, '1 '));
  if (isUnreadable(read)) return read.message;
  const wanted = bottle.kind === 'dry-mix' ? 'mass' : 'volume';
  if (read.unit.dimension !== wanted)
    return wanted === 'mass' ? 'A dry mix is measured in g or scoops.' : 'Say it in mL, spoons, glasses or servings.';
  return read.value * read.unit.size;
}

/** A pour as it was typed, or what is wrong with it. */
export function readPour(form: PourForm, bottle: BottleRecord, options: AnalyseOptions): ReadPour {
  const volume_mL = readVolume(form.amount, bottle);
  if (typeof volume_mL === 'string') return { kind: 'wrong', field: 'amount', message: volume_mL };
  if (!(volume_mL > 0)) return { kind: 'wrong', field: 'amount', message: 'More than nothing.' };
  const additions = form.additions
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
  if (additions.length === 0) return { kind: 'pour', volume_mL, additions, brought: null, added: null };
  if (additions.length > 8) return { kind: 'wrong', field: 'additions', message: 'Eight things at most.' };
  const glass = glassAdditions(additions, options);
  if (glass.kind === 'unread')
    return { kind: 'wrong', field: 'additions', message: `“${additions[glass.line]}”: ${glass.message}` };
  return { kind: 'pour', volume_mL, additions, brought: intakeOf(glass.facts, 1), added: glass.facts };
}

/** Somebody a glass could be for. */
export interface DrinkerView {
  readonly id: string;
  readonly name: string;
  /** What is asked before it is poured for them: their stops, and lines that it crosses. */
  readonly asks: readonly { readonly title: string; readonly text: string }[];
  /** In a few words, what there is to know before. */
  readonly aside: string;
  readonly grave: boolean;
}

/** A brew of which nothing can be told any more is for nobody without asking. */
const UNKNOWN = {
  title: 'What is in it is not known',
  text: 'How it was made can no longer be told, so nothing says for whom it is and whom it is not for.',
};

const crossedBy = (row: PersonRow, before: Intake, more: Intake, now: Date) =>
  linesCrossedBy(personAt(row.person, now), before, more).map((crossed) => ({
    title: `${crossed.line.name}: over ${row.person.name}’s line`,
    text: `This brings it to ${standingWords(crossed)}.`,
  }));

function asideOf(cautions: readonly PersonCaution[], row: PersonRow, before: Intake, now: Date): string {
  const [first] = cautions;
  if (first) return first.title;
  const [nearest] = dailyLines(personAt(row.person, now))
    .map((line) => standing(line, before))
    .filter(({ taken, line }) => taken > 0 && Number.isFinite(line.most))
    .sort((a, b) => b.share - a.share);
  return nearest ? `${nearest.line.name} ${standingWords(nearest)}` : '';
}

/**
 * Who a glass could be for, and what is to be known of each before.
 *
 * @param had what they had this week; null while that is not known
 */
export function drinkers(
  bottle: BottleRecord,
  read: ReadPour,
  {
    people,
    had,
    now,
  }: { readonly people: readonly PersonRow[]; readonly had: readonly Had[] | null; readonly now: Date },
): readonly DrinkerView[] {
  return people.map((row): DrinkerView => {
    const { id, person } = row;
    const cautions = [bottle.facts, read.kind === 'pour' ? read.added : null].flatMap((facts) =>
      facts ? personCautions(facts, id, person, now) : [],
    );
    const stops = cautions.filter(({ severity }) => severity === 'stop');
    const before = intakeSum((had ? hadOn(had, id, now) : []).map(({ intake }) => intake));
    const more = read.kind === 'pour' ? pourIntake(bottle, read.volume_mL, read.brought) : null;
    const crossed = more ? crossedBy(row, before, more, now) : [];
    const unknown = bottle.facts === null ? [UNKNOWN] : [];
    return {
      id,
      name: person.name,
      asks: [...unknown, ...stops.map(({ title, text }) => ({ title, text })), ...crossed],
      aside:
        stops.length === 0 && (unknown[0] ?? crossed[0])
          ? (unknown[0] ?? crossed[0])!.title
          : asideOf(cautions, row, before, now),
      grave: unknown.length + stops.length + crossed.length > 0,
    };
  });
}

/** What is asked before a bottle is poured from at all, whoever it is for. */
export const bottleAsks = (bottle: BottleRecord, now: Date) => [
  ...bySeverity(bottle.cautions).stops.map(({ title, text }) => ({ title, text })),
  ...(Date.parse(bottle.useBy) < now.getTime()
    ? [{ title: 'Past its date', text: `${bottle.useByReason} Look at it and smell it; when in doubt, throw it away.` }]
    : []),
];
