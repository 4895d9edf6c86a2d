// A database of a thousand keepers: pages of some of them, first and again, and the backup.
//   TANKS (2000)     ENTRIES  of all tanks together (2,000,000)
import { statSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { server, shell } from './server.mjs';
import { dice, Visitor } from './visitor.mjs';

const root = process.env.PELLUNA_ROOT;
const tanks = Number(process.env.TANKS ?? 2000);
const entries = Number(process.env.ENTRIES ?? 2000000);
const asked = Math.min(30, tanks / 2);
const pages = ['', '/plan', '/wishes', '/company', '/arrivals', '/water', '/log', '/headroom', '/reef', '/watch', '/species'];

server.start();
await server.up();
const first = new Visitor(server.address);
await first.signUp('model');
await first.reef();
const begun = performance.now();
shell(`postgres_psql "$TRIAL_CLUSTER" -d pelluna -v keepers=${tanks / 2 - 1} -v tanks=2 -v entries=${Math.round(entries / tanks)} -f ${root}/benchmarks/trial/large.sql`);
console.log(shell('postgres_psql "$TRIAL_CLUSTER" -d pelluna -Atc "select (select count(*) from keeper) || \' keepers, \' || (select count(*) from tank) || \' tanks, \' || (select count(*) from log_entry) || \' entries, \' || pg_size_pretty(pg_database_size(current_database()))"'), `made in ${((performance.now() - begun) / 1000).toFixed(0)} s`);

// What the server hung up meanwhile is noticed before it is spoken to again.
await new Promise((resolve) => setTimeout(resolve, 500));
const took = { first: new Map(), again: new Map() };
const faults = [];
const random = dice(7);
for (let i = 0; i < asked; i += 1) {
  const visitor = new Visitor(server.address);
  await visitor.ask('/sign-in');
  await visitor.ask('/sign-in', { username: `large${1 + Math.floor(random() * (tanks / 2 - 1))}`, password: 'nine lamps over kelp' });
  const tank = (await visitor.ask('/tanks')).text.match(/\/tanks\/[0-9a-f-]{36}/)?.[0];
  if (!tank) {
    faults.push('a keeper without tanks');
    continue;
  }
  // Each keeper begins with another page: the first one bears what all share.
  for (let at = 0; at < pages.length; at += 1) {
    const page = pages[(at + i) % pages.length];
    for (const when of ['first', 'again']) {
      const sent = performance.now();
      const answer = await visitor.ask(tank + page);
      if (answer.status !== 200) {
        faults.push(`${page}: ${answer.status}`);
      }
      const name = when === 'first' && at === 0 ? 'a keeper’s first page' : page || '/';
      took[when].set(name, [...(took[when].get(name) ?? []), performance.now() - sent]);
    }
  }
}
const at = (times, share) => [...times].sort((one, other) => one - other)[Math.min(times.length - 1, Math.floor(times.length * share))].toFixed(0).padStart(5);
[...took.first].sort().forEach(([page, times]) => {
  const again = took.again.get(page);
  console.log(`${page.padEnd(22)} first: median ${at(times, 0.5)}  longest ${at(times, 1)} ms` + (again ? `   again: median ${at(again, 0.5)}  longest ${at(again, 1)} ms` : ''));
});
console.log(`resident ${server.residentMb()} MB`);

const file = `${process.env.TRIAL_CLUSTER}-backup.dump`;
const saved = performance.now();
const backup = spawnSync(`${root}/pelluna`, ['backup', file], { encoding: 'utf8' });
if (backup.status !== 0) {
  faults.push(`backup: ${backup.stderr}`);
} else {
  console.log(`backup, read back: ${((performance.now() - saved) / 1000).toFixed(0)} s, ${(statSync(file).size / 1e6).toFixed(0)} MB`);
}
faults.slice(0, 10).forEach((one) => console.log(`FAULT: ${one}`));
await server.stop();
process.exitCode = faults.length ? 1 : 0;
