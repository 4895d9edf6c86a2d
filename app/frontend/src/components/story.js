import { select } from 'd3-selection';
import { zoom, zoomIdentity } from 'd3-zoom';
import { readable, scaleOf } from '../time-field.js';

const DAYS = (date) => date.toISOString().slice(0, 10);

// Picks a fish out of the story: what does not concern it fades. Without a script the button beside the list draws it alone.
export const story = () => ({
  init() {
    if (this.$refs.drawn) {
      this.$refs.closer.hidden = false;
      this.closer();
    }
  },
  // Dragged or drawn apart, the time that would then be in sight is asked of the server, which draws it anew.
  closer() {
    const svg = this.$refs.drawn.querySelector('.story-across');
    const field = svg?.querySelector('.time-field');
    if (!field) {
      return;
    }
    readable(this.$refs.drawn);
    const free = (event) => (event.type === 'wheel' ? event.ctrlKey : event.button === 0 || event.type.startsWith('touch'));
    const zooming = zoom().scaleExtent([0.2, 40]).filter(free);
    zooming.on('end', ({ transform, sourceEvent }) => {
      if (!sourceEvent || (transform.k === 1 && Math.abs(transform.x) < 8)) {
        return;
      }
      const box = svg.getBoundingClientRect();
      const along = scaleOf(field).clamp(false);
      const inSvg = along.copy().range(along.range().map((x) => x - box.left));
      const [from, to] = transform.rescaleX(inSvg).domain();
      clearTimeout(this.soon);
      this.soon = setTimeout(() => this.draw(DAYS(from), DAYS(to)), 180);
    });
    select(svg).call(zooming).call(zooming.transform, zoomIdentity).on('dblclick.zoom', null);
  },
  async draw(from, to) {
    const fields = new URLSearchParams({ from, to, fish: this.$refs.fish.value });
    // Without a connection what is drawn stays.
    const answer = await fetch(`${location.pathname}?${fields}&part=true`).catch(() => null);
    if (answer?.ok && !answer.redirected) {
      this.$refs.drawn.innerHTML = await answer.text();
      history.replaceState(null, '', `?${fields}`);
      this.pick();
      this.closer();
    }
  },
  pick() {
    const fish = this.$refs.fish.value;
    const fade = (one, concerned) => one.classList.toggle('faded', fish !== '' && !concerned);
    const along = new Set([fish]);
    for (const met of this.$root.querySelectorAll('.met')) {
      const concerned = met.dataset.by === fish || met.dataset.to === fish;
      fade(met, concerned);
      if (concerned) {
        along.add(met.dataset.by);
        along.add(met.dataset.to);
      }
    }
    for (const lane of this.$root.querySelectorAll('.life-lane')) {
      fade(lane, along.has(lane.dataset.fish));
    }
    for (const mark of this.$root.querySelectorAll('.story-mark')) {
      fade(mark, mark.dataset.fish === '' || mark.dataset.fish === fish);
    }
  },
});
