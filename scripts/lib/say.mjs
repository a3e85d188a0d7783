// @ts-check
/** What the scripts tell the person who started them. */

/** @param {string} text */
export const say = (text) => void process.stdout.write(`${text}\n`);

/**
 * Ends with a message that says what to do.
 * @param {string} text
 * @returns {never}
 */
export function giveUp(text) {
  process.stderr.write(`\n${text}\n`);
  process.exit(1);
}
