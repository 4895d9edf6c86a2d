import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { test } from 'node:test';

globalThis.localStorage = { getItem: () => null, setItem: () => {} };
globalThis.document = { documentElement: { dataset: {} }, querySelector: () => null };

const components = readdirSync(new URL('../src/components/', import.meta.url));
const main = readFileSync(new URL('../src/main.js', import.meta.url), 'utf8');

for (const file of components) {
  test(`${file} holds one component, which is registered under its name`, async () => {
    const exported = Object.entries(await import(`../src/components/${file}`));
    assert.equal(exported.length, 1);
    const [name, component] = exported[0];
    assert.equal(typeof component(), 'object');
    assert.match(main, new RegExp(`import \\{ ${name} \\} from './components/${file}'`));
    assert.match(main, new RegExp(`components = \\{[^}]*\\b${name}\\b`));
  });
}

test('the entry asks for an aggressor only where there may be one', async () => {
  const { logEntry } = await import('../src/components/log-entry.js');
  const form = logEntry();
  for (const [kind, has, may] of [
    ['CHASE', true, true],
    ['INJURY', false, true],
    ['NOTE', false, false],
  ]) {
    form.kind = kind;
    assert.equal(form.hasAggressor, has);
    assert.equal(form.mayHaveAggressor, may);
  }
});
