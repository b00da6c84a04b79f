import { field, type Of } from '../quantity/index.ts';
import { coatRecord } from './coat.ts';
import { curvesRecord } from './curves/index.ts';
import { solidRecord } from './mesh/index.ts';
import { OUTLINES, type OutlineName } from './outlines.ts';
import { SHAPE_KINDS } from './registry.ts';

const { byName, oneOf, optional, record } = field;

export const formRecord = record({
  kind: oneOf(SHAPE_KINDS),
  /** By the keys of the shape; how large each may be, its shape says. */
  sizes: byName(field.anyNumber, 12),
  outline: optional(oneOf(Object.keys(OUTLINES) as OutlineName[])),
  curves: optional(curvesRecord),
  /** The sizes are those of the core; the paste is an even coat over it. */
  coat: optional(coatRecord),
  solid: optional(solidRecord),
});

/** A shape as it stands in a build: which kind, how big, what is drawn for it, and a coat when it is the core. */
export interface Form extends Of<typeof formRecord> {}
