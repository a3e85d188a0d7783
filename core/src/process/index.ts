/** What happens to a drink in a kitchen: heat, steam, extraction, straining, cooling, gas; one process a file. */
export { BOTTLE_LIMITS_bar, MOLAR_VOLUME_L, bottlePressure, carbonationVolumes, henryConstant } from './carbon-dioxide';
export {
  COOLING_CV,
  COOLING_RATES,
  TWO_STAGE,
  cooledTo,
  coolingConstant,
  coolingTime,
  jarFor,
  openCooling,
  potFor,
  twoStageCooling,
} from './cooling';
export type { CoolingPlace, CoolingStage, CoolingVessel } from './cooling';
export { ALCOHOL_LEAVES_AT_C, VITAMIN_C_LOSS, alcoholLeft, vitaminCLossRate } from './degradation';
export { LIDS, SURFACE_EVAPORATION_CV, SURFACE_TRANSFER, boilOff, latentHeat, surfaceEvaporation } from './evaporation';
export type { Lid } from './evaporation';
export {
  EXTRACTABLE_SHARES,
  EXTRACTION_RATES,
  MACERATION_RATES,
  RATE_CV,
  extractedShare,
  extractionRate,
  isFreshForm,
  modeAt,
} from './extraction';
export type { ExtractionForm, ExtractionMode, Medium } from './extraction';
export { DRIED_WATER, driedFromFresh, freshFromDried } from './fresh-and-dried';
export { BURNER_CV, heatUp, specificHeat } from './heating';
export type { HeatUp, Heating, Stalls } from './heating';
export { BERRY_YIELDS, BETWEEN_FRUIT_CV, FIRM_YIELDS, JUICE_YIELDS, yieldCv } from './juicing';
export type { JuiceYields, JuicingMethod } from './juicing';
export { SIMMER_BELOW_BOIL_K, SIMMER_C, potArea, potHeat } from './pot-heat';
export {
  FRESH_ACCESS,
  FRESH_HOLDS,
  INSOLUBLE_SHARES,
  OPENS_AT_C,
  OPEN_AT_ONCE,
  drawnRate,
  openingRate,
  skinOf,
} from './fresh-tissue';
export type { Cutting, Liquor, Skin } from './fresh-tissue';
export { RETENTION, RETENTION_CV, STRAINER_CV, STRAINING_LOSS_SHARE, STRAINING_LOSS_mL } from './retention';
export type { PlantPart, Straining } from './retention';
export { airPressure, boilingPoint, saturationPressure } from './vapour-pressure';
export { SEA_LEVEL_kPa } from './vapour-pressure';
