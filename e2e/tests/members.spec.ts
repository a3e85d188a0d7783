import { readFile } from 'node:fs/promises';
import { expect, type Page } from '@playwright/test';
import { openDemo, register, test } from '../cook';

/** Members of a kitchen and accounts of one's own, as two people meet them. */

const kitchen = async (page: Page) => {
  await page.goto('/kitchen');
  await expect(page.getByRole('heading', { name: 'Members' })).toBeVisible();
};
const dialog = (page: Page, name: string) => page.getByRole('dialog', { name });

test('somebody comes in by a link, is made an owner, and takes the first one out', async ({ page, browser }, info) => {
  await register(page, 'Ines');
  await kitchen(page);
  const invitation = (await page
    .getByText(/^[A-Z2-9]{10}$/)
    .first()
    .textContent())!;

  const context = await browser.newContext();
  const other = await context.newPage();
  await other.goto(`/welcome#${invitation}`);
  await expect(other.getByLabel('Invitation code')).toHaveValue(invitation);
  await other.getByLabel('Your name').fill('Wilf');
  await other.getByLabel('E-mail').fill(`wilf-${Date.now()}-${info.project.name.replace(/\W/g, '')}@example.test`);
  await other.getByLabel('Password').fill('salt and sugar and water');
  await other.getByRole('button', { name: 'Make account' }).click();
  await expect(other.getByRole('heading', { name: 'Drinks', exact: true })).toBeVisible();
  await kitchen(other);
  await expect(other.getByRole('button', { name: 'Change Ines' })).toBeHidden();
  await expect(other.getByText(/^makes drinks here/)).toBeVisible();

  await page.reload();
  await page.getByRole('button', { name: 'Change Wilf' }).click();
  const role = dialog(page, 'Wilf').getByRole('radiogroup', { name: 'What Wilf does here' });
  await role.getByRole('radio', { name: 'Owner' }).click();
  await expect(role.getByRole('radio', { name: 'Owner' })).toBeChecked();
  await page.keyboard.press('Escape');
  await expect(dialog(page, 'Wilf')).toBeHidden();
  await other.reload();
  await other.getByRole('button', { name: 'Change Ines' }).click();
  await other.getByRole('button', { name: 'Take out of the kitchen' }).click();
  await other.getByRole('button', { name: 'Yes, take Ines out' }).click();
  await expect(dialog(other, 'Ines')).toBeHidden();
  await expect(other.getByRole('button', { name: 'Change Ines' })).toBeHidden();
  await other.getByRole('button', { name: 'What was done here' }).click();
  await expect(other.getByText('Wilf took Ines out of the kitchen')).toBeVisible();
  await page.goto('/kitchen');
  await expect(page.getByRole('button', { name: 'New account' })).toBeVisible();
  await context.close();
});

test('a password is changed, other devices are signed out, the account is saved and deleted', async ({
  page,
  browser,
}) => {
  const { email, password } = await register(page, 'Runa');
  const context = await browser.newContext();
  const phone = await context.newPage();
  await phone.request.post('/api/accounts/sign-in', { data: { email, password } });
  await kitchen(page);
  await page.getByRole('button', { name: 'Look where you are signed in' }).click();
  await expect(dialog(page, 'Where you are signed in').getByRole('listitem')).toHaveCount(2);
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'Change the password' }).click();
  await page.getByLabel('Password now').fill('not the right one');
  await page.getByLabel('New password', { exact: true }).fill('kelp lantern ferry oats');
  await page.getByRole('button', { name: 'Take it', exact: true }).click();
  await expect(page.getByText('This is not the password of this account.')).toBeVisible();
  await page.getByLabel('Password now').fill(password);
  await page.getByRole('button', { name: 'Take it', exact: true }).click();
  await expect(dialog(page, 'A new password')).toBeHidden();
  expect((await phone.request.get('/api/drinks')).status()).toBe(401);

  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save what is known of you' }).click();
  const saved = JSON.parse(await readFile(await (await downloading).path(), 'utf8'));
  expect(saved.account.email).toBe(email);

  await page.getByRole('button', { name: 'Delete the account' }).click();
  await expect(dialog(page, 'Delete the account').getByText('The kitchen goes with it')).toBeVisible();
  await page.getByLabel('Your password').fill('kelp lantern ferry oats');
  await page.getByRole('button', { name: 'Delete it for good' }).click();
  await expect(page.getByRole('button', { name: 'New account' })).toBeVisible();
  await context.close();
});

test('leaving goes to a kitchen of one’s own, and the last owner is told to hand over first', async ({
  page,
  browser,
}) => {
  await register(page, 'Ines');
  const { invitation } = await (await page.request.get('/api/kitchen')).json();
  const context = await browser.newContext();
  const other = await context.newPage();
  await register(other, 'Tam', invitation);
  for (const each of [page, other]) {
    await kitchen(each);
    await each.getByRole('button', { name: 'Leave this kitchen' }).click();
    await each.getByLabel('Name of your new kitchen').fill('Kelp house');
    await each.getByRole('button', { name: 'Leave', exact: true }).click();
  }
  await expect(page.getByText(/needs an owner; make somebody else one first/)).toBeVisible();
  await expect(other.getByRole('heading', { name: 'Drinks', exact: true })).toBeVisible();
  await other.goto('/kitchen');
  await expect(other.getByRole('heading', { name: 'Kelp house' })).toBeVisible();
  await context.close();
});

test('the demo has no account to change', async ({ page }) => {
  await openDemo(page);
  await kitchen(page);
  await expect(page.getByRole('heading', { name: 'Your account' })).toBeHidden();
  await expect(page.getByRole('button', { name: 'Leave this kitchen' })).toBeHidden();
});

test('a forgotten password is asked for at the door, and the link of a mail opens it there', async ({ page }) => {
  await page.goto('/welcome');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('button', { name: 'I have forgotten it' }).click();
  await page.getByLabel('E-mail').fill('nobody@example.test');
  await page.getByRole('button', { name: 'Send me the link' }).click();
  await expect(page.getByText(/^If there is an account with nobody@example\.test/)).toBeVisible();
  await page.goto('/drinks');
  await page.goto('/welcome#reset=abcdefghijklmnopqrstuvwxyz');
  await page.getByLabel('New password').fill('kelp lantern ferry oats');
  await page.getByRole('button', { name: 'Take it', exact: true }).click();
  await expect(page.getByText(/was used already or is too old/)).toBeVisible();
});
