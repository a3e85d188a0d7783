import type { HabitPoint } from '@wellhydra/core/brew';
import type { Habits } from '@wellhydra/core/process';
import {
  SETTING_RANGES,
  STRAINERS,
  TAP_WATERS,
  WATER_MINERALS,
  type KitchenSettings,
  type OwnBurner,
  type OwnContainer,
  type OwnPot,
  type RangedSetting,
} from '@wellhydra/core/kitchen';
import Joi from 'joi';
import { objectOf, text, timestamp } from './common';

/** How many of each a kitchen can list. */
export const KITCHEN_LIMITS = { rows: 60, name: 60 } as const;

const named = () => text(KITCHEN_LIMITS.name).required().label('Name');
const rows = (row: Joi.Schema) =>
  Joi.array()
    .items(row)
    .max(KITCHEN_LIMITS.rows)
    .unique((a, b) => a.name.toLowerCase() === b.name.toLowerCase())
    .required();

const ranged = (setting: RangedSetting) => Joi.number().min(SETTING_RANGES[setting][0]).max(SETTING_RANGES[setting][1]);

const pot = objectOf<OwnPot>({
  name: named(),
  width_cm: ranged('width_cm').required().label('Width'),
  holds_mL: ranged('holds_mL').required().label('Holds'),
});
const burner = objectOf<OwnBurner>({
  name: named(),
  net_W: ranged('net_W').required().label('Watts'),
});
const container = objectOf<OwnContainer>({
  name: named(),
  size_mL: ranged('size_mL').required().label('Size'),
  count: ranged('count').integer().required().label('How many'),
  heatSafe: Joi.boolean().required(),
  dark: Joi.boolean().required(),
});

/** Factors on the tables, by process, with what is left of their spread. */
const habits = Joi.object().pattern(
  Joi.string().max(120),
  objectOf<Habits[string]>({
    factor: Joi.number().greater(0).max(100).required(),
    cv: Joi.number().min(0).max(5).required(),
  }),
);

/** What a kitchen has, as its people describe it. */
export const kitchenSettings = objectOf<KitchenSettings>({
  units: Joi.string().valid('metric', 'us').required(),
  spoons: Joi.string().valid('measuring', 'cutlery').required(),
  scale_g: Joi.number().valid(0.1, 1, null).required(),
  pots: rows(pot),
  usualPot: named(),
  burners: rows(burner),
  usualBurner: named(),
  containers: rows(container),
  strainers: Joi.array()
    .items(Joi.string().valid(...STRAINERS))
    .unique()
    .required(),
  blenderJug_mL: ranged('blenderJug_mL').required().label('Blender jug'),
  altitude_m: ranged('altitude_m').required().label('Altitude'),
  room_C: ranged('room_C').required().label('Room'),
  fridge_C: ranged('fridge_C').required().label('Fridge'),
  fridgeRoom_L: ranged('fridgeRoom_L').label('Room in the fridge'),
  coolRoom_C: ranged('coolRoom_C').required().label('Cool room'),
  tap: Joi.string()
    .valid(...TAP_WATERS)
    .required(),
  sheet_mg_L: Joi.object(
    Object.fromEntries(WATER_MINERALS.map((mineral) => [mineral, ranged('mineral_mg_L').label(mineral)])),
  ).required(),
  habits,
});

export interface SaveKitchenSettings {
  /** Revision this edit started from; 0 while nothing was ever saved. */
  readonly expectedRevision: number;
  readonly settings: KitchenSettings;
}
export const saveKitchenSettings = objectOf<SaveKitchenSettings>({
  expectedRevision: Joi.number().integer().min(0).required(),
  settings: kitchenSettings.required(),
});

/** Settings as they are stored; null while the kitchen is taken as the usual one. */
export interface KitchenSettingsRecord {
  readonly revision: number;
  readonly settings: KitchenSettings | null;
}
export const kitchenSettingsRecord = objectOf<KitchenSettingsRecord>({
  revision: Joi.number().integer().min(0).required(),
  settings: kitchenSettings.allow(null).required(),
});

/** What was known of a habit after a brew. */
export interface HabitCurve {
  readonly key: string;
  readonly points: readonly HabitPoint[];
}

/** What a kitchen has learned about itself, and how. */
export interface HabitsRecord {
  readonly habits: Habits;
  readonly curves: readonly HabitCurve[];
  /** Brews with readings that it was learned from. */
  readonly brews: number;
  /** Readings before this moment do not count; null for all. */
  readonly since: string | null;
}
export const habitsRecord = objectOf<HabitsRecord>({
  habits: habits.required(),
  curves: Joi.array()
    .items(
      objectOf<HabitCurve>({
        key: Joi.string().required(),
        points: Joi.array()
          .items(
            objectOf<HabitPoint>({
              brew: Joi.string().required(),
              factor: Joi.number().required(),
              low: Joi.number().required(),
              high: Joi.number().required(),
            }),
          )
          .required(),
      }),
    )
    .required(),
  brews: Joi.number().integer().min(0).required(),
  since: timestamp.allow(null).required(),
});
