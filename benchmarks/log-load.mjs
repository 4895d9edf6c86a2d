// node benchmarks/log-load.mjs [ADDRESS]
//
// Against a running ./pelluna demo or start, on this machine only: makes a keeper of its own with a tank of 30 fish, brings in five
// years of log (20,000 observations) as a table, and times the taking in and every page of the log, one request after the
// other. Prints milliseconds and kilobytes.
import { ask, day, emptyPlan, led, measure, post, tankOf } from './keeper.mjs';

const times = Number(process.env.TIMES ?? 12);
let seed = 20261124;
const random = () => {
  seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
  return seed / 2 ** 32;
};

const plan = emptyPlan();
const kinds = [...new Set(plan.residents.map((one) => one.speciesId))];
plan.residents = Array.from({ length: 30 }, (_, i) => ({
  id: `f${i}`,
  speciesId: kinds[i % kinds.length],
  name: `Fish ${i}`,
  arrivedOn: day(1825 - i * 60),
  lengthCm: 4,
}));
for (let i = 0; i < 400; i += 1) {
  plan.journal.watches.push({ id: `w${i}`, start: `${day(1800 - i * 4.5)}T18:00:00`, minutes: 30 });
}
for (let i = 0; i < 12; i += 1) {
  plan.journal.remedies.push({ id: `m${i}`, kind: 'mirror', fishId: 'f0', from: day(1500 - i * 120), until: day(1480 - i * 120) });
}
const tank = await tankOf(plan);

const rows = ['at,kind,aggressor,fish,hardness,place'];
for (let i = 0; i < 20000; i += 1) {
  const ago = Math.floor(random() * 1800);
  const here = plan.residents.filter((one) => one.arrivedOn < day(ago + 1));
  const a = here[Math.floor(random() * here.length)];
  const b = here[Math.floor(random() * here.length)];
  const minute = String(Math.floor(random() * 60)).padStart(2, '0');
  const second = String(Math.floor(random() * 60)).padStart(2, '0');
  if (a !== b) {
    rows.push(`${day(ago)}T18:${minute}:${second},chase,${a.name},${b.name},${1 + Math.floor(random() * 3)},cave ${i % 9}`);
  } else {
    i -= 1;
  }
}
const table = new FormData();
table.set('kind', 'LOG');
table.set('key', crypto.randomUUID());
table.set('file', new Blob([rows.join('\n')]), 'log.csv');
const draft = led(await post(`${tank}/tables`, table, `${tank}/tables`));
const begun = performance.now();
await post(`${draft}/take`, {}, draft);
for (;;) {
  const part = await (await ask(`${draft}?part=true`)).text();
  if (part.includes('taken in.')) {
    break;
  }
  await new Promise((again) => setTimeout(again, 100));
}
console.log(`20,000 observations taken in: ${Math.round(performance.now() - begun)} ms`);

for (const page of ['log', 'log?zoom=YEAR', 'log?zoom=MONTH', 'log?fish=f3', 'log/answers', 'today', 'plan', 'watch', 'watch/roll-call', 'watch/settling', 'watch/rank', 'watch/remedies', 'watch/what-now',
  'watch/learned', 'losses', 'losses/survival', 'losses/crew']) {
  const path = page === 'today' ? '/today' : `${tank}/${page}`;
  await measure(`${page} (${Math.round((await (await ask(path)).text()).length / 1000)} kB)`, times, () => ask(path));
}
