import { readable } from '../time-field.js';
import { zoomable } from '../time-zoom.js';

// What lies on the chart is taken hold of itself; the time is dragged beside that.
const free = (event) => !event.target.closest('[role="slider"]');

const ROOM_FOR_A_TITLE = 220;

// On a narrow screen a chart is scrolled along: what its panels are stays in sight.
const titled = (region) => {
  const titles = region.querySelectorAll('.panel-title');
  const place = () => {
    const left = region.scrollLeft + 6;
    for (const title of titles) {
      const beside = Number(title.dataset.beside);
      title.setAttribute('x', beside >= left && beside + ROOM_FOR_A_TITLE <= left + region.clientWidth ? beside : left);
    }
  };
  region.addEventListener('scroll', place, { passive: true });
  place();
};

// Charts whose time is dragged or drawn apart: the days that would then be in sight are asked of the server, which draws them anew.
export const timed = () => ({
  init() {
    this.$refs.closer.hidden = false;
    this.ready();
  },
  ready() {
    for (const region of this.$refs.drawn.querySelectorAll('[role="region"]')) {
      titled(region);
    }
    for (const field of this.$refs.drawn.querySelectorAll('.time-field')) {
      zoomable(field, free, (from, to) => this.draw({ from, to, of: field.ownerSVGElement.dataset.of ?? '' }));
    }
  },
  async draw(days) {
    const drawn = this.$refs.drawn;
    const scrolled = drawn.querySelector('[role="region"]')?.scrollLeft ?? 0;
    // Without a connection what is drawn stays.
    const answer = await fetch(`${location.pathname}?${new URLSearchParams({ ...days, part: 'true' })}`).catch(
      () => null,
    );
    if (!answer?.ok || answer.redirected) {
      return;
    }
    drawn.innerHTML = await answer.text();
    drawn.querySelector('[role="region"]')?.scrollTo({ left: scrolled });
    readable(drawn);
    this.ready();
  },
});
