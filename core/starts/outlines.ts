import type { Curves } from '../solids/index.ts';

/** Outlines of traced lumps, in shares of their width and height; ours. A point with a third number is a corner. */

/** Half an outline from the foot up, mirrored to a whole one. */
const both = (half: readonly (readonly [number, number])[]) => {
  const right = half.map(([x, z], i) => (i === 0 ? ([x, z, 1] as const) : ([x, z] as const)));
  const left = [...half]
    .reverse()
    .map(([x, z], i) => (i === half.length - 1 ? ([-x, z, 1] as const) : ([-x, z] as const)));
  return [...right, ...left.filter(([x]) => x < 0)];
};

/** A front that leans on its back: what lies before and behind the middle, from the foot up. */
const apart = (
  front: readonly (readonly [number, number])[],
  back: readonly (readonly [number, number])[],
) => [
  ...back.map(([x, z], i) => (i === 0 ? ([x, z, 1] as const) : ([x, z] as const))),
  ...[...front]
    .reverse()
    .map(([x, z], i) => (i === front.length - 1 ? ([-x, z, 1] as const) : ([-x, z] as const))),
];

const made = (front: unknown, side: unknown): Curves => ({ front, side }) as Curves;

/** A sitting body: broad hips, belly forward, narrow shoulders. */
export const SITTING = made(
  both([[0.46, 0], [0.5, 0.07], [0.5, 0.2], [0.44, 0.38], [0.36, 0.56], [0.33, 0.74], [0.27, 0.9], [0.12, 1]]),
  apart(
    [[0.42, 0], [0.48, 0.08], [0.5, 0.26], [0.44, 0.46], [0.35, 0.7], [0.25, 0.9], [0.1, 1]],
    [[0.46, 0], [0.49, 0.08], [0.46, 0.24], [0.38, 0.46], [0.33, 0.7], [0.26, 0.9], [0.1, 1]],
  ),
); // prettier-ignore

/** A person's body from the hips to the neck: a hem, a waist, shoulders that slope. */
export const TUNIC = made(
  both([[0.44, 0], [0.45, 0.06], [0.4, 0.3], [0.42, 0.55], [0.5, 0.78], [0.44, 0.9], [0.22, 0.98], [0.12, 1]]),
  both([[0.46, 0], [0.47, 0.06], [0.44, 0.3], [0.5, 0.6], [0.46, 0.82], [0.34, 0.94], [0.2, 1]]),
); // prettier-ignore

/** A coat that swings out at its hem. */
export const SWING = made(
  both([[0.49, 0], [0.5, 0.05], [0.43, 0.26], [0.37, 0.5], [0.41, 0.74], [0.4, 0.85], [0.3, 0.95], [0.16, 1]]),
  both([[0.49, 0], [0.5, 0.05], [0.45, 0.28], [0.42, 0.5], [0.46, 0.72], [0.44, 0.84], [0.36, 0.94], [0.26, 1]]),
); // prettier-ignore

/** A head: chin, cheeks, a round skull that goes back. */
export const FACE = made(
  both([[0.2, 0], [0.31, 0.08], [0.43, 0.26], [0.49, 0.46], [0.5, 0.6], [0.44, 0.8], [0.28, 0.95], [0.1, 1]]),
  apart(
    [[0.2, 0], [0.36, 0.06], [0.45, 0.22], [0.46, 0.42], [0.47, 0.6], [0.42, 0.8], [0.26, 0.95], [0.08, 1]],
    [[0.3, 0], [0.34, 0.1], [0.42, 0.28], [0.48, 0.5], [0.5, 0.64], [0.44, 0.83], [0.28, 0.96], [0.1, 1]],
  ),
); // prettier-ignore

/** A carved head with a flat foot. */
export const HEAD = made(
  both([[0.42, 0], [0.49, 0.18], [0.5, 0.4], [0.42, 0.72], [0.22, 0.95], [0.08, 1]]),
  apart(
    [[0.44, 0], [0.49, 0.16], [0.5, 0.34], [0.38, 0.68], [0.22, 0.92], [0.08, 1]],
    [[0.43, 0], [0.48, 0.2], [0.5, 0.46], [0.45, 0.74], [0.26, 0.95], [0.08, 1]],
  ),
); // prettier-ignore

/** A jug with a lip. */
export const JUG = made(
  both([[0.38, 0], [0.45, 0.12], [0.5, 0.34], [0.45, 0.54], [0.26, 0.76], [0.21, 0.86], [0.25, 0.97], [0.26, 1]]),
  apart(
    [[0.38, 0], [0.45, 0.12], [0.5, 0.34], [0.45, 0.54], [0.26, 0.76], [0.2, 0.86], [0.25, 0.97], [0.26, 1]],
    [[0.38, 0], [0.45, 0.12], [0.5, 0.34], [0.45, 0.54], [0.26, 0.76], [0.2, 0.86], [0.24, 0.97], [0.25, 1]],
  ),
); // prettier-ignore

/** Boards of a landing stage, cut to a gable. */
export const SIGN: Curves = {
  edge: [[-0.5, 0.08, 1], [-0.42, 0, 1], [0.42, 0, 1], [0.5, 0.08, 1], [0.5, 0.72, 1], [0.36, 0.78, 1], [0.2, 0.92, 1], [0, 1, 1], [-0.2, 0.92, 1], [-0.36, 0.78, 1], [-0.5, 0.72, 1]],
}; // prettier-ignore
/** A boat with a sail. */
export const BOAT: Curves = {
  edge: [[-0.5, 0.34, 1], [-0.36, 0, 1], [0.36, 0, 1], [0.5, 0.34, 1], [0.04, 0.34, 1], [0.04, 0.44, 1], [0.36, 0.44, 1], [0.04, 1, 1], [0, 1, 1], [-0.04, 1, 1], [-0.04, 0.34, 1]],
}; // prettier-ignore
