// A keeper of its own on a running ./pelluna demo or start, for the load scripts: signs up, sends forms, measures answers.
import { readFileSync } from 'node:fs';

export const address = process.argv[2] ?? 'http://127.0.0.1:8080';
if (!/^http:\/\/(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/.test(address)) {
  throw new Error('only a server on this machine is measured');
}
/** The session's cookies by name. */
export const cookies = new Map();

export async function ask(path, options = {}) {
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

export const csrf = async (path) => (await (await ask(path)).text()).match(/name="_csrf" value="([^"]+)"/)[1];

export async function post(path, fields, from) {
  const body = fields instanceof FormData ? fields : new URLSearchParams(fields);
  body.set('_csrf', await csrf(from));
  const answer = await ask(path, { method: 'POST', body });
  if (answer.status >= 400) {
    throw new Error(`${path}: ${answer.status} ${(await answer.text()).replace(/[^]*<h1>/, "").slice(0, 1500)}`);
  }
  return answer;
}

/** Where a form's answer leads, without the server's name. */
export const led = (answer) => answer.headers.get('location').replace(address, '');

export const day = (ago) => new Date(Date.now() - ago * 86400000).toISOString().slice(0, 10);

/** The demo's plan as of today with an empty record, to be filled by the script. */
export function emptyPlan() {
  const plan = JSON.parse(readFileSync(new URL('../app/src/main/resources/demo/skerry-reef.json', import.meta.url), 'utf8'));
  plan.asOf = day(0);
  plan.log = [];
  plan.losses = [];
  plan.waterTests = [];
  plan.journal = { watches: [], rollCalls: [], signs: [], remedies: [], crew: [], tasks: [], unlearned: [] };
  plan.schedule = { order: [], notBefore: {}, inQuarantine: {}, setbacks: [], ticks: [], boxChecks: [] };
  return plan;
}

/** The demo's rock with 25 fish of twenty kinds and no wishes. */
export function reefOf25() {
  const plan = emptyPlan();
  plan.wishes = [];
  const kinds = [
    ...new Set(plan.residents.map((one) => one.speciesId)),
    'pterapogon-kauderni', 'elacatinus-oceanops', 'cirrhilabrus-solorensis', 'ctenochaetus-tominiensis', 'synchiropus-splendidus',
    'macropharyngodon-bipartitus', 'centropyge-bispinosa', 'pseudochromis-fridmani', 'salarias-fasciatus', 'serranus-tortugarum',
    'assessor-flavissimus', 'oxycirrhites-typus',
  ];
  plan.residents = Array.from({ length: 25 }, (_, i) => ({
    id: `f${i}`,
    speciesId: kinds[i % kinds.length],
    name: `Fish ${i}`,
    arrivedOn: day(500 - i * 18),
    lengthCm: 3.5,
  }));
  return plan;
}

/** A new keeper with this plan; gives the path of the tank. */
export async function tankOf(plan) {
  const username = `load${Date.now().toString(36)}`;
  await post('/sign-up', { username, displayName: 'Load', password: 'a long password' }, '/sign-up');
  const file = new FormData();
  file.set('file', new Blob([JSON.stringify(plan)]), 'plan.json');
  return led(await post('/import', file, '/import'));
}

/** Times an errand, warm, from the sending to the last byte, and prints a line. */
export async function measure(name, times, errand) {
  const taken = [];
  for (let i = 0; i < times + 3; i += 1) {
    const start = performance.now();
    const answer = await errand(i);
    const text = await answer.text();
    if (answer.status !== 200) {
      throw new Error(`${name}: ${answer.status} ${text.slice(0, 500)}`);
    }
    if (i >= 3) {
      taken.push(performance.now() - start);
    }
  }
  print(name, taken);
}

/** A line with the median and the slowest of some times. */
export function print(name, taken) {
  const sorted = [...taken].sort((one, other) => one - other);
  console.log(`${name.padEnd(18)} median ${sorted[sorted.length >> 1].toFixed(0).padStart(5)} ms   slowest ${sorted.at(-1).toFixed(0)} ms`);
}
