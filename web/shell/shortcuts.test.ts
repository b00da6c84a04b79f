import { describe, expect, it } from 'vitest';
import { typing } from './shortcuts.ts';

/** An element that says what it lies in, as `closest` would. */
const within = (...kinds: string[]) =>
  ({
    closest: (selector: string) => kinds.some((k) => selector.includes(k)) || null,
  }) as unknown as EventTarget;
const TEXT = 'input:not([type="radio"], [type="checkbox"])';
const meant = (key: string, target: EventTarget | null) => typing({ key, target });

describe('whom a key is for', () => {
  it('a field while something is typed in it', () => {
    for (const field of [
      TEXT,
      'textarea',
      'select',
      '.ant-select',
      '.ant-picker',
      '[contenteditable="true"]',
    ])
      for (const key of ['1', 'r', 'Delete', 'ArrowLeft', 'z'])
        expect(meant(key, within(field)), `${key} in ${field}`).toBe(true);
  });

  it('the workshop when a row of choices or a switch was clicked, but for the arrows of the row', () => {
    const row = within('input[type="radio"]');
    for (const key of ['1', 'r', 'Delete', 'z']) expect(meant(key, row)).toBe(false);
    for (const key of ['ArrowLeft', 'ArrowDown']) expect(meant(key, row)).toBe(true);
    expect(meant('1', within('button'))).toBe(false);
    expect(meant('1', null)).toBe(false);
  });
});
