import type { OwnIngredientFields } from '../drink';
import type { Fuel, Habits } from '../equipment';
import type { OwnMeasure } from '../quantity';

/** Minerals of a water in mg/L, as a supplier's sheet prints them. */
export const WATER_MINERALS = [
  'sodium',
  'potassium',
  'magnesium',
  'calcium',
  'chloride',
  'sulfate',
  'bicarbonate',
] as const;
export type WaterMineral = (typeof WATER_MINERALS)[number];

/** What comes out of the tap: pure as written in the drink, a usual hardness, or the supplier's sheet. */
export const TAP_WATERS = ['pure', 'soft', 'average', 'hard', 'sheet'] as const;
export type TapWater = (typeof TAP_WATERS)[number];

export interface OwnPot {
  readonly name: string;
  readonly width_cm: number;
  readonly holds_mL: number;
}
export interface OwnBurner {
  readonly name: string;
  /** Watts that reach a pot: about 0.4 of a gas flame's rating, 0.85 of an induction plate's. */
  readonly net_W: number;
  /** What it is rated at, W, and what it burns: for what it costs. */
  readonly rated_W?: number;
  readonly fuel?: Fuel;
}
export interface OwnContainer {
  readonly name: string;
  readonly size_mL: number;
  readonly count: number;
  readonly heatSafe: boolean;
  readonly dark: boolean;
  /** What one costs, in the kitchen's money; nothing for those that are used again. */
  readonly price?: number;
}

/** A place of a kitchen's own, and which usual one it keeps as. */
export interface OwnPlace {
  readonly name: string;
  readonly like: 'fridge' | 'cool-room' | 'cupboard' | 'freezer';
}

/** What a shop asks for so much of something like a drink: mL, or g of a dry mix. */
export interface DrinkInShop {
  /** The drink's. */
  readonly id: string;
  readonly price: number;
  readonly amount: number;
}

/** What a kitchen has; every computation of its drinks uses it. */
export interface KitchenSettings {
  readonly units: 'metric' | 'us';
  /** Three letters of the money it pays with, ISO 4217; pounds where nobody has said. */
  readonly currency?: string;
  /** What a kWh costs. */
  readonly energyPrices?: Readonly<Partial<Record<Fuel, number>>>;
  /** What a shop asks for something like a drink, by the drink's id. */
  readonly shopPrices?: readonly DrinkInShop[];
  readonly spoons: 'measuring' | 'cutlery';
  /** Finest that can be weighed, g; null without a scale. */
  readonly scale_g: number | null;
  readonly pots: readonly OwnPot[];
  readonly usualPot: string;
  readonly burners: readonly OwnBurner[];
  readonly usualBurner: string;
  readonly containers: readonly OwnContainer[];
  /** Where bottles stand besides fridge, cool room, cupboard and freezer. */
  readonly places?: readonly OwnPlace[];
  readonly strainers: readonly string[];
  readonly blenderJug_mL: number;
  readonly altitude_m: number;
  readonly room_C: number;
  readonly fridge_C: number;
  /** What the fridge holds of drinks; {@link FRIDGE_ROOM_L} where nobody has said. */
  readonly fridgeRoom_L?: number;
  readonly coolRoom_C: number;
  readonly tap: TapWater;
  readonly sheet_mg_L: Readonly<Partial<Record<WaterMineral, number>>>;
  /** What own pinches, handfuls and mugs weigh; one of a member's holds for that member only. */
  readonly measures?: readonly OwnMeasure[];
  /** Ingredients beside the catalogue, from the labels of their packages. */
  readonly ingredients?: readonly OwnIngredientFields[];
  /** What the kitchen does more or less of than the tables, learned from its brews. */
  readonly habits?: Habits;
}

/** What strainers a kitchen can have. */
export const STRAINERS = ['mesh', 'cloth', 'fine filter', 'press', 'mill'] as const;
