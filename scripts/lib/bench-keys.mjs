// @ts-check
/* global window, MutationObserver -- what is measured runs in the page */
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FLAGS } from './chromium-flags.mjs';
import { ensureChromium, ensurePostgres } from './prepare.mjs';
import { ensureBuild } from './build.mjs';
import { startCluster } from './postgres.mjs';
import { say } from './say.mjs';
import { serve } from './serve.mjs';

/** Keys are this far apart, so that the work of one is done before the next, ms. */
const APART_ms = 160;
const KEYS = 40;
/** Keys before the first that counts: somebody who thinks out a drink has typed more than this. */
const WARM_UP = 40;

/** A brew of so many steps, with all that is costly in it. @param {number} count */
function stepsOf(count) {
  const lines = [
    ['add', '100 g dried elderberries'],
    ['add', '20 g fresh ginger, sliced'],
    ['add', '2 cinnamon sticks'],
    ['add', '1.2 L water'],
    ['heat', 'to boil'],
    ['simmer', '40 min'],
    ['steep', '8 h'],
    ['strain', 'cloth'],
    ['rinsePass', '200 mL water'],
    ['cool', 'to 40 °C'],
    ['add', '400 g honey'],
    ['add', '60 mL lemon juice'],
  ];
  while (lines.length < count) lines.splice(11, 0, ['add', `${lines.length} g white sugar`]);
  return lines.slice(0, count).map(([verb, text], index) => ({ id: `s${index}`, verb, text }));
}

/** The mark is the bench's own work, and is not counted. */
const REDRAWN = 'redrawn';

/** Marks in the trace when a path of the stream becomes another. @param {string} mark */
function markDrawing(mark) {
  new MutationObserver(function benchMark() {
    performance.mark(mark);
  }).observe(document.body, {
    subtree: true,
    attributes: true,
    attributeFilter: ['d'],
  });
}

/**
 * Main-thread work of each key: every task of the page's main thread from the key to the frame in which the
 * stream and the rails are drawn anew, however many frames and tasks it takes.
 * @param {{ traceEvents: { name: string, ph: string, ts: number, dur?: number, pid: number, tid: number, args?: any }[] }} trace
 * @param {boolean} drawing whether the page has a stream; else it is the frame of the letter
 */
function workOfKeys({ traceEvents }, drawing) {
  const keys = traceEvents.filter(({ name, args }) => name === 'EventDispatch' && args?.data?.type === 'keydown');
  const [first] = keys;
  if (!first) throw new Error('bench: no key in the trace');
  const onMain = traceEvents.filter(({ pid, tid }) => pid === first.pid && tid === first.tid);
  const tasks = onMain.filter(({ name, dur }) => name === 'RunTask' && dur !== undefined);
  const drawn = drawing
    ? traceEvents.filter(({ name }) => name === REDRAWN)
    : onMain.filter(({ name, args }) => name === 'EventDispatch' && args?.data?.type === 'input');
  const marks = onMain.filter(({ args }) => args?.data?.functionName === 'benchMark');
  const commits = onMain.filter(({ name }) => name === 'Commit');
  return keys.flatMap(({ ts }, index) => {
    const end = drawn.find((event) => event.ts >= ts);
    const next = keys[index + 1]?.ts ?? Infinity;
    const commit = end && commits.find((event) => event.ts >= end.ts + (end.dur ?? 0));
    if (!commit || commit.ts > next) throw new Error(`bench: key ${index + 1} was not drawn before the next`);
    const until = commit.ts + (commit.dur ?? 0);
    const work = tasks
      .filter((task) => task.ts < until && task.ts + (task.dur ?? 0) > ts)
      .reduce((sum, task) => sum + Math.min(task.ts + (task.dur ?? 0), until) - Math.max(task.ts, ts), 0);
    const marking = marks
      .filter((mark) => mark.ts >= ts && mark.ts < until)
      .reduce((sum, mark) => sum + (mark.dur ?? 0), 0);
    return [{ work: (work - marking) / 1000, wait: (until - ts) / 1000 }];
  });
}

/** @param {number[]} values @param {number} share */
const quantile = (values, share) => [...values].sort((a, b) => a - b)[Math.floor(share * (values.length - 1))] ?? NaN;

/** @param {import('@playwright/test').Page} page @param {number} count */
async function press(page, count) {
  for (let key = 0; key < count; key += 1) {
    await page.keyboard.press(key % 2 === 0 ? '2' : 'Backspace');
    await page.waitForTimeout(APART_ms);
  }
}

/**
 * Types a figure and takes it away, over and over: everything behind it changes each time.
 * @param {import('@playwright/test').Browser} browser
 * @param {import('@playwright/test').Page} page
 */
