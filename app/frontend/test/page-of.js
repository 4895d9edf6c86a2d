import { JSDOM } from 'jsdom';

/** A page for a component: its elements, what Alpine would give it, and an answer for each request. */
export function pageOf(html, component) {
  const { window } = new JSDOM(`<main>${html}</main>`, {
    url: 'http://reef.example/tanks/1/page',
    pretendToBeVisual: true,
  });
  for (const name of ['document', 'location', 'history', 'Node', 'FormData', 'HTMLElement']) {
    globalThis[name] = window[name];
  }
  globalThis.CSS = { escape: (text) => text };
  globalThis.matchMedia = () => ({ matches: true });
  const root = window.document.querySelector('main').firstElementChild;
  const refs = Object.fromEntries([...root.querySelectorAll('[x-ref]')].map((one) => [one.getAttribute('x-ref'), one]));
  component.$root = root;
  component.$refs = refs;
  return window;
}

/** Answers requests in turn; what is asked is kept. An entry that is missing is a server that does not answer. */
export function answering(...answers) {
  const asked = [];
  globalThis.fetch = async (path, options = {}) => {
    asked.push({ path: String(path), body: new URLSearchParams(options.body ?? '') });
    const next = answers.shift();
    if (next === undefined) {
      throw new TypeError('no connection');
    }
    return { ok: (next.status ?? 200) < 300, status: next.status ?? 200, text: async () => next.text ?? '' };
  };
  return asked;
}

/** Lets everything that waits for an answer go on. */
export const settled = async () => {
  for (let turn = 0; turn < 20; turn++) {
    await Promise.resolve();
  }
};
