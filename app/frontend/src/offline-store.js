// The pages for writing at the tank open without a connection too: each puts itself and what it needs into a store on this device.
// Leaving, and being asked to sign in again, empties it, so that nobody else finds a tank there.
const store = 'pelluna-offline';

/** Resolves once a worker answers for this page; before that, a page opened without a connection is the browser's own error. */
async function controlled() {
  await navigator.serviceWorker.ready;
  if (!navigator.serviceWorker.controller) {
    await new Promise((resolve) =>
      navigator.serviceWorker.addEventListener('controllerchange', resolve, { once: true }),
    );
  }
}

/** Stores this page with its scripts and styles, and says so on it only when each of them is there. */
async function keep() {
  const parts = [...document.querySelectorAll('link[rel="stylesheet"], script[src]')].map((one) => one.href || one.src);
  const addresses = [...new Set([new URL(location.pathname, location.href).href, ...parts])];
  await navigator.serviceWorker.register('/assets/offline.js', { scope: '/' });
  await controlled();
  const kept = await caches.open(store);
  await kept.addAll(addresses);
  const stored = await Promise.all(addresses.map((one) => kept.match(one, { ignoreVary: true })));
  if (stored.every((answer) => answer?.ok && !answer.redirected)) {
    document.documentElement.setAttribute('data-kept', 'yes');
  }
}

if ('serviceWorker' in navigator) {
  if (document.querySelector('[data-opens-offline]')) {
    keep().catch(() => {
      // Not available here: without a connection the open page still keeps what is written.
    });
  }
  document.querySelector('form[action$="/sign-out"]')?.addEventListener('submit', () => caches.delete(store));
  if (document.querySelector('form[action$="/sign-in"]')) {
    caches.delete(store);
  }
}
