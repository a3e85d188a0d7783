import { COUMARIN } from '../caution';
import type { AgeGroup } from '../household';
import type { Intake } from './intake';
import { is, type OwnLine, type PersonNow } from '../household';

/** A line a day: the most of something that is advised for somebody from what they drink. */
export interface DailyLine {
  readonly key: string;
  readonly name: string;
  readonly unit: 'mg' | 'g';
  /** The most a day, in the unit. */
  readonly most: number;
  /** Who drew it: the tables, the person themselves, or their clinic. */
  readonly from: 'usual' | OwnLine['from'];
  readonly source: string;
  readonly of: (intake: Intake) => number;
}

type ByAge = Readonly<Record<AgeGroup, number>>;
interface LineRow extends Pick<DailyLine, 'key' | 'name' | 'unit' | 'source' | 'of'> {
  /** The most a day; infinite where there is no usual line. */
  readonly usual: (person: PersonNow) => number;
}

const SODIUM_mg: ByAge = {
  infant: 0,
  toddler: 1200,
  child: 1500,
  'older-child': 1800,
  teenager: 2300,
  adult: 2300,
  elder: 2300,
};
const MAGNESIUM_mg: ByAge = {
  infant: 0,
  toddler: 65,
  child: 110,
  'older-child': 350,
  teenager: 350,
  adult: 350,
  elder: 350,
};
const VITAMIN_C_mg: ByAge = {
  infant: 0,
  toddler: 400,
  child: 650,
  'older-child': 1200,
  teenager: 1800,
  adult: 2000,
  elder: 2000,
};
/** Added potassium a day above which it is given under medical care only, mg: 40 mmol. */
const POTASSIUM_mg = 1564;
/** Weight of somebody whose weight is not said, kg: low for the group (estimate of ours, C). */
const WEIGHT_kg: ByAge = { infant: 5, toddler: 10, child: 16, 'older-child': 28, teenager: 45, adult: 60, elder: 60 };

export const weightOf = ({ weight_kg, age }: PersonNow): number => weight_kg ?? WEIGHT_kg[age.group];

/** Sugars a day from which they are too many, g. Source: WHO 2015, 10 % of energy, and 5 % for children; none under 2 y. */
function sugars_g({ age }: PersonNow): number {
  if (age.months < 24) return 0;
  if (age.months < 84) return 19;
  if (age.months < 132) return 24;
  return 50;
}

/** Caffeine a day, mg. Source: EFSA 2015; none for children. */
function caffeine_mg(person: PersonNow): number {
  if (is(person, 'no-caffeine') || person.age.months < 18 * 12) return 0;
  return is(person, 'pregnant', 'nursing') ? 200 : 400;
}

const plants =
  (family: string) =>
  ({ plants_g }: Intake): number =>
    plants_g[family] ?? 0;
/** Plants with a line a day, in g dried; nobody has drawn one for children, and their caution says so. */
const adults =
  (most: number, pregnant = most) =>
  (person: PersonNow): number =>
    person.age.months < 12 * 12 ? Infinity : is(person, 'pregnant') ? pregnant : most;

