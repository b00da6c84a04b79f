// Installing and building what is missing, shared by start, test and quick. Plain JavaScript: it runs before anything is installed.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';

export const root = join(import.meta.dirname, '..');

/** The file of an installed package that is run. */
export const bin = (name) => join(root, 'node_modules', name);

/** Run a command and show what it says; returns its exit code. */
export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  return done.status ?? 1;
}

/** Run a file of an installed package beside others; what it says is given back with its exit code. */
export const runQuietly = (file, args) =>
  new Promise((resolve) => {
    const child = spawn(process.execPath, [bin(file), ...args], {
      cwd: root,
      env: { ...process.env, FORCE_COLOR: '0' },
    });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (d) => (said += d));
    child.on('error', (e) => resolve({ code: 1, said: String(e) }));
    child.on('close', (code) => resolve({ code: code ?? 1, said: said.trim() }));
  });

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
  console.log('Installing packages: this takes a minute or three the first time…');
  if (run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']) !== 0) {
    console.error('The packages could not be installed: see above.');
    process.exit(1);
  }
}

/** What the built app is made of, as one number: of another source it is built again. */
function sourceOfBuild() {
  const hash = createHash('sha1');
  const files = ['index.html', 'vite.config.ts', 'package-lock.json', 'tsconfig.base.json'];
  for (const folder of ['web', 'core', 'demo'])
    for (const entry of readdirSync(join(root, folder), { recursive: true, withFileTypes: true }))
      if (entry.isFile() && !/\.(test|testing)\.ts$/.test(entry.name))
        files.push(join(entry.parentPath, entry.name).slice(root.length + 1));
  for (const file of files.sort())
    if (existsSync(join(root, file)))
      hash
        .update(file)
        .update('\0')
        .update(readFileSync(join(root, file)));
  return hash.digest('hex');
}

/** Build the app, unless what is built is of this very source; returns whether it is there. */
export function ensureBuilt() {
  const stamp = join(root, 'dist', '.source');
  const source = sourceOfBuild();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === source) return true;
  console.log('Building: this takes half a minute…');
  const built = spawnSync(process.execPath, [bin('vite/bin/vite.js'), 'build', '--logLevel', 'error'], {
    cwd: root,
    encoding: 'utf8',
  });
  if (built.status !== 0) {
    console.error(`${built.stdout}${built.stderr}\nThe app could not be built: see above.`);
    return false;
  }
  mkdirSync(join(root, 'dist'), { recursive: true });
  writeFileSync(stamp, source);
  return true;
}

/** Is a port free on this machine? */
export const portIsFree = (port) =>
  new Promise((resolve) => {
    const trial = createServer();
    trial.once('error', () => resolve(false));
    trial.listen(port, 'localhost', () => trial.close(() => resolve(true)));
  });

/** Install Debian’s packages where that is allowed. @returns whether they are there now */
function fromDebian(packages, say) {
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) {
    console.error(say);
    return false;
  }
  console.log(`Installing ${packages.join(' and ')}…`);
  const quiet = {
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    stdio: ['ignore', 'ignore', 'inherit'],
  };
  const done =
    run('apt-get', ['update', '-qq'], quiet) === 0 &&
    run('apt-get', ['install', '-y', '-qq', ...packages], quiet) === 0;
  if (!done) console.error(say);
  return done;
}

/** Debian’s poppler, which draws our PDF pages so that a test can measure them. */
export const ensurePoppler = () =>
  existsSync('/usr/bin/pdftoppm') ||
  fromDebian(
    ['poppler-utils'],
    'The tests of printed pages need pdftoppm. On Debian: apt-get install poppler-utils.',
  );

/** Chromium and its driver for the browser tests: those named, or Debian’s, installed where that is allowed. */
export function ensureChromium() {
  const { CHROMIUM: browser = '/usr/bin/chromium', CHROMEDRIVER: driver = '/usr/bin/chromedriver' } =
    process.env;
  if (existsSync(browser) && existsSync(driver)) return true;
  const say =
    'The browser tests need Chromium and its driver. On Debian: apt-get install chromium chromium-driver. ' +
    'Elsewhere name them: CHROMIUM=/path/to/chrome CHROMEDRIVER=/path/to/chromedriver npm test';
  if (process.env.CHROMIUM) {
    console.error(say);
    return false;
  }
  return fromDebian(['chromium', 'chromium-driver'], say);
}

/** What is checked without running anything: a title, and the file of a package with its arguments. */
export const CHECKS = [
  [
    'types',
    'vue-tsc/bin/vue-tsc.js',
    ['--build', 'tsconfig.core.json', 'tsconfig.web.json', 'tsconfig.json'],
  ],
  [
    'lint',
    'eslint/bin/eslint.js',
    [
      '.',
      '--max-warnings',
      '0',
      '--cache',
      '--cache-location',
      '.cache/eslint',
      '--cache-strategy',
      'content',
    ],
  ],
  [
    'format',
    'prettier/bin/prettier.cjs',
    [
      '--check',
      '--log-level',
      'warn',
      '--cache',
      '--cache-location',
      '.cache/prettier',
      '--cache-strategy',
      'content',
      '.',
    ],
  ],
  [
    'arrows',
    'dependency-cruiser/bin/dependency-cruise.mjs',
    ['core', 'web', 'server', 'tools', 'demo', '--config', '.dependency-cruiser.cjs'],
  ],
  ['what nothing uses', 'knip/bin/knip.js', ['--no-progress']],
];

/** Run all checks, two beside each other; each says its name and how it went. Returns the titles of those that failed. */
export async function runChecks() {
  const waiting = [...CHECKS];
  const failed = [];
  const next = async () => {
    for (let check = waiting.shift(); check; check = waiting.shift()) {
      const [title, file, args] = check;
      const { code, said } = await runQuietly(file, args);
      console.log(code === 0 ? `— ${title}: good` : `— ${title}: failed\n${said}`);
      if (code !== 0) failed.push(title);
    }
  };
  await Promise.all([next(), next()]);
  return failed;
}
