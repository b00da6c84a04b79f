import type { Link, Step } from '../types.ts';
import { bones } from './bones.ts';
import { cake } from './cake.ts';
import { cover } from './cover.ts';
import { ground } from './ground.ts';
import { finish, pack } from './finish.ts';
import { glue } from './glue.ts';
import { join } from './join.ts';
import { mix } from './mix.ts';
import { shape } from './shape.ts';
import { texture } from './texture.ts';
import type { Bench, StepMaker } from './types.ts';

export { glueId } from './types.ts';
export { FINISH_ID, freeId, joinId, PACK_ID, shapedBy, shapeId, textureId, type Bench } from './types.ts';

/** Every kind of step, in the order they are told. */
export const STEP_MAKERS: readonly StepMaker[] = [
  glue,
  cake,
  mix,
  cover,
  ground,
  bones,
  shape,
  texture,
  join,
  finish,
  pack,
];

/** All steps of a build as the figure makes them, not yet cut in parts, and what lies between them. */
export function stepsOf(bench: Bench): { steps: Step[]; links: Link[] } {
  if (bench.build.pieces.length === 0) return { steps: [], links: [] };
  const made = STEP_MAKERS.map((m) => m.make(bench));
  return { steps: made.flatMap((m) => m.steps), links: made.flatMap((m) => m.links) };
}
