import express, { Router, type Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import {
  IDLE_SCALE,
  LONGEST_LINE,
  placed,
  readLine,
  scaleAfter,
  tared,
  writeLine,
  type InstrumentLine,
  type SimulatedScale,
} from '../core/bench/index.ts';

/** Lines of a real instrument silence the simulated one for so long, ms. */
const ATTACHED_FOR = 10_000;
/** Times of the simulated instruments, ms. */
const SCALE_EVERY = 250;
const ROOM_EVERY = 5_000;
/** A comment now and then keeps proxies from closing a stream that says nothing, ms. */
const BEAT_EVERY = 15_000;
/** More readers than this are sent away. */
export const MOST_READERS = 32;
/** A reader that has so many bytes still to take gets nothing new until it has taken them; one that never does is let go. */
const BEHIND = 16_384;
const TOO_SLOW = 30_000;
/** Lines that may be sent in at once. */
const MOST_LINES = 50;

interface Reader {
  readonly response: Response;
  /** Since when it has not kept up, ms. */
  behindSince: number | undefined;
}

interface Room {
  temperature: number;
  humidity: number;
}

export interface InstrumentsOptions {
  /** Noise is drawn from it; 0 to 1. */
  readonly random?: () => number;
  readonly now?: () => number;
}

/**
 * Scale and room sensor as a stream of lines: a simulated pair, said to be so, and whatever a program on this machine sends in.
 * Nothing runs while nobody reads.
 */
export class Instruments {
  readonly #readers = new Set<Reader>();
  readonly #random: () => number;
  readonly #now: () => number;
  #scale: SimulatedScale = IDLE_SCALE;
  #room: Room = { temperature: 21, humidity: 50 };
  #attachedUntil = 0;
  #silentUntil = 0;
  #source: 'simulated' | 'attached' = 'simulated';
  #timers: NodeJS.Timeout[] = [];
  #at = 0;

  constructor({ random = Math.random, now = Date.now }: InstrumentsOptions = {}) {
    this.#random = random;
    this.#now = now;
  }

  get readers(): number {
    return this.#readers.size;
  }
  get simulated(): { readonly scale: SimulatedScale; readonly room: Readonly<Room> } {
    return { scale: this.#scale, room: this.#room };
  }

  /** Take a reader in; it is told what speaks, and the room, at once. */
  add(response: Response): void {
    const reader: Reader = { response, behindSince: undefined };
    this.#readers.add(reader);
    response.on('close', () => this.#drop(reader));
    response.on('error', () => this.#drop(reader));
    response.on('drain', () => (reader.behindSince = undefined));
    this.#write(reader, `data: ${writeLine({ kind: 'from', source: this.#source })}\n\n`);
    this.#write(reader, `data: ${writeLine({ kind: 'room', ...this.#room })}\n\n`);
    if (this.#timers.length === 0) this.#start();
  }

  /** Let everybody go. */
  close(): void {
    for (const reader of [...this.#readers]) {
      reader.response.end();
      this.#drop(reader);
    }
  }

  /** What a real instrument said: it speaks for itself from now on. */
  attach(lines: readonly InstrumentLine[]): void {
    this.#attachedUntil = this.#now() + ATTACHED_FOR;
    this.#speaks('attached');
    for (const line of lines) this.#tell(line);
  }

  /** Change what the simulated ones measure, or how well. */
  simulate(change: SimulatedChange): void {
    const { place, tare, noise, drift, silent, temperature, humidity } = change;
    if (noise !== undefined) this.#scale = { ...this.#scale, noise };
    if (drift !== undefined) this.#scale = { ...this.#scale, drift };
    if (place !== undefined) this.#scale = placed(this.#scale, place);
    if (tare) this.#scale = tared(this.#scale);
    if (silent !== undefined) {
      this.#silentUntil = this.#now() + silent * 1000;
      // a drop-out is a stream that breaks, not one that goes on saying nothing
      for (const reader of [...this.#readers]) {
        reader.response.destroy();
        this.#drop(reader);
      }
    }
    if (temperature !== undefined || humidity !== undefined) {
      this.#room = {
        temperature: temperature ?? this.#room.temperature,
        humidity: humidity ?? this.#room.humidity,
      };
      this.#tell({ kind: 'room', ...this.#room });
    }
  }

  /** While it is made to drop out nobody is let in. */
  get silent(): boolean {
    return this.#now() < this.#silentUntil;
  }

  #speaks(source: 'simulated' | 'attached'): void {
    if (this.#source === source) return;
    this.#source = source;
    this.#tell({ kind: 'from', source });
  }

  #start(): void {
    this.#at = this.#now();
    const each = (ms: number, act: () => void) => {
      const timer = setInterval(act, ms);
      timer.unref();
      this.#timers.push(timer);
    };
    each(SCALE_EVERY, () => {
      const now = this.#now();
      const { scale, says } = scaleAfter(this.#scale, (now - this.#at) / 1000, this.#random());
      this.#at = now;
      this.#scale = scale;
      if (now < this.#attachedUntil) return;
      this.#speaks('simulated');
      this.#tell(says);
    });
    each(ROOM_EVERY, () => {
      if (this.#now() >= this.#attachedUntil) this.#tell({ kind: 'room', ...this.#room });
    });
    each(BEAT_EVERY, () => {
      for (const reader of this.#readers) this.#write(reader, ':\n\n');
    });
  }

  #drop(reader: Reader): void {
    this.#readers.delete(reader);
    if (this.#readers.size > 0) return;
    for (const timer of this.#timers) clearInterval(timer);
    this.#timers = [];
  }

  #tell(line: InstrumentLine): void {
    for (const reader of [...this.#readers]) this.#write(reader, `data: ${writeLine(line)}\n\n`);
  }

  #write(reader: Reader, text: string): void {
    const { response } = reader;
    if (response.writableLength > BEHIND) {
      const now = this.#now();
      reader.behindSince ??= now;
      if (now - reader.behindSince > TOO_SLOW) {
        response.destroy();
        this.#drop(reader);
      }
      return;
    }
    reader.behindSince = undefined;
    response.write(text);
  }
}

/** What may be asked of the simulated instruments. */
interface SimulatedChange {
  readonly place?: number;
  readonly tare?: true;
  readonly noise?: number;
  readonly drift?: number;
  readonly silent?: number;
  readonly temperature?: number;
  readonly humidity?: number;
}

const LIMITS: Readonly<Record<Exclude<keyof SimulatedChange, 'tare'>, readonly [number, number]>> = {
  place: [0, 20_000],
  noise: [0, 50],
  drift: [-50, 50],
  silent: [0, 60],
  temperature: [-30, 60],
  humidity: [0, 100],
};

/** Read what is asked of the simulated instruments; a sentence where it cannot be. */
export function readChange(body: unknown): SimulatedChange | string {
  if (typeof body !== 'object' || body === null || Array.isArray(body)) return 'Send an object.';
  const change: Record<string, number | true> = {};
  for (const [key, x] of Object.entries(body)) {
    if (key === 'tare') {
      if (x === true) change.tare = true;
      continue;
    }
    const limits = LIMITS[key as keyof typeof LIMITS] as readonly [number, number] | undefined;
    if (!Object.hasOwn(LIMITS, key) || !limits) return `“${key.slice(0, 40)}” is not known.`;
    if (typeof x !== 'number' || !(x >= limits[0] && x <= limits[1]))
      return `“${key}” lies between ${limits[0]} and ${limits[1]}.`;
    change[key] = x;
  }
  return change;
}

/** Lines of a real instrument come as this: no page of another site can send it. */
export const LINES_TYPE = 'application/x-elm-spindle-lines';

/** The instruments as routes: the stream, what drives the simulated ones, and lines of real ones. */
export function instrumentRoutes(instruments: Instruments): Router {
  const routes = Router();
  const limit = rateLimit({
    windowMs: 10_000,
    limit: 200,
    standardHeaders: true,
    legacyHeaders: false,
    message: 'Too many at once: wait a moment.',
  });
  routes.get('/stream', (req, res) => {
    if (instruments.silent || instruments.readers >= MOST_READERS) {
      res.status(503).type('text').send('Too many are reading: close another window.');
      return;
    }
    req.socket.setKeepAlive(true);
    res.status(200).set({
      'Content-Type': 'text/event-stream; charset=utf-8',
      'Cache-Control': 'no-cache, no-transform',
      'X-Accel-Buffering': 'no',
    });
    res.flushHeaders();
    instruments.add(res);
  });
  routes.post('/simulated', limit, express.json({ limit: '1kb' }), (req, res) => {
    const change = readChange(req.body);
    if (typeof change === 'string') {
      res.status(400).type('text').send(change);
      return;
    }
    instruments.simulate(change);
    res.status(204).end();
  });
  routes.post('/lines', limit, express.text({ type: LINES_TYPE, limit: '8kb' }), (req, res) => {
    const body: unknown = req.body;
    const texts = typeof body === 'string' ? body.split('\n').filter((t) => t.trim() !== '') : [];
    const lines = texts.map(readLine);
    const wrong = lines.findIndex((l) => l === undefined || l.kind === 'from');
    if (lines.length === 0 || lines.length > MOST_LINES || wrong >= 0) {
      const said =
        wrong >= 0 ? `“${texts[wrong]!.slice(0, LONGEST_LINE)}” is not a line.` : 'Send 1 to 50 lines.';
      res.status(400).type('text').send(said);
      return;
    }
    instruments.attach(lines as InstrumentLine[]);
    res.status(204).end();
  });
  return routes;
}
