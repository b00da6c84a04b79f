import { describe, expect, it } from 'vitest';
import { withStops } from './stops.ts';

describe('a sentence with blanks', () => {
  it('keeps every word and stop, and lets no line begin with a stop', () => {
    const parts = [
      { text: 'A ' },
      { words: 'figure' },
      { text: ', ' },
      { words: '18 cm' },
      { text: ' tall.' },
    ];
    const told = withStops<{ words: string }>(parts);
    const read = told.map((p) => ('text' in p ? p.text : p.words + p.after)).join('');
    expect(read).toBe('A figure, 18 cm tall.');
    expect(told.some((p) => 'text' in p && /^[.,]/.test(p.text))).toBe(false);
  });
});
