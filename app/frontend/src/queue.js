import { photos } from './photos.js';

// What is written at the tank and cannot be sent yet. Each thing carries its own key, so that the server keeps it once however
// often it is sent; what the server refuses stays, with its reason, until it is thrown away.
const MOST_TOLD = 12;

const line = (words, ways) => {
  const item = document.createElement('li');
  item.append(words, ...ways);
  return item;
};
const press = (words, doing) => {
  const button = document.createElement('button');
  button.type = 'button';
  button.className = 'link-button mr-4';
  button.textContent = words;
  button.addEventListener('click', doing);
  return button;
};
const link = (words, address) => {
  const way = document.createElement('a');
  way.href = address;
  way.className = 'mr-4';
  way.textContent = words;
  return way;
};

export const queue = {
  // Two keepers at one device have each their own.
  name: `pelluna-queue ${document.documentElement.dataset.keeper ?? ''}`,
  told: `pelluna-told ${document.documentElement.dataset.keeper ?? ''}`,
  sending: false,
  waits: 'waits until you are online',
  all() {
    return JSON.parse(localStorage.getItem(this.name) ?? '[]');
  },
  put(items) {
    localStorage.setItem(this.name, JSON.stringify(items));
  },
  add(item) {
    this.put([...this.all(), item]);
    this.send();
  },
  async send() {
    if (this.sending) {
      return;
    }
    this.sending = true;
    try {
      for (const item of this.all()) {
        if (item.refused) {
          continue;
        }
        const answer = await fetch(item.path, { method: 'POST', body: await this.form(item) });
        const text = await answer.text();
        // A session that has ended shows as a way to the sign-in page, or as a token that is good no more.
        const ended = answer.redirected || answer.status === 403;
        this.waits = ended ? 'waits until you sign in again' : 'waits until you are online';
        if (answer.ok && /^kept(\n|$)/.test(text)) {
          this.put(this.all().filter((one) => one.body !== item.body));
          this.tell(item, text.split('\n'));
          if (item.photo) {
            await photos.del(item.photo);
          }
        } else if (answer.status >= 400 && answer.status < 500 && answer.status !== 403) {
          const said = answer.headers?.get('Content-Type')?.startsWith('text/plain')
            ? text
            : `not saved (${answer.status})`;
          this.put(this.all().map((one) => (one.body === item.body ? { ...one, refused: said } : one)));
        } else {
          break;
        }
      }
    } catch {
      // No connection: it is tried again when there is one. The browser may say so a moment before a request gets through.
      if (globalThis.navigator?.onLine) {
        setTimeout(() => this.send(), 1000);
      }
    }
    this.sending = false;
  },
  /** What is sent: its fields, the token of this page, and its photograph if it has one. */
  async form(item) {
    const fields = new URLSearchParams(item.body);
    fields.set('_csrf', document.querySelector('input[name="_csrf"]').value);
    fields.set('queued', 'true');
    const photo = item.photo && (await photos.get(item.photo));
    if (!photo) {
      return fields;
    }
    const form = new FormData();
    fields.forEach((value, name) => form.append(name, value));
    form.append('photo', photo, 'photo');
    return form;
  },
  /** What the server understood of a line that was said without a connection, and how it is taken back. */
  tell(item, [, understood, undo]) {
    if (understood) {
      this.putTold([...this.allTold(), { words: `${item.words}: ${understood}`, undo }].slice(-MOST_TOLD));
    }
  },
  allTold() {
    return JSON.parse(localStorage.getItem(this.told) ?? '[]');
  },
  putTold(items) {
    localStorage.setItem(this.told, JSON.stringify(items));
  },
  async takeBack(one) {
    const body = new URLSearchParams({ _csrf: document.querySelector('input[name="_csrf"]').value });
    const answer = await fetch(one.undo, { method: 'POST', body });
    if (answer.ok) {
      this.putTold(this.allTold().filter((other) => other.undo !== one.undo));
    }
  },
  async throwAway(item) {
    this.put(this.all().filter((one) => one.body !== item.body));
    if (item.photo) {
      await photos.del(item.photo);
    }
  },
  show(list) {
    const items = this.all();
    const told = this.allTold();
    const shown = JSON.stringify([items, told, this.waits]);
    if (list.dataset.shown === shown) {
      return;
    }
    list.dataset.shown = shown;
    list.replaceChildren(
      ...items.map((item) =>
        item.refused
          ? line(`${item.words}: ${item.refused} `, [
              ...(item.again ? [link('Edit', item.again)] : []),
              press('Delete', () => this.throwAway(item)),
            ])
          : line(`${item.words}: ${this.waits}`, []),
      ),
      ...told.map((one) =>
        line(`Saved as: ${one.words} `, [
          press('Undo', () => this.takeBack(one)),
          press('Confirm', () => this.putTold(this.allTold().filter((other) => other.undo !== one.undo))),
        ]),
      ),
    );
  },
};
