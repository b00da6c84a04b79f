import type { StepKind } from '../types.ts';

/** What a kind of work is called. */
export const KIND_NAMES: Readonly<Record<StepKind, string>> = {
  glue: 'glues',
  bake: 'baking',
  cake: 'cake work',
  mix: 'mixing',
  cover: 'covering',
  bones: 'rods',
  shape: 'shaping',
  texture: 'texture',
  join: 'joining',
  finish: 'finishing',
  pack: 'packing',
};
