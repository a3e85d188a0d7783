import type { PlantPart } from '../process';
import type { SourceId } from './data/sources';

/** A: textbook or legal value. B: typical of print, good to its stated spread. C: estimate. */
export type Confidence = 'A' | 'B' | 'C';

export type Role =
  | 'water'
  | 'salt'
  | 'acid'
  | 'sweetener'
  | 'juice'
  | 'fruit'
  | 'vegetable'
  | 'herb'
  | 'spice'
  | 'seed'
  | 'tea'
  | 'milk'
  | 'fat'
  | 'spirit';

/** What happens to it in water: pours in, goes into solution, or stays as pieces. */
export type State = 'liquid' | 'soluble' | 'solid';

export type Texture = 'crystal' | 'powder' | 'leaf' | 'syrup';

/** Contents of 100 g: masses in g unless the name says otherwise. */
export interface Per100g {
  readonly water: number;
  readonly solubleSolids: number;
  readonly energy_kcal: number;
  readonly sucrose?: number;
  readonly glucose?: number;
  readonly fructose?: number;
  /** Maltose, lactose and other sugars. */
  readonly otherCarbohydrate?: number;
  /** Longer chains. */
  readonly dextrin?: number;
  readonly fat?: number;
  readonly protein?: number;
  readonly fibre?: number;
  readonly ethanol?: number;
  readonly lactic?: number;
  readonly caffeine_mg?: number;
  readonly citric?: number;
  readonly malic?: number;
  readonly tartaric?: number;
  readonly acetic?: number;
  readonly gluconic?: number;
  readonly quinic?: number;
  readonly hibiscus?: number;
  readonly sodium_mg?: number;
  readonly potassium_mg?: number;
  readonly magnesium_mg?: number;
  readonly calcium_mg?: number;
  readonly chloride_mg?: number;
  readonly phosphorus_mg?: number;
  readonly vitaminC_mg?: number;
  readonly residualAnion_mEq_per_kg?: number;
  /** Where no residual is given: the pH it fits, of the pure food or of an infusion of a dried plant. */
  readonly referencePh?: number;
}

interface NamedRow {
  readonly id: string;
  readonly name: string;
  readonly aliases: readonly string[];
  readonly source: SourceId;
  readonly confidence: Confidence;
}

export interface FoodRow extends NamedRow {
  readonly role: Role;
  readonly state: State;
  readonly per100g: Per100g;
  readonly density_g_mL?: number;
  /** For a plant: how it holds and gives. */
  readonly part?: PlantPart;
}

/** A pure compound: everything but its names follows from its formula. */
export interface CompoundRow extends NamedRow {
  readonly role: Role;
  /** As in `Na3C6H5O7.2H2O`. */
  readonly formula: string;
  /** The weak acid in it and how many of it, as in `['citric_mmol', 1]`. */
  readonly acid?: readonly [property: AcidProperty, count: number];
  /** Volume a dissolved gram takes up, mL/g. */
  readonly apparentVolume_mL_g: number;
  /** Grams of it that 100 g of water hold at 20 °C. */
  readonly solubility_g_100g: number;
  readonly energy_kcal_g?: number;
}

export type AcidProperty =
  'citric_mmol' | 'malic_mmol' | 'tartaric_mmol' | 'ascorbic_mmol' | 'lactic_mmol' | 'carbonic_mmol' | 'glycine_mmol';

export interface WaterRow extends NamedRow {
  readonly mg_L: Readonly<
    Partial<Record<'sodium' | 'potassium' | 'magnesium' | 'calcium' | 'chloride' | 'sulfate' | 'bicarbonate', number>>
  >;
  /** Dissolved gas, as carbonic acid, mmol/L. */
  readonly carbonDioxide_mmol_L?: number;
}

export interface BulkDensityRow {
  readonly ingredient: string;
  readonly form?: string;
  readonly density_g_mL: number;
  readonly cv: number;
  readonly texture: Texture;
  readonly confidence: Confidence;
}

/** A countable piece as bought; `edible` is the usable share of it. */
export interface PieceRow {
  readonly ingredient: string;
  readonly piece: string;
  readonly mass_g: number;
  readonly cv: number;
  readonly edible?: number;
  readonly note?: string;
  readonly confidence: Confidence;
}

/** A root or stick measured by its length. */
export interface RootRow {
  readonly ingredient: string;
  readonly diameter_cm: number;
  readonly density_g_mL: number;
  readonly cv: number;
}
