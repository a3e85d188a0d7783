import type { BottleRecord } from '@wellhydra/contract';
import { personAt, spoonDoses, type SpoonPlan } from '@wellhydra/core/household';
import { linesCrossedBy, personCautions, readSpoonPlan, intakeOf, type LineStanding } from '@wellhydra/core/people';
import { besidesOn, type Drinking } from '../../../domain/people/day-ahead';
import { phaseWords } from '../../../domain/people/spoons';
import { standingWords } from '../../../domain/people/person-words';
import { showVolume } from '../../../domain/words/units';
import { dayWords } from '../../../domain/words/moment-words';

export interface PlanForm {
  readonly drinkId: string;
  readonly text: string;
  readonly people: readonly string[];
  readonly from_min: number;
  readonly to_min: number;
  readonly begins: Date;
}

export interface PlanPreview {
  readonly plan: SpoonPlan | null;
  /** Why it is none. */
  readonly wrong: string | null;
  /** What it comes to, line by line. */
  readonly says: readonly string[];
  /** What of it is not for somebody, or crosses a line of theirs. */
  readonly warns: readonly { readonly title: string; readonly text: string }[];
}

const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const sameDay = (one: Date, other: Date): boolean => one.toDateString() === other.toDateString();

/** Doses of a plan by the day. */
function byDay(doses: readonly Date[]): readonly { readonly day: Date; readonly count: number }[] {
  const counts = new Map<string, { day: Date; count: number }>();
  for (const dose of doses) {
    const row = counts.get(dose.toDateString());
    if (row) row.count += 1;
    else counts.set(dose.toDateString(), { day: dose, count: 1 });
  }
  return [...counts.values()];
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

type Warning = PlanPreview['warns'][number];

/** Lines that a plan crosses for somebody, with everything else they drink on that day: on the worst day of each line. */
function lineWarnings(
  personId: string,
  { amount_mL }: SpoonPlan,
  { known, bottle, doses }: { known: Drinking; bottle: BottleRecord; doses: readonly Date[] },
): readonly Warning[] {
  const person = known.household.people[personId]!;
  const worst = new Map<string, { readonly crossed: LineStanding; readonly alone: boolean; readonly on: Date }>();
  for (const { day: on, count } of byDay(doses)) {
    const planned = intakeOf(bottle.facts!, (count * amount_mL) / bottle.serving_mL);
    for (const crossed of linesCrossedBy(personAt(person, on), besidesOn(on, personId, known), planned)) {
      const { line, taken } = crossed;
      if (taken <= (worst.get(line.key)?.crossed.taken ?? 0)) continue;
      worst.set(line.key, { crossed, alone: line.of(planned) > line.most, on });
    }
  }
  return [...worst.values()].map(({ crossed, alone, on }) => ({
    title: `${crossed.line.name}: over ${person.name}’s line`,
    text: alone
      ? `The fullest day of the plan, with what else ${person.name} drinks, comes to ${standingWords(crossed)}.`
      : `The plan alone stays under it, but with what else ${person.name} drinks ${dayWords(on)} comes to ${standingWords(crossed)}.`,
  }));
}

/** What a plan does to each who takes it: their stops, and the lines it crosses on any of its days. */
function warnings(
  plan: SpoonPlan,
  { known, doses }: { readonly known: Drinking; readonly doses: readonly Date[] },
): readonly Warning[] {
  const bottle = known.bottles.find(({ drinkId, facts }) => drinkId === plan.drinkId && facts);
  if (!bottle?.facts) return [];
  const { facts } = bottle;
  return Object.keys(plan.people).flatMap((id) => {
    const person = known.household.people[id];
    if (!person) return [];
    const cautions = personCautions(facts, id, person, known.now)
      .filter(({ severity }) => severity !== 'note')
      .map(({ title, text }) => ({ title, text }));
    return [...cautions, ...lineWarnings(id, plan, { known, bottle, doses })];
  });
}

/** What is typed as a plan, told back. */
export function planPreview(form: PlanForm, known: Drinking): PlanPreview {
  const { bottles } = known;
  const none = (wrong: string | null): PlanPreview => ({ plan: null, wrong, says: [], warns: [] });
  const read = readSpoonPlan(form.text);
  if (read.kind === 'unread') return none(form.text.trim() === '' ? null : read.message);
  if (form.to_min <= form.from_min) return none('The last one of a day comes after the first.');
  const plan: SpoonPlan = {
    people: Object.fromEntries(form.people.map((id) => [id, true])),
    drinkId: form.drinkId,
    amount_mL: read.amount_mL,
    begins: form.begins.toISOString(),
    phases: read.phases,
    from_min: form.from_min,
    to_min: form.to_min,
    skipped: {},
    ended: null,
  };
  const doses = spoonDoses(plan);
  const first = doses[0];
  const last = doses.at(-1);
  if (!first || !last) return none('No dose of it lies between the first and the last hour of its days.');
  const today = doses.filter((dose) => sameDay(dose, first)).map((dose) => clock.format(dose));
  const own = bottles.filter(({ drinkId }) => drinkId === form.drinkId);
  const left_mL = own.reduce((sum, { remaining_mL }) => sum + remaining_mL, 0);
  const takers = Math.max(1, form.people.length);
  const all_mL = takers * doses.length * plan.amount_mL;
  const phases = plan.phases.map(
    (phase) => `${phaseWords(phase)} for ${phase.days} ${phase.days === 1 ? 'day' : 'days'}`,
  );
  return {
    plan,
    wrong: null,
    says: [
      `${showVolume(plan.amount_mL)}: ${phases.join(', then ')}.`,
      `${capital(dayWords(first))}: ${today.join(', ')}. The last one is on ${dayWords(last)} at ${clock.format(last)}.`,
      `${takers * doses.length} in all, ${showVolume(all_mL)}; ${showVolume(left_mL)} ${own.length === 1 ? 'is' : 'are'} on the shelf.`,
    ],
    warns: warnings(plan, { known, doses }),
  };
}
