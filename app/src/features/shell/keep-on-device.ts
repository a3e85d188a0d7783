import { Workbox } from 'workbox-window';

/** A page that stays open asks this often whether there is a newer build, ms. */
const LOOK_EVERY_ms = 3_600_000;

/**
 * Keeps the application itself on this device, so that it opens without a network. A newer build waits until it is
 * taken; then every page of it begins anew, so that files of two builds never meet.
 *
 * @param offer is called with what takes a newer build
 */
export function keepOnDevice(offer: (take: () => void) => void): void {
  if (!('serviceWorker' in navigator)) return;
  const worker = new Workbox('/sw.js');
  worker.addEventListener('waiting', () => offer(() => worker.messageSkipWaiting()));
  worker.addEventListener('controlling', ({ isUpdate }) => {
    if (isUpdate) location.reload();
  });
  setInterval(() => void worker.update().catch(() => undefined), LOOK_EVERY_ms);
  // Where storage is closed there is none: the application works as before, with a network.
  void worker.register({ immediate: true }).catch(() => undefined);
}
