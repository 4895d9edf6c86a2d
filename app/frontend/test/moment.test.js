import assert from 'node:assert/strict';
import { test } from 'node:test';
import { moment } from '../src/moment.js';

test('a moment is written in local time, as forms take it', () => {
  const summer = new Date(2026, 6, 4, 21, 5, 9);
  assert.equal(moment(summer), '2026-07-04T21:05:09');
});

test('the day is the one on the wall, also shortly after midnight', () => {
  assert.equal(moment(new Date(2026, 0, 1, 0, 1, 0)), '2026-01-01T00:01:00');
});
