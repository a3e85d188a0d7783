import type { SourceId } from './data/sources';
import type { Confidence, FoodRow, Role } from './ingredient-row';
import type { PlantPart } from '../process';

/** Contents of 100 g in the order that each table of plants names. */
export type PlantNumbers = readonly [
  water: number,
  sucrose: number,
  glucose: number,
  fructose: number,
  citric: number,
  malic: number,
  sodium_mg: number,
  potassium_mg: number,
  magnesium_mg: number,
  calcium_mg: number,
  chloride_mg: number,
  phosphorus_mg: number,
  vitaminC_mg: number,
  energy_kcal: number,
  fat: number,
  protein: number,
  solubleSolids: number,
];

/** What only some plants have. `pH` fits the charge of acids that are not tabulated. */
export interface PlantExtras {
  readonly pH?: number;
  readonly quinic?: number;
  readonly tartaric?: number;
  readonly caffeine_mg?: number;
  /** Dietary fibre, g. */
  readonly fibre?: number;
}

/** A plant as one line of a table. */
export type PlantTuple = readonly [
  id: string,
  name: string,
  role: Role,
  part: PlantPart,
  aliases: readonly string[],
  numbers: PlantNumbers,
  source: SourceId,
  confidence: Confidence,
  extras?: PlantExtras,
];

/** The row of contents that a line of a plant table stands for. */
export function plantRow([id, name, role, part, aliases, numbers, source, confidence, extras]: PlantTuple): FoodRow {
  const [water, sucrose, glucose, fructose, citric, malic, sodium_mg, potassium_mg, magnesium_mg, calcium_mg] = numbers;
  const [chloride_mg, phosphorus_mg, vitaminC_mg, energy_kcal, fat, protein, solubleSolids] = numbers.slice(10) as [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const { pH, ...more } = extras ?? {};
  return {
    id,
    name,
    role,
    state: 'solid',
    part,
    aliases,
    source,
    confidence,
    per100g: {
      water,
      sucrose,
      glucose,
      fructose,
      citric,
      malic,
      sodium_mg,
      potassium_mg,
      magnesium_mg,
      calcium_mg,
      chloride_mg,
      phosphorus_mg,
      vitaminC_mg,
      energy_kcal,
      fat,
      protein,
      solubleSolids,
      ...(pH === undefined ? {} : { referencePh: pH }),
      ...more,
    },
  };
}
