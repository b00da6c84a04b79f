import type { Shape } from './types.ts';
import { ball } from './shapes/ball.ts';
import { bentRope } from './shapes/bent-rope.ts';
import { cone } from './shapes/cone.ts';
import { disc } from './shapes/disc.ts';
import { dome } from './shapes/dome.ts';
import { egg } from './shapes/egg.ts';
import { ellipsoid } from './shapes/ellipsoid.ts';
import { flounce } from './shapes/flounce.ts';
import { imported } from './shapes/imported.ts';
import { lathe } from './shapes/lathe.ts';
import { paddleHand } from './shapes/paddle-hand.ts';
import { pearls } from './shapes/pearls.ts';
import { ring } from './shapes/ring.ts';
import { rope } from './shapes/rope.ts';
import { roundedBlock } from './shapes/rounded-block.ts';
import { ruffle } from './shapes/ruffle.ts';
import { scales } from './shapes/scales.ts';
import { sheet } from './shapes/sheet.ts';
import { skinOverBall } from './shapes/skin-over-ball.ts';
import { stitches } from './shapes/stitches.ts';
import { strands } from './shapes/strands.ts';
import { strip } from './shapes/strip.ts';
import { taperedRope } from './shapes/tapered-rope.ts';
import { teardrop } from './shapes/teardrop.ts';
import { traced } from './shapes/traced.ts';
import { truncatedCone } from './shapes/truncated-cone.ts';

/** Every shape, in the order they are offered. */
export const SHAPES = {
  ball,
  ellipsoid,
  egg,
  teardrop,
  cone,
  truncatedCone,
  dome,
  disc,
  roundedBlock,
  rope,
  taperedRope,
  skinOverBall,
  bentRope,
  ring,
  paddleHand,
  sheet,
  strip,
  ruffle,
  flounce,
  scales,
  strands,
  pearls,
  stitches,
  lathe,
  traced,
  imported,
} as const;

export type ShapeKind = keyof typeof SHAPES;

/** The record of a kind, with its sizes read by name; the registry's own types know the exact keys. */
export const shapeOf = (kind: ShapeKind): Shape => SHAPES[kind] as unknown as Shape;

export const SHAPE_KINDS = Object.keys(SHAPES) as ShapeKind[];

/** Families in the order they are offered. */
export const FAMILIES = {
  rolled: 'Rolled and pressed',
  bent: 'Bent and joined',
  flat: 'Rolled out and cut',
  many: 'Many small ones',
  drawn: 'Drawn or read in',
} as const;