async function typed(browser, page, drawing = true) {
  await press(page, WARM_UP);
  if (drawing) await page.evaluate(markDrawing, REDRAWN);
  await browser.startTracing(page, {
    categories: ['devtools.timeline', 'disabled-by-default-devtools.timeline', 'toplevel', 'blink.user_timing'],
  });
  await press(page, KEYS);
  return workOfKeys(JSON.parse((await browser.stopTracing()).toString('utf8')), drawing);
}

const SPREADS = 9;

/**
 * Time from a key to the last change of a whisker by it, in the page's own clock, ms.
 * @param {import('@playwright/test').Page} page
 * @returns {Promise<number[]>}
 */
async function spreadsAfterKeys(page) {
  await page.evaluate(() => {
    const times = /** @type {any} */ (window);
    times.benchSpread = { key: 0, spread: 0 };
    document.addEventListener('keydown', () => (times.benchSpread = { key: performance.now(), spread: 0 }), true);
    new MutationObserver((changes) => {
      if (changes.some(({ target }) => /** @type {Element} */ (target).ariaLabel?.includes('with these measures')))
        times.benchSpread.spread = performance.now();
    }).observe(document.body, { subtree: true, attributes: true, attributeFilter: ['aria-label'] });
  });
  const waits = [];
  for (let key = 0; key < SPREADS; key += 1) {
    await page.keyboard.press(key % 2 === 0 ? '2' : 'Backspace');
    await page.waitForTimeout(2500);
    const { key: at, spread } = await page.evaluate(() => /** @type {any} */ (window).benchSpread);
    if (spread === 0) throw new Error('bench: no spread within 2.5 s of a key');
    waits.push(spread - at);
  }
  return waits;
}

/** A key on the sheet in the exported application, in Chromium by its own tracing. */
export async function benchKeys() {
  await ensurePostgres();
  const { quick: executablePath } = await ensureChromium();
  const { appFolder } = await ensureBuild();
  const dataFolder = mkdtempSync(join(tmpdir(), 'wellhydra-keys-'));
  chmodSync(dataFolder, 0o755);
  const cluster = await startCluster({ dataFolder, throwaway: true, wantedPort: 56890 });
  try {
    await cluster.ensureDatabase('keys');
    const server = await serve({ databaseUrl: cluster.url('keys'), appFolder, port: 0, demo: true });
    const { chromium } = await import('@playwright/test');
    const browser = await chromium.launch({ executablePath, args: FLAGS });
    const page = await browser.newPage({ baseURL: `http://localhost:${server.port}`, hasTouch: true });
    await page.goto('/welcome');
    await page.getByRole('button', { name: 'Open the demo kitchen' }).tap();
    await page.getByRole('heading', { name: 'Drinks', exact: true }).waitFor();
    const bare = await browser.newPage();
    await bare.setContent('<input aria-label="Box">');
    await bare.getByLabel('Box').focus();
    const floor = (await typed(browser, bare, false)).map(({ work }) => work);
    say(`a key in a box on an empty page: ${quantile(floor, 0.5).toFixed(1)} ms, the floor of this machine`);
    await bare.close();
    for (const [count, width] of /** @type {const} */ ([
      [20, 390],
      [20, 1280],
      [48, 390],
      [48, 1280],
      [60, 390],
    ])) {
      await page.setViewportSize({ width, height: 844 });
      const id = randomUUID();
      const document = { name: 'Keys', kind: 'syrup', serving: '15 mL', target: null, steps: stepsOf(count) };
      await page.request.put(`/api/drinks/${id}`, {
        data: { expectedRevision: 0, document },
        headers: { origin: `http://localhost:${server.port}` },
      });
      await page.goto(`/drinks/${id}`);
      const row = page.getByRole('button', { name: /^100 g dried elderberries/ });
      // On a phone there is no pointer left lying on the page.
      await (width < 800 ? row.tap() : row.click());
      const box = page.getByLabel('Step 1', { exact: true });
      await box.focus();
      await page.keyboard.press('Home');
      await page.waitForTimeout(1500);
      const keys = await typed(browser, page);
      const at = (/** @type {'work' | 'wait'} */ what, /** @type {number} */ share) =>
        quantile(
          keys.map((key) => key[what]),
          share,
        ).toFixed(1);
      say(
        `a key, ${count} steps, ${width} px wide: ${at('work', 0.5)} ms of main-thread work at the median, ${at('work', 0.95)} ms at 95 %; drawn after ${at('wait', 0.5)} ms`,
      );
      // A phone folds its figures while a line is edited; the spread is drawn once they are open.
      if (width < 800) await page.getByRole('button', { name: 'All', exact: true }).tap();
      await box.focus();
      const spreads = await spreadsAfterKeys(page);
      say(
        `  its spread ${quantile(spreads, 0.5).toFixed(0)} ms after the key, ${Math.max(...spreads).toFixed(0)} ms at most`,
      );
    }
    await browser.close();
    await server.stop();
  } finally {
    await cluster.stop();
    rmSync(dataFolder, { recursive: true, force: true });
  }
}
