// A keeper at a running server on this machine: own cookies, the token of its last page, one request at a time.
import { readFileSync } from 'node:fs';

export const day = (ago) => new Date(Date.now() - ago * 86400000).toISOString().slice(0, 10);

/** A random number from a seed, so that a trial can be run again as it was. */
export function dice(seed) {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

export class Visitor {
  constructor(address) {
    this.address = address;
    this.cookies = new Map();
    this.token = '';
    this.patience = 30000;
  }

  /** Asks for a page, or sends a form; gives status, text and where it leads. A server that is away throws. */
  async ask(path, fields) {
    const form = fields && !(fields instanceof FormData) ? new URLSearchParams(fields) : fields;
    form?.set('_csrf', this.token);
    const answer = await fetch(this.address + path, {
      method: form ? 'POST' : 'GET',
      body: form,
      redirect: 'manual',
      signal: AbortSignal.timeout(this.patience),
      headers: { cookie: this.cookie() },
    });
    for (const line of answer.headers.getSetCookie()) {
      const pair = line.split(';')[0];
      this.cookies.set(pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1));
    }
    const text = await answer.text();
    this.token = text.match(/name="_csrf" value="([^"]+)"/)?.[1] ?? this.token;
    return { status: answer.status, text, leads: answer.headers.get('location')?.replace(this.address, '') ?? '', wait: answer.headers.get('retry-after') };
  }

  cookie() {
    return [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; ');
  }

  async signUp(name) {
    await this.ask('/sign-up');
    const answer = await this.ask('/sign-up', { username: name, displayName: name, password: 'nine lamps over kelp' });
    if (answer.status !== 302) {
      throw new Error(`sign-up: ${answer.status}`);
    }
  }

  /** Brings in the demo's reef, with its record or without; the path of the tank. */
  async reef(withRecord = false) {
    const plan = JSON.parse(readFileSync(new URL('../../app/src/main/resources/demo/skerry-reef.json', import.meta.url), 'utf8'));
    if (!withRecord) {
      Object.assign(plan, { asOf: day(0), log: [], losses: [], waterTests: [] });
      plan.journal = { watches: [], rollCalls: [], signs: [], remedies: [], crew: [], tasks: [], unlearned: [] };
      plan.schedule = { order: [], notBefore: {}, inQuarantine: {}, setbacks: [], ticks: [], boxChecks: [] };
    }
    await this.ask('/import');
    const file = new FormData();
    file.set('file', new Blob([JSON.stringify(plan)]), 'plan.json');
    const answer = await this.ask('/import', file);
    if (answer.status !== 302) {
      throw new Error(`import: ${answer.status} ${answer.text.replace(/[^]*<h1>/, '').slice(0, 300)}`);
    }
    this.fish = plan.residents.filter((one) => !one.leftOn).map((one) => one.id);
    return answer.leads;
  }

  /** Writes that one fish chased another; the key makes it count once. */
  chase(tank, key, dice) {
    const first = Math.floor(dice() * this.fish.length);
    const second = (first + 1 + Math.floor(dice() * (this.fish.length - 1))) % this.fish.length;
    return this.ask(`${tank}/watch`, {
      queued: 'true',
      key,
      at: new Date(Date.now() - 60000).toISOString().slice(0, 19),
      kind: 'CHASE',
      aggressor: this.fish[first],
      fish: this.fish[second],
      hardness: '1',
      note: key,
    });
  }
}
