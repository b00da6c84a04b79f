import { computed, shallowRef, type Ref } from 'vue';
import type { Build, Change } from '@core/record/index.ts';
import { useBuild } from '../state/build-store.ts';
import type { Window } from './geometry.ts';
import type { PicturePlace } from './viewport.ts';

interface Drag {
  readonly start: PicturePlace;
  readonly base: Build;
  readonly label: string;
  /** The build as it would be, pulled so far to the right and up, mm. */
  readonly move: (base: Build, right: number, up: number) => Change;
}

/** Pulling things on the stage: shown and reckoned once a frame while it lasts, one step of undo when it ends. */
export function useDrag(svg: Ref<SVGSVGElement | undefined>, least: () => number, within: () => Window) {
  const store = useBuild();
  const drag = shallowRef<Drag>();
  /** Where the hand was last, until it is drawn. */
  let waiting: PicturePlace | undefined;

  /** Where the pointer is, in the stage's millimetres, up positive. */
  function pointAt(e: Pick<PointerEvent, 'clientX' | 'clientY'>): PicturePlace {
    const inverse = svg.value!.getScreenCTM()!.inverse();
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(inverse);
    return [p.x, -p.y];
  }

  function begin(e: PointerEvent, label: string, move: Drag['move']): void {
    if (e.button !== 0 || !store.build) return;
    e.preventDefault();
    svg.value!.setPointerCapture(e.pointerId);
    drag.value = { start: pointAt(e), base: store.build, label, move };
  }

  function show(): void {
    if (!drag.value || !waiting) return;
    const [right, up] = [waiting[0] - drag.value.start[0], waiting[1] - drag.value.start[1]];
    waiting = undefined;
    // a click that trembles is not a pull
    if (Math.hypot(right, up) < least()) return;
    store.drag(drag.value.move(drag.value.base, right, up));
  }

  function onMove(e: PointerEvent): void {
    if (!drag.value) return;
    // what is pulled never leaves the stage, however far the pointer goes
    const { left, width, top, height } = within();
    const [px, pz] = pointAt(e);
    if (!waiting) requestAnimationFrame(show);
    waiting = [Math.min(left + width, Math.max(left, px)), Math.min(top, Math.max(top - height, pz))];
  }

  function onUp(): void {
    if (!drag.value) return;
    show();
    const { label } = drag.value;
    drag.value = undefined;
    store.drop(label);
  }

  /** Let go as if nothing had been pulled: a second finger came. */
  function cancel(): void {
    waiting = undefined;
    if (!drag.value) return;
    drag.value = undefined;
    store.leave();
  }

  return { begin, onMove, onUp, cancel, pointAt, pulling: computed(() => drag.value !== undefined) };
}
