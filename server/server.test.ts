import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { spawn } from 'node:child_process';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createApp } from './app.ts';

let dist: string;
let server: Server;
let url: string;

beforeAll(async () => {
  dist = mkdtempSync(join(tmpdir(), 'spindle-dist-'));
  mkdirSync(join(dist, 'assets'));
  writeFileSync(join(dist, 'index.html'), '<!doctype html><title>Elm Spindle</title>');
  writeFileSync(join(dist, 'assets', 'app-1234.js'), `export const x = "${'a'.repeat(4000)}";`);
  server = createServer(createApp(dist));
  await new Promise<void>((r) => server.listen(0, 'localhost', r));
  const address = server.address();
  url = `http://localhost:${typeof address === 'object' && address ? address.port : 0}`;
});
afterAll(async () => {
  await new Promise((r) => server.close(r));
  rmSync(dist, { recursive: true, force: true });
});

describe('the server', () => {
  it('says it is well', async () => {
    const r = await fetch(`${url}/healthz`);
    expect(await r.json()).toEqual({ ok: true });
  });

  it('answers every page with the app, asked for again each time', async () => {
    for (const path of ['/', '/build/demo/bones']) {
      const r = await fetch(url + path, { headers: { accept: 'text/html' } });
      expect(r.status).toBe(200);
      expect(await r.text()).toContain('Elm Spindle');
      expect(r.headers.get('cache-control')).toBe('no-cache');
    }
  });

  it('keeps hashed files for ever and compresses them', async () => {
    const r = await fetch(`${url}/assets/app-1234.js`);
    expect(r.headers.get('cache-control')).toMatch(/immutable/);
    expect(r.headers.get('content-encoding')).toMatch(/gzip|br/);
  });

  it('sends a policy that lets nothing in from elsewhere and evaluates nothing', async () => {
    const policy = (await fetch(url)).headers.get('content-security-policy')!;
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("script-src 'self'");
    // WebAssembly may be compiled; strings may not be evaluated
    expect(policy).not.toContain("'unsafe-eval'");
    expect(policy).not.toMatch(/https?:|\*/);
  });

  it('answers what is not there with a plain 404', async () => {
    for (const path of ['/assets/gone.js', '/gone.png', '/..%2f..%2fetc/passwd.txt']) {
      const r = await fetch(url + path);
      expect(r.status, path).toBe(404);
      expect(await r.text()).not.toMatch(/Error|stack|at \//);
    }
  });

  it('says when its port is taken', async () => {
    const port = new URL(url).port;
    const child = spawn(process.execPath, ['--import', 'tsx', join(import.meta.dirname, 'main.ts')], {
      env: { ...process.env, PORT: port, DIST: dist },
    });
    let said = '';
    child.stderr.on('data', (d: Buffer) => (said += d.toString()));
    const code = await new Promise((r) => child.on('exit', r));
    expect(code).toBe(1);
    expect(said).toMatch(/already in use/);
  });
});
