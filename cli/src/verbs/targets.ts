import { TARGETS } from '@wellhydra/core/target';
import type { CommandVerb } from '../command';

/** `targets` */
export const listTargets: CommandVerb = () => TARGETS;
