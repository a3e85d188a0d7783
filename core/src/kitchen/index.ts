/** A kitchen as its people describe it; what that means for running a drink is `kitchenOptions` of simulate. */
export { DEFAULT_SETTINGS, FRIDGE_ROOM_L } from './default-settings';
export { STRAINERS, TAP_WATERS, WATER_MINERALS } from './kitchen-settings';
export type {
  DrinkInShop,
  KitchenSettings,
  OwnBurner,
  OwnContainer,
  OwnPlace,
  OwnPot,
  TapWater,
  WaterMineral,
} from './kitchen-settings';
export { settingsFor } from './measures-of';
export { mergeSettings } from './merge-settings';
export type { MergedSettings } from './merge-settings';
export { SETTING_RANGES } from './setting-ranges';
export type { RangedSetting } from './setting-ranges';
