// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { NO_SERVER, useInstruments } from './instruments.ts';

/** A stream a test speaks through. */
class Line {
  onmessage: ((e: MessageEvent<string>) => void) | undefined;
  onerror: (() => void) | undefined;
  closed = false;
  close(): void {
    this.closed = true;
  }
  say(data: string): void {
    this.onmessage?.({ data } as MessageEvent<string>);
  }
}
let lines: Line[];
const last = () => lines.at(-1)!;

beforeEach(() => {
  vi.useFakeTimers();
  setActivePinia(createPinia());
  lines = [];
  useInstruments().openWith(() => {
    const line = new Line();
    lines.push(line);
    return line as unknown as EventSource;
  });
});
afterEach(() => {
  useInstruments().leave();
  vi.useRealTimers();
});

describe('scale and room sensor', () => {
  it('tell grams less what was tared, whether it is steady, the room, and whether they are made up', () => {
    const it = useInstruments();
    it.connect();
    expect(it.state).toBe('looking');
    for (const s of ['from simulated', 'room 22.5 C 61 %', 'scale 12 g steady']) last().say(s);
    expect(it.state).toBe('there');
    expect([it.simulated, it.grams, it.steady]).toEqual([true, 12, true]);
    expect(it.room).toMatchObject({ temperature: 22.5, humidity: 61 });
    it.tareNow();
    last().say('scale 48.2 g moving');
    expect([it.grams, it.steady]).toEqual([36.2, false]);
    last().say('scale over');
    expect(it.grams).toBeUndefined();
    last().say('nonsense');
    expect(it.scale).toEqual({ kind: 'over' });
  });

  it('are looked for again when they are lost, ever less often, and nothing stale is shown', () => {
    const it = useInstruments();
    it.connect();
    last().say('scale 12 g steady');
    last().onerror!();
    expect([it.state, it.grams]).toEqual(['lost', undefined]);
    vi.advanceTimersByTime(1_500);
    expect(lines).toHaveLength(2);
    last().onerror!();
    vi.advanceTimersByTime(1_500);
    expect(lines).toHaveLength(2);
    vi.advanceTimersByTime(1_500);
    expect(lines).toHaveLength(3);
    last().say('scale 13 g steady');
    expect([it.state, it.grams]).toEqual(['there', 13]);
  });

  it('a line that falls silent is lost as well', () => {
    const it = useInstruments();
    it.connect();
    last().say('scale 12 g steady');
    vi.advanceTimersByTime(12_500);
    expect(it.state).toBe('lost');
    expect(lines[0]!.closed).toBe(true);
  });

  it('say plainly where there is no server, and are off when they are left', () => {
    const it = useInstruments();
    it.connect();
    last().onerror!();
    expect(it.problem).toBe(NO_SERVER);
    it.leave();
    expect([it.state, it.problem]).toEqual(['off', undefined]);
    vi.advanceTimersByTime(60_000);
    expect(lines).toHaveLength(1);
  });
});
