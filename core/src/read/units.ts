import { UNITS } from '../quantity';

const ALIASES: ReadonlySet<string> = new Set(UNITS.flatMap(({ aliases }) => aliases));
/** Units that are another word more often than not. */
const NEVER_ALONE: ReadonlySet<string> = new Set(['in', 'peel', 'peels']);

/** Whether words are a unit wherever they stand in a phrase. */
export const isUnit = (words: string): boolean => ALIASES.has(words) && !NEVER_ALONE.has(words);
