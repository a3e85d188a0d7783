import type { PackageLabel } from './label-ingredient';

/** Figures of a label that are numbers. */
export type LabelFigure = Exclude<keyof PackageLabel, 'name' | 'state' | 'role' | 'sugar' | 'density_g_mL'>;

/** What was read of a label's words. */
export interface LabelRead {
  /** Of how many grams the figures are; 100 where the label says nothing else. */
  readonly serving_g: number;
  readonly figures: Readonly<Partial<Record<LabelFigure, number>>>;
  /** Energy in kJ and salt in g, where they stand there: to be held against the others. */
  readonly energy_kJ?: number;
  readonly salt_g?: number;
  /** Lines with a number that mean nothing here. */
  readonly unread: readonly string[];
}

const KCAL_IN_KJ = 4.184;
/** Salt on a label is sodium times this. Source: EU 1169/2011, annex I. */
export const SALT_PER_SODIUM = 2.5;

type Unit = 'g' | 'mg';
/** Words of a line, the figure they are, and the unit it is kept in; the first that fits holds. */
const LINES: readonly (readonly [RegExp, LabelFigure | 'salt_g' | 'saturates', Unit])[] = [
  [/saturate|saturated|trans fat|mono-?unsat|poly-?unsat|polyols?|starch/, 'saturates', 'g'],
  [/added sugars?/, 'saturates', 'g'],
  [/sugars?/, 'sugars_g', 'g'],
  [/carbohydrates?|carbs/, 'carbohydrate_g', 'g'],
  [/fibre|fiber/, 'fibre_g', 'g'],
  [/protein/, 'protein_g', 'g'],
  [/\bfat\b|\bfats\b/, 'fat_g', 'g'],
  [/sodium/, 'sodium_mg', 'mg'],
  [/\bsalt\b/, 'salt_g', 'g'],
  [/potassium/, 'potassium_mg', 'mg'],
  [/magnesium/, 'magnesium_mg', 'mg'],
  [/calcium/, 'calcium_mg', 'mg'],
  [/chloride/, 'chloride_mg', 'mg'],
  [/vitamin ?c|ascorbic/, 'vitaminC_mg', 'mg'],
  [/caffeine/, 'caffeine_mg', 'mg'],
  [/\bwater\b|moisture/, 'water_g', 'g'],
];

const NUMBER = /(<|less than )?\s*(\d+(?:[.,]\d+)?)\s*(kj|kcal|cal|mg|µg|mcg|ug|g)\b/g;
const IN_mg: Readonly<Record<string, number>> = { g: 1000, mg: 1, µg: 0.001, mcg: 0.001, ug: 0.001 };

interface Found {
  readonly value: number;
  readonly unit: string;
}

/** Numbers with their units in a line; of "less than 0.5 g" half of it. */
function numbersIn(line: string): readonly Found[] {
  return [...line.matchAll(NUMBER)].map(([, less, digits, unit]) => ({
    value: Number(digits!.replace(',', '.')) * (less ? 0.5 : 1),
    unit: unit!,
  }));
}

/** Grams that a column is of, where a line heads columns: "per 100 g", "per serving (30 g)". */
function columnsIn(line: string): readonly number[] {
  if (!/\b(?:per|serving|portion|typical|average|amount)\b/.test(line)) return [];
  return [...line.matchAll(/(\d+(?:[.,]\d+)?)\s*(g|ml)\b/g)].map(([, digits]) => Number(digits!.replace(',', '.')));
}

/**
 * Reads what a package prints of what is in it, from typed or pasted words: a figure a line, or one after the other.
 *
 * @param text such as "Per 100 g: energy 1700 kJ / 400 kcal, carbohydrate 99 g of which sugars 98 g, salt 0.05 g"
 * @returns figures of one column (of 100 g where there is one), and the lines that were not understood
 */
export function readLabelText(text: string): LabelRead {
  const lines = text
    .toLowerCase()
    // A figure a line: what stands in one sentence is parted before each name.
    .replace(/,(?=\s*\D)|;|\bof which\b|\bof whom\b/g, '\n')
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter(Boolean);
  const columns = lines.map(columnsIn).find((found) => found.length > 0) ?? [];
  const at = Math.max(0, columns.indexOf(100));
  const serving_g = columns[at] ?? 100;
  const figures: Partial<Record<LabelFigure, number>> = {};
  const beside: { energy_kJ?: number; salt_g?: number } = {};
  const unread: string[] = [];
  for (const line of lines) {
    const found = numbersIn(line);
    const energy = (unit: string) => found.filter((each) => each.unit === unit);
    const [kcal, kJ] = [[...energy('kcal'), ...energy('cal')], energy('kj')];
    const calories = /\bcalories\s+(\d+)/.exec(line);
    const of = <T>(all: readonly T[]): T | undefined => all[Math.min(at, all.length - 1)];
    if (kcal.length > 0 || kJ.length > 0 || calories) {
      if (kcal.length > 0) figures.energy_kcal ??= of(kcal)!.value;
      if (calories) figures.energy_kcal ??= Number(calories[1]);
      if (kJ.length > 0) beside.energy_kJ ??= of(kJ)!.value;
      continue;
    }
    if (found.length === 0 || columnsIn(line).length === found.length) continue;
    const row = LINES.find(([words]) => words.test(line));
    if (!row) {
      unread.push(line);
      continue;
    }
    const [, name, unit] = row;
    if (name === 'saturates') continue;
    const { value, unit: said } = of(found)!;
    const kept = (value * IN_mg[said]!) / (unit === 'g' ? 1000 : 1);
    if (name === 'salt_g') beside.salt_g ??= kept;
    else figures[name] ??= kept;
  }
  if (beside.energy_kJ !== undefined) figures.energy_kcal ??= beside.energy_kJ / KCAL_IN_KJ;
  if (beside.salt_g !== undefined) figures.sodium_mg ??= (1000 * beside.salt_g) / SALT_PER_SODIUM;
  return { serving_g, figures, ...beside, unread };
}

