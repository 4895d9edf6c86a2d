// node benchmarks/log-load.mjs [ADDRESS]
//
// Against a running ./pelluna demo or start, on this machine only: makes a keeper of its own with a tank of 25 fish, brings in five
// years of log (20,000 observations) as a table, and times the taking in and every page of Watch and Losses, one request after the
// other. Prints milliseconds.
import { readFileSync } from 'node:fs';

const address = process.argv[2] ?? 'http://127.0.0.1:8080';
if (!/^http:\/\/(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/.test(address)) {
  throw new Error('only a server on this machine is measured');
}
const times = Number(process.env.TIMES ?? 12);
const cookies = new Map();

async function ask(path, options = {}) {
  const answer = await fetch(address + path, {
    redirect: 'manual',
    ...options,
    headers: { cookie: [...cookies].map(([k, v]) => `${k}=${v}`).join('; '), ...options.headers },
  });
  for (const line of answer.headers.getSetCookie()) {
    const [pair] = line.split(';');
    cookies.set(pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1));
  }
  return answer;
}

const csrf = async (path) => (await (await ask(path)).text()).match(/name="_csrf" value="([^"]+)"/)[1];

async function post(path, fields, from) {
  const body = fields instanceof FormData ? fields : new URLSearchParams(fields);
  body.set('_csrf', await csrf(from));
  const answer = await ask(path, { method: 'POST', body });
  if (answer.status >= 400) {
    throw new Error(`${path}: ${answer.status} ${(await answer.text()).slice(0, 4000)}`);
  }
  return answer;
}

let seed = 20261124;
const random = () => {
  seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
  return seed / 2 ** 32;
};

const name = `load${Date.now().toString(36)}`;
await post('/sign-up', { username: name, displayName: 'Load', password: 'a long password' }, '/sign-up');
const plan = JSON.parse(readFileSync(new URL('../app/src/main/resources/demo/skerry-reef.json', import.meta.url), 'utf8'));
const kinds = [...new Set(plan.residents.map((one) => one.speciesId))];
const today = new Date();
const day = (ago) => new Date(today - ago * 86400000).toISOString().slice(0, 10);
plan.asOf = day(0);
plan.log = [];
plan.losses = [];
plan.journal = { watches: [], rollCalls: [], signs: [], remedies: [], crew: [], tasks: [], unlearned: [] };
plan.schedule = { order: [], notBefore: {}, inQuarantine: {}, setbacks: [], ticks: [], boxChecks: [] };
plan.residents = Array.from({ length: 25 }, (_, i) => ({
  id: `f${i}`,
  speciesId: kinds[i % kinds.length],
  name: `Fish ${i}`,
  arrivedOn: day(1825 - i * 70),
  lengthCm: 4,
}));
for (let i = 0; i < 400; i += 1) {
  plan.journal.watches.push({ id: `w${i}`, start: `${day(1800 - i * 4.5)}T18:00:00`, minutes: 30 });
}
for (let i = 0; i < 12; i += 1) {
  plan.journal.remedies.push({ id: `m${i}`, kind: 'mirror', fishId: 'f0', from: day(1500 - i * 120), until: day(1480 - i * 120) });
}
const file = new FormData();
file.set('file', new Blob([JSON.stringify(plan)]), 'plan.json');
const tank = (await post('/import', file, '/import')).headers.get('location').replace(address, '');

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
const draft = (await post(`${tank}/tables`, table, `${tank}/tables`)).headers.get('location').replace(address, '');
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

for (const page of ['watch', 'watch/roll-call', 'watch/settling', 'watch/rank', 'watch/remedies', 'watch/what-now',
  'watch/learned', 'losses', 'losses/survival', 'losses/crew']) {
  const taken = [];
  for (let i = 0; i < times + 3; i += 1) {
    const start = performance.now();
    const answer = await ask(`${tank}/${page}`);
    const text = await answer.text();
    if (answer.status !== 200) {
      throw new Error(`${page}: ${answer.status} ${text.slice(0, 500)}`);
    }
    if (i >= 3) {
      taken.push(performance.now() - start);
    }
  }
  taken.sort((one, other) => one - other);
  console.log(`${page.padEnd(18)} median ${taken[taken.length >> 1].toFixed(0).padStart(5)} ms   slowest ${taken.at(-1).toFixed(0)} ms`);
}
