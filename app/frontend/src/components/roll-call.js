import { moment } from '../moment.js';
import { queue } from '../queue.js';

// A roll call: everyone at once, then the exceptions. Without a connection it waits like an entry.
export const rollCall = () => ({
  ready: false,
  init() {
    this.ready = true;
  },
  all() {
    for (const eating of this.$root.querySelectorAll('input[value="eating"]')) {
      eating.checked = true;
    }
  },
  sent(event) {
    if (!navigator.onLine) {
      event.preventDefault();
      event.stopPropagation();
      const form = this.$refs.form;
      const body = new URLSearchParams(new FormData(form));
      // The page may be an old one from the store of this device: the key and the hour are those of now.
      body.set('key', crypto.randomUUID());
      body.set('at', moment(new Date()));
      queue.add({ path: new URL(form.action).pathname, body: body.toString(), words: 'Roll call' });
      form.reset();
      this.$refs.said.textContent = 'Saved on this device; we send it when you are online.';
    }
  },
});
