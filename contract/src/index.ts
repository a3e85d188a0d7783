/** What crosses HTTP: schemas, the types beside them, and error codes. */
export { PASSWORD_LENGTH, kitchenDetails, register, serverOptions, session, signIn } from './accounts';
export type { KitchenDetails, Register, ServerOptions, Session, SignIn } from './accounts';
export { BOTTLE_LIMITS, bottleList, bottleRecord, brewRecord, makeBrew, moveBottle, pour, pourParams } from './bottles';
export type {
  BottleList,
  BottleRecord,
  BottleToFill,
  BrewRecord,
  MakeBrew,
  MoveBottle,
  Pour,
  PourParams,
  PourRecord,
} from './bottles';
export {
  BREW_LIMITS,
  LONGEST_WAIT_ms,
  brewProgress,
  brewRun,
  brewRuns,
  finishBrew,
  postEvents,
  progressQuery,
  startBrew,
} from './brews';
export type {
  BrewProgress,
  BrewRecipeRecord,
  BrewRun,
  BrewRuns,
  FinishBrew,
  PostEvents,
  ProgressQuery,
  StartBrew,
  StoredEvent,
} from './brews';
export { idParams } from './common';
export type { IdParams } from './common';
export {
  DRINK_LIMITS,
  drinkDocument,
  drinkList,
  drinkRecord,
  drinkVersions,
  labelVersion,
  revisionParams,
  saveDrink,
} from './drinks';
export type {
  DrinkList,
  DrinkRecord,
  DrinkVersion,
  DrinkVersions,
  LabelVersion,
  RevisionParams,
  SaveDrink,
} from './drinks';
export { ERROR_CODES } from './error-codes';
export type { ErrorBody, ErrorCode } from './error-codes';
export {
  KITCHEN_LIMITS,
  habitsRecord,
  kitchenSettings,
  kitchenSettingsRecord,
  saveKitchenSettings,
} from './kitchen-settings';
export type { HabitCurve, HabitsRecord, KitchenSettingsRecord, SaveKitchenSettings } from './kitchen-settings';
export { PLAN_LIMITS, planCalendar } from './plans';
export type { CalendarEvent, PlanCalendar } from './plans';
export { PLACES } from './places';
export type { Place } from './places';
export {
  DEVICES,
  SENSORS,
  SIGNALS,
  deviceList,
  deviceParams,
  plugDevice,
  printLabels,
  printedLabels,
  streamQuery,
  tareScale,
} from './devices';
export type {
  Device,
  DeviceList,
  DeviceParams,
  DeviceState,
  PlugDevice,
  PrintLabels,
  PrintedLabels,
  Sensor,
  SensorValue,
  Signal,
  StreamQuery,
  TareScale,
} from './devices';
