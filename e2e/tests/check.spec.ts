import { expect, fromMenu, goTo, openDemo, register, test } from '../cook';
import { RECIPE } from '../stranger';

test('a recipe is pasted, two questions answered, a slip repaired; it is kept and can be made', async ({ page }) => {
  await register(page, 'Ines');
  await goTo(page, 'Check');
  const box = page.getByLabel('The recipe');
  await box.fill(RECIPE);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByText(/of \d+ lines certain/)).toBeVisible();

  // Two questions: how much a splash is, and how much ginger.
  const splash = page.getByRole('group', { name: /How much is a splash/ });
  await splash.getByRole('button', { name: '1 tsp' }).click();
  await expect(splash).toHaveCount(0);
  await expect(page.getByRole('list', { name: 'As it was written' })).toContainText('1 tsp cider vinegar');
  const ginger = page.getByRole('group', { name: /How much ginger/ });
  await ginger.getByRole('textbox').fill('20 g');
  await ginger.getByRole('button', { name: 'Put it in' }).click();
  await expect(ginger).toHaveCount(0);
  await expect(page.getByRole('list', { name: 'As it runs' })).toContainText('20 g');

  // A slip, with what comes of it; the repair is shown as what it changes, and taken back with one press.
  const slips = page.getByRole('list', { name: 'What comes of it' });
  await expect(slips.getByRole('listitem', { name: /hotter than water/ })).toContainText('77 °C');
  await slips.getByRole('button', { name: 'Write it in °C' }).click();
  await expect(slips.getByRole('listitem', { name: /hotter than water/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(slips.getByRole('listitem', { name: /hotter than water/ })).toBeVisible();
  await slips.getByRole('button', { name: 'Write it in °C' }).click();

  await page.getByRole('button', { name: 'Keep it as a drink' }).click();
  await expect(page.getByLabel('Name of the drink')).toHaveValue('Skerry root bottle');
  const steps = page.getByRole('list', { name: 'Steps' }).getByRole('listitem');
  await expect(steps.filter({ hasText: 'Heat to 77 °C' })).toHaveCount(1);
  await fromMenu(page, 'As it was written');
  await expect(page.getByRole('dialog')).toContainText('Makes 4 mugs');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page).toHaveURL(/\/make\//);
});

test('what is written is there after a reload, and without a network', async ({ page, context }) => {
  await openDemo(page);
  await page.goto('/check');
  await page.getByLabel('The recipe').fill('Tea\n\n1 L water\n5 g dried mint\nSteep 5 min. Strain.');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('list', { name: 'As it runs' })).toContainText('Steep 5 min');
  await page.reload();
  await expect(page.getByRole('list', { name: 'As it runs' })).toContainText('Steep 5 min');
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Write in it' }).click();
  await page.keyboard.press('Control+End');
  await page.keyboard.type('\nStir in 2 tbsp honey.');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('list', { name: 'As it runs' })).toContainText('2 tbsp honey');
});

test('a saved page is opened, laid beside a drink, and its text is shared in', async ({ page }) => {
  await openDemo(page);
  await page.goto('/check');
  const chosen = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a file' }).click();
  await (
    await chosen
  ).setFiles({
    name: 'tea.html',
    mimeType: 'text/html',
    buffer: Buffer.from(
      '<html><head><script>add 3 kg salt</script></head><body><h1>Quay mint tea</h1><p>1 L water</p><p>5 g dried mint</p><p>2 tbsp honey</p><p>Steep 5 min. Strain.</p></body></html>',
    ),
  });
  const runs = page.getByRole('list', { name: 'As it runs' });
  await expect(runs).toContainText('5 g dried mint');
  await expect(runs).not.toContainText('salt');
  // One touch lays it beside the drink that is most like it; another is chosen in two.
  await page.getByRole('button', { name: /^Compare with “/ }).click();
  await expect(page.getByRole('dialog')).toContainText('Quay mint tea');
  await expect(page.getByRole('list', { name: 'Steps side by side' })).toContainText('honey');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Compare with another' }).click();
  await page.getByRole('dialog').getByRole('radio').first().click();
  await expect(page.getByRole('dialog')).toContainText('Quay mint tea');
  await page.keyboard.press('Escape');

  // Another application shares a text: it stands there, and what stood there is one press away.
  await page.goto('/check?title=Night%20water&text=2%20L%20water%0A1%20lemon%2C%20sliced%0AInfuse%202%20h.');
  await expect(runs).toContainText('1 lemon, sliced');
  await expect(page).toHaveURL(/\/check$/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(runs).toContainText('5 g dried mint');
});

test('by keyboard alone', async ({ page }) => {
  await register(page, 'Ines');
  await page.goto('/check');
  await page.getByLabel('The recipe').focus();
  await page.keyboard.insertText('Jug\n\n1 L water\na squeeze of lemon juice\nStir. Chill to 5 °C.');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('list', { name: 'As it was written' })).toBeVisible();
  const answer = page.getByRole('group', { name: /squeeze/ }).getByRole('button', { name: '1 tbsp' });
  for (let presses = 0; presses < 40; presses += 1) {
    if (await answer.evaluate((button) => button === document.activeElement)) break;
    await page.keyboard.press('Tab');
  }
  await page.keyboard.press('Enter');
  await expect(page.getByRole('list', { name: 'As it was written' })).toContainText('1 tbsp lemon juice');
  const keep = page.getByRole('button', { name: 'Keep it as a drink' });
  for (let presses = 0; presses < 60; presses += 1) {
    if (await keep.evaluate((button) => button === document.activeElement)) break;
    await page.keyboard.press('Tab');
  }
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the drink')).toHaveValue('Jug');
});
