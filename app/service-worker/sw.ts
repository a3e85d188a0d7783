import { clientsClaim } from 'workbox-core';
import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  precacheAndRoute,
  type PrecacheEntry,
} from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

/**
 * Keeps the application itself on the device, whole: every file of one build, or none. A page is served by the build it
 * began with, with or without a network; a newer build waits beside it until somebody takes it or the last page is
 * closed, so that files of two builds never meet. What a kitchen holds is never kept here.
 */

declare const self: ServiceWorkerGlobalScope & {
  /** Every file of the build and its content as a hash: written in by scripts/lib/service-worker.mjs. */
  readonly __BUILD_FILES: readonly PrecacheEntry[];
};

precacheAndRoute([...self.__BUILD_FILES]);
cleanupOutdatedCaches();
clientsClaim();

// Every address is the one page, but for those of the server.
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api(?:\/|$)/] }));

/** What the worker before this one kept. */
const OLD_CACHE = 'wellhydra-shell-1';
self.addEventListener('activate', (event) => event.waitUntil(caches.delete(OLD_CACHE)));

self.addEventListener('message', ({ data }: ExtendableMessageEvent) => {
  if ((data as { type?: string } | null)?.type === 'SKIP_WAITING') void self.skipWaiting();
});

/** A notification that is pressed opens its page: in the tab that is there, or in a new one. */
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  const { href } = event.notification.data as { href: string };
  event.waitUntil(
    self.clients.matchAll({ type: 'window' }).then(async ([tab]) => {
      if (!tab) return self.clients.openWindow(href);
      tab.postMessage({ kind: 'open', href });
      return tab.focus();
    }),
  );
});
