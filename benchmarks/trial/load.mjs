// Keepers at once, each with the demo's reef, its tests and wishes; between two steps each thinks for 1 to 5 seconds. Of ten steps seven are
// pages by turns, two are entries of the log with the page behind them, one is a wish, a test or an undo.
//   KEEPERS (50)      MINUTES (10)
import { randomUUID } from 'node:crypto';
import { server, sleep } from './server.mjs';
import { day, dice, Visitor } from './visitor.mjs';

const keepers = Number(process.env.KEEPERS ?? 50);
const minutes = Number(process.env.MINUTES ?? 10);
/** How often each page is looked at beside the others. */
const pages = {
  '/today': 4, '/tanks': 4, '{}': 3, '{}/plan': 3, '{}/watch': 6, '{}/reef': 3, '{}/reef?on={soon}': 2, '{}/wishes': 3, '{}/company': 2,
  '{}/arrivals': 3, '{}/water': 2, '{}/headroom': 2, '{}/species': 2, '{}/species/gramma-loreto': 2, '{}/watch/settling': 2,
  '{}/watch/rank': 1, '{}/watch/learned': 1, '{}/watch/what-now': 1, '{}/losses': 1, '{}/shop': 1, '/mailbox': 1, '{}/plan.json': 0.3,
  '{}/tank.zip': 0.2,
};
const names = Object.entries(pages).flatMap(([name, share]) => Array(Math.round(10 * share)).fill(name));

server.start();
const began = await server.up();
const atRest = server.residentMb();
const all = [];
for (let i = 0; i < keepers; i += 1) {
  const visitor = new Visitor(server.address);
  await visitor.signUp(`load${i}x${Date.now().toString(36)}`);
  const tank = await visitor.reef(true);
  await visitor.ask(`${tank}/watch`);
  all.push({ visitor, tank, dice: dice(i + 1), entries: [] });
}
// The first minute is the machine's own: it compiles what is used.
const took = new Map();
const faults = [];
const memory = [];
const begun = performance.now();
const until = begun + (minutes + 1) * 60000;
let counted = 0;

async function timed(name, expected, ask) {
  const sent = performance.now();
  try {
    const answer = await ask();
    if (answer.status !== expected) {
      faults.push(`${name}: ${answer.status}`);
    }
  } catch (fault) {
    faults.push(`${name}: ${fault.message}`);
  }
  if (sent > begun + 60000) {
    counted += 1;
    took.set(name, [...(took.get(name) ?? []), performance.now() - sent]);
  }
}

async function step({ visitor, tank, dice: random, entries }) {
  const kind = random();
  const look = (page) => timed(page, 200, () => visitor.ask(page.replace('{}', tank).replace('{soon}', day(-Math.floor(random() * 700)))));
  if (kind < 0.7) {
    await look(names[Math.floor(random() * names.length)]);
  } else if (kind < 0.9 || !entries.length) {
    const key = randomUUID();
    await timed('an entry', 200, () => visitor.chase(tank, key, random));
    entries.push(key);
    await look('{}/watch');
  } else if (kind < 0.94) {
    await timed('a wish', 302, () => visitor.ask(`${tank}/wishes`, { key: randomUUID(), speciesId: 'gramma-loreto', count: '1' }));
    await look('{}/wishes');
  } else if (kind < 0.97) {
    await timed('a test', 302, () =>
      visitor.ask(`${tank}/water/tests`, { key: randomUUID(), on: day(0), 'reading[NITRATE]': String(1 + Math.floor(random() * 19)) }),
    );
    await look('{}/water');
  } else {
    await timed('an undo', 302, () => visitor.ask(`${tank}/watch/${entries.pop()}/remove`, {}));
  }
}

async function read(keeper) {
  while (performance.now() < until) {
    await sleep(1000 + keeper.dice() * 4000);
    await step(keeper);
  }
}

const watch = setInterval(() => memory.push(server.residentMb()), 15000);
await Promise.all(all.map(read));
clearInterval(watch);
const at = (sorted, share) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];
const line = (name, times) => {
  const sorted = [...times].sort((one, other) => one - other);
  console.log(`${name.padEnd(26)} ${String(sorted.length).padStart(6)}   median ${at(sorted, 0.5).toFixed(0).padStart(5)}   p95 ${at(sorted, 0.95).toFixed(0).padStart(5)}   p99 ${at(sorted, 0.99).toFixed(0).padStart(5)} ms`);
};
console.log(`${keepers} keepers, ${minutes} min, ${counted} requests, ${faults.length} faults; up after ${began.toFixed(1)} s`);
[...took].sort().forEach(([name, times]) => line(name || '/', times));
line('all', [...took.values()].flat());
console.log(`resident: ${atRest} MB at rest, ${memory[4] ?? memory[0]} MB after a minute, ${Math.max(...memory)} MB at most, ${memory.at(-1)} MB at the end`);
[...new Set(faults)].slice(0, 10).forEach((one) => console.log(`FAULT: ${one}`));
await server.stop();
process.exitCode = faults.length ? 1 : 0;
