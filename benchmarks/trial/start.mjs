// From Java's start to the first page, and the memory then, by several settings; each RUNS times (3), by turns, the middle one counts.
import { server, sleep } from './server.mjs';

const runs = Number(process.env.RUNS ?? 3);
const shipped = `@${process.env.PELLUNA_ROOT}/deploy/java.options`;
const settings = [
  ['the jar as built, Java as it comes', ['-Xmx448m'], '../pelluna.jar'],
  ['unpacked', ['-Xmx448m'], 'pelluna.jar'],
  ['unpacked, archive of classes', ['-Xmx448m', '-XX:SharedArchiveFile=pelluna.jsa', '-XX:+UseSerialGC'], 'pelluna.jar'],
  ['as shipped (deploy/java.options)', [shipped], 'pelluna.jar'],
  ['as shipped, one compiler', [shipped, '-XX:TieredStopAtLevel=1'], 'pelluna.jar'],
];

const found = settings.map(() => ({ seconds: [], megabytes: [] }));
for (let run = 0; run < runs; run += 1) {
  for (const [at, [, options, jar]] of settings.entries()) {
    const begun = performance.now();
    server.start(options, jar);
    await server.up();
    await fetch(`${server.address}/sign-in`);
    found[at].seconds.push((performance.now() - begun) / 1000);
    await sleep(10000);
    found[at].megabytes.push(server.residentMb());
    await server.stop();
  }
}
const middle = (list) => [...list].sort((one, other) => one - other)[Math.floor(list.length / 2)];
const plain = middle(found[0].seconds);
settings.forEach(([name], at) => {
  const seconds = middle(found[at].seconds);
  console.log(`${name.padEnd(36)} ${seconds.toFixed(1).padStart(5)} s  ${(seconds / plain).toFixed(2)}  ${middle(found[at].megabytes)} MB at rest`);
});
