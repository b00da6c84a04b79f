import { given, reckon, type Mm, type Reckoned } from '../quantity/index.ts';
import type { Measure, StackBody, Vec } from '../solids/index.ts';

/** Half way places of a face, as shares of the head: of its height from the chin, or of its width. */
interface Shares {
  readonly eyeLine: number;
  /** Between the middles of the eyes, and across one. */
  readonly apart: number;
  readonly eye: number;
  readonly nose: number;
  readonly mouth: number;
  readonly smile: number;
  readonly ear: number;
  readonly brow: number;
}

/** The lower and farther apart the eyes, the younger. Rules: common practice; figures: estimate. */
export const FACE_AGES: readonly (Shares & { readonly name: string })[] = [
  { name: 'cute', eyeLine: 0.36, apart: 0.46, eye: 0.18, nose: 0.25, mouth: 0.16, smile: 0.26, ear: 0.36, brow: 0.54 },
  { name: 'baby', eyeLine: 0.4, apart: 0.44, eye: 0.2, nose: 0.26, mouth: 0.17, smile: 0.26, ear: 0.36, brow: 0.52 },
  { name: 'child', eyeLine: 0.45, apart: 0.42, eye: 0.2, nose: 0.29, mouth: 0.18, smile: 0.3, ear: 0.38, brow: 0.55 },
  { name: 'youth', eyeLine: 0.48, apart: 0.41, eye: 0.2, nose: 0.28, mouth: 0.18, smile: 0.34, ear: 0.39, brow: 0.57 },
  { name: 'grown up', eyeLine: 0.5, apart: 0.4, eye: 0.2, nose: 0.28, mouth: 0.18, smile: 0.37, ear: 0.4, brow: 0.58 },
]; // prettier-ignore

/** How far an age is from the youngest to the oldest, 0 to 1. */
export const ageOf = (name: string): number =>
  Math.max(
    0,
    FACE_AGES.findIndex((f) => f.name === name),
  ) /
  (FACE_AGES.length - 1);

/** The outside of a head, seen from its middle, mm: x to the side, y to the back, z up. */
export interface Head {
  /** Half sizes. */
  readonly wide: Mm;
  readonly deep: Mm;
  readonly tall: Mm;
  /** How far its face is before the middle, at a place seen from the front; undefined beyond its rim. */
  readonly front: (aside: Mm, up: Mm) => Mm | undefined;
  /** What a direction has to be multiplied by to end on the skin. */
  readonly reaches: (to: Vec) => number;
}

/** A head as round as an ellipsoid. */
export const roundHead = (wide: Mm, deep: Mm, tall: Mm): Head => ({
  wide,
  deep,
  tall,
  front: (x, z) => {
    const left = 1 - (x / wide) ** 2 - (z / tall) ** 2;
    return left > 0 ? deep * Math.sqrt(left) : undefined;
  },
  reaches: ([x, y, z]) => 1 / Math.hypot(x / wide, y / deep, z / tall),
});

/** Halvings until a place on the skin is found. A step of the method; estimate. */
const HALVINGS = 30;

/** The head a body is, whatever it bulges to: its own face, its own skin. */
export function headOf(body: StackBody, { width, depth, height }: Measure): Head {
  const middle = height / 2;
  const cutAt = (z: Mm) => body.cutAt(Math.min(height * 0.9999, Math.max(height * 1e-4, z + middle)));
  const beyond = (v: Mm, from = 0, flat = 0): Mm => Math.max(0, Math.abs(v - from) - flat);
  const inside = ([x, y, z]: Vec): boolean => {
    if (Math.abs(z) > middle) return false;
    const c = cutAt(z);
    return (beyond(x, c.x, c.flat?.[0]) / c.a) ** 2 + (beyond(y, c.y, c.flat?.[1]) / c.b) ** 2 <= 1;
  };
  return {
    wide: width / 2,
    deep: depth / 2,
    tall: middle,
    front: (x, z) => {
      if (Math.abs(z) >= middle) return undefined;
      const c = cutAt(z);
      const off = beyond(x, c.x, c.flat?.[0]) / c.a;
      return off < 1 ? (c.flat?.[1] ?? 0) + c.b * Math.sqrt(1 - off * off) - (c.y ?? 0) : undefined;
    },
    reaches: (to) => {
      let [low, high] = [0, Math.hypot(width, depth, height) / (Math.hypot(...to) || 1)];
      for (let k = 0; k < HALVINGS; k++) {
        const mid = (low + high) / 2;
        if (inside([to[0] * mid, to[1] * mid, to[2] * mid])) low = mid;
        else high = mid;
      }
      return low;
    },
  };
}

