import { bisect, fail, ok, type Mm, type Mm3, type Result } from '../quantity/index.ts';
import type { OutlineName } from './outlines.ts';
import { shapeOf, type ShapeKind } from './registry.ts';
import type { Measure, Sizes } from './types.ts';

/** A shape as it stands in a build: which kind, how big, which outline where it is cut. */
export interface Form {
  readonly kind: ShapeKind;
  readonly sizes: Sizes;
  readonly outline?: OutlineName;
}

/**
 * Check that a form can be made.
 * @returns the form, or a sentence naming the size that is wrong and what would be right
 */
export function checkForm(form: Form): Result<Form> {
  const shape = shapeOf(form.kind);
  for (const size of shape.sizes) {
    const x = form.sizes[size.key];
    if (typeof x !== 'number' || !Number.isFinite(x))
      return fail(`${shape.name}: “${size.label}” has no size.`, size.key);
    if (x < size.min || x > size.max)
      return fail(
        `${shape.name}: “${size.label}” has to be between ${size.min} and ${size.max} mm, not ${x}.`,
        size.key,
      );
  }
  const extra = Object.keys(form.sizes).find((key) => !shape.sizes.some((s) => s.key === key));
  if (extra !== undefined) return fail(`${shape.name} has no size called “${extra}”.`, extra);
  const refused = shape.refuse?.(form.sizes);
  return refused === undefined ? ok(form) : fail(refused, shape.sizes[0]!.key);
}

/** Volume, surface, balance point and extents of a form that can be made. */
export const measure = (form: Form): Measure =>
  shapeOf(form.kind).measure(form.sizes, form.outline ?? 'rectangle');

/** Multiply by k every size that grows with the figure; thicknesses the hand keeps stay. */
export function scaleForm(form: Form, k: number): Form {
  const sizes: Record<string, Mm> = {};
  for (const size of shapeOf(form.kind).sizes) {
    const x = form.sizes[size.key]!;
    sizes[size.key] = size.role === 'length' ? Number((x * k).toFixed(4)) : x;
  }
  return { ...form, sizes };
}

/** Multiply the sizes that answer to grams. */
function fitted(form: Form, k: number): Form {
  const sizes: Record<string, Mm> = {};
  for (const size of shapeOf(form.kind).sizes)
    sizes[size.key] = size.fits ? form.sizes[size.key]! * k : form.sizes[size.key]!;
  return { ...form, sizes };
}

/**
 * The way back from grams: change the sizes that answer to grams until the paste has the wanted volume.
 * Proportions are kept where all sizes answer; a rope only gets longer, a sheet keeps its thickness, a skin its core.
 * @param volume wanted paste, mm³
 */
export function formOfVolume(form: Form, volume: Mm3): Result<Form> {
  if (!(volume > 0) || !Number.isFinite(volume))
    return fail('A piece needs some paste: type more than nothing.');
  const off = (k: number) => measure(fitted(form, k)).volume - volume;
  let low = 1;
  let high = 1;
  for (let i = 0; i < 60 && off(low) > 0; i++) low /= 2;
  for (let i = 0; i < 60 && off(high) < 0; i++) high *= 2;
  const k = bisect(off, low, high);
  if (k === undefined) return fail('No size of this shape has that weight.');
  const rounded: Record<string, Mm> = {};
  for (const [key, x] of Object.entries(fitted(form, k).sizes)) rounded[key] = Number(x.toFixed(4));
  return checkForm({ ...form, sizes: rounded });
}

/** A form of this kind at its starting sizes. */
export function startingForm(kind: ShapeKind): Form {
  const shape = shapeOf(kind);
  const sizes = Object.fromEntries(shape.sizes.map((s) => [s.key, s.start]));
  return shape.cut ? { kind, sizes, outline: 'rectangle' } : { kind, sizes };
}
