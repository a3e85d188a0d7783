import type { HabitPoint } from '@wellhydra/core/brew';
import {
  SETTING_RANGES,
  STRAINERS,
  TAP_WATERS,
  WATER_MINERALS,
  type DrinkInShop,
  type KitchenSettings,
  type OwnBurner,
  type OwnContainer,
  type OwnPlace,
  type OwnPot,
  type RangedSetting,
} from '@wellhydra/core/kitchen';
import { FUELS, type Habits } from '@wellhydra/core/equipment';
import Joi from 'joi';
import { expectedRevision, id, timestamp } from './common';
import { MEASURE_LIMITS, OWN_INGREDIENT_LIMITS } from './field-limits';
import { kitchenIngredient, ownMeasure } from './kitchens-own';
import { PLACES } from './places';
import {
  describes,
  each,
  figure,
  flag,
  integer,
  list,
  nullable,
  number,
  object,
  oneOf,
  optional,
  record,
  text,
  type Of,
  type Schema,
} from './schema';

/** How many of each a kitchen can list. */
export const KITCHEN_LIMITS = { rows: 60, name: 60, habits: 200, shopPrices: 500 } as const;

const named = () => text(KITCHEN_LIMITS.name).label('Name');
const rows = <Row extends { readonly name: string }>(row: Schema<Row>) =>
  list(row, { most: KITCHEN_LIMITS.rows, unique: ({ name }) => String(name).toLowerCase() });
const ranged = (setting: RangedSetting) => number(SETTING_RANGES[setting][0], SETTING_RANGES[setting][1]);

const pot = describes<OwnPot>()(
  object({ name: named(), width_cm: ranged('width_cm').label('Width'), holds_mL: ranged('holds_mL').label('Holds') }),
);
const burner = describes<OwnBurner>()(
  object({
    name: named(),
    net_W: ranged('net_W').label('Watts'),
    rated_W: optional(ranged('rated_W').label('Rating') as Schema<number>),
    fuel: optional(oneOf(FUELS)),
  }),
);
const container = describes<OwnContainer>()(
  object({
    name: named(),
    size_mL: ranged('size_mL').label('Size'),
    count: ranged('count').integer().label('How many') as Schema<number>,
    heatSafe: flag(),
    dark: flag(),
    price: optional(ranged('price').label('Price') as Schema<number>),
  }),
);

const ownPlace = describes<OwnPlace>()(object({ name: named(), like: oneOf(PLACES) }));

/** Factors on the tables, by process, with what is left of their spread. */
const habits = describes<Habits>()(
  record(
    text(120),
    object({ factor: Joi.number().greater(0).max(100) as Schema<number>, cv: number(0, 5) }),
    KITCHEN_LIMITS.habits,
  ),
);

/** What a kitchen has, as its people describe it. */
export const kitchenSettings: Joi.ObjectSchema & Schema<KitchenSettings> = describes<KitchenSettings>()(
  object({
    units: oneOf(['metric', 'us'] as const),
    currency: optional(Joi.string().pattern(/^[A-Z]{3}$/, { name: 'currency such as EUR' }) as Schema<string>),
    energyPrices: optional(object(each(FUELS, optional(ranged('energyPrice') as Schema<number>)))),
    shopPrices: optional(
      list(describes<DrinkInShop>()(object({ id: id(), price: ranged('price'), amount: ranged('amount') })), {
        most: KITCHEN_LIMITS.shopPrices,
        unique: (row) => row.id,
      }),
    ),
    spoons: oneOf(['measuring', 'cutlery'] as const),
    scale_g: oneOf([0.1, 1, null]),
    pots: rows(pot),
    usualPot: named(),
    burners: rows(burner),
    usualBurner: named(),
    containers: rows(container),
    places: optional(rows(ownPlace)),
    strainers: list(oneOf(STRAINERS), { most: STRAINERS.length, unique: (each) => each }),
    blenderJug_mL: ranged('blenderJug_mL').label('Blender jug'),
    altitude_m: ranged('altitude_m').label('Altitude'),
    room_C: ranged('room_C').label('Room'),
    fridge_C: ranged('fridge_C').label('Fridge'),
    fridgeRoom_L: optional(ranged('fridgeRoom_L').label('Room in the fridge') as Schema<number>),
    coolRoom_C: ranged('coolRoom_C').label('Cool room'),
    tap: oneOf(TAP_WATERS),
    sheet_mg_L: object(each(WATER_MINERALS, optional(ranged('mineral_mg_L') as Schema<number>))),
    measures: optional(list(ownMeasure, { most: MEASURE_LIMITS.measures, unique: ({ id }) => id })),
    ingredients: optional(
      list(kitchenIngredient, {
        most: OWN_INGREDIENT_LIMITS.ingredients,
        unique: ({ name }) => name.trim().toLowerCase(),
      }),
    ),
    habits: optional(habits),
  }),
);

export const saveKitchenSettings = object({
  /** Revision this edit started from; 0 while nothing was ever saved. */
  expectedRevision: expectedRevision(),
  settings: kitchenSettings,
});
export type SaveKitchenSettings = Of<typeof saveKitchenSettings>;

/** Settings as they are stored; null while the kitchen is taken as the usual one. */
export const kitchenSettingsRecord = object({ revision: integer(0), settings: nullable(kitchenSettings) });
export type KitchenSettingsRecord = Of<typeof kitchenSettingsRecord>;

/** When somebody chose to begin to learn anew, where that is told later; never after it is told. */
export const habitsReset = object({ at: optional(timestamp()) });
export type HabitsReset = Of<typeof habitsReset>;

/** What was known of a habit after a brew. */
const point = describes<HabitPoint>()(object({ brew: text(20), factor: figure(), low: figure(), high: figure() }));
const habitCurve = object({ key: text(120), points: list(point, { most: 500 }) });
export type HabitCurve = Of<typeof habitCurve>;

/** What a kitchen has learned about itself, and how. */
export const habitsRecord = object({
  habits,
  curves: list(habitCurve, { most: KITCHEN_LIMITS.habits }),
  /** Brews with readings that it was learned from. */
  brews: integer(0),
  /** Readings before this moment do not count; null for all. */
  since: nullable(timestamp()),
});
export type HabitsRecord = Of<typeof habitsRecord>;
