import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import type { Window } from './geometry.ts';

/** Size of the stage on the screen, px. */
export interface Size {
  readonly width: number;
  readonly height: number;
}

export type PicturePlace = readonly [right: number, up: number];

/** How near one looks, against the whole figure; and what is in the middle, undefined for the middle of the whole. */
export interface Look {
  readonly near: number;
  readonly middle: PicturePlace | undefined;
}

export const WHOLE: Look = { near: 1, middle: undefined };

/** From a quarter of the whole figure's size to forty times it. */
const NEAR = { least: 0.25, most: 40 };
const between = (x: number, low: number, high: number): number => Math.min(high, Math.max(low, x));
const middleOf = (w: Window): PicturePlace => [w.left + w.width / 2, w.top - w.height / 2];

/** Millimetres of the figure under one pixel when the whole of it is seen. */
export const wholeUnit = (whole: Window, size: Size): number =>
  Math.max(whole.width / size.width, whole.height / size.height);

/** What is seen, as wide and as high as the stage is. */
export function windowAt(whole: Window, size: Size, { near, middle }: Look): Window {
  const unit = wholeUnit(whole, size) / near;
  const [x, y] = middle ?? middleOf(whole);
  const [width, height] = [size.width * unit, size.height * unit];
  return { left: x - width / 2, top: y + height / 2, width, height };
}

/** Look from nearer or further away; what is at a place stays where it is on the screen. */
export function nearer(look: Look, whole: Window, by: number, at?: PicturePlace): Look {
  const near = between(look.near * by, NEAR.least, NEAR.most);
  const [cx, cy] = look.middle ?? middleOf(whole);
  const [px, py] = at ?? [cx, cy];
  const k = look.near / near;
  return { near, middle: held([px + (cx - px) * k, py + (cy - py) * k], whole) };
}

/** Something of the figure is always in the middle: it cannot be lost out of sight. */
const held = ([x, y]: PicturePlace, w: Window): PicturePlace => [
  between(x, w.left, w.left + w.width),
  between(y, w.top - w.height, w.top),
];

/** Pull the picture so far to the right and up, mm. */
export function pulled(look: Look, whole: Window, right: number, up: number): Look {
  const [cx, cy] = look.middle ?? middleOf(whole);
  return { near: look.near, middle: held([cx - right, cy - up], whole) };
}

/** A turn of a wheel, in its own pixels, as a change of nearness; a notch of a hundred is a fifth. */
export const wheelStep = (turned: number): number => Math.exp(-between(turned, -240, 240) * 0.0018);

/**
 * What of the figure is seen, and from how near. While something is pulled the window stands still, so that the hand and the
 * piece stay together.
 * @param afresh changes when something else is looked at: another build, another side
 */
export function useViewport(
  size: Ref<Size>,
  whole: () => Window,
  still: () => boolean,
  afresh: () => unknown,
) {
  const look = shallowRef<Look>(WHOLE);
  const full = ref(whole());
  watch(
    () => (still() ? undefined : whole()),
    (now) => {
      if (now) full.value = now;
    },
  );
  watch(afresh, () => {
    look.value = WHOLE;
    full.value = whole();
  });
  const shown = computed(() => ({
    width: Math.max(40, size.value.width),
    height: Math.max(40, size.value.height),
  }));
  const frame = computed(() => windowAt(full.value, shown.value, look.value));
  return {
    frame,
    /** Millimetres of the figure under one pixel. */
    unit: computed(() => frame.value.width / shown.value.width),
    moved: computed(() => look.value !== WHOLE),
    zoom: (by: number, at?: PicturePlace) => (look.value = nearer(look.value, full.value, by, at)),
    pan: (right: number, up: number) => (look.value = pulled(look.value, full.value, right, up)),
    wholeFigure: () => (look.value = WHOLE),
    /** So many millimetres of the figure under one pixel, with what is in the middle left there. */
    atUnit: (unit: number) =>
      (look.value = {
        near: between(wholeUnit(full.value, shown.value) / unit, NEAR.least, NEAR.most),
        middle: look.value.middle,
      }),
  };
}
