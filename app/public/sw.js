/* Keeps the application itself on the device, so that it opens in a kitchen without a network. Data is never kept here. */
const CACHE = 'wellhydra-shell-1';
const PAGE = '/index.html';
/** Files whose name changes with their content. */
const HASHED = /^\/(?:_expo|assets)\//;
const OTHER_FILES = /^\/(?:fonts\/|fonts\.css$|icons\/|manifest\.webmanifest$|theme\.js$|favicon)/;

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(CACHE)
      .then((cache) => cache.add(new Request('/', { headers: { accept: 'text/html' } })).then(() => cache.match('/')))
      .then(async (page) => {
        const cache = await caches.open(CACHE);
        if (page) await cache.put(PAGE, page);
        await cache.delete('/');
      })
      .then(() => self.skipWaiting()),
  );
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((name) => name !== CACHE).map((name) => caches.delete(name))))
      .then(() => self.clients.claim()),
  );
});

/** The page says what it has loaded before this worker was there. */
self.addEventListener('message', ({ data }) => {
  if (!data || data.kind !== 'loaded') return;
  void caches.open(CACHE).then((cache) =>
    Promise.all(
      data.urls.map(async (url) => {
        if (await cache.match(url)) return;
        await cache.add(url).catch(() => undefined);
      }),
    ),
  );
});

/** A notification that is pressed opens its page: in the tab that is there, or in a new one. */
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  const { href } = event.notification.data;
  event.waitUntil(
    self.clients.matchAll({ type: 'window' }).then(async ([tab]) => {
      if (!tab) return self.clients.openWindow(href);
      tab.postMessage({ kind: 'open', href });
      return tab.focus();
    }),
  );
});

const store = async (request, answer) => {
  if (answer.ok) await (await caches.open(CACHE)).put(request, answer.clone());
  return answer;
};

const hashed = async (request) => (await caches.match(request)) ?? store(request, await fetch(request));

const newestOr = async (request, kept) => {
  try {
    return await store(kept, await fetch(request));
  } catch (error) {
    const answer = await caches.match(kept);
    if (answer) return answer;
    throw error;
  }
};

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin || pathname.startsWith('/api')) return;
  if (request.mode === 'navigate') event.respondWith(newestOr(request, PAGE));
  else if (HASHED.test(pathname)) event.respondWith(hashed(request));
  else if (OTHER_FILES.test(pathname)) event.respondWith(newestOr(request, request));
});
