import { bisect, fail, ok, inLimits, type Mm3, type Result } from '../quantity/index.ts';
import { bodyMesh, type Body, type StackBody } from './bodies/index.ts';
import { slice } from './mesh/index.ts';
import { coated, coatRecord, type Coated } from './coat.ts';
import type { Form } from './form.ts';
import { shapeOf, type ShapeKind } from './registry.ts';
import type { Dimension, DryingBody, Measure } from './types.ts';

const unitOf = (size: Dimension): string =>
  size.role === 'angle' ? '°' : size.role === 'number' ? '' : ' mm';

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
        `${shape.name}: “${size.label}” has to be between ${size.min} and ${size.max}${unitOf(size)}, not ${x}.`,
        size.key,
      );
    if (size.whole && !Number.isInteger(x))
      return fail(`${shape.name}: “${size.label}” has to be a whole number, not ${x}.`, size.key);
  }
  const extra = Object.keys(form.sizes).find((key) => !shape.sizes.some((s) => s.key === key));
  if (extra !== undefined) return fail(`${shape.name} has no size called “${extra}”.`, extra);
  if (form.coat) {
    if (!shape.coats) return fail(`${shape.name} cannot be the core under a coat.`, 'coat');
    const coat = inLimits(coatRecord, form.coat, {
      thickness: (least, most) => `A coat has to be between ${least} and ${most} mm thick.`,
    });
    if (!coat.ok) return fail(coat.problem.text, 'coat');
  }
  const refused = shape.refuse?.(form.sizes, form);
  return refused === undefined ? ok(form) : fail(refused, shape.sizes[0]!.key);
}

const coats = new WeakMap<Form, Coated>();
const dryings = new WeakMap<Form, DryingBody>();

/** The coat of a form that has one. */
function coatOf(form: Form): Coated | undefined {
  if (!form.coat) return undefined;
  let made = coats.get(form);
  if (!made) {
    const shape = shapeOf(form.kind);
    made = coated(
      shape.body(form.sizes, form) as StackBody,
      shape.measure(form.sizes, form),
      form.coat,
      shape.curvature?.(form.sizes),
    );
    coats.set(form, made);
  }
  return made;
}

/** Volume of the paste, surface, balance point and extents of a form that can be made. */
export const measure = (form: Form): Measure =>
  coatOf(form)?.measure ?? shapeOf(form.kind).measure(form.sizes, form);

/** How the air sees it while it firms. */
export function dryingOf(form: Form): DryingBody {
  let known = dryings.get(form);
  if (!known)
    dryings.set(form, (known = coatOf(form)?.drying ?? shapeOf(form.kind).drying(form.sizes, form)));
  return known;
}

/** Its body in space, core and all. */
export const formBody = (form: Form): Body => coatOf(form)?.body ?? shapeOf(form.kind).body(form.sizes, form);

/** What it is pressed over, mm³; nought without a core. */
export function coreVolume(form: Form): Mm3 {
  const coat = coatOf(form);
  if (coat) return coat.coreVolume;
  const d = shapeOf(form.kind).core?.(form.sizes) ?? 0;
  return (Math.PI * d ** 3) / 6;
}

/** The same sizes changed one by one; the rest of the form is kept. */
function withSizes(form: Form, change: (size: Dimension, x: number) => number): Form {
  const sizes: Record<string, number> = {};
  for (const size of shapeOf(form.kind).sizes) sizes[size.key] = change(size, form.sizes[size.key]!);
  return { ...form, sizes };
}

/** Multiply by k every size that grows with the figure; thicknesses the hand keeps stay. */
export const scaleForm = (form: Form, k: number): Form =>
  withSizes(form, (size, x) => (size.role === 'length' ? Number((x * k).toFixed(4)) : x));

/** Multiply the sizes that answer to grams; under a coat that is its thickness. */
const fitted = (form: Form, k: number): Form =>
  form.coat
    ? { ...form, coat: { ...form.coat, thickness: form.coat.thickness * k } }
    : withSizes(form, (size, x) => (size.fits ? x * k : x));

/**
 * The way back from grams: change the sizes that answer to grams until the paste has the wanted volume.
 * Proportions are kept where all sizes answer; a rope only gets longer, a sheet keeps its thickness, a skin its core.
 * Where the shape is counted (pearls, scales) the nearest count is taken.
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
  const found = fitted(form, k);
  const tidy = (x: number) => Number(x.toFixed(4));
  return checkForm({
    ...withSizes(found, (_, x) => tidy(x)),
    ...(found.coat ? { coat: { ...found.coat, thickness: tidy(found.coat.thickness) } } : {}),
  });
}

/** A form of this kind at its starting sizes. */
export function startingForm(kind: ShapeKind): Form {
  const shape = shapeOf(kind);
  const sizes = Object.fromEntries(shape.sizes.map((s) => [s.key, s.start]));
  if (kind === 'sheet') return { kind, sizes, outline: 'rectangle' };
  if (!shape.curves) return { kind, sizes };
  return { kind, sizes, curves: Object.fromEntries(shape.curves.map((c) => [c.key, c.start])) };
}

/** How wide and deep a form is at shares of its height, for carving: the box of its level cuts. */
export function levelSizes(
  form: Form,
  shares: readonly number[],
): { z: number; wide: number; deep: number }[] {
  const { height } = measure(form);
  const mesh = bodyMesh(formBody(form), 64);
  return shares.map((share) => {
    const z = share * height;
    const points = slice(mesh, z).loops.flat();
    const span = (k: 0 | 1) =>
      points.length ? Math.max(...points.map((p) => p[k])) - Math.min(...points.map((p) => p[k])) : 0;
    return { z, wide: span(0), deep: span(1) };
  });
}
