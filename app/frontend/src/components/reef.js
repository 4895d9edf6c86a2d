import { renew } from '../renew.js';

// The reef: one slider of time. Every step asks for the day; while an answer is awaited only the latest wish is kept.
export const reef = () => ({
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
    const box = text
      .match(/viewBox="([^"]+)"/)[1]
      .split(' ')
      .map(Number);
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
});
