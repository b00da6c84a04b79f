// npm start: install what is missing, build, serve.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensurePackages, root, run } from './prepare.mjs';

ensurePackages();
console.log('Building…');
if (run(process.execPath, [join(root, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn']) !== 0)
  process.exit(1);

const server = spawn(process.execPath, ['--import', 'tsx', join(root, 'server/main.ts')], {
  cwd: root,
  stdio: 'inherit',
});
// the terminal hands Ctrl-C to the server too; wait for it to stop cleanly
process.on('SIGINT', () => {});
process.on('SIGTERM', () => server.kill('SIGTERM'));
server.on('exit', (code) => process.exit(code ?? 0));
