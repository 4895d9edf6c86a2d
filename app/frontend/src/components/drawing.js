// Drawing the reef. The form beside the drawing holds everything; dragging and keys change its fields and send it, and the
// server draws anew. What was there before is kept to be taken back.
export const drawing = () => ({
  ready: false,
  chosen: null,
  view: 'front',
  init() {
    this.past = [];
    this.future = [];
    this.ready = true;
    const canvas = this.$refs.canvas;
    canvas.addEventListener('pointerdown', (event) => this.grasp(event));
    canvas.addEventListener('pointermove', (event) => this.drag(event));
    canvas.addEventListener('pointerup', () => this.letGo());
    canvas.addEventListener('pointercancel', () => this.letGo());
    canvas.addEventListener('change', (event) => {
      if (event.target.matches('.item-row input')) {
        this.send();
      }
    });
    canvas.addEventListener('submit', (event) => {
      event.preventDefault();
      event.stopPropagation();
      const button = event.submitter;
      this.send(button?.name ? { [button.name]: button.value } : {});
    });
    canvas.addEventListener('toggle', (event) => this.opened(event.target), true);
    document.addEventListener('keydown', (event) => this.key(event));
    this.dress();
  },
  svg() {
    return this.$refs.canvas.querySelector('.drawing-board svg');
  },
  row(id) {
    return this.$refs.canvas.querySelector(`[data-row="${CSS.escape(id)}"]`);
  },
  part(id, name) {
    return this.row(id)?.querySelector(`[data-part="${name}"]`);
  },
  cm(id, name) {
    const field = this.part(id, name);
    return field ? Number(field.value) * this.perUnit() : 0;
  },
  perUnit() {
    return Number(this.$refs.canvas.firstElementChild.dataset.perUnit);
  },
  set(id, name, cm) {
    const field = this.part(id, name);
    if (field) {
      field.value = Math.round((cm / this.perUnit()) * 100) / 100;
    }
  },
  // After every drawing: what can be taken hold of is made known to keys and readers.
  dress() {
    for (const item of this.svg().querySelectorAll('[data-item]')) {
      const row = this.row(item.dataset.item);
      if (row) {
        item.setAttribute('tabindex', '0');
        item.setAttribute('role', 'button');
        item.setAttribute('aria-label', row.querySelector('summary').textContent.trim());
        item.addEventListener('focus', () => this.choose(item.dataset.item, this.viewOf(item)));
      }
    }
    this.serialised = this.text();
    this.$refs.undo.disabled = this.past.length === 0;
    this.$refs.redo.disabled = this.future.length === 0;
    this.handles();
  },
  viewOf(element) {
    return element.closest('.view-top') ? 'top' : 'front';
  },
  choose(id, view) {
    this.view = view ?? this.view;
    this.chosen = id;
    this.handles();
  },
  opened(row) {
    if (row.open && row.dataset.row) {
      this.choose(row.dataset.row);
    }
  },
  // Small squares on the chosen thing, one for each measure it has.
  handles() {
    const svg = this.svg();
    svg.querySelectorAll('.handles').forEach((one) => one.remove());
    for (const item of svg.querySelectorAll('[data-item]')) {
      item.classList.toggle('chosen-item', item.dataset.item === this.chosen);
    }
    if (!this.chosen || !this.row(this.chosen) || !this.part(this.chosen, 'width')) {
      return;
    }
    const id = this.chosen;
    const high = Number(svg.dataset.high);
    const topAt = Number(svg.dataset.topAt);
    const sand = Number(svg.dataset.sand);
    const kind = this.row(id).dataset.kind;
    const rock = ['MOUND', 'PILLAR', 'SHELF'].includes(kind);
    const x = this.cm(id, 'x');
    const half = this.cm(id, 'width') / 2;
    const base = rock ? sand + this.cm(id, 'z') : this.cm(id, 'z');
    const spots = [];
    if (kind !== 'GAP' && kind !== 'BOX') {
      spots.push(['width', x + half, high - base, 'front']);
    }
    if (rock) {
      spots.push(['height', x, high - base - this.cm(id, 'height'), 'front']);
    }
    spots.push(['width', x + half, topAt + this.cm(id, 'y'), 'top']);
    if (this.part(id, 'depth')) {
      spots.push(['depth', x, topAt + this.cm(id, 'y') + this.cm(id, 'depth') / 2, 'top']);
    }
    const groups = {};
    for (const view of ['front', 'top']) {
      groups[view] = document.createElementNS(svg.namespaceURI, 'g');
      groups[view].setAttribute('class', 'handles');
      svg.querySelector(`.view-${view}`).append(groups[view]);
    }
    const size = svg.viewBox.baseVal.width / 60;
    for (const [name, cx, cy, view] of spots) {
      const square = document.createElementNS(svg.namespaceURI, 'rect');
      square.setAttribute('x', cx - size / 2);
      square.setAttribute('y', cy - size / 2);
      square.setAttribute('width', size);
      square.setAttribute('height', size);
      square.setAttribute('class', 'handle');
      square.dataset.part = name;
      square.dataset.view = view;
      groups[view].append(square);
    }
  },
  point(event) {
    const svg = this.svg();
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
  },
  grasp(event) {
    const handle = event.target.closest('.handle');
    const item = event.target.closest('.drawing-board [data-item]');
    if (event.button !== 0 || (!handle && !item)) {
      return;
    }
    event.preventDefault();
    if (item) {
      this.choose(item.dataset.item, this.viewOf(item));
      item.focus({ preventScroll: true });
    }
    const id = this.chosen;
    this.hold = {
      from: this.point(event),
      part: handle?.dataset.part,
      view: handle ? handle.dataset.view : this.view,
      at: Object.fromEntries(['x', 'y', 'z', 'width', 'depth', 'height'].map((name) => [name, this.cm(id, name)])),
      moved: false,
    };
    this.$refs.canvas.setPointerCapture(event.pointerId);
  },
  drag(event) {
    if (!this.hold) {
      return;
    }
    const now = this.point(event);
    const dx = now.x - this.hold.from.x;
    const dy = now.y - this.hold.from.y;
    this.hold.moved = this.hold.moved || Math.hypot(dx, dy) > 0.4;
    this.change(dx, dy, this.hold);
  },
  change(dx, dy, hold) {
    const id = this.chosen;
    const { at, part, view } = hold;
    if (part === 'width') {
      this.set(id, 'width', Math.max(1, at.width + 2 * dx));
    } else if (part === 'depth') {
      this.set(id, 'depth', Math.max(1, at.depth + 2 * dy));
    } else if (part === 'height') {
      this.set(id, 'height', Math.max(1, at.height - dy));
    } else {
      this.set(id, 'x', at.x + dx);
      if (view === 'top') {
        this.set(id, 'y', at.y + dy);
      } else if (this.part(id, 'z')) {
        this.set(id, 'z', Math.max(0, at.z - dy));
      }
      for (const item of this.svg().querySelectorAll(`[data-item="${CSS.escape(id)}"]`)) {
        const own = this.viewOf(item) === view;
        const upright = view === 'front' && !this.part(id, 'z');
        item.setAttribute('transform', `translate(${dx} ${own && !upright ? dy : 0})`);
      }
    }
    this.handles();
  },
  letGo() {
    const moved = this.hold?.moved;
    this.hold = null;
    if (moved) {
      this.send();
    }
  },
  key(event) {
    const control = event.ctrlKey || event.metaKey;
    if (control && !event.target.matches('input') && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      event.shiftKey ? this.redo() : this.undo();
      return;
    }
    if (control && !event.target.matches('input') && event.key.toLowerCase() === 'y') {
      event.preventDefault();
      this.redo();
      return;
    }
    const item = event.target.closest?.('.drawing-board [data-item]');
    if (!item) {
      return;
    }
    this.choose(item.dataset.item, this.viewOf(item));
    if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      this.send({ remove: this.chosen });
      return;
    }
    if (event.key === 'Enter') {
      event.preventDefault();
      const row = this.row(this.chosen);
      row.open = true;
      row.querySelector('input[maxlength]').focus();
      return;
    }
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (way) {
      event.preventDefault();
      const id = this.chosen;
      const unit = this.perUnit();
      const at = Object.fromEntries(
        ['x', 'y', 'z', 'width', 'depth', 'height'].map((name) => [name, this.cm(id, name)]),
      );
      const part = !event.shiftKey ? null : way[0] !== 0 ? 'width' : this.view === 'top' ? 'depth' : 'height';
      const half = part === 'width' || part === 'depth' ? 0.5 : 1;
      this.change(way[0] * unit * half, way[1] * unit * half, { at, part, view: this.view });
      clearTimeout(this.soon);
      this.soon = setTimeout(() => this.send(), 250);
    }
  },
  form() {
    return this.$refs.canvas.querySelector('form');
  },
  text() {
    return new URLSearchParams(new FormData(this.form())).toString();
  },
  // Changes are sent one after the other: each answer brings the version that the next one builds on.
  inTurn(work) {
    this.turn = (this.turn ?? Promise.resolve()).then(work);
  },
  undo() {
    this.inTurn(() => this.back(this.past, this.future));
  },
  redo() {
    this.inTurn(() => this.back(this.future, this.past));
  },
  async back(from, to) {
    if (from.length > 0) {
      to.push(this.serialised);
      await this.sendText(from.pop(), { back: 'true' });
    }
  },
  send(more = {}) {
    clearTimeout(this.soon);
    const text = this.text();
    this.inTurn(() => this.sendText(text, more, this.serialised));
  },
  async sendText(text, more, before) {
    const body = new URLSearchParams(text);
    body.set('version', this.form().elements.version.value);
    body.set('_csrf', this.form().elements._csrf.value);
    for (const [name, value] of Object.entries(more)) {
      body.set(name, value);
    }
    body.set('part', 'true');
    const open = this.$refs.canvas.querySelector('.item-row[open]')?.dataset.row;
    const focus = document.activeElement?.closest?.('[data-item]')?.dataset.item;
    try {
      const answer = await fetch(this.form().action, { method: 'POST', body });
      if (answer.status === 409) {
        this.ask(body);
        return;
      }
      this.$refs.canvas.innerHTML = await answer.text();
      if (answer.ok && before !== undefined) {
        this.past.push(before);
        this.future = [];
      }
      if (more.add) {
        this.chosen = [...this.$refs.canvas.querySelectorAll('[data-row]')]
          .filter((row) => row.dataset.kind === more.add)
          .pop()?.dataset.row;
      }
      if (open && this.row(open)) {
        this.row(open).open = true;
      }
      this.dress();
      if (focus) {
        const again = [...this.svg().querySelectorAll(`[data-item="${CSS.escape(focus)}"]`)];
        (again.find((one) => this.viewOf(one) === this.view) ?? again[0])?.focus({ preventScroll: true });
      }
      this.say(answer.ok ? 'Saved.' : 'Not saved.');
    } catch {
      this.say('Not saved: no answer from Pelluna. Your change is still here; try again.');
    }
  },
  // Changed in another window meanwhile: the same form, sent as a page, leads to both drawings side by side.
  ask(body) {
    const form = document.createElement('form');
    form.method = 'post';
    form.action = this.form().action;
    body.delete('part');
    for (const [name, value] of body) {
      const field = document.createElement('input');
      field.type = 'hidden';
      field.name = name;
      field.value = value;
      form.append(field);
    }
    document.body.append(form);
    form.submit();
  },
  say(words) {
    this.$refs.said.textContent = words;
    this.$refs.said.classList.toggle('sr-only', words === 'Saved.');
  },
});
