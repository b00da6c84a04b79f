import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useTell } from './tell.ts';

beforeEach(() => {
  vi.useFakeTimers();
  setActivePinia(createPinia());
});
afterEach(() => vi.useRealTimers());

describe('what is said for a moment', () => {
  it('stays long enough to be read, and goes', () => {
    const tell = useTell();
    tell.info('Kept.');
    const long =
      'A sentence of some length, that takes its time to be read by somebody with paste on the hands. '.repeat(
        2,
      );
    tell.info(long);
    vi.advanceTimersByTime(3600);
    expect(tell.said.map((s) => s.text)).toEqual([long]);
    vi.advanceTimersByTime(long.length * 60);
    expect(tell.said).toEqual([]);
  });

  it('is not said twice at once, and never more than three together', () => {
    const tell = useTell();
    tell.error('No room.');
    tell.error('No room.');
    expect(tell.said).toHaveLength(1);
    for (const t of ['a', 'b', 'c', 'd']) tell.info(t);
    expect(tell.said.map((s) => s.text)).toEqual(['b', 'c', 'd']);
  });
});

describe('what is asked', () => {
  it('is answered once, and a new question answers the old one with no', async () => {
    const tell = useTell();
    const question = { title: 'Off the shelf?', content: 'It is gone.', yes: 'Take it off', no: 'Keep it' };
    const first = tell.ask(question);
    const second = tell.ask({ ...question, title: 'And this?' });
    expect(await first).toBe(false);
    expect(tell.asked?.title).toBe('And this?');
    tell.reply(true);
    expect(await second).toBe(true);
    expect(tell.asked).toBeUndefined();
  });
});
