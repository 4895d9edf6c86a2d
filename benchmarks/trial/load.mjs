// Keepers at once, each with a reef: pages by turns and every fifth time an entry, with a pause to read between.
//   KEEPERS (50)      MINUTES (10)      PAUSE  seconds in the mean between two requests of one keeper (3)
import { randomUUID } from 'node:crypto';
import { server, sleep } from './server.mjs';
import { dice, Visitor } from './visitor.mjs';

const keepers = Number(process.env.KEEPERS ?? 50);
const minutes = Number(process.env.MINUTES ?? 10);
const pause = Number(process.env.PAUSE ?? 3) * 1000;
const pages = ['', '/plan', '/wishes', '/company', '/arrivals', '/water', '/log', '/headroom', '/reef', '/watch', '/species'];

server.start();
const began = await server.up();
const atRest = server.residentMb();
const all = [];
for (let i = 0; i < keepers; i += 1) {
  const visitor = new Visitor(server.address);
  await visitor.signUp(`load${i}x${Date.now().toString(36)}`);
  const tank = await visitor.reef();
  await visitor.ask(`${tank}/watch`);
  all.push({ visitor, tank, dice: dice(i + 1) });
}
// The first minute is the machine's own: it compiles what is used.
const took = new Map();
const faults = [];
const memory = [];
const begun = performance.now();
const until = begun + (minutes + 1) * 60000;
let counted = 0;

async function read({ visitor, tank, dice: random }) {
  await sleep(random() * pause);
  while (performance.now() < until) {
    const entry = random() < 0.2;
    const page = entry ? 'an entry' : pages[Math.floor(random() * pages.length)];
    const sent = performance.now();
    try {
      const answer = entry ? await visitor.chase(tank, randomUUID(), random) : await visitor.ask(tank + page);
      if (answer.status !== 200) {
        faults.push(`${page}: ${answer.status}`);
      }
    } catch (fault) {
      faults.push(`${page}: ${fault.message}`);
    }
    if (sent > begun + 60000) {
      counted += 1;
      took.set(page, [...(took.get(page) ?? []), performance.now() - sent]);
    }
    await sleep(-Math.log(1 - random()) * pause);
  }
}

const watch = setInterval(() => memory.push(server.residentMb()), 15000);
await Promise.all(all.map(read));
clearInterval(watch);
const at = (sorted, share) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];
const line = (name, times) => {
  const sorted = [...times].sort((one, other) => one - other);
  console.log(`${name.padEnd(12)} ${String(sorted.length).padStart(6)}   median ${at(sorted, 0.5).toFixed(0).padStart(5)}   p95 ${at(sorted, 0.95).toFixed(0).padStart(5)}   p99 ${at(sorted, 0.99).toFixed(0).padStart(5)} ms`);
};
console.log(`${keepers} keepers, ${minutes} min, ${counted} requests, ${faults.length} faults; up after ${began.toFixed(1)} s`);
[...took].sort().forEach(([name, times]) => line(name || '/', times));
line('all', [...took.values()].flat());
console.log(`resident: ${atRest} MB at rest, ${memory[4] ?? memory[0]} MB after a minute, ${Math.max(...memory)} MB at most, ${memory.at(-1)} MB at the end`);
[...new Set(faults)].slice(0, 10).forEach((one) => console.log(`FAULT: ${one}`));
await server.stop();
process.exitCode = faults.length ? 1 : 0;
