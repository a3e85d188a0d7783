/** Plants that several rules speak of, by their ids. */

/** Fruit, in any part, that makes medicines stronger. Source: US FDA. */
export const GRAPEFRUIT_KIN = [
  'grapefruit',
  'grapefruit-juice',
  'grapefruit-peel',
  'grapefruit-zest',
  'pomelo',
  'pomelo-peel',
  'tangelo',
  'bitter-orange',
  'bitter-orange-peel',
  'bitter-orange-peel-dried',
] as const;

/** Plants that are left out of pregnancy altogether. Source: EMA/HMPC and WHO monographs. */
export const NOT_IN_PREGNANCY = [
  'pennyroyal-dried',
  'mugwort-dried',
  'senna-leaf-dried',
  'juniper-berries',
  'liquorice-root-dried',
  'dong-quai-root-dried',
  'sage-dried',
  'hyssop-dried',
  'black-seed',
  'fenugreek-seed',
  'ashwagandha-powder',
] as const;

/** Common cinnamon. */
export const CASSIA = ['cinnamon-stick', 'cinnamon-ground'] as const;
/** Coumarin in a gram of cassia, mg, and what a person may have of it a day, mg a kg. Source: EFSA; BfR. */
export const COUMARIN = { perGram_mg: 3, aDay_mg_kg: 0.1 } as const;

/** Daisies and their kin. */
export const DAISY_FAMILY = [
  'chamomile-dried',
  'chamomile-fresh',
  'calendula-dried',
  'echinacea-root-dried',
  'yarrow-dried',
] as const;
