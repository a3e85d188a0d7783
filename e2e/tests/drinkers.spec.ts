import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { bottledGlass, register, test } from '../cook';

/** Members who drink what others make, as they meet the application. */

const person = (name: string, facts: object) => ({
  name,
  note: '',
  born: null,
  group: 'adult',
  weight_kg: 70,
  facts,
  lines: {},
});
const TAM = '11111111-1111-4111-8111-111111111111';
const PIA = '22222222-2222-4222-8222-222222222222';

/** A kitchen with two people and a bottle with a potassium salt. Returns the bottle. */
async function kitchenWithPeople(page: Page): Promise<string> {
  await register(page, 'Ines');
  const people = { [TAM]: person('Tam', {}), [PIA]: person('Pia', { kidneys: true }) };
  const answer = await page.request.put('/api/people', {
    data: { expectedRevision: 0, people: { people, spoonPlans: {}, sweatTests: {}, sheets: {} } },
  });
  expect(answer.ok(), await answer.text()).toBe(true);
  const lines = ['2.6 g table salt', '20 g white sugar', '1.5 g potassium chloride', 'water to 1 L'];
  return bottledGlass(page, lines);
}

test('a drinker comes in by their link, is told who they are, pours, and sees nobody else', async ({
  page,
  browser,
}) => {
  await kitchenWithPeople(page);
  const { drinkerInvitation } = await (await page.request.get('/api/kitchen')).json();

  const context = await browser.newContext();
  const theirs = await context.newPage();
  const pages = theirs.getByRole('main');
  await theirs.goto(`/welcome#${drinkerInvitation}`);
  await theirs.getByLabel('Your name').fill('Tam');
  await theirs.getByLabel('E-mail').fill(`tam-${crypto.randomUUID()}@example.test`);
  await theirs.getByLabel('Password').fill('salt and sugar and water');
  await theirs.getByRole('button', { name: 'Make account' }).click();
  await expect(pages.getByText(/Nobody has said yet which of the people/)).toBeVisible();
  await expect(theirs.getByRole('navigation')).toBeHidden();

  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Change Tam' }).click();
  await page.getByLabel('Which of the people Tam is').selectOption({ label: 'Pia' });
  await expect(page.getByLabel('Which of the people Tam is')).toHaveValue(PIA);

  await theirs.reload();
  await expect(pages.getByText('You are Pia here')).toBeVisible();
  const shelf = theirs.getByRole('list', { name: 'On the shelf' });
  await expect(shelf.getByRole('listitem')).toHaveCount(1);
  await expect(shelf.getByText(/potassium/i)).toBeVisible();
  await shelf.getByRole('button', { name: /^Pour/ }).click();
  await theirs.getByRole('button', { name: /^Pour for Pia/ }).click();
  // What is in it is not for them: it is asked first.
  await theirs.getByRole('button', { name: 'Pour it all the same' }).click();
  await expect(theirs.getByRole('list', { name: 'What you had today' }).getByRole('listitem')).toHaveCount(1);
  await theirs.getByRole('button', { name: 'Undo' }).click();
  await expect(pages.getByText('Nothing yet today.')).toBeVisible();
  await expect(pages.getByText('Tam', { exact: true })).toBeHidden();

  const found = await new AxeBuilder({ page: theirs }).setLegacyMode().analyze();
  expect(found.violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html)])).toEqual([]);
  await context.close();
});

test('the label of a bottle leads a drinker to its glass, whatever else is at that address for makers', async ({
  page,
  browser,
}) => {
  const id = await kitchenWithPeople(page);
  const { drinkerInvitation } = await (await page.request.get('/api/kitchen')).json();
  const context = await browser.newContext();
  const theirs = await context.newPage();
  const answer = await theirs.request.post('/api/accounts/register', {
    data: {
      name: 'Tam',
      email: `tam-${crypto.randomUUID()}@example.test`,
      password: 'salt and sugar and water',
      invitation: drinkerInvitation,
    },
  });
  const { account } = await answer.json();
  await page.request.put(`/api/kitchen/members/${account.id}/role`, { data: { role: 'drinker', personId: TAM } });
  await theirs.goto(`/bottles/${id}`);
  await theirs.getByRole('button', { name: /^Pour for Tam/ }).click();
  await expect(theirs.getByRole('list', { name: 'What you had today' }).getByRole('listitem')).toHaveCount(1);

  // Without a network it is kept, and sent later.
  await context.setOffline(true);
  await theirs.getByRole('list', { name: 'On the shelf' }).getByRole('button', { name: /^Pour/ }).click();
  await theirs.getByRole('button', { name: /^Pour for Tam/ }).click();
  await expect(theirs.getByText(/kept on this device/)).toBeVisible();
  await context.setOffline(false);
  await expect(theirs.getByText(/kept on this device/)).toBeHidden();
  await expect.poll(async () => (await (await theirs.request.get('/api/people/pours')).json()).pours.length).toBe(2);
  await context.close();
});
