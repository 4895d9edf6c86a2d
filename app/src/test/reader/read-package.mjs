// node read-package.mjs FOLDER
//
// For the tests: reads an unfolded data package with a reader that is none of ours, and prints what it finds as JSON.
import { join } from 'node:path';
import datapackage from 'datapackage';

const read = await datapackage.Package.load(join(process.argv[2], 'datapackage.json'));
const tables = {};
for (const resource of read.resources.filter((one) => one.tabular)) {
  tables[resource.name] = await resource.read({ keyed: true });
}
console.log(JSON.stringify({ valid: read.valid, faults: read.errors.map(String), tables }));
