// node benchmarks/reef-load.mjs [ADDRESS]
//
// Against a running ./pelluna demo or start, on this machine only: makes a keeper of its own with the demo's rock and 25 fish, moves
// the slider of time day by day over their years, and times each step from the sending to the last byte. Prints milliseconds.
import { ask, day, measure, reefOf25, tankOf } from './keeper.mjs';

const times = Number(process.env.TIMES ?? 60);
const tank = await tankOf(reefOf25());
await measure('one step', times, (i) => ask(`${tank}/reef?part=true&on=${day(-(i * 23) % 1500)}`));
await measure('a fish picked', times, (i) => ask(`${tank}/reef?part=true&fish=f${i % 25}&on=${day(-(i * 23) % 1500)}`));
