import { DRINK_SCHEMA } from '@wellhydra/core/drink';
import type { CommandVerb } from '../command';

/** `schema` */
export const printSchema: CommandVerb = () => DRINK_SCHEMA;
