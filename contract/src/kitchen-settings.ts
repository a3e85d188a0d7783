import type { HabitPoint } from '@wellhydra/core/brew';
import type { Habits } from '@wellhydra/core/process';
import {
  STRAINERS,
  TAP_WATERS,
  WATER_MINERALS,
  type KitchenSettings,
  type OwnBurner,
  type OwnContainer,
  type OwnPot,
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

const pot = objectOf<OwnPot>({
  name: named(),
  width_cm: Joi.number().min(8).max(60).required().label('Width'),
  holds_mL: Joi.number().min(200).max(60_000).required().label('Holds'),
});
const burner = objectOf<OwnBurner>({
  name: named(),
  net_W: Joi.number().min(100).max(6000).required().label('Watts'),
});
const container = objectOf<OwnContainer>({
  name: named(),
  size_mL: Joi.number().min(10).max(30_000).required().label('Size'),
  count: Joi.number().integer().min(0).max(999).required().label('How many'),
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
  blenderJug_mL: Joi.number().min(100).max(10_000).required().label('Blender jug'),
  altitude_m: Joi.number().min(-400).max(6000).required().label('Altitude'),
  room_C: Joi.number().min(-5).max(45).required().label('Room'),
  fridge_C: Joi.number().min(-2).max(15).required().label('Fridge'),
  coolRoom_C: Joi.number().min(-5).max(30).required().label('Cool room'),
  tap: Joi.string()
    .valid(...TAP_WATERS)
    .required(),
  sheet_mg_L: Joi.object(
    Object.fromEntries(WATER_MINERALS.map((mineral) => [mineral, Joi.number().min(0).max(5000).label(mineral)])),
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
