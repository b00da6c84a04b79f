import { beforeEach, describe, expect, it } from 'vitest';
import { useHand } from './hand.ts';

const done: (readonly [string, ...number[]])[] = [];
let moved = false;
/** A stage on which a pixel is half a millimetre. */
const hand = () =>
  useHand({
    pointAt: ({ clientX, clientY }) => [clientX / 2, -clientY / 2],
    unit: () => 0.5,
    moved: () => moved,
    zoom: (by, at) => done.push(['zoom', by, ...at]),
    pan: (right, up) => done.push(['pan', right, up]),
    cancel: () => done.push(['cancel']),
  });
const at = (clientX: number, clientY: number, more: object = {}) =>
  ({
    clientX,
    clientY,
    pointerId: 1,
    pointerType: 'mouse',
    button: 0,
    type: 'pointermove',
    ...more,
  }) as unknown as PointerEvent;
const finger = (pointerId: number, x: number, y: number, type = 'pointermove') =>
  at(x, y, { pointerId, pointerType: 'touch', type });

beforeEach(() => {
  done.length = 0;
  moved = false;
});

describe('looking around with the hand', () => {
  it('a tap on nothing is told, a pull on nothing moves the picture once one looks from near', () => {
    const h = hand();
    h.press(at(100, 100), true);
    expect(h.move(at(102, 101))).toBe(false);
    expect(h.lift(at(102, 101, { type: 'pointerup' }))).toBe(true);
    moved = true;
    h.press(at(100, 100), true);
    expect(h.move(at(130, 90))).toBe(true);
    expect(done).toEqual([['pan', 15, 5]]);
    expect(h.lift(at(130, 90, { type: 'pointerup' }))).toBe(false);
  });

  it('seen whole there is nothing to move, and a press on a piece is not for looking around', () => {
    const h = hand();
    h.press(at(100, 100), true);
    h.move(at(160, 100));
    h.lift(at(160, 100, { type: 'pointerup' }));
    h.press(at(100, 100), false);
    expect(h.move(at(160, 100))).toBe(false);
    expect(h.lift(at(160, 100, { type: 'pointerup' }))).toBe(false);
    expect(done).toEqual([]);
  });

  it('two fingers that go apart look from nearer, about the middle between them, and what was pulled is let go', () => {
    const h = hand();
    h.press(finger(1, 100, 100), false);
    h.press(finger(2, 200, 100), true);
    expect(done).toEqual([['cancel']]);
    expect(h.move(finger(2, 300, 100))).toBe(true);
    expect(done.slice(1)).toEqual([
      ['pan', 25, -0],
      ['zoom', 2, 100, -50],
    ]);
    h.lift(finger(2, 300, 100, 'pointerup'));
    // one finger is left: it scrolls or pulls as before
    expect(h.move(finger(1, 90, 100))).toBe(false);
  });

  it('a swipe that the browser took over is no tap', () => {
    const h = hand();
    h.press(finger(1, 100, 100), true);
    expect(h.lift(finger(1, 100, 100, 'pointercancel'))).toBe(false);
  });

  it('a wheel looks from nearer where it is, with Shift it goes sideways; lines count as pixels', () => {
    const h = hand();
    const wheel = (more: object) =>
      h.wheel({
        clientX: 40,
        clientY: 20,
        deltaX: 0,
        deltaY: 0,
        deltaMode: 0,
        ...more,
      } as unknown as WheelEvent);
    wheel({ deltaY: -100 });
    wheel({ deltaY: -100 / 18, deltaMode: 1 });
    expect(done[0]![1]).toBeCloseTo(done[1]![1]!, 9);
    expect(done[0]!.slice(2)).toEqual([20, -10]);
    wheel({ deltaY: 30, shiftKey: true });
    expect(done[2]).toEqual(['pan', -15, 0]);
  });
});
