// npm run --silent plan -- FILE.json [--now=2026-12-04T12:00]: the whole report of a build as JSON.
import { readFileSync } from 'node:fs';
import { readBuild } from '../core/files/index.ts';
import { plan } from '../core/plan.ts';
import { localInstant } from '../core/quantity/index.ts';

const stop = (text: string, code = 1): never => {
  console.error(text);
  process.exit(code);
};
const asked = process.argv.slice(2);
const file = asked.find((a) => !a.startsWith('--'));
const unknown = asked.find((a) => a.startsWith('--') && !a.startsWith('--now='));
if (file === undefined || unknown !== undefined)
  stop(
    unknown === undefined
      ? 'Name a build file: npm run --silent plan -- FILE.spindle.json [--now=2026-12-04T12:00]'
      : `${unknown} is not understood. Try --now=2026-12-04T12:00`,
    2,
  );
let text = '';
try {
  text = readFileSync(file!, 'utf8');
} catch {
  stop(`${file} could not be read.`);
}
const read = readBuild(text);
if (!read.ok) throw stop(`${file}: ${read.problem.text}`);
const local = asked.find((a) => a.startsWith('--now='))?.slice('--now='.length);
const now = local === undefined ? undefined : localInstant(local, read.value.brief.zone);
if (now !== undefined && !Number.isFinite(now))
  stop(`“${local}” is no time: write it as 2026-12-04T12:00, in the zone of the build.`, 2);
process.stdout.write(`${JSON.stringify(plan(read.value, now === undefined ? {} : { now }), null, 2)}\n`);
