import { TARGETS } from '@wellhydra/core/target';
import type { CommandVerb } from '../run-command';

/** `targets` */
export const listTargets: CommandVerb = () => TARGETS;
