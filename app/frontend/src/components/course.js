import { readable } from '../time-field.js';

// The calendar: a lane is dragged, or moved by keys, and the server says what that changes. Without a script every arrival
// has its form.
export const course = () => ({
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
    this.held.setAttribute('aria-valuetext', `arrives ${this.day()}, not saved yet`);
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
      readable(this.$refs.plan);
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
});
