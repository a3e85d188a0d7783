/** What numbers about a kitchen can be at all; outside of these something was mistyped. */
export const SETTING_RANGES = {
  width_cm: [8, 60],
  holds_mL: [200, 60_000],
  net_W: [100, 6000],
  rated_W: [100, 15_000],
  price: [0, 1_000_000],
  energyPrice: [0, 10_000],
  amount: [1, 100_000],
  size_mL: [10, 30_000],
  count: [0, 999],
  blenderJug_mL: [100, 10_000],
  altitude_m: [-400, 6000],
  room_C: [-5, 45],
  fridge_C: [-2, 15],
  fridgeRoom_L: [0, 500],
  coolRoom_C: [-5, 30],
  mineral_mg_L: [0, 5000],
} as const satisfies Readonly<Record<string, readonly [least: number, most: number]>>;
export type RangedSetting = keyof typeof SETTING_RANGES;
