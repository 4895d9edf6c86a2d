// How easily the demo's pages read: node benchmarks/readability.mjs [ADDRESS], beside a running ./pelluna demo. Results: docs/readability.md.
// The text of a page's content with every fold open, split at line ends and at . ! ? before a capital. Pieces with fewer than five words are
// labels and left out; sentences alike but for their figures count once; a number counts as a word.
import { Visitor } from './trial/visitor.mjs';

const address = process.argv[2] ?? 'http://127.0.0.1:8080';
if (!/^http:\/\/(127\.0\.0\.1|localhost)(:\d+)?$/.test(address)) {
  throw new Error('only a server on this machine is read');
}
const pages = {
  Today: '/today', Plan: '{}/plan', Wishes: '{}/wishes', 'Who attacks whom': '{}/company', Arrivals: '{}/arrivals', 'The reef': '{}/reef',
  Story: '{}/log', 'Is it settling?': '{}/watch/settling', Learned: '{}/watch/learned', Water: '{}/water',
};
const NUMBER = /(?<![A-Za-z])[−-]?\d[\d.,]*/g;

function text(html) {
  const main = html.match(/<(?:main|div)[^>]*id="content"[^]*?<\/main>/)?.[0] ?? html;
  return main
    .replace(/<(script|style|svg|select|datalist|noscript|template)\b[^]*?<\/\1>/g, '\n')
    .replace(/<\/?(p|div|li|ul|ol|h\d|td|th|tr|table|section|article|details|summary|form|label|button|dt|dd|dl|br|nav|option|fieldset|legend|caption)\b[^>]*>/g, '\n')
    .replace(/<[^>]*>/g, ' ')
    .replace(/&nbsp;|\u00a0/g, ' ')
    .replace(/&amp;/g, '&').replace(/&lt;/g, '<').replace(/&gt;/g, '>').replace(/&#39;/g, "'").replace(/&quot;/g, '"');
}

function sentences(plain) {
  const all = plain
    .split(/\n|(?<=[.!?])\s+(?=[A-Z“])/)
    .map((one) => one.replace(/\s+/g, ' ').trim())
    .filter((one) => one.split(' ').filter((word) => /[A-Za-z0-9]/.test(word)).length >= 5);
  return [...new Map(all.map((one) => [one.replace(NUMBER, '#'), one])).values()];
}

const syllables = (word) => Math.max(1, (word.toLowerCase().replace(/(e|es|ed)$/, '').match(/[aeiouy]+/g) ?? []).length);

function figures(list) {
  const words = list.map((one) => one.split(' ').filter((word) => /[A-Za-z0-9]/.test(word)));
  const all = words.flat().filter((word) => /^[A-Za-z]/.test(word));
  const share = (count, of) => `${((100 * count) / Math.max(1, of)).toFixed(0)} %`;
  return [
    list.length,
    (words.reduce((sum, one) => sum + one.length, 0) / Math.max(1, list.length)).toFixed(1),
    Math.max(0, ...words.map((one) => one.length)),
    share(words.filter((one) => one.length > 20).length, list.length),
    share(words.filter((one) => one.length > 25).length, list.length),
    share(all.filter((word) => syllables(word.replace(/[^A-Za-z]/g, '')) >= 4).length, all.length),
    share(list.filter((one) => (one.match(NUMBER) ?? []).length > 2).length, list.length),
  ];
}

const visitor = new Visitor(address);
await visitor.signUp(`read${Date.now().toString(36)}`);
const tank = await visitor.reef(true);
console.log('| page | sentences | words a sentence | longest | over 20 words | over 25 | words of 4 syllables and more | over 2 numbers | words in all |\n|---|---|---|---|---|---|---|---|---|');
const every = [];
let total = 0;
for (const [name, path] of Object.entries(pages)) {
  const plain = text((await visitor.ask(path.replace('{}', tank))).text);
  const list = sentences(plain);
  const words = plain.split(/\s+/).filter((word) => /[A-Za-z0-9]/.test(word)).length;
  total += words;
  every.push(...list);
  console.log(`| ${name} | ${figures(list).join(' | ')} | ${words} |`);
  if (process.env.LONG) {
    list.filter((one) => one.split(' ').length > 25 || (one.match(NUMBER) ?? []).length > 2).forEach((one) => console.log(`    ${one}`));
  }
}
const once = [...new Map(every.map((one) => [one.replace(NUMBER, '#'), one])).values()];
console.log(`| **all ten** | ${figures(once).join(' | ')} | ${total} |`);
