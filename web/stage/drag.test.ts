import { beforeEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { demoBuild } from '@core/files/demo.testing.ts';
import { type Build, type Change } from '@core/record/index.ts';
import { ok } from '@core/quantity/index.ts';

const otter = demoBuild('ferryman-otter');
const done: string[] = [];
let shown: Build | undefined;
vi.mock('../state/build-store.ts', () => ({
  useBuild: () => ({
    build: otter,
    drag: (c: Change) => (shown = c.ok ? c.value : shown),
    drop: (label: string) => done.push(label),
    leave: () => done.push('left'),
  }),
}));
const { useDrag } = await import('./drag.ts');

/** A stage on which a point of the screen is half a millimetre, its origin at 100, 400. */
class Point {
  constructor(
    readonly x: number,
    readonly y: number,
  ) {}
  matrixTransform(): Point {
    return new Point((this.x - 100) / 2, (this.y - 400) / 2);
  }
}
vi.stubGlobal('DOMPoint', Point);
/** Frames that were asked for, until they are drawn. */
const frames: (() => void)[] = [];
vi.stubGlobal('requestAnimationFrame', (draw: () => void) => frames.push(draw));
const nextFrame = () => frames.splice(0).forEach((draw) => draw());
const captured: number[] = [];
const svg = ref({
  getScreenCTM: () => ({ inverse: () => ({}) }),
  setPointerCapture: (id: number) => captured.push(id),
} as unknown as SVGSVGElement);
const at = (clientX: number, clientY: number, button = 0) =>
  ({ clientX, clientY, button, pointerId: 7, preventDefault: () => undefined }) as unknown as PointerEvent;

describe('pulling on the stage', () => {
  const moves: [number, number][] = [];
  const pull = () =>
    useDrag(
      svg,
      () => 1.5,
      () => ({ left: -50, width: 200, top: 150, height: 170 }),
    );
  const move = (base: Build, right: number, up: number): Change => {
    moves.push([right, up]);
    return ok({ ...base, name: `${right} ${up}` });
  };
  beforeEach(() => {
    moves.length = done.length = captured.length = frames.length = 0;
    shown = undefined;
  });

  it('shows where it would be in millimetres, up being up, and is one change when let go', () => {
    const drag = pull();
    drag.begin(at(200, 300), 'moving the head', move);
    expect(captured).toEqual([7]);
    expect(drag.pulling.value).toBe(true);
    drag.onMove(at(240, 280));
    nextFrame();
    drag.onMove(at(260, 260));
    nextFrame();
    expect(moves).toEqual([
      [20, 10],
      [30, 20],
    ]);
    expect(shown!.name).toBe('30 20');
    drag.onUp();
    expect(done).toEqual(['moving the head']);
    drag.onUp();
    drag.onMove(at(400, 100));
    nextFrame();
    expect(done).toHaveLength(1);
    expect(moves).toHaveLength(2);
  });

  it('is no pull when the hand only trembles', () => {
    const drag = pull();
    drag.begin(at(200, 300), 'moving the head', move);
    drag.onMove(at(202, 299));
    nextFrame();
    expect(moves).toEqual([]);
    expect(shown).toBeUndefined();
  });

  it('never leaves the stage, however far the pointer goes', () => {
    const drag = pull();
    drag.begin(at(100, 400), 'moving the head', move);
    drag.onMove(at(9000, -9000));
    nextFrame();
    drag.onMove(at(-9000, 9000));
    nextFrame();
    expect(moves).toEqual([
      [150, 150],
      [-50, -20],
    ]);
  });

  it('is begun by the first button only', () => {
    const drag = pull();
    drag.begin(at(200, 300, 2), 'moving the head', move);
    expect(drag.pulling.value).toBe(false);
    drag.onMove(at(300, 300));
    nextFrame();
    expect(moves).toEqual([]);
  });

  it('is reckoned once a frame, however often the hand is read, and the last place is kept when it lets go', () => {
    const drag = pull();
    drag.begin(at(200, 300), 'moving the head', move);
    for (const x of [210, 220, 230]) drag.onMove(at(x, 300));
    expect(frames).toHaveLength(1);
    nextFrame();
    expect(moves).toEqual([[15, 0]]);
    drag.onMove(at(240, 300));
    drag.onUp();
    expect(moves.at(-1)).toEqual([20, 0]);
    expect(done).toEqual(['moving the head']);
  });

  it('is left alone when a second finger comes', () => {
    const drag = pull();
    drag.begin(at(200, 300), 'moving the head', move);
    drag.onMove(at(240, 300));
    drag.cancel();
    nextFrame();
    expect(moves).toEqual([]);
    expect(done).toEqual(['left']);
    expect(drag.pulling.value).toBe(false);
  });
});
