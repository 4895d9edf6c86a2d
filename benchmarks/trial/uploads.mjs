// Many keepers send the largest and worst files at once: none may fill the memory, and each is taken or refused with a sentence.
//   UPLOADS  how many at once (20)
import { randomUUID } from 'node:crypto';
import { crc32, deflateRawSync, deflateSync } from 'node:zlib';
import { server } from './server.mjs';
import { day, Visitor } from './visitor.mjs';

const many = Number(process.env.UPLOADS ?? 20);
const MB = 1e6;

/** A picture of one grey: few bytes, many pixels. */
function png(width, height, channels) {
  const part = (name, data) => {
    const body = Buffer.concat([Buffer.from(name), data]);
    const size = Buffer.alloc(4);
    size.writeUInt32BE(data.length);
    const sum = Buffer.alloc(4);
    sum.writeUInt32BE(crc32(body));
    return Buffer.concat([size, body, sum]);
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, channels === 1 ? 0 : 2], 8);
  const rows = deflateSync(Buffer.alloc(height * (1 + width * channels)), { level: 9 });
  return Buffer.concat([Buffer.from([137, 80, 78, 71, 13, 10, 26, 10]), part('IHDR', head), part('IDAT', rows), part('IEND', Buffer.alloc(0))]);
}

/** A package of one file that grows when it is unpacked. */
function zip(name, content) {
  const packed = deflateRawSync(content, { level: 9 });
  const path = Buffer.from(name);
  const common = Buffer.alloc(26);
  common.writeUInt16LE(20, 0);
  common.writeUInt16LE(8, 4);
  common.writeUInt32LE(crc32(content), 10);
  common.writeUInt32LE(packed.length, 14);
  common.writeUInt32LE(content.length, 18);
  common.writeUInt16LE(path.length, 22);
  const local = Buffer.concat([Buffer.from([0x50, 0x4b, 3, 4]), common, path, packed]);
  const entry = Buffer.concat([Buffer.from([0x50, 0x4b, 1, 2, 20, 0]), common, Buffer.alloc(14), path]);
  const end = Buffer.alloc(22);
  end.set([0x50, 0x4b, 5, 6]);
  end.writeUInt16LE(1, 8);
  end.writeUInt16LE(1, 10);
  end.writeUInt32LE(entry.length, 12);
  end.writeUInt32LE(local.length, 16);
  return Buffer.concat([local, entry, end]);
}

const fields = ({ content, ...values }, file, name) => {
  const form = new FormData();
  Object.entries(values).forEach(([key, value]) => form.set(key, value));
  form.set(file, new Blob([content]), name);
  return form;
};
const table = (content) => (keeper) => [`${keeper.tank}/tables`, fields({ kind: 'TESTS', key: randomUUID(), content }, 'file', 't.csv')];
const photograph = (content) => (keeper) => [
  `${keeper.tank}/fish/${keeper.visitor.fish[0]}/note`,
  fields({ form: randomUUID(), on: day(0), note: 'as it is today', content }, 'photo', 'p.png'),
];
const brought = (content, name) => () => ['/import', fields({ key: randomUUID(), content }, 'file', name)];
const kinds = {
  'a table of 19 MB in one line': table(Buffer.alloc(19 * MB, '1,')),
  'a table of 19 MB in short lines': table(Buffer.alloc(19 * MB, '2026-01-02,4\n')),
  'a photograph of 24 million pixels': photograph(png(6000, 4000, 3)),
  'a photograph of 59 million pixels': photograph(png(7700, 7700, 1)),
  'a photograph of 900 million pixels': photograph(png(30000, 30000, 1)),
  'a plan that is brackets, 19 MB': brought(Buffer.alloc(19 * MB, '['), 'plan.json'),
  'a plan with a name of 19 MB': brought(Buffer.concat([Buffer.from('{"format":"'), Buffer.alloc(19 * MB, 'x'), Buffer.from('"}')]), 'plan.json'),
  'a package that unpacks to 400 MB': brought(zip('plan.json', Buffer.alloc(400 * MB, ' ')), 'tank.zip'),
};

server.start();
await server.up();
const keepers = [];
for (let i = 0; i < many; i += 1) {
  const visitor = new Visitor(server.address);
  await visitor.signUp(`uploads${i}${Date.now().toString(36)}`);
  visitor.patience = 180000;
  keepers.push({ visitor, tank: await visitor.reef() });
}
let faults = 0;
console.log(`${many} at once, ${server.residentMb()} MB before`);
for (const [name, made] of Object.entries(kinds)) {
  const begun = performance.now();
  const answers = await Promise.all(
    keepers.map(async (keeper) => {
      const [path, form] = made(keeper);
      return keeper.visitor.ask(path, form).then(({ status }) => status, (trouble) => String(trouble.cause ?? trouble));
    }),
  );
  const seconds = (performance.now() - begun) / 1000;
  const counts = new Map();
  answers.forEach((one) => counts.set(one, 1 + (counts.get(one) ?? 0)));
  const page = await keepers[0].visitor.ask('/today').then(({ status }) => status, String);
  faults += answers.filter((one) => typeof one !== 'number' || (one >= 500 && one !== 503)).length + (page === 200 ? 0 : 1);
  console.log(`${name.padEnd(38)} ${[...counts].map(([status, count]) => `${count} × ${status}`).join(', ').padEnd(20)} ${seconds.toFixed(1).padStart(6)} s  ${server.residentMb()} MB after`);
}
await server.stop();
console.log(faults === 0 ? 'no fault' : `${faults} FAULTS`);
process.exitCode = faults === 0 ? 0 : 1;
