import { launchOptions } from '../chromium';
import { begun, goTo, heading, keptOnDevice } from '../brewing';
import { expect, test } from '../cook';
import type { Page } from '@playwright/test';

/** Listens at the loudspeaker: the greatest sample of anything a page has played. */
const listen = (page: Page) =>
  page.addInitScript(() => {
    const heard = { peak: 0 };
    Object.assign(window, { heard });
    const { connect } = AudioNode.prototype as unknown as { connect: (to: AudioNode) => AudioNode };
    AudioNode.prototype.connect = function (this: AudioNode, to: AudioNode) {
      if (to instanceof AudioDestinationNode) {
        const ear = this.context.createAnalyser();
        connect.call(this, ear);
        const samples = new Float32Array(ear.fftSize);
        const timer = setInterval(() => {
          ear.getFloatTimeDomainData(samples);
          heard.peak = Math.max(heard.peak, ...samples);
          if (this.context.state === 'closed') clearInterval(timer);
        }, 20);
      }
      return connect.call(this, to);
    } as typeof AudioNode.prototype.connect;
  });
const peak = (page: Page): Promise<number> =>
  page.evaluate(() => (window as unknown as { heard: { peak: number } }).heard.peak);

/** In the worker: what a press on the notification does. The pages' types know no worker's scope. */
const pressNotification = `(async () => {
  const [notification] = await self.registration.getNotifications();
  self.dispatchEvent(new NotificationEvent('notificationclick', { notification }));
})()`;

// The quick Chromium shows no notifications.
test.use({ launchOptions: launchOptions('whole') });

test.describe('with a worker', () => {
  test.use({ serviceWorkers: 'allow', permissions: ['notifications'] });

  test('a timer that is over is heard, and notified whatever page is open; the notification opens its step', async ({
    page,
    context,
  }) => {
    await listen(page);
    await page.clock.install();
    await begun(page);
    await keptOnDevice(page);
    await goTo(page, 'Simmer 40 min');
    await page.getByRole('button', { name: 'Start timer' }).click();
    const address = new URL(page.url()).pathname;
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('button', { name: 'Leave it running' }).click();
    await page.clock.fastForward('39:00');
    expect(await peak(page)).toBe(0);
    await page.clock.fastForward('02:00');
    await expect(page).toHaveTitle('Time is up: Simmer 40 min');
    await expect.poll(async () => (await page.clock.runFor(100), await peak(page))).toBeGreaterThan(0.1);
    const notified = () =>
      page.evaluate(async () =>
        (await (await navigator.serviceWorker.ready).getNotifications()).map(({ title, body, data }) => [
          title,
          body,
          data.href,
        ]),
      );
    await expect.poll(notified).toEqual([['Time is up: Simmer 40 min', 'Harbour elder tonic', address]]);
    const [worker] = context.serviceWorkers();
    await worker!.evaluate(pressNotification);
    await expect(heading(page)).toHaveText('Simmer 40 min');
    await expect(page.getByText('Time is up')).toBeVisible();
  });
});
