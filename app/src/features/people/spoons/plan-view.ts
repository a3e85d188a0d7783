import type { BottleRecord } from '@wellhydra/contract';
import { personAt, spoonDoses, type Household, type SpoonPlan } from '@wellhydra/core/household';
import { NO_INTAKE, linesCrossedBy, personCautions, readSpoonPlan, intakeOf, intakeSum } from '@wellhydra/core/people';
import { phaseWords } from '../../../domain/people/spoons';
import { standingWords } from '../../../domain/people/person-words';
import { showVolume } from '../../../domain/words/units';

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

const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const sameDay = (one: Date, other: Date): boolean => one.toDateString() === other.toDateString();

/** The most doses on one day of a plan. */
function mostADay(doses: readonly Date[]): number {
  const counts = new Map<string, number>();
  for (const dose of doses) counts.set(dose.toDateString(), (counts.get(dose.toDateString()) ?? 0) + 1);
  return Math.max(0, ...counts.values());
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** What a plan does to each who takes it: their stops, and the lines that its fullest day crosses by itself. */
function warnings(
  { people, amount_mL }: SpoonPlan,
  { household, bottle, most, now }: { household: Household; bottle: BottleRecord | undefined; most: number; now: Date },
) {
  if (!bottle?.facts) return [];
  const { facts, serving_mL } = bottle;
  const aDay = intakeSum([intakeOf(facts, (most * amount_mL) / serving_mL)]);
  return Object.keys(people).flatMap((id) => {
    const person = household.people[id];
    if (!person) return [];
    const cautions = personCautions(facts, id, person, now)
      .filter(({ severity }) => severity !== 'note')
      .map(({ title, text }) => ({ title, text }));
    const lines = linesCrossedBy(personAt(person, now), NO_INTAKE, aDay).map((crossed) => ({
      title: `${crossed.line.name}: over ${person.name}’s line`,
      text: `The fullest day of the plan alone comes to ${standingWords(crossed)}.`,
    }));
    return [...cautions, ...lines];
  });
}

/** What is typed as a plan, told back. */
export function planPreview(
  form: PlanForm,
  { household, bottles, now }: { household: Household; bottles: readonly BottleRecord[]; now: Date },
): PlanPreview {
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
      `${capital(day.format(first))}: ${today.join(', ')}. The last one is on ${day.format(last)} at ${clock.format(last)}.`,
      `${takers * doses.length} in all, ${showVolume(all_mL)}; ${showVolume(left_mL)} ${own.length === 1 ? 'is' : 'are'} on the shelf.`,
    ],
    warns: warnings(plan, { household, bottle: own[0], most: mostADay(doses), now }),
  };
}
