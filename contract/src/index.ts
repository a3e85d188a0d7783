/** What crosses HTTP: schemas, the types read off them, and error codes. */
export { kitchenDetails, register, requestReset, resetPassword, serverOptions, session, signIn } from './accounts';
export type { KitchenDetails, Register, RequestReset, ResetPassword, ServerOptions, Session, SignIn } from './accounts';
export {
  BOTTLE_LIMITS,
  bottleChange,
  bottlePage,
  bottleRecord,
  brewPage,
  brewRecord,
  changeParams,
  makeBrew,
  moveBottle,
} from './bottles';
export { drunkPage, drunkQuery, pour, pourPage, pourParams } from './pours';
export { SERVING_FIGURES } from './serving-figures';
export type {
  BottleCaution,
  BottleChange,
  BottlePage,
  BottleRecord,
  BottleToFill,
  BrewPage,
  BrewRecord,
  ChangeParams,
  Filling,
  MakeBrew,
  MoveBottle,
  ServingFigures,
} from './bottles';
export type { DrunkBrew, DrunkPage, DrunkQuery, DrunkRecord, Pour, PourPage, PourParams, PourRecord } from './pours';
export {
  BREW_LIMITS,
  LONGEST_WAIT_ms,
  brewProgress,
  brewRun,
  finishBrew,
  postEvents,
  progressQuery,
  runPage,
  startBrew,
} from './brews';
export type {
  BrewProgress,
  BrewRecipeRecord,
  BrewRun,
  FinishBrew,
  PostEvents,
  ProgressQuery,
  RunPage,
  StartBrew,
  StoredEvent,
} from './brews';
export {
  bottleBrews,
  brewLots,
  lotChange,
  lotChangeParams,
  lotPage,
  lotQuery,
  lotRecord,
  lotTrace,
  saveLot,
  saveShopping,
  shoppingRecord,
} from './stores';
export type {
  BottleBrews,
  BrewLots,
  LotChange,
  LotChangeParams,
  LotPage,
  LotQuery,
  LotRecord,
  LotTrace,
  SaveLot,
  SaveShopping,
  ShoppingRecord,
} from './stores';
export {
  LOGBOOK_SORTS,
  brewNote,
  logbookBrew,
  logbookCharts,
  logbookFilter,
  logbookPage,
  logbookQuery,
  PHOTO_SIZES,
  photo,
  photoParams,
  photoQuery,
  photoSizeQuery,
  tasting,
  tastingParams,
  triedBrews,
} from './logbook';
export type {
  BrewNote,
  LogbookBrew,
  LogbookCharts,
  LogbookFilter,
  LogbookPage,
  LogbookQuery,
  LogbookRow,
  LogbookSort,
  Photo,
  PhotoParams,
  PhotoQuery,
  PhotoSizeQuery,
  Tasting,
  TastingParams,
  TriedBrews,
} from './logbook';
export {
  LOGBOOK_LIMITS,
  LOT_LIMITS,
  MEASURE_LIMITS,
  OWN_INGREDIENT_LIMITS,
  PASSWORD_LENGTH,
  PHOTO_LIMITS,
} from './field-limits';
export { ROLES } from './roles';
export type { Role } from './roles';
export { MOMENTS, PAGE, idParams, pageQuery } from './common';
export type { IdParams, PageQuery } from './common';
export {
  DRINK_LIMITS,
  drinkDocument,
  drinkPage,
  drinkRecord,
  labelVersion,
  revisionParams,
  saveDrink,
  versionPage,
} from './drinks';
export type {
  DrinkPage,
  DrinkRecord,
  DrinkVersion,
  LabelVersion,
  RevisionParams,
  SaveDrink,
  VersionPage,
} from './drinks';
export { ArchiveFault, ArchiveReader } from './archive-reader';
export {
  ARCHIVE_BYTES,
  ARCHIVE_COUNTED,
  ARCHIVE_KINDS,
  ARCHIVE_ROWS,
  ARCHIVE_VERSION,
  VISITOR_ARCHIVE_BYTES,
  archiveOutcome,
  archiveQuery,
  archiveUndo,
} from './kitchen-archive';
export type {
  ArchiveKind,
  ArchiveMode,
  ArchiveOutcome,
  ArchiveQuery,
  ArchiveRow,
  ArchiveUndo,
} from './kitchen-archive';
export { MOST_LABELS, labelOrder, labelPages, labelsStuck } from './labels';
export type { LabelOrder, LabelPage, LabelPages, LabelsStuck } from './labels';
export { ERROR_BODY_BYTES, ERROR_CODES } from './error-codes';
export type { ErrorBody, ErrorCode } from './error-codes';
export {
  KITCHEN_LIMITS,
  habitsRecord,
  habitsReset,
  kitchenSettings,
  kitchenSettingsRecord,
  saveKitchenSettings,
} from './kitchen-settings';
export type {
  HabitCurve,
  HabitsRecord,
  HabitsReset,
  KitchenSettingsRecord,
  SaveKitchenSettings,
} from './kitchen-settings';
export {
  AUDIT_KINDS,
  auditPage,
  changePassword,
  changeRole,
  deleteAccount,
  leaveKitchen,
  openSessions,
  ownData,
} from './members';
export type {
  AuditKind,
  AuditLine,
  AuditPage,
  ChangePassword,
  ChangeRole,
  DeleteAccount,
  LeaveKitchen,
  OpenSessions,
  OwnData,
} from './members';
export {
  PEOPLE_LIMITS,
  household,
  householdRecord,
  lockPeople,
  openPeople,
  peopleLock,
  saveHousehold,
  sealedPeople,
} from './people';
export type { HouseholdRecord, LockPeople, OpenPeople, PeopleLock, SaveHousehold, SealedPeople } from './people';
export { PLAN_LIMITS, plan, planCalendar, planRecord, savePlan } from './plans';
export type { CalendarEvent, DrinkRequest, Plan, PlanCalendar, PlanRecord, SavePlan } from './plans';
export { PLACES } from './places';
export type { Place } from './places';
export { inWords } from './schema';
export { SHAPE_LIMITS, shapeFault } from './shape';
export type { ShapeFault } from './shape';
export {
  DEVICES,
  SENSORS,
  SIGNALS,
  deviceList,
  deviceParams,
  plugDevice,
  printLabels,
  printedLabels,
  sensorValue,
  streamQuery,
  tareScale,
  weighHand,
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
  WeighHand,
} from './devices';
