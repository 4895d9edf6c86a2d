// The pages for writing at the tank open without a connection too: each puts itself and what it needs into a store on this device.
// Leaving, and being asked to sign in again, empties it, so that nobody else finds a tank there.
const store = 'pelluna-offline';

if ('serviceWorker' in navigator) {
  if (document.querySelector('[data-opens-offline]')) {
    const parts = [...document.querySelectorAll('link[rel="stylesheet"], script[src]')].map((one) => one.href ?? one.src);
    navigator.serviceWorker
      .register('/assets/offline.js', { scope: '/' })
      .then(() => caches.open(store))
      .then((kept) => kept.addAll([location.pathname, ...new Set(parts)]))
      .then(() => document.documentElement.setAttribute('data-kept', 'yes'))
      .catch(() => {
        // Not to be had here: without a connection the open page still keeps what is written.
      });
  }
  document.querySelector('form[action$="/sign-out"]')?.addEventListener('submit', () => caches.delete(store));
  if (document.querySelector('form[action$="/sign-in"]')) {
    caches.delete(store);
  }
}
