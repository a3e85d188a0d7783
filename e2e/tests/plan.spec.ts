import { expect, register, newDrink, typeSteps, saved, test } from '../cook';
import { agreedPlan } from '../planning';

test('two drinks are planned, one is moved and let go, and the plan becomes a calendar and a shopping list', async ({
  page,
}) => {
  await register(page, 'Ines');
  for (const [name, lines] of [
    ['Root tea', ['60 g fresh ginger, sliced', '1 L water', 'simmer 30 min', 'strain through mesh']],
    [
      'Harbour tonic',
      ['100 g dried elderberries', '1 L water', 'simmer 40 min', 'strain through cloth', '300 g honey'],
    ],
  ] as const) {
    await page.goto('/drinks');
    await newDrink(page, 'Tonic', name);
    await typeSteps(page, lines);
    await saved(page);
  }
  await page.goto('/today');
  await page.getByRole('button', { name: 'Plan', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Plan' })).toBeVisible();
  for (const name of ['Root tea', 'Harbour tonic']) {
    await page.getByRole('button', { name: 'Add a drink' }).click();
    await page.getByRole('button', { name: `Plan ${name}` }).click();
  }
  const planned = page.getByRole('list', { name: 'Planned drinks' });
  await expect(planned.getByRole('listitem')).toHaveCount(2);
  // One cook: one of the two is ready before the other.
  await expect(planned).toContainText('ready just in time');
  await expect(planned).toContainText(/ready \d+ min before/);
  const bar = page.getByRole('slider', { name: /^Root tea/ });
  const before = await bar.getAttribute('aria-valuetext');
  await bar.focus();
  await bar.press('ArrowLeft');
  await expect(bar).not.toHaveAttribute('aria-valuetext', before!);
  await expect(page.getByRole('button', { name: 'Let go Root tea' })).toBeVisible();
  // Put on top of the other one, it says what breaks.
  await page.getByRole('button', { name: 'Pin Harbour tonic' }).click();
  await expect(page.getByRole('button', { name: 'Let go Harbour tonic' })).toBeVisible();
  const other = await page.getByRole('slider', { name: /^Harbour tonic/ }).boundingBox();
  const mine = await bar.boundingBox();
  await page.mouse.move(mine!.x + 4, mine!.y + 10);
  await page.mouse.down();
  await page.mouse.move(other!.x + 4, mine!.y + 10, { steps: 5 });
  await page.mouse.up();
  await expect(planned).toContainText('As it is pinned, hands are needed for Harbour tonic then');
  await expect(planned).toContainText('As it is pinned, hands are needed for Root tea then');
  await page.getByRole('radio', { name: '2', exact: true }).click();
  await expect(planned).not.toContainText('hands are needed');
  await page.getByRole('radio', { name: '1', exact: true }).click();
  await expect(planned).toContainText('hands are needed for Harbour tonic then');
  await page.getByRole('button', { name: 'Let go Root tea' }).click();
  await expect(planned).not.toContainText('As it is pinned');
  await expect(page.getByRole('button', { name: 'Pin Root tea' })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Hands needed' }).getByRole('listitem').first()).toBeVisible();
  const shopping = page.getByRole('list', { name: 'To have in the house' });
  await expect(shopping).toContainText('300 g honey');
  await expect(shopping).not.toContainText('1 L water');
  // Nothing is in the stores: all of it is to be bought, once.
  const toBuy = page.getByRole('button', { name: 'Put what is missing on the list' });
  await toBuy.click();
  await expect(page.getByText(/^\d+ to buy, on the list in Stores$/)).toBeVisible();
  await toBuy.click();
  await expect(page.getByText('Everything is there, or on the list')).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar file' }).click();
  const file = await (await download).createReadStream();
  const text = (await file.toArray()).join('');
  expect(text).toContain('BEGIN:VCALENDAR');
  expect(text.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThanOrEqual(4);
  await page.reload();
  await expect(planned.getByRole('listitem')).toHaveCount(2);
});

test('on a wide screen cooks, burners and pots are lanes under the drinks, on the same scale', async ({ page }) => {
  await agreedPlan(page);
  const lanes = page.getByRole('list', { name: 'Cooks, burners and pots' });
  if (test.info().project.name === 'phone') {
    await expect(lanes).toHaveCount(0);
    return;
  }
  await expect(lanes.getByRole('listitem').filter({ hasText: /^Cook: .*Slipway root tea/ })).toHaveCount(1);
  await expect(lanes).toContainText(/Burner 1: .*Slipway root tea/);
  await expect(lanes).toContainText(/pan: .*Slipway root tea/);
  await page.getByRole('radio', { name: '2', exact: true }).click();
  await expect(lanes).toContainText(/Cook 2: /);
});

test('a beginning that was missed is told, and the rest is planned anew', async ({ page }) => {
  await agreedPlan(page);
  await page.clock.fastForward('47:00:00');
  await expect(page.getByText(/It was to be begun .* ago; planned anew/)).toBeVisible();
  // Today says what planning anew would do, and it is agreed on there.
  await page.goto('/today');
  await expect(page.getByText(/^was to be begun/)).toBeVisible();
  const anew = page.getByRole('list', { name: 'Planned anew' });
  await expect(anew).toContainText(/Slipway root tea: begin .*, ready .* late/);
  await page.getByRole('button', { name: 'Agree on this' }).click();
  await expect(anew).toHaveCount(0);
  await expect(page.getByRole('list', { name: 'To be begun' })).toContainText(/begin (?:now|in)/);
});

test('a preparation that stands on no shelf is planned before its drink, and pinned it is wanted by itself', async ({
  page,
}) => {
  await register(page, 'Ines');
  await newDrink(page, 'Tonic', 'Harbour tonic');
  await typeSteps(page, ['100 g dried elderberries', '1 L water', 'simmer 40 min', 'strain through cloth']);
  await saved(page);
  await page.goto('/drinks');
  await newDrink(page, 'Tonic', 'Cooler');
  await typeSteps(page, ['use 200 mL Harbour tonic', '600 mL water']);
  await saved(page);
  await page.goto('/plan');
  await page.getByRole('button', { name: 'Add a drink' }).click();
  await page.getByRole('button', { name: 'Plan Cooler' }).click();
  const planned = page.getByRole('list', { name: 'Planned drinks' }).getByRole('listitem');
  await expect(planned).toHaveCount(2);
  await expect(planned.first()).toContainText('Harbour tonic');
  await expect(planned.first()).toContainText('goes into Cooler; none stands on the shelf');
  await expect(planned.first()).toContainText(/in the saucepan/);
  await expect(page.getByRole('list', { name: 'To have in the house' })).toContainText('100 g elderberries');
  await page.getByRole('button', { name: 'Pin Harbour tonic' }).click();
  await expect(page.getByRole('button', { name: 'Let go Harbour tonic' })).toBeVisible();
  await expect(planned).toHaveCount(2);
  await expect(page.getByText('goes into Cooler; none stands on the shelf')).toHaveCount(0);
  await page.getByRole('button', { name: 'Remove Cooler' }).click();
  await expect(planned).toHaveCount(1);
});
