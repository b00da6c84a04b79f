import type { PaintedCoat } from '@core/finish/index.ts';
import type { View } from '@core/figure/index.ts';
import type { PieceSide } from '@core/record/index.ts';
import type { Spread } from './paths.ts';

type Point = readonly [number, number];
/** Where in the picture a side lies: all of what is seen, one edge of it, or nowhere. */
export type Toward = 'all' | 'left' | 'right' | 'top' | 'under';

/** From the side the figure is seen from its right: its front is to the left there. */
const SEEN: Readonly<Record<View, Readonly<Record<PieceSide, Toward | undefined>>>> = {
  front: {
    all: 'all',
    front: 'all',
    back: undefined,
    left: 'left',
    right: 'right',
    top: 'top',
    under: 'under',
  },
  side: {
    all: 'all',
    front: 'left',
    back: 'right',
    left: undefined,
    right: 'all',
    top: 'top',
    under: 'under',
  },
};

/** Where a finish of one side lies in a view; undefined where it is not seen. */
export const towardIn = (view: View, side: PieceSide): Toward | undefined => SEEN[view][side];

/** Ends of a gradient across the box of a shape, from where it is fullest. */
export const ACROSS: Readonly<Record<Exclude<Toward, 'all'>, readonly [number, number, number, number]>> = {
  left: [0, 0, 1, 0],
  right: [1, 0, 0, 0],
  top: [0, 0, 0, 1],
  under: [0, 1, 0, 0],
};

/** Marks lie within so much of the face. */
const WITHIN = 0.7;
/** Turn from one mark to the next, so that they never line up (the golden angle). */
const TURN = Math.PI * (3 - Math.sqrt(5));

/** Where marks lie on a face: one in its middle, two beside it, more of them spread evenly; mm, up positive. */
export function markPlaces({ middle, along, long, wide }: Spread, number: number, soft: boolean): Point[] {
  const half: Point = [
    Math.hypot(along[0] * long, along[1] * wide),
    Math.hypot(along[1] * long, along[0] * wide),
  ];
  const at = (x: number, y: number): Point => [middle[0] + x * half[0], middle[1] + y * half[1]];
  if (number <= 1) return [at(0, 0)];
  // cheeks lie lower than eyes
  if (number === 2) return [-1, 1].map((s) => at(s * (soft ? 0.62 : 0.34), soft ? -0.14 : 0.16));
  return Array.from({ length: Math.min(number, 200) }, (_, k) => {
    const far = WITHIN * Math.sqrt((k + 0.5) / Math.min(number, 200));
    return at(far * Math.cos(k * TURN), far * Math.sin(k * TURN));
  });
}

/** Half across a face, mm: what sizes of marks are shares of. */
export const halfOf = ({ long, wide }: Spread): number => Math.min(long, wide);

/** Softer than this a mark has no edge. */
export const isSoft = ({ strength }: PaintedCoat): boolean => strength < 0.8;
