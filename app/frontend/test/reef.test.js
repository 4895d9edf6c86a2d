import assert from 'node:assert/strict';
import { test } from 'node:test';
import { reef } from '../src/components/reef.js';
import { answering, pageOf, settled } from './page-of.js';

const day = (name) =>
  `<div><p>${name}</p><a class="swimmer" data-fish="gale">Gale</a><i class="patch" data-patch="gale"></i></div>`;

function begun({ at = 10, days = 700 } = {}) {
  const component = reef();
  const window = pageOf(
    `<div data-begin="2026-12-01" data-days="${days}" data-fish="">
      <input x-ref="slider" type="range" min="0" max="${days}" value="${at}"><time x-ref="shown"></time><input x-ref="date">
      <i data-mark="4"></i><i data-mark="30"></i><button x-ref="today" data-day="0"></button><button x-ref="play"></button>
      <input x-ref="ghosts" type="checkbox"><input x-ref="gone" type="checkbox">
      <a x-ref="plate" href="/tanks/1/reef/plate">print</a><a x-ref="svg" href="/tanks/1/reef.svg">picture</a>
      <div x-ref="day">${day('first')}</div></div>`,
    component,
  );
  component.init();
  return { component, window };
}

test('the slider counts days from the first; over a leap day, too', () => {
  const { component } = begun();
  assert.equal(component.date(), '2026-12-11');
  assert.equal(component.date(456), '2028-03-01');
});

test('a step never leaves the span of the slider', async () => {
  const { component } = begun({ at: 3 });
  answering({ text: day('a') }, { text: day('b') }, { text: day('c') });
  component.step(-7);
  assert.equal(component.day, 0);
  await settled();
  component.to(9999);
  assert.equal(component.day, 700);
  await settled();
});

test('the next and the previous change are found; beyond the last one comes the end', async () => {
  const { component } = begun();
  answering(...Array.from({ length: 12 }, () => ({ text: day('x') })));
  component.mark(1);
  assert.equal(component.day, 30);
  component.mark(-1);
  assert.equal(component.day, 4);
  component.to(30);
  component.mark(1);
  assert.equal(component.day, 700);
  await settled();
});

test('while an answer is awaited only the latest day is asked for', async () => {
  const { component } = begun();
  const asked = answering(...Array.from({ length: 9 }, () => ({ text: day('x') })));
  component.to(20);
  component.to(21);
  component.to(22);
  await settled();
  const dates = asked.map(({ path }) => path.match(/on=([\d-]+)/)[1]);
  assert.equal(dates[0], '2026-12-21');
  assert.ok(dates.includes('2026-12-23'));
  assert.ok(!dates.includes('2026-12-22'));
});

test('a day that was asked for ahead is not asked for twice', async () => {
  const { component } = begun();
  const asked = answering(...Array.from({ length: 9 }, () => ({ text: day('x') })));
  component.to(20);
  await settled();
  component.to(30);
  await settled();
  const before = asked.length;
  component.to(40);
  await settled();
  const dates = asked.map(({ path }) => path.match(/on=([\d-]+)/)[1]);
  assert.equal(dates.filter((one) => one === '2027-01-10').length, 1);
  assert.equal(asked.length, before + 1);
});

test('without an answer the page says so and can be asked again', async () => {
  const { component } = begun();
  answering();
  component.to(20);
  await settled();
  assert.match(component.$refs.shown.textContent, /no answer/);
  assert.equal(component.busy, false);
});

test('a fish is picked and let go; its place is marked, and the links lead to what is shown', async () => {
  const { component } = begun();
  answering(...Array.from({ length: 6 }, () => ({ text: day('x') })));
  component.pick(component.$refs.day.querySelector('.swimmer'));
  await settled();
  assert.equal(component.fish, 'gale');
  assert.ok(component.$refs.day.querySelector('.patch').classList.contains('of-picked'));
  assert.match(component.$refs.svg.href, /fish=gale/);
  component.pick(component.$refs.day.querySelector('.swimmer'));
  await settled();
  assert.equal(component.fish, '');
});

test('a date typed in goes to its day; one that is no date changes nothing', async () => {
  const { component } = begun();
  answering(...Array.from({ length: 4 }, () => ({ text: day('x') })));
  component.$refs.date.value = '2026-12-31';
  component.dated();
  assert.equal(component.day, 30);
  component.$refs.date.value = 'soon';
  component.dated();
  assert.equal(component.day, 30);
  await settled();
});
