import { expect, type Page } from '@playwright/test';
import { openDemo } from './cook';

/** The demo kitchen with one tea planned and agreed on, and a clock that can be moved. */
export async function agreedPlan(page: Page): Promise<void> {
  await page.clock.install();
  await openDemo(page);
  await page.goto('/plan');
  await page.getByRole('button', { name: 'Add a drink' }).click();
  await page.getByRole('button', { name: 'Plan Slipway root tea' }).click();
  await expect(page.getByRole('list', { name: 'Planned drinks' }).getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Agree on this plan' }).click();
}
