import { wheelStep, type PicturePlace } from './viewport.ts';

interface Stage {
  /** Where an event is on the figure, mm. */
  readonly pointAt: (e: Pick<PointerEvent, 'clientX' | 'clientY'>) => PicturePlace;
  /** Millimetres under one pixel. */
  readonly unit: () => number;
  /** One looks from nearer or elsewhere than at the whole figure. */
  readonly moved: () => boolean;
  readonly zoom: (by: number, at: PicturePlace) => unknown;
  readonly pan: (right: number, up: number) => unknown;
  /** Let go of what is being pulled. */
  readonly cancel: () => void;
}

interface Finger {
  readonly x: number;
  readonly y: number;
}

/** A press that moves less than this is a tap, px. */
const TAP = 4;
/** Lines and pages of a wheel in its own pixels. */
const WHEEL = [1, 18, 400];

const middle = (a: Finger, b: Finger) => ({ clientX: (a.x + b.x) / 2, clientY: (a.y + b.y) / 2 });
const apart = (a: Finger, b: Finger): number => Math.hypot(a.x - b.x, a.y - b.y);

/** Looking around with the hand: a wheel or two fingers look from nearer, a pull on nothing moves the picture. */
export function useHand(stage: Stage) {
  const fingers = new Map<number, Finger>();
  /** A press on nothing, and whether it became a pull. */
  let free: { id: number; from: Finger; last: Finger; pulled: boolean } | undefined;

  function two(e: PointerEvent): void {
    const [a, b] = [...fingers.values()];
    if (!a || !b) return;
    const [wasAt, was] = [middle(a, b), apart(a, b)];
    fingers.set(e.pointerId, { x: e.clientX, y: e.clientY });
    const [c, d] = [...fingers.values()] as [Finger, Finger];
    const at = middle(c, d);
    stage.pan((at.clientX - wasAt.clientX) * stage.unit(), -(at.clientY - wasAt.clientY) * stage.unit());
    if (was > 0) stage.zoom(apart(c, d) / was, stage.pointAt(at));
  }

  return {
    /** @param nothing whether it is on no piece */
    press(e: PointerEvent, nothing: boolean): void {
      const at = { x: e.clientX, y: e.clientY };
      if (e.pointerType === 'touch') fingers.set(e.pointerId, at);
      if (fingers.size > 1) {
        free = undefined;
        stage.cancel();
      } else if (nothing || e.button === 1) free = { id: e.pointerId, from: at, last: at, pulled: false };
    },
    /** @returns whether the picture was moved by it */
    move(e: PointerEvent): boolean {
      if (fingers.size > 1 && fingers.has(e.pointerId)) {
        two(e);
        return true;
      }
      if (free?.id !== e.pointerId) return false;
      const at = { x: e.clientX, y: e.clientY };
      free.pulled ||= apart(free.from, at) > TAP;
      if (free.pulled && stage.moved())
        stage.pan((at.x - free.last.x) * stage.unit(), -(at.y - free.last.y) * stage.unit());
      free.last = at;
      return free.pulled;
    },
    /** @returns whether it was a tap on nothing */
    lift(e: PointerEvent): boolean {
      fingers.delete(e.pointerId);
      const tap = free?.id === e.pointerId && !free.pulled && e.type === 'pointerup' && e.button === 0;
      if (free?.id === e.pointerId) free = undefined;
      return tap;
    },
    wheel(e: WheelEvent): void {
      const by = WHEEL[e.deltaMode] ?? 1;
      if (e.shiftKey) stage.pan(-(e.deltaY + e.deltaX) * by * stage.unit(), 0);
      // the two fingers of a trackpad that go apart come as a wheel with the control key, in small steps
      else stage.zoom(wheelStep(e.deltaY * by * (e.ctrlKey ? 4 : 1)), stage.pointAt(e));
    },
    /** A second finger is for looking nearer, not for scrolling the page. */
    touches(e: TouchEvent): void {
      if (e.touches.length > 1) e.preventDefault();
    },
  };
}
