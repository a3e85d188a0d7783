import { expect, type Page } from '@playwright/test';
import { openDemo } from './cook';

/** A drink is wanted tomorrow at noon unless it is said: from the afternoon on it is begun within a day. */
const AFTERNOON_h = 15;

/** The demo kitchen with one tea planned and agreed on, on the afternoon of today, and a clock that can be moved. */
export async function agreedPlan(page: Page): Promise<void> {
  const time = new Date();
  time.setHours(AFTERNOON_h, 0, 0, 0);
  await page.clock.install({ time });
  await openDemo(page);
  await page.goto('/plan');
  await page.getByRole('button', { name: 'Add a drink' }).click();
  await page.getByRole('button', { name: 'Plan Slipway root tea' }).click();
  await expect(page.getByRole('list', { name: 'Planned drinks' }).getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Agree on this plan' }).click();
}
