// One keeper, nobody else: each page right after an entry, and again. Says what an entry makes the server work out.
import { randomUUID } from 'node:crypto';
import { address, residentMb, start, stop, up } from './server.mjs';
import { dice, Visitor } from './visitor.mjs';
const pages = ['', '/plan', '/wishes', '/company', '/arrivals', '/water', '/log', '/headroom', '/reef', '/watch', '/species'];
start();
const began = await up();
const visitor = new Visitor(address);
await visitor.signUp(`page${Date.now().toString(36)}`);
const tank = await visitor.reef();
const random = dice(1);
const first = new Map(); const again = new Map();
const put = (m, k, v) => m.set(k, [...(m.get(k) ?? []), v]);
const rounds = Number(process.env.ROUNDS ?? 12);
for (let r = 0; r < rounds; r += 1) {
  for (const page of pages) {
    let t = performance.now();
    await visitor.chase(tank, randomUUID(), random);
    if (r >= rounds / 2) put(first, 'entry', performance.now() - t);
    t = performance.now();
    await visitor.ask(tank + page);
    if (r >= rounds / 2) put(first, page, performance.now() - t);
    t = performance.now();
    await visitor.ask(tank + page);
    if (r >= rounds / 2) put(again, page, performance.now() - t);
  }
}
const median = (list) => [...(list ?? [0])].sort((a, b) => a - b)[Math.floor((list?.length ?? 1) / 2)];
console.log(`up ${began.toFixed(1)} s, resident ${residentMb()} MB`);
for (const [page, times] of first) console.log(`${page.padEnd(12)} first ${median(times).toFixed(0)} ms   again ${median(again.get(page)).toFixed(0)} ms`);
stop();
