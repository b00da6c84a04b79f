// Installing what is missing, shared by start and test. Plain JavaScript: it runs before anything is installed.
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

export const root = join(import.meta.dirname, '..');

/** Run a command and show what it says; returns its exit code. */
export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  return done.status ?? 1;
}

/** Is what is installed what the lock file names? */
function installed() {
  const inside = join(root, 'node_modules', '.package-lock.json');
  if (!existsSync(inside)) return false;
  const want = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8')).packages;
  const have = JSON.parse(readFileSync(inside, 'utf8')).packages;
  return Object.entries(want).every(
    ([path, p]) => path === '' || p.optional || p.peer || have[path]?.version === p.version,
  );
}

/** Install the packages of the lock file when they are missing or others. */
export function ensurePackages() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19)) {
    console.error(`Node 20.19 or newer is needed; this is ${process.versions.node}.`);
    process.exit(1);
  }
  if (installed()) return;
  console.log('Installing packages…');
  if (run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']) !== 0) {
    console.error('The packages could not be installed: see above.');
    process.exit(1);
  }
}
