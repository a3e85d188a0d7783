import { BURNERS, COOKING_POTS, DEFAULT_KITCHEN } from '../equipment';
import type { KitchenSettings } from './kitchen-settings';

/** A shelf and the door of a usual fridge, L. */
export const FRIDGE_ROOM_L = 15;

/** A kitchen of which nobody has said anything yet. */
export const DEFAULT_SETTINGS: KitchenSettings = {
  units: 'metric',
  spoons: 'measuring',
  scale_g: 0.1,
  pots: Object.entries(COOKING_POTS).map(([name, { diameter_m, holds_mL }]) => ({
    name,
    width_cm: Math.round(diameter_m * 100),
    holds_mL,
  })),
  usualPot: DEFAULT_KITCHEN.pot,
  burners: Object.entries(BURNERS).map(([name, net_W]) => ({ name, net_W })),
  usualBurner: DEFAULT_KITCHEN.burner,
  containers: [
    { name: '750 mL glass bottle', size_mL: 750, count: 2, heatSafe: false, dark: false },
    { name: '500 mL jar', size_mL: 500, count: 4, heatSafe: true, dark: false },
    { name: '250 mL dark bottle', size_mL: 250, count: 4, heatSafe: false, dark: true },
  ],
  strainers: ['mesh', 'cloth'],
  blenderJug_mL: DEFAULT_KITCHEN.blenderJug_mL,
  altitude_m: DEFAULT_KITCHEN.altitude_m,
  room_C: DEFAULT_KITCHEN.room_C,
  fridge_C: DEFAULT_KITCHEN.fridge_C,
  fridgeRoom_L: FRIDGE_ROOM_L,
  coolRoom_C: DEFAULT_KITCHEN.coolRoom_C,
  tap: 'pure',
  sheet_mg_L: {},
};
