import assert from 'node:assert/strict';
import { test } from 'node:test';
import { entriesOf, fill, refusedForm } from '../src/refilled.js';

const data = (name, value) => ({ dataset: { name }, value });
const form = (action, ...elements) => ({ action: `http://reef.example${action}`, elements });

test('entries are kept by name, several of one name together', () => {
  const entries = entriesOf({ querySelectorAll: () => [data('days', '0'), data('fish', 'a'), data('fish', 'b')] });
  assert.deepEqual(entries.get('fish'), ['a', 'b']);
  assert.deepEqual(entries.get('days'), ['0']);
});

test('a field is filled in as it was, a hidden one is left', () => {
  const text = { type: 'text', value: '14' };
  fill(text, ['0']);
  assert.equal(text.value, '0');
  const box = { type: 'checkbox', value: 'b', checked: false };
  fill(box, ['a', 'b']);
  assert.equal(box.checked, true);
  fill(box, []);
  assert.equal(box.checked, false);
  const hidden = { type: 'hidden', value: 'newer' };
  fill(hidden, ['older']);
  assert.equal(hidden.value, 'newer');
  fill(text, undefined);
  assert.equal(text.value, '0');
});

test('among forms of one address the one with the same hidden entries is meant', () => {
  const one = form('/move', { type: 'hidden', name: 'wish', value: 'a' });
  const other = form('/move', { type: 'hidden', name: 'wish', value: 'b' });
  const entries = new Map([['wish', ['b']]]);
  assert.equal(refusedForm([one, other, form('/else')], '/move', entries), other);
  assert.equal(refusedForm([one], '/nowhere', entries), undefined);
});
