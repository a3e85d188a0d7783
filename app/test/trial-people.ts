import type { BottleRecord, DrunkRecord } from '@wellhydra/contract';
import type { Household, Person, SpoonPlan } from '@wellhydra/core/household';
import type { DrinkFacts } from '@wellhydra/core/people';

export const NOW = new Date(2026, 10, 28, 14, 10);
export const at = (hours: number, day = 28): string => new Date(2026, 10, day, hours).toISOString();

export const person = (name: string, by: Partial<Person> = {}): Person => ({
  name,
  note: '',
  born: null,
  group: 'adult',
  weight_kg: null,
  facts: {},
  lines: {},
  ...by,
});

/** 250 mL with honey, salt and a potassium salt. */
export const FACTS: DrinkFacts = {
  kind: 'tonic',
  perServing: {
    energy_kcal: 60,
    sugars_g: 15,
    addedSugars_g: 15,
    sodium_mg: 500,
    potassium_mg: 200,
    caffeine_mg: 0,
    vitaminC_mg: 0,
    ethanol_g: 0,
  },
  added: { sodium_mg: 500, potassium_mg: 197, magnesium_mg: 0 },
  contains: ['honey', 'table-salt', 'potassium-chloride'],
  byWeight: ['water', 'honey', 'table salt'],
  grams: {},
  dried_g: {},
  alcohol_pct: 0,
  cautions: [],
};

export const bottle = (by: Partial<BottleRecord> = {}): BottleRecord => ({
  id: '00000000-0000-4000-8000-00000000000b',
  brewId: 'w',
  batch: 'SR-01',
  drinkId: 'd',
  drinkName: 'Sea-room glass',
  kind: 'tonic',
  place: 'fridge',
  spot: null,
  vessel: { name: '', shape: 'bottle', size_mL: 1000, dark: false },
  label: null,
  volume_mL: 1000,
  remaining_mL: 1000,
  serving_mL: 250,
  madeAt: at(8, 27),
  openedAt: null,
  useBy: '2199-01-03T08:00:00.000Z',
  useByReason: '',
  stands: [{ place: 'fridge', since: at(8, 27) }],
  keeping: {
    place: 'fridge',
    days: 30,
    daysOpened: 20,
    daysInCoolRoom: 5,
    closed: { fridge: 30, 'cool room': 5, cupboard: 0, freezer: 240 },
    heldBackBy: [],
  },
  cautions: [],
  perServing: null,
  facts: FACTS,
  ...by,
});

export const drunk = (personId: string, pouredAt: string, by: Partial<DrunkRecord> = {}): DrunkRecord => ({
  id: `${personId} ${pouredAt}`,
  bottleId: bottle().id,
  brewId: 'w',
  drinkId: 'd',
  personId,
  volume_mL: 250,
  pouredAt,
  additions: [],
  brought: null,
  ...by,
});

export const BREWS = {
  w: { drinkName: 'Sea-room glass', batch: 'SR-01', kind: 'tonic', serving_mL: 250, facts: FACTS },
};

export const spoonPlan = (by: Partial<SpoonPlan> = {}): SpoonPlan => ({
  people: { tam: true },
  drinkId: 'd',
  amount_mL: 5,
  begins: at(8),
  phases: [
    { days: 1, every_h: 2 },
    { days: 7, timesADay: 3 },
  ],
  from_min: 8 * 60,
  to_min: 18 * 60,
  skipped: {},
  ended: null,
  ...by,
});

export const HOUSE: Household = {
  people: {
    ines: person('Ines', { note: 'night watch' }),
    wilf: person('Wilf', {
      facts: { 'ace-inhibitor': true },
      lines: { addedPotassium_mg: { most: 400, from: 'clinic' } },
    }),
    tam: person('Tam', { born: '2019-05', group: 'child' }),
    wren: person('Wren', { born: '2026-05', group: 'infant' }),
  },
  spoonPlans: { plan: spoonPlan() },
  sweatTests: {},
  sheets: {},
};
