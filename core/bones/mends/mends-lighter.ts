import { measureOf, place, weighIn } from '../../figure/index.ts';
import { overCore, setGrams, setSeat, USUAL_COAT } from '../../edits/index.ts';
import { pieceOf, type Build, type Piece } from '../../record/index.ts';
import { formatLength, formatMass } from '../../quantity/index.ts';
import { shapeOf, sub, toLocal, toWorld, type Vec } from '../../solids/index.ts';
import { carriedMasses, fallingWith } from '../carried/carried.ts';
import { jointsOf, type Joint } from '../paths/joints.ts';

/** A change to try: the build with it, and what to call it. */
export interface Attempt {
  readonly text: string;
  readonly build: Build;
}

/** Furthest a piece is moved to bring a balance point back, mm. */
const MOST_MOVED = 30;
/** Shares of its weight a piece is tried at. */
const LIGHTER = [0.85, 0.7, 0.55] as const;

/** What a rod's joints carry, the heaviest piece first, one entry for each piece. */
function carriedPieces(build: Build, joints: readonly Joint[]): Piece[] {
  const instances = place(build);
  const ids = new Set(
    joints.flatMap((j) => [...fallingWith(build, j.upper)]).map((i) => instances[i]!.piece.id),
  );
  return [...ids]
    .map((id) => pieceOf(build, id)!)
    .sort((a, b) => weighIn(build, b).whole.value - weighIn(build, a).whole.value);
}

/** A foam core in the heaviest piece that has room for one. */
function overFoam(build: Build, pieces: readonly Piece[]): Attempt[] {
  for (const piece of pieces) {
    const shape = shapeOf(piece.form.kind);
    if ((!shape.coats && !shape.core) || (piece.core === 'foam' && (piece.form.coat || shape.core))) continue;
    const lighter = overCore(build, piece, 'foam', USUAL_COAT.foam);
    if (lighter) return [{ text: `Build the ${piece.name.toLowerCase()} over foam`, build: lighter }];
  }
  return [];
}

/**
 * The lightest of what stands on the piece moved so that the balance point comes over the joint again: by
 * M (target − X) ÷ m.
 */
function broughtBack(build: Build, joint: Joint): Attempt[] {
  const instances = place(build);
  const { with: masses } = carriedMasses(build);
  const off = sub(joint.load.at, joint.at);
  if (Math.hypot(off[0], off[1]) < 1) return [];
  const above = instances
    .map((i, k) => ({ i, k }))
    .filter(
      ({ i }) => i.carrier === joint.upper && i.index === 0 && !i.piece.pair && i.piece.seat.how === 'sits',
    );
  const found = above
    .map(({ i, k }) => ({ i, by: joint.load.g / masses[k]!.g }))
    .filter(({ by }) => by * Math.hypot(off[0], off[1]) <= MOST_MOVED)
    .sort((a, b) => a.by - b.by)[0];
  if (!found) return [];
  const { piece, carrier } = found.i;
  const frame = instances[carrier]!.frame;
  const now = toWorld(frame, piece.seat.at);
  const to: Vec = [now[0] - off[0] * found.by, now[1] - off[1] * found.by, now[2]];
  const [x, y] = toLocal(frame, to);
  const tidy = (v: number) => Number(v.toFixed(2));
  const moved = setSeat(build, piece.id, { at: [tidy(x), tidy(y), piece.seat.at[2]] });
  const far = formatLength(Math.hypot(off[0], off[1]) * found.by);
  return moved.ok
    ? [{ text: `Move the ${piece.name.toLowerCase()} ${far} back over the rod`, build: moved.value }]
    : [];
}

const jointsOn = (build: Build, rodId: string): readonly Joint[] =>
  jointsOf(build).joints.filter((j) => j.crossings.some((c) => c.path.placed.rod.id === rodId));

/** What stands on a rod brought back over it. */
export function backAttempts(build: Build, rodId: string): Attempt[] {
  const heaviest = jointsOn(build, rodId).reduce<Joint | undefined>(
    (a, j) => (!a || j.load.g > a.load.g ? j : a),
    undefined,
  );
  return heaviest ? broughtBack(build, heaviest) : [];
}

/** The heaviest piece on a rod that has room for it built over foam. */
export const foamAttempts = (build: Build, rodId: string): Attempt[] =>
  overFoam(build, carriedPieces(build, jointsOn(build, rodId)));

/** The heaviest piece on a rod made lighter in its shape, the least felt first. */
export function lighterAttempts(build: Build, rodId: string): Attempt[] {
  const [first] = carriedPieces(build, jointsOn(build, rodId));
  if (!first || first.form.coat || shapeOf(first.form.kind).core || measureOf(first).volume <= 0) return [];
  const grams = weighIn(build, first).whole.value;
  return LIGHTER.flatMap((share): Attempt[] => {
    const lighter = setGrams(build, first.id, grams * share);
    const text = `Make the ${first.name.toLowerCase()} ${formatMass(grams * share)}`;
    return lighter.ok ? [{ text, build: lighter.value }] : [];
  });
}
