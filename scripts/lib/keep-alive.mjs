// @ts-check
import { setTimeout as pause } from 'node:timers/promises';
import { say } from './say.mjs';

/** How often it is looked after, ms. */
const LOOK_EVERY_ms = 1000;
/** Pauses before something that died is started again: short once, longer when it dies over and over, ms. */
const AGAIN_AFTER_ms = [0, 1000, 3000, 10_000, 30_000];
/** What has run for so long counts as healthy again, ms. */
const HEALTHY_ms = 60_000;

/**
 * Something that is to run as long as the command does.
 *
 * @typedef {object} Kept
 * @property {string} name for the person in front of the screen
 * @property {() => boolean} runs
 * @property {() => Promise<void>} start
 */

/**
 * Brings back what dies, with a word on the screen, until it is told to stop. What is listed later needs what is
 * listed before it.
 *
 * @param {readonly Kept[]} all
 * @param {AbortSignal} signal
 */
export async function keepAlive(all, signal) {
  const deaths = new Map(all.map(({ name }) => [name, { count: 0, last: 0 }]));
  /** @param {Kept} kept */
  const bringBack = async ({ name, start }) => {
    const seen = /** @type {{ count: number, last: number }} */ (deaths.get(name));
    if (Date.now() - seen.last > HEALTHY_ms) seen.count = 0;
    const wait = /** @type {number} */ (AGAIN_AFTER_ms[Math.min(seen.count, AGAIN_AFTER_ms.length - 1)]);
    say(`${name} has ended. Starting it again${wait ? ` in ${wait / 1000} s` : ''} …`);
    seen.count += 1;
    await pause(wait, undefined, { signal });
    try {
      await start();
      if (!signal.aborted) say(`${name} is back.`);
    } catch (error) {
      if (!signal.aborted) say(`${name} could not be started: ${error instanceof Error ? error.message : error}`);
    }
    seen.last = Date.now();
  };
  while (!signal.aborted) {
    try {
      await pause(LOOK_EVERY_ms, undefined, { signal });
      const dead = all.find(({ runs }) => !runs());
      if (dead) await bringBack(dead);
    } catch (error) {
      if (!signal.aborted) throw error;
    }
  }
}
