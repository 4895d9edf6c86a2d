import assert from 'node:assert/strict';
import { test } from 'node:test';
import { drawing } from '../src/components/drawing.js';
import { answering, pageOf, settled } from './page-of.js';

const item = (x, width = 40) => `
  <form action="/tanks/1/reef/layout" data-per-unit="1">
    <input name="version" value="7"><input name="_csrf" value="token">
    <div class="drawing-board"><svg data-high="50" data-top-at="60" data-sand="5" viewBox="0 0 100 120">
      <g class="view-front"><rect data-item="r1"></rect></g><g class="view-top"><rect data-item="r1"></rect></g></svg></div>
    <details class="item-row" data-row="r1" data-kind="MOUND"><summary>Left mound</summary>
      <input maxlength="60" name="name" value="Left mound">
      <input data-part="x" name="x" value="${x}"><input data-part="y" name="y" value="20"><input data-part="z" name="z" value="0">
      <input data-part="width" name="width" value="${width}"><input data-part="depth" name="depth" value="30">
      <input data-part="height" name="height" value="25"></details></form>`;

function begun(x = 30) {
  const component = drawing();
  const window = pageOf(
    `<div><div x-ref="canvas">${item(x)}</div><button x-ref="undo"></button><button x-ref="redo"></button><p x-ref="said"></p></div>`,
    component,
  );
  window.SVGElement.prototype.focus = () => {};
  Object.defineProperty(window.SVGSVGElement.prototype, 'viewBox', { get: () => ({ baseVal: { width: 100 } }) });
  component.init();
  component.choose('r1', 'front');
  return component;
}

const key = (component, name, more = {}) =>
  component.key({ key: name, target: component.svg().querySelector('[data-item]'), preventDefault: () => {}, ...more });
const at = (component, name) => component.part('r1', name).value;

test('an arrow moves the chosen rock by one unit; with Shift it makes it wider', () => {
  const component = begun();
  key(component, 'ArrowRight');
  assert.equal(at(component, 'x'), '31');
  key(component, 'ArrowRight', { shiftKey: true });
  assert.equal(at(component, 'width'), '41');
  clearTimeout(component.soon);
});

test('nothing is drawn narrower than one centimetre, and no rock sinks below the sand', () => {
  const component = begun();
  const hold = { at: { x: 30, y: 20, z: 0, width: 40, depth: 30, height: 25 }, view: 'front' };
  component.change(-100, 0, { ...hold, part: 'width' });
  assert.equal(at(component, 'width'), '1');
  component.change(0, 60, hold);
  assert.equal(at(component, 'z'), '0');
});

test('every measure of a rock has a handle in the view that shows it', () => {
  const component = begun();
  const parts = [...component.svg().querySelectorAll('.handle')].map(
    (one) => `${one.dataset.view} ${one.dataset.part}`,
  );
  assert.deepEqual(parts.sort(), ['front height', 'front width', 'top depth', 'top width']);
});

test('a change is sent with the version it builds on, and can be taken back', async () => {
  const component = begun();
  const asked = answering({ text: item(35) }, { text: item(30) });
  component.set('r1', 'x', 35);
  component.send();
  await settled();
  assert.equal(asked[0].body.get('x'), '35');
  assert.equal(asked[0].body.get('version'), '7');
  assert.equal(component.$refs.undo.disabled, false);
  component.undo();
  await settled();
  assert.equal(asked[1].body.get('x'), '30');
  assert.equal(asked[1].body.get('back'), 'true');
  assert.equal(component.$refs.undo.disabled, true);
  assert.equal(component.$refs.redo.disabled, false);
});

test('changes are sent one after the other', async () => {
  const component = begun();
  const asked = answering({ text: item(31) }, { text: item(32) });
  component.send({ first: '1' });
  component.send({ second: '2' });
  await settled();
  assert.deepEqual(
    asked.map(({ body }) => body.get('first') ?? body.get('second')),
    ['1', '2'],
  );
});

test('without an answer the change stays in the form, and the page says so', async () => {
  const component = begun();
  answering();
  component.set('r1', 'x', 44);
  component.send();
  await settled();
  assert.equal(at(component, 'x'), '44');
  assert.match(component.$refs.said.textContent, /^Not saved: no answer/);
  assert.equal(component.$refs.undo.disabled, true);
});

test('a refused drawing cannot be taken back, since it was never kept', async () => {
  const component = begun();
  answering({ status: 422, text: item(30) });
  component.send();
  await settled();
  assert.equal(component.$refs.said.textContent, 'Not saved.');
  assert.equal(component.past.length, 0);
});

test('a drawing changed elsewhere meanwhile leads to the page that shows both', async () => {
  const component = begun();
  answering({ status: 409 });
  let sent = null;
  component.ask = (body) => {
    sent = body;
  };
  component.set('r1', 'x', 44);
  component.send();
  await settled();
  assert.equal(sent.get('x'), '44');
});

test('Delete takes the chosen rock away', async () => {
  const component = begun();
  const asked = answering({ text: item(30) });
  key(component, 'Delete');
  await settled();
  assert.equal(asked[0].body.get('remove'), 'r1');
});
