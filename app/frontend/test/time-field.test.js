import assert from 'node:assert/strict';
import { test } from 'node:test';
import { heightAt, scaleOf } from '../src/time-field.js';

test('the height of a line is read between its points and nowhere beyond', () => {
  const path = 'M0 100L10 50L30 70';
  assert.equal(heightAt(path, 0), 100);
  assert.equal(heightAt(path, 5), 75);
  assert.equal(heightAt(path, 10), 50);
  assert.equal(heightAt(path, 20), 60);
  assert.equal(heightAt(path, 31), undefined);
  assert.equal(heightAt(path, -1), undefined);
});

test('days lie where the field is drawn now', () => {
  const field = {
    dataset: { from: '2026-11-01', to: '2026-11-11' },
    getBoundingClientRect: () => ({ left: 100, right: 200 }),
  };
  const time = scaleOf(field);
  assert.equal(time(new Date('2026-11-06T00:00:00Z')), 150);
  assert.equal(time.invert(120).toISOString().slice(0, 10), '2026-11-03');
  assert.equal(time.invert(900).toISOString().slice(0, 10), '2026-11-11');
});
