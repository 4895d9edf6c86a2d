// node benchmarks/reef-load.mjs [ADDRESS]
//
// Against a running ./pelluna demo or start, on this machine only: makes a keeper of its own with the demo's rock and 25 fish, moves
// the slider of time day by day over their years, and times each step from the sending to the last byte. Prints milliseconds.
import { ask, day, emptyPlan, measure, tankOf } from './keeper.mjs';

const times = Number(process.env.TIMES ?? 60);
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
const tank = await tankOf(plan);
await measure('one step', times, (i) => ask(`${tank}/reef?part=true&on=${day(-(i * 23) % 1500)}`));
await measure('a fish picked', times, (i) => ask(`${tank}/reef?part=true&fish=f${i % 25}&on=${day(-(i * 23) % 1500)}`));
