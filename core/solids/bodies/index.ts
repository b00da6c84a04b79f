/**
 * Bodies: the few kinds of thing a piece can be in space, whatever its shape is called. Each answers the same
 * questions: how far it reaches, how it looks from a side, what a point is inside of, where it rests, its triangles.
 */
import { knowKinds } from './ask.ts';
import { band } from './band.ts';
import { flat } from './flat.ts';
import { group } from './group.ts';
import { scan } from './scan.ts';
import { stack } from './stack.ts';
import { tube } from './tube.ts';

knowKinds({ stack, flat, tube, band, group, scan });

export * from './types.ts';
export {
  type BodyBall,
  bodyBall,
  bodyDepth,
  bodyFootRadius,
  bodyInside,
  bodyMesh,
  bodyOutlines,
  bodyReach,
  bodySkin,
  bodySurface,
} from './ask.ts';
export { edgeOf, turned } from './stack.ts';
