/** What a liquid is: volume, Brix, particles, pH, water activity and thickness from its composition. */
export {
  EXTENSIVE_PROPERTIES,
  addScaled,
  carbohydrateOf,
  compositionOf,
  emptyComposition,
  massOf,
  scaled,
  sugarsOf,
} from './composition';
export type { Composition, ExtensiveProperty, MutableComposition } from './composition';
export { balanceCharges, OUTDOOR_CO2_atm, titratableAcidity } from './charge-balance-ph';
export { describeLiquid } from './describe-liquid';
export type { Liquid } from './describe-liquid';
export { feelOf } from './feel';
export type { Feel } from './feel';
export { ionicSolution } from './ionic-solution';
export { phMargin } from './ph-uncertainty';
export { norrishWaterActivity, waterActivityOf } from './norrish-water-activity';
export { osmolality, osmolarity, tonicityOf } from './osmolality';
export type { Tonicity } from './osmolality';
export { brixFromDensity, sugarSolutionDensity } from './sugar-solution-density';
export { syrupViscosity } from './syrup-viscosity';
export { brixOf, gramsToVolume, volumeOf, volumeVector } from './volume';
export { WEAK_ACIDS } from './weak-acids';
export { daviesActivity } from './davies-activity';
export {
  ASCORBIC_ACID_g_mol,
  ATOMIC_WEIGHTS,
  BICARBONATE_g_mol,
  HEXOSE_g_mol,
  SUCROSE_g_mol,
  SULFATE_g_mol,
} from './molar-masses';
export { ETHANOL_DENSITY_g_mL, VOLUME_VECTOR_LENGTH, mixedVolume } from './volume';
