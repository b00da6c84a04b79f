// npm test: install what is missing, then types, lint, format, arrows, unit tests, build and browser tests.
// The last line is `N passed, N failed`.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensurePackages, root, run } from './prepare.mjs';

/** Debian's Chromium and its driver, for the browser tests. */
function ensureChromium() {
  if (existsSync('/usr/bin/chromium') && existsSync('/usr/bin/chromedriver')) return true;
  const say =
    'The browser tests need Debian’s chromium and chromium-driver: apt-get install chromium chromium-driver';
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) {
    console.error(say);
    return false;
  }
  console.log('Installing chromium and chromium-driver…');
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const quiet = { env, stdio: ['ignore', 'ignore', 'inherit'] };
  if (
    run('apt-get', ['update', '-qq'], quiet) !== 0 ||
    run('apt-get', ['install', '-y', '-qq', 'chromium', 'chromium-driver'], quiet) !== 0
  ) {
    console.error(say);
    return false;
  }
  return true;
}

let passed = 0;
let failed = 0;
const count = (ok) => (ok ? passed++ : failed++);
const bin = (name) => join(root, 'node_modules', name);

function check(title, file, args) {
  console.log(`\n— ${title}`);
  const ok = run(process.execPath, [bin(file), ...args]) === 0;
  count(ok);
  return ok;
}

function vitest(title, args) {
  console.log(`\n— ${title}`);
  const report = join(root, '.cache', `${title.replace(/\W+/g, '-')}.json`);
  mkdirSync(join(root, '.cache'), { recursive: true });
  rmSync(report, { force: true });
  const code = run(process.execPath, [
    bin('vitest/vitest.mjs'),
    'run',
    '--reporter=dot',
    '--reporter=json',
    `--outputFile.json=${report}`,
    ...args,
  ]);
  const result = existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')) : undefined;
  passed += result?.numPassedTests ?? 0;
  failed += result?.numFailedTests ?? 0;
  if (code !== 0 && !(result?.numFailedTests > 0)) failed++;
}

ensurePackages();
check('types of the core', 'typescript/bin/tsc', ['-p', 'tsconfig.core.json']);
check('types of the screens', 'vue-tsc/bin/vue-tsc.js', ['-p', 'tsconfig.web.json']);
check('types of the rest', 'typescript/bin/tsc', ['-p', 'tsconfig.json']);
check('lint', 'eslint/bin/eslint.js', ['.', '--max-warnings', '0']);
check('format', 'prettier/bin/prettier.cjs', ['--check', '--log-level', 'warn', '.']);
check('arrows', 'dependency-cruiser/bin/dependency-cruise.mjs', [
  'core',
  'web',
  'server',
  'tools',
  'demo',
  '--config',
  '.dependency-cruiser.cjs',
]);
vitest('unit tests', []);
if (check('build', 'vite/bin/vite.js', ['build', '--logLevel', 'warn'])) {
  if (ensureChromium()) vitest('browser tests', ['--config', 'vitest.browser.config.ts']);
  else failed++;
}
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
