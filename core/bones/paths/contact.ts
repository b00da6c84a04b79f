import { contactsOf, GROUND, type Contact } from '../../contacts/index.ts';
import { place } from '../../figure/index.ts';
import { add, cross, dot, sub, times, unit, type Vec } from '../../solids/index.ts';
import { MOSTLY, standingOf } from '../carried/carried.ts';
import type { PartsOf } from '../../record/index.ts';

type Stands = PartsOf<'pieces' | 'blends' | 'cake' | 'board' | 'card' | 'mast'>;

/** The face on which a piece is held: middle, way out, and how large. */
export interface HeldFace {
  readonly at: Vec;
  /** From what holds it towards the piece. */
  readonly out: Vec;
  readonly across: Vec;
  readonly along: Vec;
  /** Full sizes across and along, mm, of an even oval as large as the patches. */
  readonly wide: number;
  readonly tall: number;
  /** What holds it, most of it first, by number in `place`. */
  readonly on: readonly number[];
}

/** Twelve middles of cells spread less than the face they stand for. Estimate. */
const CELLS = 1.06;
/** Held up by the ground to more than this, it stands and does not hang on glue. Estimate. */
const STANDS = 0.5;
/** A step of the method; estimate. */
const LEAST = 0.5;

/** Touches of a piece with all others but those that hang on it, what lifts it most first. */
function holding(
  build: Stands,
  index: number,
): readonly { readonly contact: Contact; readonly other: number }[] {
  const standing = standingOf(build);
  const instances = place(build);
  const mine = standing.rests.filter((r) => r.upper === index);
  const lifts = new Map(mine.map((r) => [r.lower, r.patch]));
  const whole = mine.reduce((sum, r) => sum + r.patch, 0);
  if ((lifts.get(-1) ?? 0) > STANDS * whole) return [];
  const hangs = new Set(
    (standing.shares.get(index) ?? []).flatMap((s) => (s.share >= MOSTLY ? [s.upper] : [])),
  );
  // what is hooked or tied on does not hang on glue
  const hooked = (k: number) => instances[k]!.piece.seat.how === 'hangs' && instances[k]!.carrier >= 0;
  return contactsOf(build)
    .filter((c) => (c.a === index || c.b === index) && c.b !== GROUND)
    .map((contact) => ({ contact, other: contact.a === index ? contact.b : contact.a }))
    .filter(({ other }) => !hangs.has(other) && !(hooked(index) && instances[index]!.carrier === other))
    .sort((p, q) => (lifts.get(q.other) ?? 0) - (lifts.get(p.other) ?? 0));
}

/**
 * All patches together on which a piece is held by others, as one even face; undefined where it stands on the ground, is set in
 * or touches nothing. Sizes are four times the spread of the patches, brought to their area.
 */
export function heldFaceOf(build: Stands, index: number): HeldFace | undefined {
  const held = holding(build, index);
  // what is set in all round holds by its walls
  if (held.length === 0 || held.every((h) => h.contact.round)) return undefined;
  const { frame } = place(build)[index]!;
  const patches = held.map((h) => h.contact);
  const outOf = (c: Contact): Vec => times(c.normal, c.b === index ? 1 : -1);
  const area = patches.reduce((sum, c) => sum + c.area, 0);
  const at = times(
    patches.reduce<Vec>((sum, c) => add(sum, times(c.at, c.area)), [0, 0, 0]),
    1 / area,
  );
  const sum = patches.reduce<Vec>((s, c) => add(s, times(outOf(c), c.area)), [0, 0, 0]);
  const out = Math.hypot(...sum) > 1e-9 ? unit(sum) : frame.z;
  const start = Math.abs(dot(out, frame.y)) < 0.9 ? frame.y : frame.x;
  const along = unit(sub(start, times(out, dot(start, out))));
  const across = cross(along, out);
  const spread = (axis: Vec) =>
    CELLS *
    4 *
    Math.sqrt(
      patches.flatMap((c) => c.spots).reduce((s, p) => s + p.area * dot(sub(p.at, at), axis) ** 2, 0) / area,
    );
  const [wide, tall] = [Math.max(LEAST, spread(across)), Math.max(LEAST, spread(along))];
  const k = Math.sqrt(area / ((Math.PI / 4) * wide * tall));
  return { at, out, across, along, wide: k * wide, tall: k * tall, on: held.map((h) => h.other) };
}
