// Kills server and database at random moments while four keepers write. Every write that was acknowledged must be there exactly once,
// and while the database is away every page must say so within two seconds.
//   KILLS  how often (100)      SEED  of all that is random
import { randomUUID } from 'node:crypto';
import { address, kill, killDatabase, sleep, start, startDatabase, stop, up } from './server.mjs';
import { dice, Visitor } from './visitor.mjs';

const kills = Number(process.env.KILLS ?? 100);
const random = dice(Number(process.env.SEED ?? 20261127));
const keepers = 4;
let over = false;
let slowest = 0;
let told = 0;
const faults = [];
const starts = [];

start();
await up();
const all = [];
for (let i = 0; i < keepers; i += 1) {
  const visitor = new Visitor(address);
  await visitor.signUp(`crash${i}${Date.now().toString(36)}`);
  const tank = await visitor.reef();
  await visitor.ask(`${tank}/watch`);
  all.push({ visitor, tank, kept: new Set(), dice: dice(i + 1) });
}

/** Sends each entry until it is acknowledged; what is neither that nor "away" is a fault. */
async function write(keeper) {
  while (!over) {
    const key = randomUUID();
    for (let done = false; !done && !over; ) {
      try {
        const answer = await keeper.visitor.chase(keeper.tank, key, keeper.dice);
        if (answer.status === 200 && answer.text === 'kept') {
          keeper.kept.add(key);
          done = true;
        } else if (answer.status !== 503) {
          faults.push(`a write was answered ${answer.status} ${answer.leads} ${answer.text.slice(0, 80)}`);
          await sleep(500);
        } else {
          await sleep(100);
        }
      } catch {
        // The server is away.
        await sleep(100);
      }
    }
  }
}

/** Looks at pages while the database is away. */
async function looks(until) {
  const { visitor, tank } = all[0];
  while (performance.now() < until) {
    for (const path of ['/today', `${tank}/wishes`, `${tank}/log`]) {
      const begun = performance.now();
      const answer = await visitor.ask(path);
      const took = performance.now() - begun;
      slowest = Math.max(slowest, took);
      told += 1;
      if (answer.status !== 503 || answer.wait === null || took > 2000) {
        faults.push(`${path} answered ${answer.status} after ${took.toFixed(0)} ms while the database was away`);
      }
    }
  }
}

const writers = all.map(write);
for (let i = 0; i < kills; i += 1) {
  await sleep(200 + random() * 1800);
  if (i % 2 === 0) {
    kill();
    await sleep(50);
    start();
    starts.push(await up());
  } else {
    killDatabase();
    await sleep(300);
    await looks(performance.now() + 500 + random() * 1000);
    startDatabase();
    await up();
  }
}
over = true;
await Promise.all(writers);

let acknowledged = 0;
let missing = 0;
let twice = 0;
for (const { visitor, tank, kept } of all) {
  const plan = JSON.parse((await visitor.ask(`${tank}/plan.json`)).text);
  const times = new Map();
  plan.log.forEach((entry) => times.set(entry.note, 1 + (times.get(entry.note) ?? 0)));
  acknowledged += kept.size;
  missing += [...kept].filter((key) => !times.has(key)).length;
  twice += [...times.values()].filter((count) => count > 1).length;
}
await stop();
starts.sort((one, other) => one - other);
console.log(`${kills} kills, ${acknowledged} writes acknowledged, ${missing} missing, ${twice} twice`);
console.log(`${told} pages asked for while the database was away, the slowest answer after ${slowest.toFixed(0)} ms`);
console.log(`server back after a kill: median ${starts[starts.length >> 1]?.toFixed(1)} s, longest ${starts.at(-1)?.toFixed(1)} s`);
[...new Set(faults)].slice(0, 10).forEach((one) => console.log(`FAULT: ${one}`));
process.exitCode = missing || twice || faults.length || acknowledged < kills ? 1 : 0;
