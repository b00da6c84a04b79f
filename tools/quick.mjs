// npm run quick: types, lint, format, arrows of what has changed, and the unit tests that reach it. A minute, not twenty.
import { execFileSync } from 'node:child_process';
import { bin, ensurePackages, root, run, runChecks } from './prepare.mjs';

ensurePackages();
const since = process.argv[2] ?? 'HEAD';
const git = (...args) =>
  execFileSync('git', args, { cwd: root, encoding: 'utf8' }).split('\n').filter(Boolean);
const changed = [
  ...git('diff', '--name-only', '--diff-filter=d', since),
  ...git('ls-files', '--others', '--exclude-standard'),
].filter((file) => /\.(ts|vue|js)$/.test(file));
const broken = await runChecks();
if (broken.length > 0) process.exit(1);
if (changed.length === 0) console.log(`— unit tests: nothing has changed since ${since}`);
else
  process.exit(
    run(process.execPath, [bin('vitest/vitest.mjs'), 'related', '--run', '--reporter=minimal', ...changed]),
  );
