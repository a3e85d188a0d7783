import type { Household, Person, SpoonPlan } from '@wellhydra/core/household';
import { demoId } from './demo-kitchen';

const HOUR_ms = 3_600_000;

/** A month of birth so many months ago: that old for certain. */
function bornAgo(months: number, now: Date): string {
  const born = new Date(now.getFullYear(), now.getMonth() - months - 1, 1);
  return `${born.getFullYear()}-${String(born.getMonth() + 1).padStart(2, '0')}`;
}

const GROWN_UP: Person = { name: '', note: '', born: null, group: 'adult', weight_kg: null, facts: {}, lines: {} };

/** The ringing team and a visiting family, by a short name. */
export function demoPeople(now: Date): Readonly<Record<string, Person>> {
  return {
    ines: { ...GROWN_UP, name: 'Ines', note: 'night watch', weight_kg: 64 },
    marek: { ...GROWN_UP, name: 'Marek', note: 'dawn round', weight_kg: 81, facts: { 'blood-pressure': true } },
    wilf: {
      ...GROWN_UP,
      name: 'Wilf',
      note: 'potassium line from his clinic',
      facts: { 'ace-inhibitor': true },
      lines: { addedPotassium_mg: { most: 400, from: 'clinic' } },
    },
    sunniva: { ...GROWN_UP, name: 'Sunniva', note: 'visiting', facts: { pregnant: true } },
    juno: { ...GROWN_UP, name: 'Juno', note: 'dawn round', weight_kg: 58, facts: { vegan: true } },
    tam: { ...GROWN_UP, name: 'Tam', note: 'visiting', born: bornAgo(90, now), group: 'child', weight_kg: 23 },
    wren: { ...GROWN_UP, name: 'Wren', note: 'visiting', born: bornAgo(5, now), group: 'infant', weight_kg: 7 },
  };
}

export const personId = (name: string): string => demoId(`person-${name}`);

const at = (now: Date, days: number, hours: number): string =>
  new Date(now.getFullYear(), now.getMonth(), now.getDate() + days, hours).toISOString();

/** What is taken by the spoon for days. */
function demoPlans(now: Date): Readonly<Record<string, SpoonPlan>> {
  const by = { from_min: 8 * 60, to_min: 18 * 60, skipped: {}, ended: null };
  return {
    [demoId('plan-tam')]: {
      ...by,
      people: { [personId('tam')]: true },
      drinkId: demoId('fogbank'),
      amount_mL: 5,
      begins: at(now, -1, 12),
      phases: [
        { days: 1, every_h: 2 },
        { days: 7, timesADay: 3 },
      ],
    },
    [demoId('plan-watch')]: {
      ...by,
      people: { [personId('ines')]: true, [personId('marek')]: true },
      drinkId: demoId('oxymel'),
      amount_mL: 15,
      begins: at(now, -4, 8),
      phases: [{ days: 14, timesADay: 2 }],
    },
  };
}

/** Everybody of the demo, and what they take. */
export const demoHousehold = (now: Date): Household => ({
  people: Object.fromEntries(Object.entries(demoPeople(now)).map(([name, person]) => [personId(name), person])),
  spoonPlans: demoPlans(now),
  sweatTests: {
    [demoId('sweat-juno')]: {
      personId: personId('juno'),
      at: new Date(now.getTime() - 30 * HOUR_ms).toISOString(),
      before_kg: 58.2,
      after_kg: 57.1,
      drunk_mL: 500,
      urine_mL: 0,
      minutes: 100,
      clothes: 'dry',
      marks: 'some',
    },
  },
  sheets: {},
});
