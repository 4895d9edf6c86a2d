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

  // The log form asks only for what the kind of entry needs.
  window.Alpine.data('logEntry', () => ({
    kind: 'CHASE',
    init() {
      this.kind = this.$root.dataset.kind;
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
