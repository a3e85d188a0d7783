import type { PersonRule } from '../person-rule';
import { AGE_RULES } from './age-rules';
import { CHOICE_RULES } from './choice-rules';
import { HEALTH_RULES } from './health-rules';
import { MEDICINE_RULES } from './medicine-rules';

/** Every rule about a drink and a person; each has a case that fires it and two near misses in the tests. */
export const PERSON_RULES: readonly PersonRule[] = [...AGE_RULES, ...HEALTH_RULES, ...MEDICINE_RULES, ...CHOICE_RULES];
