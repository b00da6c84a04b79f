import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express } from 'express';
import compressed from 'express-static-gzip';
import helmet from 'helmet';
import { instrumentRoutes, Instruments } from './instruments.ts';

/** What is said of an answer that is none. */
const SAID: Readonly<Record<number, string>> = {
  400: 'That could not be read.',
  404: 'Not here.',
  413: 'That is too long.',
};

/**
 * Serve the built app: strict content security policy on every answer, compressed, hashed files cached for ever and
 * everything else asked for again, any page of the app answered with its one document.
 * @param dist folder of the built app @param instruments scale and room sensor it speaks for
 */
export function createApp(dist: string, instruments = new Instruments()): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          // the solid modeller and the thinning of scans are WebAssembly
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          // the component library writes its styles into the page
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      referrerPolicy: { policy: 'no-referrer' },
      // served on localhost without TLS
      strictTransportSecurity: false,
    }),
  );
  app.use(
    compression({
      // a stream that is compressed is held back until there is enough of it
      filter: (req, res) =>
        !req.path.startsWith('/assets/') &&
        !req.path.startsWith('/instruments/') &&
        compression.filter(req, res),
    }),
  );
  app.get('/healthz', (_req, res) => {
    res.json({ ok: existsSync(join(dist, 'index.html')) });
  });
  app.use('/instruments', instrumentRoutes(instruments));
  // what never changes was compressed once, when it was built
  app.use(
    '/assets',
    compressed(join(dist, 'assets'), {
      index: false,
      serveStatic: { immutable: true, maxAge: '1y', fallthrough: false },
    }),
  );
  app.use(
    express.static(dist, {
      index: false,
      setHeaders: (res) => void res.setHeader('Cache-Control', 'no-cache'),
    }),
  );
  app.get('/{*path}', (req, res, next) => {
    if (!req.accepts('html') || /\.\w+$/.test(req.path)) {
      next();
      return;
    }
    res.setHeader('Cache-Control', 'no-cache');
    res.sendFile(join(dist, 'index.html'));
  });
  app.use((_req, res) => {
    res.status(404).type('text').send('Not here.');
  });
  const onError: express.ErrorRequestHandler = (error: { status?: number }, _req, res, next) => {
    if (res.headersSent) {
      next(error);
      return;
    }
    const status = error.status ?? 500;
    res
      .status(status)
      .type('text')
      .send(SAID[status] ?? 'That did not work.');
  };
  app.use(onError);
  return app;
}
