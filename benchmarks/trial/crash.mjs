// Kills server and database at random moments while keepers write. Every write that was acknowledged must be there exactly once,
// and while the database is away every page must say so within two seconds.
//   KILLS  how often (100)      SEED  of all that is random
//      WRITERS  keepers who write (12)
import { killDatabase, server, sleep, startDatabase } from './server.mjs';
import { dice } from './visitor.mjs';
import { Writers } from './writers.mjs';

const kills = Number(process.env.KILLS ?? 100);
const random = dice(Number(process.env.SEED ?? 20261127));
let slowest = 0;
let told = 0;
const starts = [];

server.start();
await server.up();
const writers = new Writers([server.address]);
await writers.signUp(Number(process.env.WRITERS ?? 12));

/** Looks at pages while the database is away. */
async function looks(until) {
  const { visitor, tank } = writers.all[0];
  while (performance.now() < until) {
    for (const path of ['/today', `${tank}/wishes`, `${tank}/log`]) {
      const begun = performance.now();
      const answer = await visitor.ask(path);
      const took = performance.now() - begun;
      slowest = Math.max(slowest, took);
      told += 1;
      if (answer.status !== 503 || answer.wait === null || took > 2000) {
        writers.faults.push(`${path} answered ${answer.status} after ${took.toFixed(0)} ms while the database was away`);
      }
    }
  }
}

writers.begin();
for (let i = 0; i < kills; i += 1) {
  await sleep(1000 + random() * 7000);
  if (i % 2 === 0) {
    server.kill();
    await sleep(50);
    server.start();
    starts.push(await server.up());
  } else {
    killDatabase();
    await sleep(300);
    await looks(performance.now() + 500 + random() * 1000);
    startDatabase();
    await server.up();
  }
}
await writers.end();

console.log(`${kills} kills`);
const held = await writers.count();
await server.stop();
starts.sort((one, other) => one - other);
console.log(`${told} pages asked for while the database was away, the slowest answer after ${slowest.toFixed(0)} ms`);
console.log(`server back after a kill: median ${starts[starts.length >> 1]?.toFixed(1)} s, longest ${starts.at(-1)?.toFixed(1)} s`);
process.exitCode = held ? 0 : 1;
