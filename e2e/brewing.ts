import { expect, type Browser, type BrowserContextOptions, type Locator, type Page } from '@playwright/test';
import { newDrink, register, saved, typeSteps } from './cook';

export const TONIC = [
  '100 g dried elderberries',
  '1 L water',
  'simmer 40 min, lid ajar',
  'strain through cloth',
  'cool to 40 °C',
  '400 g honey',
  'store in the fridge',
];

/** What the step on the screen is called. */
export const heading = (page: Page): Locator => page.getByRole('heading', { level: 1 });

/** A tonic of one's own, with what is to be got ready for it on the screen. */
export async function readyToMake(page: Page, steps: readonly string[] = TONIC): Promise<void> {
  await newDrink(page, 'Tonic', 'Harbour elder tonic');
  await typeSteps(page, steps);
  await saved(page);
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByRole('heading', { name: 'Have these ready' })).toBeVisible();
}

/** Plugs the simulated devices in: a new kitchen has none. */
export async function plugDevices(page: Page): Promise<void> {
  for (const device of ['scale', 'probe', 'refractometer'])
    expect((await page.request.put(`/api/devices/${device}`, { data: { plugged: true } })).ok()).toBe(true);
}

/** The same in a new kitchen, at the first step of its making. */
export async function begun(page: Page, steps: readonly string[] = TONIC): Promise<void> {
  await register(page, 'Ines');
  await readyToMake(page, steps);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(heading(page)).toHaveText('100 g dried elderberries');
}

/** Elderberries that are left on the fire too short a time are asked about: here they had what is written. */
export async function asWritten(page: Page): Promise<void> {
  const question = page.getByRole('button', { name: /^As written/ });
  if (await question.isVisible()) await question.click();
}

export async function next(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^(?:Done, next step|Next step)$/ }).click();
  await asWritten(page);
}

/** Does one step after the other until a step is on the screen. */
export async function goTo(page: Page, title: string): Promise<void> {
  while ((await heading(page).textContent()) !== title) {
    const before = await heading(page).textContent();
    await next(page);
    await expect(heading(page)).not.toHaveText(before!);
  }
}

/** Types something that was read off. */
export async function read(page: Page, label: string, value: string): Promise<void> {
  const box = page.getByLabel(label);
  await box.fill(value);
  await box.press('Enter');
}

/** What the probe shows once it has settled, °C. */
export async function probed(page: Page): Promise<number> {
  const shown = page.getByText(/^simulated probe · [\d.]+ °C · settled/);
  await expect(shown).toBeVisible({ timeout: 30_000 });
  return Number(/([\d.]+) °C/.exec((await shown.textContent())!)![1]);
}

/** Takes what a device shows. One that falls silent at that very moment is asked once more, as a person would. */
export async function takeFrom(page: Page, device: 'scale' | 'probe', shown: RegExp): Promise<void> {
  await expect(async () => {
    await page.getByRole('button', { name: `Take it from the ${device}` }).click({ timeout: 10_000 });
    await expect(page.getByRole('list', { name: 'Read here' })).toContainText(shown, { timeout: 3000 });
  }).toPass({ timeout: 60_000 });
}

/** What is said while something waits for a server that does not answer. */
export const noConnection = (page: Page): Locator => page.getByText(/No connection\. .* kept on this device/);

/** Waits until the application itself is on the device: all of it is there once its worker is. */
export async function keptOnDevice(page: Page): Promise<void> {
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
}

/**
 * Waits until what the page has been answered is kept on the device: it is shown before that, and whoever leaves at once
 * leaves it unkept.
 */
export async function seenIsKept(page: Page): Promise<void> {
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('wellhydra-seen');
        opening.onerror = () => reject(opening.error!);
        opening.onsuccess = () => {
          // One after another: this comes to its turn when all that was written before it is there.
          const turn = opening.result.transaction('answers', 'readwrite');
          turn.onabort = () => reject(turn.error!);
          turn.oncomplete = () => {
            opening.result.close();
            resolve();
          };
        };
      }),
  );
}

/** Number and kind of everything the server has of the brew on the screen; nothing while that is still on its way. */
export async function storedEvents(page: Page): Promise<readonly (readonly [number, string])[]> {
  const id = new URL(page.url()).pathname.split('/').at(-1);
  const { events = [] } = await (await page.request.get(`/api/brews/${id}/run`)).json();
  return events.map(({ number, kind }: { number: number; kind: string }) => [number, kind]);
}

/** Another phone, of somebody who is invited into the same kitchen; the first one stays where it was. */
export async function secondPhone(page: Page, browser: Browser, more: BrowserContextOptions = {}): Promise<Page> {
  const address = page.url();
  await page.goto('/kitchen');
  const invitation = (await page
    .getByText(/^[A-Z2-9]{10}$/)
    .first()
    .textContent())!;
  await page.goto(address);
  const context = await browser.newContext({ baseURL: new URL(address).origin, serviceWorkers: 'block', ...more });
  const other = await context.newPage();
  await register(other, 'Tam', invitation);
  return other;
}
