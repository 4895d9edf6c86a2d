// Two servers over one database, as behind a proxy: each entry goes to one of them by chance, and one is killed again and again.
//   KILLS  how often (40)      SEED      WRITERS (12)
import { Server, server, sleep } from './server.mjs';
import { dice } from './visitor.mjs';
import { Writers } from './writers.mjs';

const kills = Number(process.env.KILLS ?? 40);
const random = dice(Number(process.env.SEED ?? 20261127));
const pair = [server, new Server(Number(server.port) + 1)];
pair.forEach((one) => one.start());
await Promise.all(pair.map((one) => one.up()));
const writers = new Writers(pair.map((one) => one.address));
await writers.signUp(Number(process.env.WRITERS ?? 12));

let slowest = 0;
writers.begin();
for (let i = 0; i < kills; i += 1) {
  await sleep(500 + random() * 2500);
  const killed = pair[i % 2];
  killed.kill();
  // What a keeper sees meanwhile, from the other: the same session, the same tank.
  const { visitor, tank } = writers.all[i % writers.all.length];
  const sent = performance.now();
  const answer = await fetch(pair[(i + 1) % 2].address + `${tank}/log`, { headers: { cookie: visitor.cookie() }, redirect: 'manual' });
  slowest = Math.max(slowest, performance.now() - sent);
  if (answer.status !== 200) {
    writers.faults.push(`the other answered ${answer.status}`);
  }
  killed.start();
  await killed.up();
}
await writers.end();
console.log(`${kills} kills of one of two`);
writers.all.forEach(({ visitor }) => {
  visitor.address = server.address;
});
const held = await writers.count();
console.log(`a page of the other meanwhile: the slowest after ${slowest.toFixed(0)} ms`);
await Promise.all(pair.map((one) => one.stop()));
process.exitCode = held ? 0 : 1;
