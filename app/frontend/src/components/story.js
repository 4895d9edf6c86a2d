import { readable } from '../time-field.js';
import { zoomable } from '../time-zoom.js';

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
    const field = this.$refs.drawn.querySelector('.story-across .time-field');
    if (!field) {
      return;
    }
    readable(this.$refs.drawn);
    zoomable(
      field,
      () => true,
      (from, to) => this.draw(from, to),
    );
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
