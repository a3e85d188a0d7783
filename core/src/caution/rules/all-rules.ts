import type { CautionRule } from '../caution';
import { KEEPING_RULES } from './keeping-rules';
import { MINERAL_RULES } from './mineral-rules';
import { PEOPLE_RULES } from './people-rules';
import { PLANT_RULES } from './plant-rules';
import { REHYDRATION_RULES } from './rehydration-rules';

/** Every caution as data. Texts speak to the person at the worktop; sources to whoever asks. */
export const CAUTION_RULES: readonly CautionRule[] = [
  ...REHYDRATION_RULES,
  ...PLANT_RULES,
  ...MINERAL_RULES,
  ...PEOPLE_RULES,
  ...KEEPING_RULES,
];
