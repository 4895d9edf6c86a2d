import { moment } from '../moment.js';
import { queue } from '../queue.js';

// The log form asks only for what the kind of entry needs. Two fish and how hard: the third touch keeps the entry. What cannot be
// sent waits, and is sent once when the connection is back.
export const logEntry = () => ({
  kind: 'CHASE',
  ready: false,
  init() {
    this.kind = this.$root.dataset.kind;
    this.ready = true;
    this.show();
    setInterval(() => this.show(), 1000);
  },
  get hasAggressor() {
    return ['DISPLAY', 'CHASE', 'NIP', 'PINNED'].includes(this.kind);
  },
  get mayHaveAggressor() {
    return this.hasAggressor || this.kind === 'INJURY';
  },
  get isNote() {
    return this.kind === 'NOTE';
  },
  checked(name) {
    return this.$refs.form.querySelector(`input[name="${name}"]:checked`);
  },
  words(name) {
    return this.checked(name)?.closest('.chip').textContent.trim() ?? '';
  },
  // A touch keeps it at once; keys walk through the choices, and Enter keeps it.
  hard() {
    if (this.hasAggressor && this.checked('aggressor') && this.checked('fish')) {
      setTimeout(() => this.checked('hardness') && this.keep(), 60);
    }
  },
  sent(event) {
    if (!navigator.onLine) {
      event.preventDefault();
      event.stopPropagation();
      this.keep();
    }
  },
  keep() {
    const form = this.$refs.form;
    const body = new URLSearchParams(new FormData(form));
    body.set('key', crypto.randomUUID());
    body.set('at', moment(new Date()));
    const [by, to] = [this.words('aggressor'), this.words('fish')];
    const words = [this.words('kind'), by && to ? `${by} on ${to}` : to, this.words('hardness')]
      .filter(Boolean)
      .join(', ');
    queue.add({ path: new URL(form.action).pathname, body: body.toString(), words });
    for (const name of ['fish', 'aggressor', 'hardness']) {
      const input = this.checked(name);
      if (input) {
        input.checked = false;
      }
    }
    const watch = this.watched();
    if (watch) {
      watch.tally += 1;
      localStorage.setItem(this.watchKey(), JSON.stringify(watch));
    }
    this.$refs.said.textContent = `Saved: ${words}`;
    this.show();
  },
  // A line said without a connection waits as it is; the server reads it, and tells what it understood.
  said(event) {
    const form = event.target;
    const line = form.elements.line.value.trim();
    if (navigator.onLine || line === '') {
      return;
    }
    event.preventDefault();
    event.stopPropagation();
    const path = new URL(form.action).pathname;
    const said = moment(new Date());
    const body = new URLSearchParams({ key: crypto.randomUUID(), line, said });
    queue.add({
      path,
      body: body.toString(),
      words: `“${line}”`,
      again: `${path}?${new URLSearchParams({ line, said })}`,
    });
    form.reset();
    this.$refs.said.textContent = 'Saved; we read it when you are online.';
    this.show();
  },
  watchKey() {
    return `pelluna-watch ${this.$root.dataset.watches}`;
  },
  watched() {
    return JSON.parse(localStorage.getItem(this.watchKey()) ?? 'null');
  },
  watch() {
    const begun = this.watched();
    if (!begun) {
      localStorage.setItem(
        this.watchKey(),
        JSON.stringify({ start: moment(new Date()), from: Date.now(), tally: 0, reason: this.$refs.reason.value }),
      );
    } else {
      const minutes = Math.max(1, Math.round((Date.now() - begun.from) / 60000));
      const body = new URLSearchParams({
        key: crypto.randomUUID(),
        start: begun.start,
        minutes: String(Math.min(1440, minutes)),
        reason: begun.reason ?? 'PLANNED',
      });
      queue.add({
        path: this.$root.dataset.watches,
        body: body.toString(),
        words: `Watched ${minutes} min, ${begun.tally} seen`,
      });
      localStorage.removeItem(this.watchKey());
      this.$refs.said.textContent = `Watched ${minutes} min, ${begun.tally} attacks.`;
    }
    this.show();
  },
  show() {
    const begun = this.watched();
    const seconds = begun ? Math.floor((Date.now() - begun.from) / 1000) : 0;
    const clock = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
    this.$refs.reason.disabled = Boolean(begun);
    this.$refs.watching.textContent = begun ? `Stop the watch, ${clock}, ${begun.tally} seen` : 'Start a watch';
    queue.show(this.$refs.queue);
  },
});
