import type { Mm } from '../quantity/index.ts';
import type { Form } from '../solids/index.ts';

/** Forms by name, so that a start reads as what is rolled; sizes in mm. */
const lumpOf = (kind: Form['kind'], sizes: Record<string, number>): Form => ({ kind, sizes });
/** A ball so wide. */
export const ballForm = (diameter: Mm): Form => lumpOf('ball', { diameter, press: 0 });
/** A ball flattened to three widths. */
export const pebbleForm = (width: Mm, depth: Mm, height: Mm): Form =>
  lumpOf('ellipsoid', { width, depth, height });
/** An egg, blunt end down. */
export const eggForm = (diameter: Mm, height: Mm): Form => lumpOf('egg', { diameter, height });
/** A rope with round ends, from its foot to its tip. */
export const taperForm = (foot: Mm, tip: Mm, length: Mm): Form =>
  lumpOf('taperedRope', { foot, tip, length });
/** A ball drawn out to a point. */
export const dropForm = (diameter: Mm, length: Mm): Form => lumpOf('teardrop', { diameter, length });
/** A cone without its top: foot and top across. */
export const coneForm = (foot: Mm, top: Mm, height: Mm): Form =>
  lumpOf('truncatedCone', { foot, top, height });

/** A rope joined end to end; across from the middle of the rope. */
export const ringForm = (across: Mm, rope: Mm): Form => lumpOf('ring', { across, rope });
/** A block with soft edges. */
export const blockForm = (width: Mm, depth: Mm, height: Mm, edge: Mm): Form =>
  lumpOf('roundedBlock', { width, depth, height, edge });
/** A piece cut from a sheet, by the name of its outline or by its lines. */
export const cutForm = (
  width: Mm,
  height: Mm,
  thickness: Mm,
  outline: Form['outline'] | Form['curves'],
): Form => ({
  kind: 'sheet',
  sizes: { width, height, thickness },
  ...(typeof outline === 'string' ? { outline } : { curves: outline! }),
});