/** A place of a face. */
export interface FacePlace {
  readonly name: string;
  /** As it looks from the front: aside of the middle, and over the chin, mm. */
  readonly aside: Mm;
  readonly up: Mm;
  /** How far it is from the middle line, either side. */
  readonly beside: Mm;
  /** On paper laid on the head with its cross on the middle of the eye line: to the right and up, over the skin. */
  readonly on: readonly [Mm, Mm];
  /** By tape from the cross, mm. */
  readonly tape: Reckoned;
}

export interface FaceLaidOn {
  readonly places: readonly FacePlace[];
  /** Across one eye. */
  readonly eye: Reckoned;
}

/** Between two ages, straight. @param age 0 cute to 1 grown up */
function sharesAt(age: number): Shares {
  const x = Math.max(0, Math.min(1, age)) * (FACE_AGES.length - 1);
  const i = Math.min(FACE_AGES.length - 2, Math.floor(x));
  const [p, q] = [FACE_AGES[i]!, FACE_AGES[i + 1]!];
  const mix = (k: keyof Shares) => p[k] + (q[k] - p[k]) * (x - i);
  return {
    eyeLine: mix('eyeLine'),
    apart: mix('apart'),
    eye: mix('eye'),
    nose: mix('nose'),
    mouth: mix('mouth'),
    smile: mix('smile'),
    ear: mix('ear'),
    brow: mix('brow'),
  };
}

/** Pieces a tape over the skin is added up from. A step of the method; estimate. */
const TAPE = 200;

/** Over the skin from one place of the face to another, in the plane through both and the middle of the head. */
const tapeOn =
  ({ front, reaches }: Head) =>
  (cross: Mm, aside: Mm, up: Mm): Mm => {
    const [a, b]: [Vec, Vec] = [
      [0, -(front(0, cross) ?? 0), cross],
      [aside, -(front(aside, up) ?? 0), up],
    ];
    let sum = 0;
    let from = a;
    for (let i = 1; i <= TAPE; i++) {
      const k = i / TAPE;
      const v: Vec = [a[0] * (1 - k) + b[0] * k, a[1] * (1 - k) + b[1] * k, a[2] * (1 - k) + b[2] * k];
      const out = reaches(v);
      const to: Vec = [v[0] * out, v[1] * out, v[2] * out];
      sum += Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]);
      from = to;
    }
    return sum;
  };

/**
 * Where a face goes on a head. Places are told as they look from the front, and by a tape over the skin from the middle of the
 * eye line, so that a paper laid on pricks right. What lies beyond the rim of the head is left away.
 * @param age 0 cute to 1 grown up
 */
export function faceLaidOn(head: Head, age: number): FaceLaidOn {
  const { wide, tall } = head;
  const f = sharesAt(age);
  const cross = (2 * f.eyeLine - 1) * tall;
  const line = given('Eye line over the middle of the head', cross, 'mm', 'common practice');
  const place = (name: string, across: number, height: number): FacePlace[] => {
    const aside = across * 2 * wide;
    const up = (2 * height - 1) * tall;
    if (head.front(aside, up) === undefined) return [];
    const tape = reckon(
      `${name}, by tape from the cross`,
      'mm',
      'over the skin of the head, straight',
      [line, given('Aside', aside, 'mm', 'estimate'), given('Over the middle', up, 'mm', 'estimate')],
      tapeOn(head),
    );
    const turn = Math.atan2(up - cross, aside);
    const at =
      tape.value < 1e-9
        ? ([0, 0] as const)
        : ([tape.value * Math.cos(turn), tape.value * Math.sin(turn)] as const);
    return [{ name, aside, beside: Math.abs(aside), up: up + tall, on: at, tape }];
  };
  const both = (name: string, across: number, height: number) => [
    ...place(`Left ${name}`, -across, height),
    ...place(`Right ${name}`, across, height),
  ];
  return {
    places: [
      ...both('eye', f.apart / 2, f.eyeLine),
      ...both('brow', f.apart / 2, f.brow),
      ...place('Nose', 0, f.nose),
      ...place('Mouth', 0, f.mouth),
      ...both('end of the mouth', f.smile / 2, f.mouth + 0.02),
    ],
    eye: reckon(
      'Eye, across',
      'mm',
      'share × width of the head',
      [given('Share of the width', f.eye, '', 'estimate'), given('Head, wide', 2 * wide, 'mm')],
      (k, w) => k * w,
    ),
  };
}
