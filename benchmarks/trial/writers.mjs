// Keepers who write as fast as they are answered, and send each entry until it is acknowledged.
import { randomUUID } from 'node:crypto';
import { sleep } from './server.mjs';
import { dice, Visitor } from './visitor.mjs';

export class Writers {
  over = false;
  faults = [];
  all = [];

  /** @param addresses of servers over one database: each entry is sent to one of them by chance, and after a failure to another */
  constructor(addresses) {
    this.addresses = addresses;
  }

  async signUp(keepers) {
    for (let i = 0; i < keepers; i += 1) {
      const visitor = new Visitor(this.addresses[0]);
      await visitor.signUp(`writer${i}${Date.now().toString(36)}`);
      const tank = await visitor.reef();
      await visitor.ask(`${tank}/watch`);
      this.all.push({ visitor, tank, kept: new Set(), dice: dice(i + 1) });
    }
  }

  begin() {
    this.writing = this.all.map((keeper) => this.#write(keeper));
  }

  async end() {
    this.over = true;
    await Promise.all(this.writing);
  }

  /** What is neither kept nor "away" is a fault. */
  async #write(keeper) {
    while (!this.over) {
      const key = randomUUID();
      for (let done = false; !done && !this.over; ) {
        keeper.visitor.address = this.addresses[Math.floor(keeper.dice() * this.addresses.length)];
        try {
          const answer = await keeper.visitor.chase(keeper.tank, key, keeper.dice);
          if (answer.status === 200 && answer.text === 'kept') {
            keeper.kept.add(key);
            done = true;
          } else if (answer.status !== 503) {
            this.faults.push(`a write was answered ${answer.status} ${answer.leads} ${answer.text.slice(0, 80)}`);
            await sleep(500);
          } else {
            await sleep(100);
          }
        } catch {
          // That server is away.
          await sleep(100);
        }
      }
    }
  }

  /** Looks for every acknowledged entry in the exported plans. */
  async count() {
    let acknowledged = 0;
    let missing = 0;
    let twice = 0;
    for (const { visitor, tank, kept } of this.all) {
      const plan = JSON.parse((await visitor.ask(`${tank}/plan.json`)).text);
      const times = new Map();
      plan.log.forEach((entry) => times.set(entry.note, 1 + (times.get(entry.note) ?? 0)));
      acknowledged += kept.size;
      missing += [...kept].filter((key) => !times.has(key)).length;
      twice += [...times.values()].filter((count) => count > 1).length;
    }
    console.log(`${acknowledged} writes acknowledged, ${missing} missing, ${twice} twice`);
    [...new Set(this.faults)].slice(0, 10).forEach((one) => console.log(`FAULT: ${one}`));
    return acknowledged > 0 && missing + twice + this.faults.length === 0;
  }
}
