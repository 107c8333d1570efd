// Keeps the program itself on the device, so that it opens without a network. What is in notebooks is kept elsewhere (web/offline).
const SHELL = 'ample-margin-shell';

self.addEventListener('install', (event) => {
  event.waitUntil(keep().then(() => self.skipWaiting()));
});
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

/** Every file of the interface as it is built now; those of an earlier one are thrown away. */
async function keep() {
  const cache = await caches.open(SHELL);
  const answer = await fetch('/build/files.json', { cache: 'no-cache' });
  if (!answer.ok) return;
  const files = ['/', ...(await answer.json())];
  const kept = new Set((await cache.keys()).map((one) => new URL(one.url).pathname));
  await Promise.all(files.filter((file) => file === '/' || !kept.has(file)).map(async (file) => {
    const got = await fetch(file, { cache: 'no-cache' });
    if (got.ok) await cache.put(file, got);
  }));
  await Promise.all([...kept].filter((file) => !files.includes(file)).map((file) => cache.delete(file)));
}

self.addEventListener('message', (event) => {
  if (event.data === 'look') event.waitUntil(keep());
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin || url.pathname.startsWith('/api/')) return;
  if (request.mode === 'navigate') {
    // The page as it is now, where the program answers; "pair this device" is an answer too.
    event.respondWith(fetch(request).catch(async () => (await caches.match('/', { cacheName: SHELL })) ?? Response.error()));
  } else if (url.pathname.startsWith('/build/')) {
    event.respondWith(caches.match(url.pathname, { cacheName: SHELL }).then((kept) => kept ?? fetch(request)));
  }
});
