import { expect, openDemo, test } from '../cook';

test('the guess that the drinks of the house gain most by is asked, and what was guessed is weighed in its place', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/practice');
  const gains = page.getByRole('list', { name: 'Guesses that make your drinks surer' });
  const ask = await gains
    .getByText(/^How much is your /)
    .first()
    .innerText();
  await gains.getByRole('button', { name: `Guess it: ${ask}` }).click();
  await page.getByLabel('Your guess, g').fill('3');
  await page.getByRole('button', { name: 'That is my guess' }).click();
  await expect(page.getByRole('status').getByText(/^Weighed a few times, it would bring .* instead of/)).toBeVisible();
  await page.getByRole('button', { name: 'Weigh yours' }).click();
  for (const grams of ['3.1', '2.9', '3']) {
    await page.getByLabel('The scale shows').fill(grams);
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(page.getByLabel('The scale shows')).toHaveValue('');
  }
  await page.getByRole('button', { name: 'Close' }).click();
  // It is known now, and need not be guessed.
  await expect(page.getByText(ask)).toHaveCount(0);
  await page.goto('/stores/measures');
  await expect(page.getByText(/^3 g, mostly .* weighed 3 times/)).toBeVisible();
});
