import { select } from 'd3-selection';
import { zoom, zoomIdentity } from 'd3-zoom';
import { scaleOf } from './time-field.js';

const SOON_MS = 180;
// A notch of a wheel shows seven tenths of the days; fingers drawn apart come as many small turns.
const TURN = (event) => -Math.sign(event.deltaY) * Math.min(0.5, Math.abs(event.deltaY) * 0.02);
const DAY = (date) => date.toISOString().slice(0, 10);

/**
 * Lets a chart be drawn apart by two fingers, or dragged along its time by a mouse where it is free for that, and tells the days that would
 * then be in sight. One finger scrolls the page.
 */
export const zoomable = (field, free, told) => {
  const svg = field.ownerSVGElement;
  let soon;
  const grasped = (event) =>
    event.type === 'wheel'
      ? event.ctrlKey
      : event.type.startsWith('touch')
        ? event.touches.length > 1
        : event.button === 0 && free(event);
  const zooming = zoom().scaleExtent([0.2, 40]).wheelDelta(TURN).filter(grasped);
  zooming.on('end', ({ transform, sourceEvent }) => {
    if (!sourceEvent || (transform.k === 1 && Math.abs(transform.x) < 8)) {
      return;
    }
    const box = svg.getBoundingClientRect();
    const along = scaleOf(field).clamp(false);
    const inSvg = along.copy().range(along.range().map((x) => x - box.left));
    const [from, to] = transform.rescaleX(inSvg).domain();
    clearTimeout(soon);
    soon = setTimeout(() => told(DAY(from), DAY(to)), SOON_MS);
  });
  select(svg).call(zooming).call(zooming.transform, zoomIdentity).on('dblclick.zoom', null);
};
