import { randomUUID } from 'node:crypto';
import { expect, test as base, type Locator, type Page } from '@playwright/test';

/** A person at the application, with a kitchen of their own. */
export interface Cook {
  readonly email: string;
  readonly password: string;
  readonly name: string;
}

const PASSWORD = 'salt and sugar and water';

const DRINKS = { name: 'Drinks', exact: true } as const;
const someone = (name: string): Cook => ({
  name,
  email: `${name.toLowerCase()}-${randomUUID().slice(0, 8)}@example.test`,
  password: PASSWORD,
});
const galleyOf = (name: string) => `${name}’s galley`;

/** Lets a page in as what the server answers to a request, and ends on the list of drinks. */
async function enter(page: Page, path: string, data?: object): Promise<void> {
  const answer = await page.request.post(path, data ? { data } : {});
  expect(answer.ok(), await answer.text()).toBe(true);
  await page.goto('/drinks');
  await expect(page.getByRole('heading', DRINKS)).toBeVisible();
}

/** A person with an account, in: for tests that are about something else than coming in. */
export async function register(page: Page, name: string, invitation?: string): Promise<Cook> {
  const cook = someone(name);
  await enter(page, '/api/accounts/register', {
    ...cook,
    ...(invitation ? { invitation } : { kitchenName: galleyOf(name) }),
  });
  return cook;
}

/** A kitchen of the visitor's own, filled: for tests that are about something else than opening it. */
export const openDemo = (page: Page): Promise<void> => enter(page, '/api/accounts/demo');

/** Makes an account through the interface and ends on the list of drinks. */
export async function registerByHand(page: Page, name: string, invitation?: string): Promise<Cook> {
  const cook = someone(name);
  await page.goto('/welcome');
  await page.getByRole('button', { name: 'New account' }).click();
  await page.getByLabel('Your name').fill(cook.name);
  await page.getByLabel('E-mail').fill(cook.email);
  await page.getByLabel('Password').fill(cook.password);
  if (invitation) {
    await page.getByRole('radio', { name: 'I have an invitation' }).click();
    await page.getByLabel('Invitation code').fill(invitation);
  } else await page.getByLabel('Name of the kitchen').fill(galleyOf(name));
  await page.getByRole('button', { name: 'Make account' }).click();
  await expect(page.getByRole('heading', DRINKS)).toBeVisible();
  return cook;
}

export async function openDemoByHand(page: Page): Promise<void> {
  await page.goto('/welcome');
  await page.getByRole('button', { name: 'Open the demo kitchen' }).click();
  await expect(page.getByRole('heading', DRINKS)).toBeVisible();
}

/** Starts a drink of a kind and gives it a name; a tonic begins empty here, others with their usual steps. */
export async function newDrink(page: Page, kind: string, name: string, empty = kind === 'Tonic'): Promise<void> {
  await page.getByRole('button', { name: 'New drink' }).first().click();
  if (empty) await page.getByRole('checkbox', { name: 'Begin with the usual steps' }).click();
  const kinds = page.getByRole('group', { name: 'Kinds' });
  await kinds.getByRole('button', { name: new RegExp(`^${kind}\\b`) }).click();
  await page.getByLabel('Name of the drink').fill(name);
}

/** What opens a step for editing: the first button on its row, but for the one that folds its phase. */
export const openerOf = (row: Locator): Locator => row.locator('[role=button]:not([aria-expanded])').first();
export const stepButton = (page: Page, number: number): Locator => openerOf(page.getByRole('listitem').nth(number - 1));

/** Removes the steps a new drink of some kinds begins with. */
export async function clearSteps(page: Page): Promise<void> {
  const steps = page.getByRole('listitem');
  while ((await steps.count()) > 0) {
    const before = await steps.count();
    await stepButton(page, 1).click();
    await page.getByRole('button', { name: 'Remove step' }).click();
    await expect(steps).toHaveCount(before - 1);
  }
}

export async function typeSteps(page: Page, lines: readonly string[]): Promise<void> {
  const next = page.getByLabel('Next step');
  for (const line of lines) {
    await next.fill(line);
    await next.press('Enter');
    await expect(next).toHaveValue('');
  }
}

/** Opens something that is done with a drink as a whole. */
export async function fromMenu(page: Page, item: string): Promise<void> {
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: item, exact: true }).click();
}

