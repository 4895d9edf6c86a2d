import { scaleTime } from 'd3-scale';

const DAY = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
});
const NS = 'http://www.w3.org/2000/svg';

/** Where the days of a chart lie on the screen: its field of time, as it is drawn now. */
export const scaleOf = (field) => {
  const box = field.getBoundingClientRect();
  return scaleTime(
    [new Date(`${field.dataset.from}T00:00:00Z`), new Date(`${field.dataset.to}T00:00:00Z`)],
    [box.left, box.right],
  ).clamp(true);
};

/** The height of a line drawn of straight pieces, at a place along it; nothing beyond its ends. */
export const heightAt = (path, x) => {
  const points = path
    .split(/[ML]/)
    .filter(Boolean)
    .map((point) => point.trim().split(' ').map(Number));
  const after = points.findIndex(([at]) => at >= x);
  if (after < 1) {
    return after === 0 && points[0][0] === x ? points[0][1] : undefined;
  }
  const [[x0, y0], [x1, y1]] = [points[after - 1], points[after]];
  return x1 === x0 ? y1 : y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
};

const make = (name, attributes) => {
  const element = document.createElementNS(NS, name);
  for (const [key, value] of Object.entries(attributes)) {
    element.setAttribute(key, value);
  }
  return element;
};

/** What a figure is at a place of its chart, in words. */
const figure = (line, x) => {
  const y = heightAt(line.getAttribute('d'), x);
  if (y === undefined) {
    return '';
  }
  const { base, scale, decimals } = line.dataset;
  return String(Number(((Number(base) - y) / Number(scale)).toFixed(Number(decimals))));
};

// A line at the pointer with the day, and beside each figure of the chart what it is on that day.
const read = (svg, field) => {
  const out = make('g', { class: 'read-out', 'aria-hidden': 'true' });
  svg.append(out);
  svg.addEventListener('pointermove', (event) => {
    const time = scaleOf(field);
    const day = new Date(Math.round(time.invert(event.clientX) / 864e5) * 864e5);
    const matrix = field.getScreenCTM().inverse();
    const x = new DOMPoint(time(day), 0).matrixTransform(matrix).x;
    const top = Number(field.getAttribute('y'));
    const foot = top + Number(field.getAttribute('height'));
    const left = x > Number(field.getAttribute('width')) - 130;
    const words = (y, text) =>
      Object.assign(
        make('text', {
          x: x + (left ? -5 : 5),
          y,
          'text-anchor': left ? 'end' : 'start',
          class: 'chart-text chart-small',
        }),
        { textContent: text },
      );
    out.replaceChildren(make('path', { d: `M${x} ${top}V${foot}` }), words(top - 6, DAY.format(day)));
    for (const line of svg.querySelectorAll('.panel-line[data-scale]')) {
      const text = figure(line, x);
      if (text) {
        out.append(words(Number(line.dataset.base) - 4, text));
      }
    }
  });
  svg.addEventListener('pointerleave', () => out.replaceChildren());
};

/** Makes every chart with a field of time below an element readable at the pointer. */
export const readable = (root) => {
  for (const field of root.querySelectorAll('.time-field')) {
    if (!field.ownerSVGElement.querySelector('.read-out')) {
      read(field.ownerSVGElement, field);
    }
  }
};
