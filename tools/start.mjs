// npm start: install and build what is missing, serve.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuilt, ensurePackages, portIsFree, root } from './prepare.mjs';

const port = Number(process.env.PORT ?? 4173);
// said before anybody waits for an installation; the server says it again should it be taken meanwhile
if (Number.isInteger(port) && port > 0 && port < 65536 && !(await portIsFree(port))) {
  console.error(
    `Port ${port} is already in use: another Elm Spindle may be running. Choose another one with PORT=${port + 1} npm start.`,
  );
  process.exit(1);
}
ensurePackages();
if (!ensureBuilt()) process.exit(1);

const server = spawn(process.execPath, ['--import', 'tsx', join(root, 'server/main.ts')], {
  cwd: root,
  stdio: 'inherit',
});
// the terminal hands Ctrl-C to the server too; wait for it to stop cleanly
process.on('SIGINT', () => {});
process.on('SIGTERM', () => server.kill('SIGTERM'));
server.on('exit', (code) => process.exit(code ?? 0));
