// npm test: install what is missing, then types, lint, format, arrows, what nothing uses, unit tests, build and browser tests.
// The last line is `N passed, N failed`.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { firstViews } from './first-view.mjs';
import {
  bin,
  CHECKS,
  ensureBuilt,
  ensureChromium,
  ensurePackages,
  ensurePoppler,
  root,
  run,
  runChecks,
} from './prepare.mjs';

let passed = 0;
let failed = 0;
const count = (ok) => (ok ? passed++ : failed++);

function vitest(title, args) {
  console.log(`— ${title}`);
  const report = join(root, '.cache', `${title.replace(/\W+/g, '-')}.json`);
  mkdirSync(join(root, '.cache'), { recursive: true });
  rmSync(report, { force: true });
  const code = run(process.execPath, [
    bin('vitest/vitest.mjs'),
    'run',
    '--reporter=minimal',
    '--reporter=json',
    `--outputFile.json=${report}`,
    ...args,
  ]);
  const result = existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')) : undefined;
  passed += result?.numPassedTests ?? 0;
  failed += result?.numFailedTests ?? 0;
  if (code !== 0 && !(result?.numFailedTests > 0)) failed++;
}

function end() {
  console.log(`\n${passed} passed, ${failed} failed`);
  process.exit(failed === 0 ? 0 : 1);
}

// what would stop the end of it is said at the beginning
const chromium = ensureChromium();
ensurePoppler();
ensurePackages();
const broken = await runChecks();
failed += broken.length;
passed += CHECKS.length - broken.length;
// what does not compile is not worth a quarter of an hour
if (broken.includes('types')) end();
vitest('unit tests', []);
const built = ensureBuilt();
count(built);
if (built) {
  const { within, says } = firstViews(join(root, 'dist'));
  console.log(`— ${says}`);
  count(within);
}
if (built && chromium) vitest('browser tests', ['--config', 'vitest.browser.config.ts']);
else failed++;
end();
