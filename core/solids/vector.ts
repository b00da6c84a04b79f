export type Vec = readonly [number, number, number];

/** a + b. */
export const add = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
/** a − b. */
export const sub = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
/** k a. */
export const times = (a: Vec, k: number): Vec => [a[0] * k, a[1] * k, a[2] * k];
/** a · b. */
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
/** a × b. */
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
/** Something of each of the three axes. */
export const onAxes = <T>(f: (axis: 0 | 1 | 2) => T): readonly [T, T, T] => [f(0), f(1), f(2)];
/** The vector rounded to so many places. */
export const rounded = (a: Vec, digits = 2): Vec => onAxes((k) => Number(a[k].toFixed(digits)));
/** |a|. */
export const length = (a: Vec): number => Math.hypot(a[0], a[1], a[2]);
/** a ÷ |a|; straight up where a is nothing. */
export const unit = (a: Vec): Vec => {
  const n = length(a);
  return n > 0 ? times(a, 1 / n) : [0, 0, 1];
};

/** A frame: where a body's foot is and where its own axes point; mirrored ones are left-handed. */
export interface Frame {
  readonly origin: Vec;
  readonly x: Vec;
  readonly y: Vec;
  readonly z: Vec;
}

export const WORLD: Frame = { origin: [0, 0, 0], x: [1, 0, 0], y: [0, 1, 0], z: [0, 0, 1] };

/** From a frame's own coordinates to the board's. */
export const toWorld = (f: Frame, p: Vec): Vec => [
  f.origin[0] + f.x[0] * p[0] + f.y[0] * p[1] + f.z[0] * p[2],
  f.origin[1] + f.x[1] * p[0] + f.y[1] * p[1] + f.z[1] * p[2],
  f.origin[2] + f.x[2] * p[0] + f.y[2] * p[1] + f.z[2] * p[2],
];

/** A direction or a step, without the origin. */
export const rotated = (f: Frame, p: Vec): Vec => sub(toWorld(f, p), f.origin);

/** From the board's coordinates to the frame's own (its axes are square to each other). */
export const toLocal = (f: Frame, p: Vec): Vec => {
  const d = sub(p, f.origin);
  return [dot(d, f.x), dot(d, f.y), dot(d, f.z)];
};

/** The inner frame seen through the outer one. */
export const within = (outer: Frame, inner: Frame): Frame => ({
  origin: toWorld(outer, inner.origin),
  x: rotated(outer, inner.x),
  y: rotated(outer, inner.y),
  z: rotated(outer, inner.z),
});

/** Left and right exchanged. */
export const mirrored = (f: Frame): Frame => {
  const m = (v: Vec): Vec => [-v[0], v[1], v[2]];
  return { origin: m(f.origin), x: m(f.x), y: m(f.y), z: m(f.z) };
};
