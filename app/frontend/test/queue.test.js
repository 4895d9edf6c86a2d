import assert from 'node:assert/strict';
import { beforeEach, test } from 'node:test';

const stored = new Map();
globalThis.localStorage = {
  getItem: (name) => stored.get(name) ?? null,
  setItem: (name, text) => stored.set(name, text),
};
globalThis.document = { documentElement: { dataset: { keeper: 'ylva' } }, querySelector: () => ({ value: 'token' }) };
const { queue } = await import('../src/queue.js');

const entry = (body) => ({ path: '/tanks/1/watch', body, words: 'Gale chased Wren' });
const answers = (list) => {
  const asked = [];
  globalThis.fetch = async (path, { body }) => {
    asked.push(body.toString());
    const next = list.shift();
    if (!next) {
      throw new TypeError('no connection');
    }
    return {
      headers: new Map([['Content-Type', next.type ?? 'text/html']]),
      ok: next.status === 200,
      status: next.status,
      redirected: next.redirected ?? false,
      text: async () => next.text ?? '',
    };
  };
  return asked;
};

beforeEach(() => {
  stored.clear();
  queue.sending = false;
});

test('without a connection an entry waits and is not lost', async () => {
  answers([]);
  queue.put([entry('key=a')]);
  await queue.send();
  assert.deepEqual(queue.all(), [entry('key=a')]);
  assert.equal(queue.waits, 'waits until you are online');
});

test('what the server has kept leaves the queue, once, with the token of this page', async () => {
  const asked = answers([{ status: 200, text: 'kept' }]);
  queue.put([entry('key=a')]);
  await queue.send();
  assert.deepEqual(queue.all(), []);
  assert.equal(asked.length, 1);
  assert.match(asked[0], /_csrf=token/);
  assert.match(asked[0], /queued=true/);
});

test('a page that is no answer of ours, such as a hotspot’s, keeps the entry', async () => {
  answers([{ status: 200, text: '<html>' }]);
  queue.put([entry('key=a')]);
  await queue.send();
  assert.equal(queue.all().length, 1);
});

test('what is refused stays with its reason, and what is behind it goes on', async () => {
  answers([{ status: 422 }, { status: 200, text: 'kept' }]);
  queue.put([entry('key=a'), entry('key=b')]);
  await queue.send();
  assert.deepEqual(queue.all(), [{ ...entry('key=a'), refused: 'not saved (422)' }]);
});

test('an ended session waits for the sign-in and sends nothing more', async () => {
  const asked = answers([{ status: 403 }, { status: 200, text: 'kept' }]);
  queue.put([entry('key=a'), entry('key=b')]);
  await queue.send();
  assert.equal(queue.all().length, 2);
  assert.equal(asked.length, 1);
  assert.equal(queue.waits, 'waits until you sign in again');
});

test('two keepers at one device have each their own queue', () => {
  queue.put([entry('key=a')]);
  assert.deepEqual([...stored.keys()], ['pelluna-queue ylva']);
});

test('why it was refused is told in the server’s words, where it has any', async () => {
  answers([{ status: 422, text: 'not understood: wibbling', type: 'text/plain;charset=UTF-8' }]);
  queue.put([entry('key=a')]);
  await queue.send();
  assert.equal(queue.all()[0].refused, 'not understood: wibbling');
});

test('a line said without a connection is told as it was understood, until it is taken back or found right', async () => {
  const asked = answers([
    { status: 200, text: 'kept\ngale = who, chased = what\n/tanks/1/watch/words/f/undo' },
    { status: 200 },
  ]);
  queue.put([{ ...entry('key=a'), words: '“gale chased wren”' }]);
  await queue.send();
  assert.deepEqual(queue.all(), []);
  const [told] = queue.allTold();
  assert.equal(told.words, '“gale chased wren”: gale = who, chased = what');
  await queue.takeBack(told);
  assert.equal(asked.length, 2);
  assert.deepEqual(queue.allTold(), []);
});
