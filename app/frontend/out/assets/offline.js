// Opens the pages for writing at the tank without a connection. The pages put themselves into the store when they are looked at
// (pelluna.js); with a connection the server always answers. Whoever signs out empties the store.
self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('fetch', (event) => {
  const { request } = event;
  const address = new URL(request.url);
  const kept = address.pathname.startsWith('/assets/') || (request.mode === 'navigate' && address.search === '');
  if (request.method === 'GET' && address.origin === self.location.origin && kept) {
    event.respondWith(
      fetch(request).catch(async (fault) => {
        const answer = await caches.match(address.pathname, { ignoreVary: true });
        if (answer) {
          return answer;
        }
        throw fault;
      }),
    );
  }
});
