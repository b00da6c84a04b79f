import { BOARD, type Build } from '../../record/index.ts';
import { childrenOf, measureOf, place, type Instance } from '../../figure/index.ts';
import { lyingContact } from '../../solids/index.ts';
import { GRAVITY } from '../../quantity/index.ts';
import { carriedMasses } from './balance.ts';
import { discUnder, spreadRadius } from './discs.ts';
import { jointsOf } from './joints.ts';
import { seatRadius } from './seat-radius.ts';

/** What the seat of a piece means for its firming. */
export interface SeatFacts {
  /** Surface closed off by the seat and by what sits on it, mm². */
  readonly contact: number;
  /** Length held in the carrier, mm. */
  readonly held: number;
  /** Grams resting on it. */
  readonly load: number;
  /** Share of that carried by rods. */
  readonly loadOnRods: number;
  readonly loadContact: number;
  readonly section: number;
  /** A rod runs through it. */
  readonly rodded: boolean;
}

/** Paste on a board settles by this much under its own weight, mm; estimate. */
const SETTLES = 0.5;

/** Face on which a piece rests, mm²: its foot, or the strip it lies on. */
function seatArea(instance: Instance): number {
  const m = measureOf(instance.piece);
  const upright = Math.abs(instance.frame.z[2]) > 0.7;
  if (instance.body.type !== 'stack' || upright) return Math.PI * seatRadius(instance) ** 2;
  const across = Math.min(m.width, m.depth);
  const press = Math.min(across / 2, Math.max(SETTLES, instance.piece.seat.sink));
  return lyingContact(across, m.height, press);
}

/** Half the width over which a piece presses on its carrier, with what it carries, g. */
function pressesOver(instance: Instance, g: number): number {
  const disc = discUnder(instance);
  const foot = seatRadius(instance);
  return disc ? spreadRadius(disc, foot, (g * GRAVITY) / 1000) : foot;
}

/** Seat facts of every piece, by id, from the instance the person edits. */
export function seatFacts(build: Build): Map<string, SeatFacts> {
  const instances = place(build);
  const { joints, paths } = jointsOf(build);
  const { with: masses } = carriedMasses(build);
  const children = childrenOf(build);
  const jointAt = new Map(joints.map((j) => [j.upper, j]));
  const rodded = new Set(paths.flatMap((p) => [...p.passes]));
  const out = new Map<string, SeatFacts>();
  instances.forEach((instance, k) => {
    if (out.has(instance.piece.id)) return;
    const m = measureOf(instance.piece);
    let load = 0;
    let onRods = 0;
    let contact = 0;
    for (const child of children.get(k) ?? []) {
      const above =
        instances[child]!.frame.origin[2] > instance.frame.origin[2] + 0.4 * m.height * instance.frame.z[2];
      if (!above) continue;
      const g = masses[child]!.g;
      const joint = jointAt.get(child);
      const toBoard = joint?.crossings.some((c) => c.below.some((r) => r.instance === -1)) ?? false;
      load += g;
      onRods += g * (joint ? (toBoard ? 0.9 : 0.5) : 0);
      contact += Math.PI * pressesOver(instances[child]!, g) ** 2;
    }
    out.set(instance.piece.id, {
      contact: (instance.piece.seat.on === BOARD || instance.carrier >= 0 ? seatArea(instance) : 0) + contact,
      held: instance.piece.seat.sink,
      load,
      loadOnRods: load > 0 ? onRods / load : 0,
      loadContact: contact,
      section: (Math.PI / 4) * Math.min(m.width, m.height) ** 2,
      rodded: rodded.has(k),
    });
  });
  return out;
}
