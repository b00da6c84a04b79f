import { place } from '../../figure/index.ts';
import { cross, dot, sub, times, type Vec } from '../../solids/index.ts';
import { type Build } from '../../record/index.ts';
import { bearingPerMm, endBearing, pullOut, type Bed } from '../mechanics/anchorage.ts';
import { discSoft } from '../paths/discs.ts';
import type { Joint } from '../paths/joints.ts';
import type { Run } from '../runs/rod-paths.ts';
import { coreSoft, layerSoft, pasteAt, softNow, type SoftNow } from '../stock/soft.ts';

/** How much pressure paste takes after a night of drying, kPa, by the id of its piece: what firming has to say before bones. */
export type Firmed = Pick<ReadonlyMap<string, { readonly nightYield: number }>, 'get'>;

/** Of one piece; nothing where it is not known. */
export const afterNight = (firmed: Firmed, piece: string): number => firmed.get(piece)?.nightYield ?? 0;

/** What holds a run of a rod. */
export function softOf(build: Build, run: Run, firmed: Firmed, hours: number): SoftNow {
  if (run.layer) return softNow(layerSoft(build, run.layer), hours);
  const { piece } = place(build)[run.instance]!;
  if (run.part === 'disc') return softNow(discSoft(piece.seat.disc!), hours);
  return softNow(
    run.part === 'core' ? coreSoft(build, piece.core) : pasteAt(afterNight(firmed, piece.id)),
    hours,
  );
}

/** One side of a joint. Force per mm of rod q in N/mm. */
export interface Side {
  readonly beds: readonly Bed[];
  readonly main: SoftNow;
  readonly held: number;
  readonly q: number;
  readonly mainCover: number;
  /** Grip along one rod over all it is held in, and what its end bears on too when it is pushed in, N. */
  readonly grip: number;
  readonly pushed: number;
}

/** One side of a joint: the beds from the joint outwards, and the one that does most of the holding. */
export function sideOf(runs: readonly Run[], d: number, soft: (r: Run) => SoftNow): Side {
  const beds: Bed[] = [];
  // a disc steadies the rod, but what grips it along its length is what lies under the disc
  let main = runs.find((r) => r.part !== 'disc') ?? runs[0]!;
  let most = -1;
  for (const run of runs) {
    const q = bearingPerMm(soft(run), d, run.cover);
    beds.push({ q, thick: run.thick });
    if (run.part !== 'disc' && q * run.thick > most) {
      most = q * run.thick;
      main = run;
    }
  }
  const held = beds.reduce((s, b) => s + b.thick, 0);
  // the hole in a disc is cut to go over the rod, and grips nothing
  const grip = runs.reduce((sum, r) => sum + (r.part === 'disc' ? 0 : pullOut(soft(r), d, r.thick)), 0);
  return {
    beds,
    main: soft(main),
    held,
    q: beds.reduce((s, b) => s + b.q * b.thick, 0) / held,
    mainCover: main.cover,
    grip,
    pushed: grip + endBearing(soft(runs.at(-1)!), d),
  };
}

/** Forces at a joint for one direction of throw. */
export interface Push {
  readonly along: number;
  readonly inLine: number;
  readonly acrossLine: number;
  readonly momentInLine: number;
  readonly momentAcross: number;
  readonly turn: number;
  readonly held: number;
}

/** Moment that faces pressed together by N hold back: N (r − N ÷ 4 r × strength); nothing where they are pulled apart. */
export function heldBack({ seat: r }: Joint, N: number, seatStrength: number): number {
  return r > 0 && N > 0 && seatStrength > 0 ? N * Math.max(0, r - N / (2 * seatStrength * 2 * r)) : 0;
}

/** Forces and moments about the joint from an apparent gravity, with what the touching faces hold back taken off. */
export function forces(
  joint: Joint,
  gravity: readonly [number, number, number],
  u: Vec,
  w: Vec,
  weight: number,
  seatStrength: number,
): Push {
  const F = times(gravity, weight);
  const M = cross(sub(joint.load.at, joint.at), F);
  const { axis: a } = joint;
  const N = -dot(F, a);
  const Vu = dot(F, u);
  const Vw = dot(F, w);
  const held = heldBack(joint, N, seatStrength);
  const less = (m: number) => Math.sign(m) * Math.max(0, Math.abs(m) - held);
  const Mu = less(dot(M, w));
  const Mw = less(-dot(M, u));
  const turn = Math.abs(dot(M, a)) + 0.1 * joint.halfWidth * Math.max(Math.hypot(Vu, Vw), weight);
  return { along: N, inLine: Vu, acrossLine: Vw, momentInLine: Mu, momentAcross: Mw, turn, held };
}
