// What is written at the tank and cannot be sent yet. Each thing carries its own key, so that the server keeps it once however
// often it is sent; what the server refuses stays, with its reason, until it is thrown away.
export const queue = {
  // Two keepers at one device have each their own.
  name: `pelluna-queue ${document.documentElement.dataset.keeper ?? ''}`,
  sending: false,
  waits: 'waits for the connection',
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
        const body = new URLSearchParams(item.body);
        body.set('_csrf', document.querySelector('input[name="_csrf"]').value);
        body.set('queued', 'true');
        const answer = await fetch(item.path, { method: 'POST', body });
        const text = await answer.text();
        // A session that has ended shows as a way to the sign-in page, or as a token that is good no more.
        const ended = answer.redirected || answer.status === 403;
        this.waits = ended ? 'waits until you sign in again' : 'waits for the connection';
        if (answer.ok && text === 'kept') {
          this.put(this.all().filter((one) => one.body !== item.body));
        } else if (answer.status >= 400 && answer.status < 500 && answer.status !== 403) {
          this.put(this.all().map((one) => (one.body === item.body ? { ...one, refused: `not taken (${answer.status})` } : one)));
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
  show(list) {
    const items = this.all();
    const shown = JSON.stringify([items, this.waits]);
    if (list.dataset.shown === shown) {
      return;
    }
    list.dataset.shown = shown;
    list.replaceChildren(
      ...items.map((item) => {
        const line = document.createElement('li');
        line.textContent = `${item.words}: ${item.refused ?? this.waits} `;
        if (item.refused) {
          const button = document.createElement('button');
          button.type = 'button';
          button.className = 'link-button';
          button.textContent = 'Throw away';
          button.addEventListener('click', () => this.put(this.all().filter((one) => one.body !== item.body)));
          line.append(button);
        }
        return line;
      }),
    );
  },
};