/** The lines there are. Every row has a case on each side of it in the tests. */
export const LINE_ROWS: readonly LineRow[] = [
  {
    key: 'sodium_mg',
    name: 'Sodium',
    unit: 'mg',
    of: ({ sodium_mg }) => sodium_mg,
    usual: ({ age }) => SODIUM_mg[age.group],
    source: 'NASEM 2019, from everything in a day',
  },
  {
    key: 'addedPotassium_mg',
    name: 'Potassium, added',
    unit: 'mg',
    of: ({ addedPotassium_mg }) => addedPotassium_mg,
    usual: (person) =>
      is(person, 'kidneys', 'ace-inhibitor', 'potassium-sparing', 'trimethoprim') || person.age.group === 'infant'
        ? 0
        : POTASSIUM_mg,
    source: 'Oral potassium prescribing practice: 40 mmol a day',
  },
  {
    key: 'sugars_g',
    name: 'Sugars',
    unit: 'g',
    of: (intake) => intake.sugars_g,
    usual: sugars_g,
    source: 'WHO guideline on sugars (2015)',
  },
  {
    key: 'addedMagnesium_mg',
    name: 'Magnesium, added',
    unit: 'mg',
    of: ({ addedMagnesium_mg }) => addedMagnesium_mg,
    usual: (person) => (is(person, 'kidneys') ? 0 : MAGNESIUM_mg[person.age.group]),
    source: 'IOM 1997 upper level for supplements',
  },
  {
    key: 'caffeine_mg',
    name: 'Caffeine',
    unit: 'mg',
    of: (intake) => intake.caffeine_mg,
    usual: caffeine_mg,
    source: 'EFSA 2015',
  },
  {
    key: 'vitaminC_mg',
    name: 'Vitamin C',
    unit: 'mg',
    of: ({ vitaminC_mg }) => vitaminC_mg,
    usual: (person) =>
      is(person, 'kidney-stones', 'iron-overload')
        ? Math.min(1000, VITAMIN_C_mg[person.age.group])
        : VITAMIN_C_mg[person.age.group],
    source: 'IOM 2000 upper level',
  },
  {
    key: 'plant:cinnamon',
    name: 'Cassia cinnamon',
    unit: 'g',
    of: plants('cinnamon'),
    usual: (person) => (COUMARIN.aDay_mg_kg * weightOf(person)) / COUMARIN.perGram_mg,
    source: 'EFSA tolerable daily intake of coumarin; BfR',
  },
  {
    key: 'plant:ginger',
    name: 'Ginger, dried',
    unit: 'g',
    of: plants('ginger'),
    usual: adults(2, 1),
    source: 'NCCIH fact sheet; EMA/HMPC',
  },
  {
    key: 'plant:turmeric',
    name: 'Turmeric, dried',
    unit: 'g',
    of: plants('turmeric'),
    usual: adults(3, 1),
    source: 'NIH LiverTox; EMA/HMPC',
  },
  {
    key: 'plant:hibiscus',
    name: 'Hibiscus, dried',
    unit: 'g',
    of: plants('hibiscus'),
    usual: adults(10),
    source: 'Small clinical trials',
  },
  {
    key: 'plant:liquorice-root',
    name: 'Liquorice root',
    unit: 'g',
    of: plants('liquorice-root'),
    usual: adults(2, 0),
    source: 'EU SCF 2003 (100 mg glycyrrhizin a day)',
  },
];

const PLANT = 'plant:';
/** A line of one's own for any other plant, by its family. */
const ownPlant = (key: string): LineRow => ({
  key,
  name: `${key
    .slice(PLANT.length)
    .replace(/-/g, ' ')
    .replace(/^./, (first) => first.toUpperCase())}, dried`,
  unit: 'g',
  of: plants(key.slice(PLANT.length)),
  usual: () => Infinity,
  source: 'What was said of the person',
});

/** The row of a line by its key; undefined where there is no such line. */
export const lineRow = (key: string): LineRow | undefined =>
  LINE_ROWS.find((row) => row.key === key) ?? (/^plant:[a-z][a-z-]*$/.test(key) ? ownPlant(key) : undefined);

/**
 * The lines a day of somebody: the usual ones for their age and health, and their own instead where there is one.
 *
 * @param person at a moment
 * @returns every line there is, the ones of their own first
 */
export function dailyLines(person: PersonNow): readonly DailyLine[] {
  const own = Object.entries(person.lines).flatMap(([key, { most, from }]): DailyLine[] => {
    const row = lineRow(key);
    return row ? [{ ...row, most, from, source: from === 'clinic' ? 'Their clinic' : 'Their own' }] : [];
  });
  const usual = LINE_ROWS.filter(({ key }) => !person.lines[key]).map((row): DailyLine => ({
    ...row,
    most: row.usual(person),
    from: 'usual',
  }));
  return [...own, ...usual];
}

/** How a day stands against a line. */
export interface LineStanding {
  readonly line: DailyLine;
  readonly taken: number;
  /** Of the line; above 1 it is crossed. Infinite where none is advised and some was taken. */
  readonly share: number;
  readonly crossed: boolean;
}

/** Rounding, as a share of a line. */
const SLACK = 1e-9;

export function standing(line: DailyLine, intake: Intake): LineStanding {
  const taken = line.of(intake);
  const share = taken === 0 ? 0 : taken / line.most;
  return { line, taken, share, crossed: share > 1 + SLACK };
}

/** Lines that a further intake would cross, which are not crossed yet or which it makes worse. */
export function linesCrossedBy(person: PersonNow, before: Intake, more: Intake): readonly LineStanding[] {
  return dailyLines(person).flatMap((line) => {
    const added = line.of(more);
    if (added <= 0) return [];
    const taken = line.of(before) + added;
    const share = taken / line.most;
    return share > 1 + SLACK ? [{ line, taken, share, crossed: true }] : [];
  });
}
