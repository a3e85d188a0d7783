import type { Page } from '@playwright/test';
import { addresses } from '../addresses';
import { expect, openDemo, test } from '../cook';

/** A bar of timers comes down over every page once. */
const BAR_px = 48;

/** What can be pressed, or holds something of that kind, and moved further than a bar is high after it was there. */
async function watchMoves(page: Page): Promise<() => Promise<readonly string[]>> {
  await page.addInitScript((bar_px) => {
    interface Shift extends PerformanceEntry {
      readonly sources: readonly {
        readonly node: Node | null;
        readonly previousRect: DOMRect;
        readonly currentRect: DOMRect;
      }[];
    }
    const PRESSED = 'a, button, [role=button], [role=checkbox], input, select, textarea';
    const moved: string[] = [];
    Object.assign(window, { moved });
    new PerformanceObserver((list) => {
      for (const { sources } of list.getEntries() as Shift[])
        for (const { node, previousRect, currentRect } of sources) {
          const by_px = Math.abs(currentRect.top - previousRect.top);
          if (by_px <= bar_px || previousRect.height === 0 || currentRect.height === 0) continue;
          const element = node instanceof Element ? node : node?.parentElement;
          if (element?.closest(PRESSED) ?? element?.querySelector(PRESSED))
            moved.push(`${Math.round(by_px)} px: ${element!.textContent.slice(0, 60)}`);
        }
    }).observe({ type: 'layout-shift', buffered: true });
  }, BAR_px);
  return () => page.evaluate(() => (window as unknown as { moved: readonly string[] }).moved);
}

test('what can be pressed does not move away from under a finger while answers come one after the other', async ({
  page,
}) => {
  await openDemo(page);
  const moves = await watchMoves(page);
  const all = await addresses(page);
  let asked = 0;
  await page.route('**/api/**', async (route) => {
    asked += 1;
    // Each as late as no other near it, and the same in every run.
    await new Promise((resolve) => setTimeout(resolve, (asked * 293) % 700));
    await route.continue().catch(() => undefined);
  });
  const moved: string[] = [];
  const watched = /^\/(today|stores|kitchen|logbook|bottles|shelf|practice)(?!.*0000-0000)/;
  for (const [address, heading] of all.filter(([each]) => watched.test(each))) {
    await page.goto(address);
    await expect(page.getByRole('heading', { name: heading }).first()).toBeVisible();
    await page.waitForLoadState('networkidle');
    for (const each of await moves()) moved.push(`${address.slice(0, 20)}: ${each}`);
  }
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  expect(moved).toEqual([]);
});
