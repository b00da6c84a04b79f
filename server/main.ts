import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { createApp } from './app.ts';

const dist = process.env.DIST ?? join(import.meta.dirname, '..', 'dist');
const port = Number(process.env.PORT ?? 4173);

if (!Number.isInteger(port) || port < 0 || port > 65535) {
  console.error(`PORT has to be a number from 0 to 65535, not “${process.env.PORT}”.`);
  process.exit(1);
}
if (!existsSync(join(dist, 'index.html'))) {
  console.error('The app is not built yet: run npm start, which builds it.');
  process.exit(1);
}

const server = createApp(dist).listen(port, 'localhost');
server.on('listening', () => {
  const address = server.address();
  const shown = typeof address === 'object' && address ? address.port : port;
  console.log(
    `Elm Spindle is ready at http://localhost:${shown} with the demonstration builds on the shelf. Ctrl-C stops it.`,
  );
});
server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is already in use: another Elm Spindle may be running. Choose another one with PORT=4174 npm start.`
      : `The server could not start: ${error.message}`,
  );
  process.exit(1);
});

const stop = (): void => {
  server.close(() => process.exit(0));
  server.closeAllConnections();
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
