import fc from 'fast-check';
import { expect, it } from 'vitest';
import { type Build } from '@core/record/index.ts';
import { recorded, redo, startHistory, undo } from './history.ts';

const build = (n: number) => ({ id: String(n) }) as unknown as Build;

it('goes back over every change and forward again', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 40 }), fc.nat(50), (changes, back) => {
      let h = startHistory(build(0));
      for (let i = 1; i <= changes; i++) h = recorded(h, build(i), `change ${i}`);
      const steps = Math.min(back, changes);
      for (let i = 0; i < back; i++) h = undo(h);
      expect(h.now.id).toBe(String(changes - steps));
      for (let i = 0; i < back; i++) h = redo(h);
      expect(h.now.id).toBe(String(changes));
    }),
  );
});

it('a new change closes the way forward, and no change is no step', () => {
  let h = recorded(startHistory(build(0)), build(1), 'one');
  h = recorded(undo(h), build(2), 'two');
  expect(h.future).toHaveLength(0);
  expect(recorded(h, h.now, 'nothing')).toBe(h);
});
