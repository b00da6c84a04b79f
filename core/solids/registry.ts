import type { Shape } from './types.ts';
import { ball } from './shapes/ball.ts';
import { cone } from './shapes/cone.ts';
import { egg } from './shapes/egg.ts';
import { rope } from './shapes/rope.ts';
import { sheet } from './shapes/sheet.ts';
import { skinOverBall } from './shapes/skin-over-ball.ts';
import { strip } from './shapes/strip.ts';
import { taperedRope } from './shapes/tapered-rope.ts';
import { teardrop } from './shapes/teardrop.ts';

/** Every shape, in the order they are offered. */
export const SHAPES = {
  ball,
  egg,
  teardrop,
  cone,
  rope,
  taperedRope,
  sheet,
  strip,
  skinOverBall,
} as const;

export type ShapeKind = keyof typeof SHAPES;

/** The record of a kind, with its sizes read by name; the registry's own types know the exact keys. */
export const shapeOf = (kind: ShapeKind): Shape => SHAPES[kind] as unknown as Shape;

export const SHAPE_KINDS = Object.keys(SHAPES) as ShapeKind[];
