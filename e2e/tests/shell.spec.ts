import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { addresses } from '../addresses';
import { allFigures, expect, fromMenu, goTo, openDemo, registerByHand, stepButton, test } from '../cook';

/** Words that are cut off, or stand outside of the screen; what a table holds may be pushed sideways in it. */
const cutOff = () => {
  const found: string[] = [];
  for (const element of document.querySelectorAll<HTMLElement>('body *')) {
    const { left, right, width, height } = element.getBoundingClientRect();
    const own = [...element.childNodes].some(({ nodeType, textContent }) => nodeType === 3 && textContent?.trim());
    const { display, lineHeight, overflowY, textOverflow } = getComputedStyle(element);
    if (!own || width <= 1 || height <= 1 || element.closest('svg, table, [aria-hidden=true]')) continue;
    const outside = right > innerWidth + 2 || left < -2;
    // A line that is higher than its place is cut; a word that is broken anywhere is not.
    const cut =
      display !== 'inline' &&
      overflowY === 'hidden' &&
      element.scrollHeight > element.clientHeight + parseFloat(lineHeight) / 2;
    const shortened = textOverflow === 'ellipsis' && element.scrollWidth > element.clientWidth + 1;
    if (outside || cut || shortened)
      found.push(`${outside ? 'outside' : shortened ? 'shortened' : 'cut off'}: ${element.textContent!.slice(0, 60)}`);
  }
  if (document.documentElement.scrollWidth > innerWidth) found.push('the page scrolls sideways');
  return found;
};

/** What gives way to larger letters does so once the page has heard of them: what is wrong is what stays so. */
async function settled(look: () => Promise<readonly string[]>): Promise<readonly string[]> {
  let found = await look();
  for (const began = Date.now(); found.length > 0 && Date.now() - began < 5000; found = await look())
    await new Promise((resolve) => setTimeout(resolve, 250));
  return found;
}

test('every address opens and comes up again after a reload; with letters of either size nothing is cut off, and no page scrolls sideways', async ({
  page,
}) => {
  // Every address is opened twice.
  test.slow();
  await openDemo(page);
  const failures: string[] = [];
  for (const [address, heading] of await addresses(page)) {
    for (const size of ['100%', '200%']) {
      await (size === '100%' ? page.goto(address) : page.reload());
      await expect(page.getByRole('heading', { name: heading }).first()).toBeVisible();
      if (address.startsWith('/drinks/')) await allFigures(page);
      // As the browser and the system set it.
      await page.addStyleTag({ content: `html { font-size: ${size} !important }` });
      await expect(page.getByRole('heading', { name: heading }).first()).toBeVisible();
      for (const words of await settled(() => page.evaluate(cutOff)))
        failures.push(`${size} ${address.slice(0, 40)}: ${words}`);
    }
  }
  expect(failures).toEqual([]);
});

test('the longest day of the week has room on every page that names it, with letters twice as large', async ({
  page,
}) => {
  await openDemo(page);
  const wednesday = new Date();
  wednesday.setDate(wednesday.getDate() + ((3 - wednesday.getDay() + 7) % 7));
  await page.clock.setFixedTime(wednesday);
  for (const address of ['/today', '/people', '/logbook']) {
    await page.goto(address);
    await page.addStyleTag({ content: 'html { font-size: 200% !important }' });
    await expect(page.getByText(/Wed/).first()).toBeVisible();
    expect(await settled(() => page.evaluate(cutOff))).toEqual([]);
  }
});

/** Fails with what stands in somebody's way at a place; by night, where nothing differs but the colours, with those. */
async function check(page: Page, where: string): Promise<void> {
  const failures: string[] = [];
  const { onlyByDay } = test.info().project.metadata;
  for (const colorScheme of onlyByDay ? (['light'] as const) : (['dark', 'light'] as const)) {
    await page.emulateMedia({ colorScheme });
    await expect(page.locator('html')).toHaveClass(colorScheme === 'dark' ? /dark/ : /^((?!dark).)*$/);
    // The pages hold no frames, which is all that the mode with a page of its own for the results is for; and of what
    // is right nothing is told. Both only cost time.
    const builder = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
    const { violations } = await (colorScheme === 'dark' ? builder.withRules('color-contrast') : builder).analyze();
    for (const { id, nodes } of violations)
      for (const { html, failureSummary } of nodes)
        failures.push(`${where}, ${colorScheme}: ${id}: ${html.slice(0, 160)} ${failureSummary}`);
  }
  expect(failures).toEqual([]);
}

