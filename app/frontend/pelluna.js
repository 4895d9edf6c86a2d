// What moves in the pages. Alpine's strict build takes no expressions of its own, so the logic is registered here.
document.addEventListener('alpine:init', () => {
  // Choosing a fish on the barb chart shows only the pressures it gives and takes.
  window.Alpine.data('barbs', () => ({
    chosen: '',
    init() {
      this.$watch('chosen', () => this.show());
    },
    show() {
      const chart = this.$root.querySelector('.barb-chart');
      if (!chart) {
        return;
      }
      chart.classList.toggle('chosen', this.chosen !== '');
      for (const arc of chart.querySelectorAll('.pressure')) {
        const ofChosen = arc.dataset.from === this.chosen || arc.dataset.to === this.chosen;
        arc.classList.toggle('of-chosen', ofChosen);
      }
      for (const row of this.$root.querySelectorAll('[data-pair]')) {
        row.hidden = this.chosen !== '' && !row.dataset.pair.split(' ').includes(this.chosen);
      }
    },
  }));

  // What if: every change of the form asks the server anew and shows the answer in place; the last question wins.
  window.Alpine.data('whatIf', () => ({
    asking: null,
    async ask() {
      const form = this.$root.querySelector('form');
      const query = new URLSearchParams(new FormData(form));
      this.asking?.abort();
      this.asking = new AbortController();
      try {
        const answer = await fetch(`${form.action.split('?')[0]}?${query}&part=true`, { signal: this.asking.signal });
        if (answer.ok) {
          this.$refs.result.innerHTML = await answer.text();
          history.replaceState(null, '', `?${query}`);
        }
      } catch {
        // A newer question took over, or the connection is gone: the button still asks the plain way.
      }
    },
  }));

  // The calendar: a lane is dragged, or moved by keys, and the server says what that changes. Without a script every arrival
  // has its form.
  window.Alpine.data('course', () => ({
    held: null,
    days: 0,
    init() {
      const root = this.$root;
      root.addEventListener('pointerdown', (event) => this.grasp(event));
      root.addEventListener('pointermove', (event) => this.drag(event));
      root.addEventListener('pointerup', () => this.letGo());
      root.addEventListener('pointercancel', () => this.putBack());
      root.addEventListener('keydown', (event) => this.key(event));
      root.addEventListener('focusout', () => this.letGo());
    },
    take(lane) {
      if (this.held !== lane) {
        this.putBack();
        this.held = lane;
        this.days = 0;
      }
    },
    grasp(event) {
      const lane = event.target.closest('.arrival-lane');
      if (!lane || event.button !== 0) {
        return;
      }
      this.take(lane);
      const chart = lane.ownerSVGElement;
      this.from = event.clientX;
      this.dayWidth = Number(chart.dataset.dayWidth) * chart.getScreenCTM().a;
      this.dragging = true;
      lane.setPointerCapture(event.pointerId);
    },
    drag(event) {
      if (this.dragging) {
        this.show(Math.round((event.clientX - this.from) / this.dayWidth));
      }
    },
    key(event) {
      const lane = event.target.closest('.arrival-lane');
      if (!lane) {
        return;
      }
      const step = { ArrowLeft: -1, ArrowRight: 1, PageUp: -7, PageDown: 7 }[event.key];
      if (step) {
        event.preventDefault();
        this.take(lane);
        this.show(this.days + step);
      } else if (event.key === 'Enter') {
        event.preventDefault();
        this.letGo();
      } else if (event.key === 'Escape') {
        this.putBack();
      }
    },
    show(days) {
      this.days = days;
      const chart = this.held.ownerSVGElement;
      this.held.classList.toggle('held-now', days !== 0);
      this.held.setAttribute('transform', `translate(${days * Number(chart.dataset.dayWidth)} 0)`);
      this.held.setAttribute('aria-valuetext', `arrives ${this.day()}, not set down yet`);
    },
    day() {
      const day = new Date(`${this.held.dataset.date}T00:00:00Z`);
      day.setUTCDate(day.getUTCDate() + this.days);
      return day.toISOString().slice(0, 10);
    },
    putBack() {
      this.held?.removeAttribute('transform');
      this.held?.classList.remove('held-now');
      this.held = null;
      this.dragging = false;
      this.days = 0;
    },
    letGo() {
      this.dragging = false;
      if (!this.held || this.days === 0) {
        return;
      }
      this.set(this.held.dataset.wish, this.day());
    },
    async set(wish, day) {
      const lane = this.held;
      this.held = null;
      const form = this.$refs.move;
      form.elements.wish.value = wish;
      form.elements.to.value = day;
      try {
        const answer = await fetch(form.action, { method: 'POST', body: new URLSearchParams(new FormData(form)) });
        if (!answer.ok) {
          throw new Error(`the answer was ${answer.status}`);
        }
        const focused = document.activeElement === lane;
        this.$refs.plan.innerHTML = await answer.text();
        if (focused) {
          this.$refs.plan.querySelector(`[data-wish="${CSS.escape(wish)}"]`)?.focus();
        }
      } catch {
        lane.removeAttribute('transform');
        lane.classList.remove('held-now');
        this.$refs.plan.querySelector('[role="status"]').textContent =
          'The move was not saved: no answer from Pelluna. Try again, or reload the page.';
      }
    },
  }));

  // The reef: one slider of time. Every step asks for the day; while an answer is awaited only the latest wish is kept.
  window.Alpine.data('reef', () => ({
    busy: false,
    wanted: false,
    timer: null,
    init() {
      this.fish = this.$root.dataset.fish;
      this.$refs.day.addEventListener('click', (event) => this.pick(event.target.closest('.swimmer')));
      this.$refs.day.addEventListener('keydown', (event) => {
        const swimmer = event.target.closest('.swimmer');
        if (swimmer && (event.key === 'Enter' || event.key === ' ')) {
          event.preventDefault();
          this.pick(swimmer);
        }
      });
      this.highlight();
    },
    get day() {
      return Number(this.$refs.slider.value);
    },
    date(number = this.day) {
      const day = new Date(`${this.$root.dataset.begin}T00:00:00Z`);
      day.setUTCDate(day.getUTCDate() + number);
      return day.toISOString().slice(0, 10);
    },
    to(day) {
      this.$refs.slider.value = Math.max(0, Math.min(Number(this.$root.dataset.days), day));
      this.slid();
    },
    step(days) {
      this.to(this.day + days);
    },
    toToday() {
      this.to(Number(this.$refs.today.dataset.day));
    },
    dated() {
      const from = new Date(`${this.$root.dataset.begin}T00:00:00Z`);
      const to = new Date(`${this.$refs.date.value}T00:00:00Z`);
      if (!Number.isNaN(to.getTime())) {
        this.to(Math.round((to - from) / 86400000));
      }
    },
    mark(way) {
      const days = [...this.$root.querySelectorAll('[data-mark]')].map((one) => Number(one.dataset.mark));
      const next = way > 0 ? days.find((one) => one > this.day) : days.filter((one) => one < this.day).pop();
      this.to(next ?? (way > 0 ? Number(this.$root.dataset.days) : 0));
    },
    keyed(event) {
      const step = { ArrowLeft: -7, ArrowDown: -7, ArrowRight: 7, ArrowUp: 7, PageDown: -91, PageUp: 91 }[event.key];
      if (step) {
        event.preventDefault();
        this.step(step);
      }
    },
    // Without motion, playing goes from change to change, one for each press.
    play() {
      if (matchMedia('(prefers-reduced-motion: reduce)').matches) {
        this.mark(1);
      } else if (this.timer) {
        this.stop();
      } else {
        this.$refs.play.setAttribute('aria-pressed', 'true');
        this.timer = setInterval(() => {
          if (this.day >= Number(this.$root.dataset.days)) {
            this.stop();
          } else {
            this.step(14);
          }
        }, 110);
      }
    },
    stop() {
      clearInterval(this.timer);
      this.timer = null;
      this.$refs.play.setAttribute('aria-pressed', 'false');
    },
    slid() {
      const date = this.date();
      this.$refs.shown.textContent = date;
      this.$refs.date.value = date;
      this.$refs.slider.setAttribute('aria-valuetext', date);
      this.look();
    },
    pick(swimmer) {
      if (swimmer) {
        this.fish = this.fish === swimmer.dataset.fish ? '' : swimmer.dataset.fish;
        this.focus = swimmer.dataset.fish;
        this.look();
      }
    },
    async look() {
      if (this.busy) {
        this.wanted = true;
        return;
      }
      this.busy = true;
      this.wanted = false;
      const query = this.query(this.date());
      try {
        const text = await (this.ahead?.query === query ? this.ahead.text : this.ask(query));
        this.show(text);
        history.replaceState(null, '', `?${query}`);
        for (const link of [this.$refs.plate, this.$refs.svg]) {
          link.href = `${link.href.split('?')[0]}?${query}`;
        }
        this.lookAhead();
      } catch {
        this.ahead = null;
        this.$refs.shown.textContent = `${this.date()}: no answer from Pelluna`;
      }
      this.busy = false;
      if (this.wanted) {
        this.look();
      }
    },
    query(date) {
      return new URLSearchParams({
        on: date,
        fish: this.fish,
        ghosts: this.$refs.ghosts.checked,
        gone: this.$refs.gone.checked,
      }).toString();
    },
    async ask(query) {
      const answer = await fetch(`${location.pathname}?${query}&part=true`);
      if (!answer.ok) {
        throw new Error(answer.status);
      }
      return answer.text();
    },
    // Whoever steps or plays is about to ask for the next day in the same stride.
    lookAhead() {
      const stride = this.day - (this.last ?? this.day);
      this.last = this.day;
      const query = this.query(this.date(this.day + stride));
      const text = stride === 0 ? null : this.ask(query);
      text?.catch(() => {});
      this.ahead = text && { query, text };
    },
    show(text) {
      const next = document.createElement('template');
      next.innerHTML = text;
      renew(this.$refs.day.firstElementChild, next.content.firstElementChild);
      this.highlight();
    },
    highlight() {
      for (const patch of this.$refs.day.querySelectorAll('.patch')) {
        patch.classList.toggle('of-picked', patch.dataset.patch === this.fish);
      }
      if (this.focus) {
        this.$refs.day.querySelector(`.swimmer[data-fish="${CSS.escape(this.focus)}"]`)?.focus();
        this.focus = null;
      }
    },
    // The drawing as a picture: the file that stands by itself, painted at 2400 dots across.
    async png() {
      const answer = await fetch(this.$refs.svg.href);
      const text = await answer.text();
      const box = text.match(/viewBox="([^"]+)"/)[1].split(' ').map(Number);
      const picture = new Image();
      const sized = text.replace('<svg ', `<svg width="2400" height="${Math.round((2400 * box[3]) / box[2])}" `);
      picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(sized)}`;
      await picture.decode();
      const canvas = document.createElement('canvas');
      canvas.width = picture.width;
      canvas.height = picture.height;
      canvas.getContext('2d').drawImage(picture, 0, 0);
      const link = document.createElement('a');
      link.download = `reef-${this.date()}.png`;
      link.href = canvas.toDataURL('image/png');
      link.click();
    },
  }));

  // Drawing the reef. The form beside the drawing holds everything; dragging and keys change its fields and send it, and the
  // server draws anew. What was there before is kept to be taken back.
  window.Alpine.data('drawing', () => ({
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
          this.say('This was changed in another window meanwhile; reload the page. Nothing was saved over it.');
          return;
        }
        this.$refs.canvas.innerHTML = await answer.text();
        if (answer.ok && before !== undefined) {
          this.past.push(before);
          this.future = [];
        }
        if (more.add) {
          this.chosen = [...this.$refs.canvas.querySelectorAll('[data-row]')].filter((row) => row.dataset.kind === more.add).pop()
            ?.dataset.row;
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
    say(words) {
      this.$refs.said.textContent = words;
      this.$refs.said.classList.toggle('sr-only', words === 'Saved.');
    },
  }));

  // Long work shows how far it is, until it is done.
  window.Alpine.data('progress', () => ({
    init() {
      this.again();
    },
    again() {
      if (this.$refs.progress.firstElementChild?.dataset.running === 'true') {
        setTimeout(() => this.look(), 400);
      }
    },
    async look() {
      try {
        const answer = await fetch(`${location.pathname}?part=true`);
        if (answer.ok) {
          this.$refs.progress.innerHTML = await answer.text();
        }
      } catch {
        // No answer now; it is asked again.
      }
      this.again();
    },
  }));

  // The log form asks only for what the kind of entry needs. Two fish and how hard: the third touch keeps the entry. What cannot be
  // sent waits, and is sent once when the connection is back.
  window.Alpine.data('logEntry', () => ({
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
      const words = `${this.words('aggressor')} ${this.words('kind')} ${this.words('fish')}, ${this.words('hardness')}`.trim();
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
      this.$refs.said.textContent = `Kept: ${words}`;
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
        localStorage.setItem(this.watchKey(), JSON.stringify({ start: moment(new Date()), from: Date.now(), tally: 0 }));
      } else {
        const minutes = Math.max(1, Math.round((Date.now() - begun.from) / 60000));
        const body = new URLSearchParams({ key: crypto.randomUUID(), start: begun.start, minutes: String(Math.min(1440, minutes)) });
        queue.add({ path: this.$root.dataset.watches, body: body.toString(), words: `Watched ${minutes} min, ${begun.tally} seen` });
        localStorage.removeItem(this.watchKey());
        this.$refs.said.textContent = `Watched ${minutes} min, ${begun.tally} encounters.`;
      }
      this.show();
    },
    show() {
      const begun = this.watched();
      const seconds = begun ? Math.floor((Date.now() - begun.from) / 1000) : 0;
      const clock = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
      this.$refs.watching.textContent = begun ? `Stop the watch, ${clock}, ${begun.tally} seen` : 'Start a watch';
      queue.show(this.$refs.queue);
    },
  }));

  // A roll call: everyone at once, then the exceptions. Without a connection it waits like an entry.
  window.Alpine.data('rollCall', () => ({
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
        this.$refs.said.textContent = 'Kept here; it is sent when the connection is back.';
      }
    },
  }));

  // A tank's shape decides which of its measures are asked for.
  window.Alpine.data('shape', () => ({
    shape: 'BOX',
    init() {
      this.shape = this.$root.dataset.shape;
    },
    get hasWidth() {
      return this.shape !== 'CYLINDER';
    },
    get hasBow() {
      return this.shape === 'BOW_FRONT';
    },
  }));
});

// Makes one element like another and leaves alone what is alike already: most of a drawing is as it was a day before, and what
// stays need not be laid out and painted again. (Alpine's morph was tried: for a day of 25 fish it took 19 to 53 ms of script, in seven
// trials, where putting all of it in anew took 9 and its layout 28.)
function renew(old, next) {
  if (old.isEqualNode(next)) {
    return;
  }
  if (old.nodeName !== next.nodeName) {
    old.replaceWith(next);
  } else if (old.nodeType !== Node.ELEMENT_NODE) {
    old.nodeValue = next.nodeValue;
  } else {
    for (const name of old.getAttributeNames().filter((one) => one !== 'open' && !next.hasAttribute(one))) {
      old.removeAttribute(name);
    }
    for (const { name, value } of next.attributes) {
      if (old.getAttribute(name) !== value) {
        old.setAttribute(name, value);
      }
    }
    renewChildren(old, [...old.childNodes], [...next.childNodes]);
  }
}

// Where some came or went, those before and those behind them are matched, and what lies between is put in anew.
function renewChildren(parent, old, next) {
  const alike = (one, other) =>
    one.nodeName === other.nodeName &&
    ['class', 'data-fish', 'data-patch'].every((name) => one.getAttribute?.(name) === other.getAttribute?.(name));
  const shared = Math.min(old.length, next.length);
  let head = 0;
  while (head < shared && (old.length === next.length || alike(old[head], next[head]))) {
    head += 1;
  }
  let tail = 0;
  while (tail < shared - head && alike(old[old.length - 1 - tail], next[next.length - 1 - tail])) {
    tail += 1;
  }
  for (let i = 0; i < head; i += 1) {
    renew(old[i], next[i]);
  }
  for (let i = 1; i <= tail; i += 1) {
    renew(old[old.length - i], next[next.length - i]);
  }
  const behind = old[old.length - tail] ?? null;
  old.slice(head, old.length - tail).forEach((one) => one.remove());
  next.slice(head, next.length - tail).forEach((one) => parent.insertBefore(one, behind));
}

// A moment as forms take it, in local time.
function moment(date) {
  const local = new Date(date.getTime() - date.getTimezoneOffset() * 60000);
  return local.toISOString().slice(0, 19);
}

// What is written at the tank and cannot be sent yet. Each thing carries its own key, so that the server keeps it once however
// often it is sent; what the server refuses stays, with its reason, until it is thrown away.
const queue = {
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
      // No connection: it is tried again when there is one.
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
window.addEventListener('online', () => queue.send());
setInterval(() => queue.all().length > 0 && queue.send(), 5000);
queue.send();

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

// A form is sent once, however often its button is pressed; coming back to the page makes it ready again.
document.addEventListener('submit', (event) => {
  if (event.target.dataset.sent === 'yes') {
    event.preventDefault();
    return;
  }
  event.target.dataset.sent = 'yes';
});
window.addEventListener('pageshow', () => {
  for (const form of document.querySelectorAll('form[data-sent]')) {
    delete form.dataset.sent;
  }
});

// On a narrow screen the places scroll sideways; begin where we are.
document.querySelector('.places [aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' });

// A chart wider than the screen begins at today.
for (const today of document.querySelectorAll('.overflow-x-auto .today')) {
  const frame = today.closest('.overflow-x-auto');
  frame.scrollLeft = today.getBoundingClientRect().left - frame.getBoundingClientRect().left - 60;
}

// A form that was sent back may lie far down its page; begin at what is wrong with it.
const wrong = document.querySelector('main [aria-invalid="true"]') ?? document.querySelector('main form [role="alert"]');
wrong?.scrollIntoView({ block: 'center' });
wrong?.focus();

for (const button of document.querySelectorAll('[data-print]')) {
  button.addEventListener('click', () => window.print());
}
