import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { EventEmitter } from 'node:events';
import { createServer, request, type IncomingMessage, type Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Response } from 'express';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { readLine, type InstrumentLine } from '../core/bench/index.ts';
import { createApp } from './app.ts';
import { Instruments, LINES_TYPE, MOST_READERS, readChange } from './instruments.ts';

let dist: string;
let server: Server;
let port: number;
let clock: number;
const instruments = new Instruments({ random: () => 0.5, now: () => Date.now() + clock });

beforeAll(async () => {
  dist = mkdtempSync(join(tmpdir(), 'spindle-instruments-'));
  writeFileSync(join(dist, 'index.html'), '<!doctype html><title>Elm Spindle</title>');
  server = createServer(createApp(dist, instruments));
  await new Promise<void>((r) => server.listen(0, 'localhost', r));
  const address = server.address();
  port = typeof address === 'object' && address ? address.port : 0;
  clock = 0;
});
afterEach(() => {
  clock += 120_000;
  instruments.close();
});
afterAll(async () => {
  server.closeAllConnections();
  await new Promise((r) => server.close(r));
  rmSync(dist, { recursive: true, force: true });
});

interface Stream {
  readonly response: IncomingMessage;
  readonly lines: InstrumentLine[];
  readonly closed: Promise<void>;
  readonly stop: () => void;
}

const open = (): Promise<Stream> =>
  new Promise((resolve, reject) => {
    const asked = request(
      { port, host: 'localhost', path: '/instruments/stream', headers: { 'accept-encoding': 'gzip, br' } },
      (response) => {
        const lines: InstrumentLine[] = [];
        response.setEncoding('utf8');
        response.on('data', (text: string) => {
          for (const part of text.split('\n'))
            if (part.startsWith('data: ')) {
              const line = readLine(part.slice(6));
              if (line) lines.push(line);
            }
        });
        const closed = new Promise<void>((r) => response.on('close', r));
        resolve({ response, lines, closed, stop: () => asked.destroy() });
      },
    );
    asked.on('error', reject);
    asked.end();
  });
const until = async (what: () => boolean): Promise<void> => {
  for (let k = 0; k < 200 && !what(); k++) await new Promise((r) => setTimeout(r, 50));
  expect(what()).toBe(true);
};
const post = (path: string, body: string, type: string) =>
  fetch(`http://localhost:${port}/instruments/${path}`, {
    method: 'POST',
    body,
    headers: { 'content-type': type },
  });
const simulate = (change: object) => post('simulated', JSON.stringify(change), 'application/json');
const grams = (s: Stream) => s.lines.flatMap((l) => (l.kind === 'scale' ? [l.grams] : []));

