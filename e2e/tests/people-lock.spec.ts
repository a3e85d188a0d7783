import { expect, type Page } from '@playwright/test';
import { bottledGlass, goTo, register, signIn, test } from '../cook';

/** People under a passphrase, as an owner sets it and another device meets it. */

const TAM = '11111111-1111-4111-8111-111111111111';
const PASSPHRASE = 'nine grey gulls on the lee wall';

async function kitchenWithTam(page: Page) {
  const cook = await register(page, 'Ines');
  const tam = { name: 'Tam', note: '', born: null, group: 'adult', weight_kg: 70, facts: { kidneys: true }, lines: {} };
  const people = { people: { [TAM]: tam }, spoonPlans: {}, sweatTests: {}, sheets: {} };
  const answer = await page.request.put('/api/people', { data: { expectedRevision: 0, people } });
  expect(answer.ok(), await answer.text()).toBe(true);
  return cook;
}

async function lockPeople(page: Page): Promise<void> {
  await goTo(page, 'People');
  await page.getByRole('button', { name: 'Set a passphrase' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Passphrase', { exact: true }).fill(PASSPHRASE);
  await sheet.getByLabel('Once more').fill(`${PASSPHRASE}s`);
  await sheet.getByRole('button', { name: 'Put them under it' }).click({ force: true });
  await expect(sheet.getByText('Say the same twice')).toBeVisible();
  await sheet.getByLabel('Once more').fill(PASSPHRASE);
  await sheet.getByRole('button', { name: 'Put them under it' }).click();
  await expect(page.getByText('The people are under a passphrase now')).toBeVisible();
}

test('an owner puts the people under a passphrase; another device sees nobody until it is said there', async ({
  page,
  browser,
}) => {
  const cook = await kitchenWithTam(page);
  await bottledGlass(page);
  await lockPeople(page);
  await expect(page.getByRole('list', { name: 'People' }).getByText('Tam').first()).toBeVisible();

  const context = await browser.newContext();
  const other = await context.newPage();
  await signIn(other, cook);
  await goTo(other, 'People');
  const box = other.getByLabel('Passphrase of the people');
  await expect(box).toBeVisible();
  await expect(other.getByText('Tam', { exact: true })).toBeHidden();
  // A glass is still to be had, and it is said what that does not know.
  await goTo(other, 'Shelf');
  await other.getByRole('radio', { name: 'Use first' }).click();
  await other.getByRole('button', { name: /^Pour/ }).first().click();
  await expect(other.getByText(/^Who drinks here is under a passphrase/)).toBeVisible();
  await other.getByRole('button', { name: 'Leave it' }).click();

  await goTo(other, 'People');
  await box.fill('nine gulls');
  await other.getByRole('button', { name: 'Open', exact: true }).click();
  await expect(other.getByText('This is not the passphrase of the people')).toBeVisible();
  await box.fill(PASSPHRASE);
  await other.getByRole('button', { name: 'Open', exact: true }).click();
  await expect(other.getByRole('list', { name: 'People' }).getByText('Tam').first()).toBeVisible();

  // Shut, the device itself keeps nobody: not after a reload, and not without a network.
  await other.getByRole('button', { name: 'Shut the people on this device' }).click();
  await expect(box).toBeVisible();
  await other.reload();
  await expect(box).toBeVisible();
  await expect(other.getByText('Tam', { exact: true })).toBeHidden();
  await context.close();

  await page.getByRole('button', { name: 'Take the passphrase off' }).click();
  await expect(page.getByRole('button', { name: 'Set a passphrase' })).toBeVisible();
});

test('where nobody knows it any more, an owner begins anew', async ({ page }) => {
  await kitchenWithTam(page);
  await lockPeople(page);
  await page.getByRole('button', { name: 'Shut the people on this device' }).click();
  await page.getByRole('button', { name: 'Nobody knows it any more' }).click();
  await page.getByRole('button', { name: 'Leave them' }).click();
  await expect(page.getByLabel('Passphrase of the people')).toBeVisible();
  await page.getByRole('button', { name: 'Nobody knows it any more' }).click();
  await page.getByRole('button', { name: 'Forget the people' }).click();
  await expect(page.getByText('The people are forgotten')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add someone' })).toBeVisible();
  await expect(page.getByText('Tam', { exact: true })).toBeHidden();
});

test('what was written on a device without a network, while they were locked elsewhere, is stored once it has said the passphrase', async ({
  page,
  browser,
}) => {
  const cook = await kitchenWithTam(page);
  const context = await browser.newContext();
  const other = await context.newPage();
  await signIn(other, cook);
  await goTo(other, 'People');
  await expect(other.getByRole('list', { name: 'People' }).getByText('Tam').first()).toBeVisible();
  await context.setOffline(true);
  await other.getByRole('button', { name: 'Add someone' }).click();
  await other.getByLabel('Name').fill('Juno');
  await other.getByRole('button', { name: 'Add them' }).click();
  await expect(other.getByText('Juno').first()).toBeVisible();

  await lockPeople(page);
  await context.setOffline(false);
  await goTo(other, 'People');
  const box = other.getByLabel('Passphrase of the people');
  await expect(box).toBeVisible();
  await box.fill(PASSPHRASE);
  await other.getByRole('button', { name: 'Open', exact: true }).click();
  const list = other.getByRole('list', { name: 'People' });
  for (const name of ['Tam', 'Juno']) await expect(list.getByText(name).first()).toBeVisible();
  await expect
    .poll(async () => Object.values((await (await page.request.get('/api/people')).json()).people.people).length)
    .toBe(2);
  await context.close();
});
