// node benchmarks/move-load.mjs [ADDRESS]
//
// Against a running ./pelluna demo or start, on this machine only: makes a keeper of its own with the demo's reef and twelve
// arrivals that all have a date, moves one of them after the other to another week, as dragging does, and times each move from the
// sending to the last byte of the plan it gives. Prints milliseconds.
import { ask, csrf, day, emptyPlan, measure, tankOf } from './keeper.mjs';

const times = Number(process.env.TIMES ?? 40);
const plan = emptyPlan();
const kinds = [
  'pterapogon-kauderni', 'elacatinus-oceanops', 'cirrhilabrus-solorensis', 'ctenochaetus-tominiensis', 'synchiropus-splendidus',
  'macropharyngodon-bipartitus', 'valenciennea-puellaris', 'pseudochromis-fridmani', 'salarias-fasciatus', 'serranus-tortugarum',
  'assessor-flavissimus', 'ecsenius-midas',
];
// Room and rules of the house that let every one of them come.
Object.assign(plan.houseRules, { gallonsPerInchNew: 0.5, gallonsPerInchMature: 0.5, bodyLengthsToSwim: 2 });
plan.wishes = kinds.map((speciesId, i) => ({ id: `w${i}`, speciesId, count: 1, askedBy: 'Load', decision: 'open' }));
const tank = await tankOf(plan);
const page = await (await ask(`${tank}/arrivals`)).text();
const dated = new Set([...page.matchAll(/data-wish="([^"]+)"/g)].map((found) => found[1]));
console.log(`arrivals with a date: ${dated.size} of ${kinds.length}`);
const token = await csrf(`${tank}/arrivals`);
const wishes = [...dated];
await measure('move', times, (i) => ask(`${tank}/arrivals/move`, {
  method: 'POST',
  body: new URLSearchParams({ _csrf: token, wish: wishes[i % wishes.length], to: day(-20 - ((i * 37) % 200)), part: 'true' }),
}));
