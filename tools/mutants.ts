// npm run mutants -- [room] [how many] [seed]: change the core in small ways, one at a time, and see whether its tests notice.
// Takes from ten seconds to some minutes a change: by hand or at night, never in npm test. Fails where fewer than 80 % are noticed.
import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { seeded } from '../core/quantity/index.ts';
import { mutantsOf, mutated, type Mutant } from './mutate.ts';

const root = join(import.meta.dirname, '..');
const LEAST = 0.8;
/** A change that makes the tests run for ever is noticed as well. */
const PATIENCE = 240_000;
const [room = '', many = '20', seed = '7'] = process.argv.slice(2);

// a copy, so that nobody works on changed files
const copy = mkdtempSync(join(tmpdir(), 'spindle-mutants-'));
for (const entry of readdirSync(root))
  if (!['node_modules', '.git', '.cache', 'dist'].includes(entry))
    cpSync(join(root, entry), join(copy, entry), { recursive: true });
symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));

const sources = readdirSync(join(copy, 'core', room), { recursive: true, encoding: 'utf8' })
  .map((f) => join('core', room, f))
  .filter((f) => f.endsWith('.ts') && !/\.(test|testing|d)\.ts$|index\.ts$|generated|checks/.test(f));
const all = sources.flatMap((file) =>
  mutantsOf(readFileSync(join(copy, file), 'utf8')).map((mutant) => ({ file, mutant })),
);
const random = seeded(Number(seed));
const drawn = Array.from(
  { length: Math.min(Number(many), all.length) },
  () => all.splice(Math.floor(random() * all.length), 1)[0]!,
);

const fails = (...args: string[]): boolean =>
  spawnSync(
    process.execPath,
    [join(root, 'node_modules/vitest/vitest.mjs'), ...args, '--bail=1', '--reporter=minimal'],
    { cwd: copy, stdio: 'ignore', timeout: PATIENCE },
  ).status !== 0;

/** Do the tests fail with a file changed so? Those beside it are asked first, then all that reach it. */
function noticed(file: string, mutant: Mutant): boolean {
  const path = join(copy, file);
  const text = readFileSync(path, 'utf8');
  writeFileSync(path, mutated(text, mutant));
  const own = file.split('/').slice(0, 2).join('/');
  const found = fails('run', own) || fails('related', '--run', file);
  writeFileSync(path, text);
  return found;
}

let found = 0;
for (const { file, mutant } of drawn) {
  const killed = noticed(file, mutant);
  if (killed) found++;
  console.log(
    `${killed ? 'noticed ' : 'SURVIVED'} ${file}:${mutant.line} ${mutant.kind}: ${mutant.was.slice(0, 50)} → ${mutant.put.slice(0, 50)}`,
  );
}
rmSync(copy, { recursive: true, force: true });
const share = drawn.length > 0 ? found / drawn.length : 1;
console.log(
  `\n${found} of ${drawn.length} noticed (${Math.round(100 * share)} %), at least ${100 * LEAST} % wanted`,
);
process.exit(share >= LEAST ? 0 : 1);