/** Waits until what was typed is stored: looked at once the page is idle, since its words follow a moment later. */
export async function saved(page: Page): Promise<void> {
  await page.evaluate(() => new Promise((resolve) => requestIdleCallback(resolve)));
  await expect(page.getByText(/Version \d+ · saved/)).toBeVisible();
}

/** Opens the whole panel of figures, which a phone folds. */
export async function allFigures(page: Page): Promise<Locator> {
  const more = page.getByRole('button', { name: 'All', exact: true });
  if (await more.isVisible()) await more.click();
  return page.getByRole('complementary', { name: 'Figures' });
}

/** Forgets all that this device has kept, as one that was never here. */
export const forgetDevice = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    localStorage.clear();
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const opening = indexedDB.open('wellhydra');
      opening.onsuccess = () => resolve(opening.result);
      opening.onerror = () => reject(opening.error);
    });
    await new Promise((resolve) => {
      const clearing = db.transaction('rows', 'readwrite');
      clearing.objectStore('rows').clear();
      clearing.oncomplete = resolve;
    });
    db.close();
  });

/** Goes out, and comes in as somebody who has an account. */
export async function signIn(page: Page, { email, password }: Cook): Promise<void> {
  await page.goto('/welcome');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).last().click();
  await expect(page.getByRole('heading', { name: 'Drinks', exact: true })).toBeVisible();
}

/** Every test fails on a request to anywhere but the server under test, and on an error in the page. */
export const test = base.extend<{ watched: void }>({
  watched: [
    async ({ context, baseURL }, use) => {
      const strayed: string[] = [];
      const failed: string[] = [];
      context.on('request', (request) => {
        const url = request.url();
        if (!url.startsWith(baseURL as string) && !url.startsWith('data:') && !url.startsWith('blob:'))
          strayed.push(url);
      });
      context.on('weberror', (error) => failed.push(error.error().message));
      await use();
      expect(strayed, 'requests to elsewhere').toEqual([]);
      expect(failed, 'errors in the page').toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** Goes to a place by the bar; on a phone some of them are behind More. */
export async function goTo(page: Page, place: string): Promise<void> {
  const bar = page.getByRole('navigation', { name: 'Places', exact: true });
  const link = bar.getByRole('link', { name: place, exact: true });
  await expect(bar).toBeVisible();
  if ((await link.count()) === 0) await page.getByRole('button', { name: /^More places/ }).click();
  await page.getByRole('link', { name: place, exact: true }).click();
}

interface Made {
  readonly name: string;
  readonly kind: string;
  readonly serving: string;
  readonly lines: readonly string[];
  readonly bottles: readonly number[];
}

/** A drink that is made and stands in the fridge: for tests that are about what comes after. */
export async function bottled(page: Page, { name, kind, serving, lines, bottles }: Made): Promise<readonly string[]> {
  const [drink, brew] = [randomUUID(), randomUUID()];
  const steps = lines.map((line, index) => {
    const used = /^use (.*)$/.exec(line)?.[1];
    return { id: `s${index}`, verb: used === undefined ? 'add' : 'use', text: used ?? line };
  });
  const document = { name, kind, serving, target: null, steps };
  const filled = bottles.map((volume_mL) => ({ id: randomUUID(), volume_mL, place: 'fridge' }));
  const saved = await page.request.put(`/api/drinks/${drink}`, { data: { expectedRevision: 0, document } });
  expect(saved.ok(), await saved.text()).toBe(true);
  const made = await page.request.put(`/api/brews/${brew}`, {
    data: { drinkId: drink, drinkRevision: 1, madeAt: new Date().toISOString(), bottles: filled },
  });
  expect(made.ok(), await made.text()).toBe(true);
  await page.reload();
  return filled.map(({ id }) => id);
}

/** A litre of a rehydration drink that stands in the fridge: for tests that are not about what is in it. */
export const bottledGlass = async (
  page: Page,
  lines: readonly string[] = ['2.6 g table salt', '20 g white sugar', 'water to 1 L'],
): Promise<string> =>
  (await bottled(page, { name: 'Gull glass', kind: 'rehydration', serving: '250 mL', lines, bottles: [1000] }))[0]!;