test.describe('nothing stands in the way of those who see or move differently, by day and by night', () => {
  test.use({ contextOptions: { reducedMotion: 'reduce' } });

  test('every page', async ({ page }) => {
    // On a busy machine that takes its time.
    test.slow();
    await page.goto('/welcome');
    await page.getByRole('button', { name: 'New account' }).click();
    await expect(page.getByLabel('Your name')).toBeVisible();
    await check(page, '/welcome');
    await openDemo(page);
    for (const [address, heading] of await addresses(page)) {
      await page.goto(address);
      await expect(page.getByRole('heading', { name: heading }).first()).toBeVisible();
      if (address.startsWith('/drinks/')) await allFigures(page);
      await check(page, address);
    }
  });

  test('everything that lies over a drink, and the parts of the kitchen', async ({ page }) => {
    test.slow();
    await openDemo(page);
    await page
      .getByRole('main')
      .getByRole('link', { name: /Fogbank/ })
      .click();
    await page.waitForURL(/\/drinks\/[0-9a-f-]{36}$/);
    const drink = page.url();
    for (const item of [
      'Size and kind',
      'Resize',
      'Aim the doses',
      'Variants',
      'What went well',
      'What it costs',
      'Versions',
      'Compare',
      'The pot, step by step',
      'On paper',
    ]) {
      await fromMenu(page, item);
      await expect(page.getByRole('heading', { name: item }).last()).toBeVisible();
      await check(page, item);
      await page.getByRole('button', { name: 'Close' }).last().click();
    }
    await fromMenu(page, 'Compare');
    await page.getByRole('dialog').getByRole('radio').first().click();
    await expect(page.getByRole('list', { name: 'Steps side by side' })).toBeVisible();
    await check(page, 'two drinks');
    await page.goto('/stores');
    await page.getByRole('button', { name: 'New from its label' }).click();
    await check(page, 'a label');
    await page.goto('/stores/measures');
    await page.getByRole('button', { name: 'Weigh a measure' }).click();
    await check(page, 'a measure');
    await page.goto(drink);
    await stepButton(page, 6).click();
    await page.getByRole('button', { name: 'More about this step' }).click();
    await page.getByRole('button', { name: 'Compare ways' }).click();
    await check(page, 'a step');
    await page.getByRole('button', { name: 'Done' }).last().click();
    await page.goto('/kitchen');
    for (const part of ['measures', 'stove, pots and blender', 'bottles and jars', 'strainers', 'tap water']) {
      await page.getByRole('button', { name: `Change ${part}` }).click();
      await check(page, `kitchen, ${part}`);
    }
  });
});

test('an account goes in and out, and a wrong password is told', async ({ page }) => {
  const cook = await registerByHand(page, 'Ines');
  await goTo(page, 'Kitchen');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('button', { name: 'Open the demo kitchen' })).toBeVisible();
  await page.goto('/drinks');
  await expect(page.getByRole('button', { name: 'Open the demo kitchen' })).toBeVisible();
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByLabel('E-mail').fill(cook.email);
  await page.getByLabel('Password').fill('not this one');
  const signIn = page.getByRole('button', { name: 'Sign in' });
  await signIn.click();
  await expect(page.getByText('E-mail and password do not belong together')).toBeVisible();
  await page.getByLabel('Password').fill(cook.password);
  await signIn.click();
  await expect(page.getByText('No drinks yet')).toBeVisible();
});

test('night is chosen and stays chosen', async ({ page }) => {
  await openDemo(page);
  await page.goto('/kitchen');
  await page.getByRole('radio', { name: 'Night' }).click();
  await expect(page.locator('html')).toHaveClass(/dark/);
  await page.reload();
  await expect(page.locator('html')).toHaveClass(/dark/);
});

test('a server that does not answer is told, and asked again', async ({ page }) => {
  await openDemo(page);
  await page.route('**/api/**', (route) => route.abort());
  await page.goto('/kitchen');
  // Whoever was in here last stays in, and sees what was never seen to be missing.
  await expect(page.getByText('The kitchen cannot be shown')).toBeVisible();
  await page.evaluate(() => localStorage.removeItem('wellhydra.session'));
  await page.reload();
  await expect(page.getByText('The kitchen does not answer')).toBeVisible();
  await page.unroute('**/api/**');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('heading', { name: 'Members' })).toBeVisible();
});