describe('the stream of the instruments', () => {
  it('says at once who speaks and what the room is like, uncompressed, and then what the scale says', async () => {
    const s = await open();
    expect(s.response.headers['content-type']).toMatch(/text\/event-stream/);
    expect(s.response.headers['content-encoding']).toBeUndefined();
    expect(s.response.headers['cache-control']).toMatch(/no-cache/);
    await until(() => s.lines.length >= 3);
    expect(s.lines[0]).toEqual({ kind: 'from', source: 'simulated' });
    expect(s.lines[1]).toMatchObject({ kind: 'room' });
    expect((await simulate({ place: 36 })).status).toBe(204);
    await until(() => grams(s).some((g) => Math.abs(g - 36) < 0.2));
    expect((await simulate({ tare: true })).status).toBe(204);
    await until(() => Math.abs(grams(s).at(-1)!) < 0.2);
    await simulate({ place: 0 });
    s.stop();
    await until(() => instruments.readers === 0);
  });

  it('serves many readers, sends away more than it can, and lets all go that leave', async () => {
    const many = await Promise.all(Array.from({ length: MOST_READERS }, open));
    expect(instruments.readers).toBe(MOST_READERS);
    const more = await open();
    expect(more.response.statusCode).toBe(503);
    for (const s of many) s.stop();
    await until(() => instruments.readers === 0);
    const again = await open();
    expect(again.response.statusCode).toBe(200);
    again.stop();
  });

  it('does not wait for a reader who does not read, keeps nothing for it, and lets it go in the end', async () => {
    const quick = await open();
    const taken: string[] = [];
    let gone = false;
    const slow = Object.assign(new EventEmitter(), {
      writableLength: 0,
      write: (text: string) => taken.push(text) > 0,
      end: () => true,
      destroy: () => (gone = true),
    });
    instruments.add(slow as unknown as Response);
    expect(taken.length).toBe(2);
    slow.writableLength = 1_000_000;
    const line: InstrumentLine = { kind: 'room', temperature: 21, humidity: 50 };
    for (let k = 0; k < 200; k++) instruments.attach([line]);
    expect(taken.length).toBe(2);
    await until(() => quick.lines.length > 200);
    // it has caught up: it goes on from now, with nothing of what it missed
    slow.writableLength = 0;
    slow.emit('drain');
    instruments.attach([line]);
    expect(taken.length).toBe(3);
    slow.writableLength = 1_000_000;
    instruments.attach([line]);
    clock += 31_000;
    instruments.attach([line]);
    expect(gone).toBe(true);
    expect(instruments.readers).toBe(1);
    quick.stop();
  });

  it('drops out when it is made to, and is there again', async () => {
    const s = await open();
    expect((await simulate({ silent: 5 })).status).toBe(204);
    await s.closed;
    expect((await open()).response.statusCode).toBe(503);
    clock += 6_000;
    const again = await open();
    expect(again.response.statusCode).toBe(200);
    again.stop();
  });

  it('a real instrument speaks for itself, and the simulated one is silent meanwhile', async () => {
    const s = await open();
    expect((await post('lines', 'scale 12.3 g steady\nroom 19 C 61 %\n', LINES_TYPE)).status).toBe(204);
    await until(() => s.lines.some((l) => l.kind === 'from' && l.source === 'attached'));
    await until(() => grams(s).includes(12.3));
    const before = s.lines.length;
    await new Promise((r) => setTimeout(r, 700));
    expect(s.lines.length).toBe(before);
    clock += 11_000;
    await until(
      () =>
        s.lines.at(-1)!.kind === 'scale' &&
        s.lines.some((l, k) => k > before - 1 && l.kind === 'from' && l.source === 'simulated'),
    );
    s.stop();
  });
});

describe('what is sent to the instruments', () => {
  it('is refused with a sentence where it cannot be', async () => {
    for (const [path, body, type, status] of [
      ['simulated', '{"place":-1}', 'application/json', 400],
      ['simulated', '{"place":"lots"}', 'application/json', 400],
      ['simulated', '{"explode":1}', 'application/json', 400],
      ['simulated', '{', 'application/json', 400],
      ['simulated', `{"place":${'1'.repeat(3000)}}`, 'application/json', 413],
      ['lines', 'scale twelve g steady', LINES_TYPE, 400],
      ['lines', 'from simulated', LINES_TYPE, 400],
      ['lines', 'scale 1 g steady\n'.repeat(51), LINES_TYPE, 400],
      // any page could send this without being asked: it is not taken for lines
      ['lines', 'scale 12 g steady', 'text/plain', 400],
    ] as const) {
      const r = await post(path, body, type);
      expect(r.status, `${path} ${body.slice(0, 30)}`).toBe(status);
      expect((await r.text()).length).toBeGreaterThan(5);
    }
  });

  it('knows only what it knows', () => {
    expect(readChange(null)).toMatch(/object/);
    expect(readChange([1])).toMatch(/object/);
    expect(readChange({ constructor: 1 })).toMatch(/not known/);
    expect(readChange({ temperature: 22, humidity: 61, tare: true })).toEqual({
      temperature: 22,
      humidity: 61,
      tare: true,
    });
  });

  it('too much of it is sent away for a while', async () => {
    const answers = await Promise.all(Array.from({ length: 260 }, () => simulate({ place: 0 })));
    expect(answers.some((r) => r.status === 429)).toBe(true);
    expect(answers.some((r) => r.status === 204)).toBe(true);
  });
});
