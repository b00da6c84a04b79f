// npm run --silent plan -- FILE.json: the whole report of a build as JSON.
import { readFileSync } from 'node:fs';
import { readBuild } from '../core/files/index.ts';
import { plan } from '../core/plan.ts';

const file = process.argv[2];
if (!file) {
  console.error('Name a build file: npm run --silent plan -- FILE.spindle.json');
  process.exit(2);
}
let text: string;
try {
  text = readFileSync(file, 'utf8');
} catch {
  console.error(`${file} could not be read.`);
  process.exit(1);
}
const read = readBuild(text);
if (!read.ok) {
  console.error(`${file}: ${read.problem.text}`);
  process.exit(1);
}
process.stdout.write(`${JSON.stringify(plan(read.value), null, 2)}\n`);