/** Something of a label that does not go with the rest of it. */
export interface LabelDoubt {
  readonly figure: LabelFigure;
  readonly message: string;
}

/** Energy of a gram, kcal. Source: EU 1169/2011, annex XIV. */
const KCAL_PER_g = { carbohydrate_g: 4, protein_g: 4, fat_g: 9, fibre_g: 2 } as const;
/** Labels are rounded, and carbohydrate is counted with fibre here and without it there. */
const ENERGY_OFF = { share: 0.15, kcal: 12 } as const;
const ROUNDING_g = 1;
const KJ_OFF = 0.05;
const SALT_OFF = { share: 0.1, g: 0.06 } as const;

const round = (value: number): string => String(Number(value.toPrecision(3)));

/**
 * Holds the figures of a label against each other: a slip of the key in one shows in another.
 *
 * @param read figures of `serving_g`, and what stood beside them
 * @returns what cannot be, or does not go together; nothing where all is well
 */
export function labelDoubts({ serving_g, figures, energy_kJ, salt_g }: LabelRead): readonly LabelDoubt[] {
  const per = (figure: LabelFigure): number => figures[figure] ?? 0;
  const doubts: LabelDoubt[] = [];
  const doubt = (figure: LabelFigure, message: string) => void doubts.push({ figure, message });
  if (per('sugars_g') > per('carbohydrate_g') + 0.1 && figures.carbohydrate_g !== undefined)
    doubt('sugars_g', 'There is more sugar than carbohydrate; sugars are part of it.');
  const minerals_g =
    (per('sodium_mg') + per('potassium_mg') + per('magnesium_mg') + per('calcium_mg') + per('chloride_mg')) / 1000;
  const carbohydrate_g = Math.max(per('carbohydrate_g'), per('sugars_g'));
  const parts_g = carbohydrate_g + per('fat_g') + per('protein_g') + per('water_g') + minerals_g;
  if (parts_g > serving_g + ROUNDING_g)
    doubt('carbohydrate_g', `The parts come to ${round(parts_g)} g in ${round(serving_g)} g.`);
  const energy = figures.energy_kcal;
  if (energy !== undefined) {
    const with_fibre =
      KCAL_PER_g.carbohydrate_g * carbohydrate_g +
      KCAL_PER_g.protein_g * per('protein_g') +
      KCAL_PER_g.fat_g * per('fat_g') +
      KCAL_PER_g.fibre_g * per('fibre_g');
    // Where fibre is counted in the carbohydrate, it gives half as much as the rest.
    const without = with_fibre - KCAL_PER_g.carbohydrate_g * per('fibre_g');
    const [least, most] = [Math.min(without, with_fibre), Math.max(without, with_fibre)];
    const off = (bound: number) => ENERGY_OFF.kcal + ENERGY_OFF.share * bound;
    if (energy > most + off(most) || energy < least - off(least))
      doubt('energy_kcal', `Its parts give about ${round(with_fibre)} kcal, the label says ${round(energy)}.`);
    if (energy_kJ !== undefined && Math.abs(energy_kJ / (energy * KCAL_IN_KJ) - 1) > KJ_OFF && energy > 5)
      doubt('energy_kcal', `${round(energy_kJ)} kJ are ${round(energy_kJ / KCAL_IN_KJ)} kcal, not ${round(energy)}.`);
  }
  if (salt_g !== undefined && figures.sodium_mg !== undefined) {
    const as_salt = (figures.sodium_mg * SALT_PER_SODIUM) / 1000;
    if (Math.abs(as_salt - salt_g) > SALT_OFF.g + SALT_OFF.share * salt_g)
      doubt(
        'sodium_mg',
        `${round(figures.sodium_mg)} mg of sodium are ${round(as_salt)} g of salt, not ${round(salt_g)} g.`,
      );
  }
  return doubts;
}
