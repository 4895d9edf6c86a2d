import { moment } from '../moment.js';
import { photos } from '../photos.js';
import { queue } from '../queue.js';

// A sign seen where there is no connection waits on this device, with its photograph, and is sent once.
export const signEntry = () => ({
  init() {
    this.show();
    setInterval(() => this.show(), 1000);
  },
  async sent(event) {
    if (navigator.onLine) {
      return;
    }
    event.preventDefault();
    event.stopPropagation();
    const form = event.target;
    const fields = new FormData(form);
    const photo = fields.get('photo');
    fields.delete('photo');
    const key = crypto.randomUUID();
    const body = new URLSearchParams(fields);
    body.set('key', key);
    body.set('at', body.get('at') || moment(new Date()));
    const has = photo instanceof File && photo.size > 0;
    const wrong = has ? await photos.put(key, photo) : '';
    if (wrong) {
      this.$refs.said.textContent = `Not saved: ${wrong}.`;
      return;
    }
    const chosen = (name) =>
      form.querySelector(`input[name="${name}"]:checked`)?.closest('.chip').textContent.trim() ?? '';
    queue.add({
      path: new URL(form.action).pathname,
      body: body.toString(),
      words: `${chosen('fish')}, ${chosen('sign')}${has ? ', with a photograph' : ''}`,
      ...(has ? { photo: key } : {}),
    });
    form.reset();
    this.$refs.said.textContent = 'Saved on this device; we send it when you are online.';
    this.show();
  },
  show() {
    queue.show(this.$refs.queue);
  },
});
