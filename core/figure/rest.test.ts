import { expect, it } from 'vitest';
import { blank } from '../record/blank.testing.ts';
import { restLeft, tick } from '../edits/index.ts';

it('a mixed batch rests from when it was mixed, and is ready after that', () => {
  const mixed = tick(blank, 'mix:a/b', '2026-12-01T19:00:00.000Z');
  const at = (clock: string) => restLeft(mixed, 'mix:a/b', 15, new Date(`2026-12-01T${clock}:00.000Z`));
  expect(at('19:05')).toBe(10);
  expect(at('19:15')).toBe(0);
  expect(at('23:00')).toBe(0);
  expect(restLeft(blank, 'mix:a/b', 15, new Date())).toBeUndefined();
  expect(restLeft(tick(mixed, 'mix:a/b', undefined), 'mix:a/b', 15, new Date())).toBeUndefined();
});
