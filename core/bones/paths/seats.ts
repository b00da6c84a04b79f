import { contactsOf, type Contact } from '../../contacts/index.ts';
import { measureOf, place, type Instance } from '../../figure/index.ts';
import { BOARD, type Build } from '../../record/index.ts';
import { toLocal, type Vec } from '../../solids/index.ts';
import { GRAVITY } from '../../quantity/index.ts';
import { standingOf } from '../carried/carried.ts';
import type { Carried, Rest } from '../carried/graph.ts';
import { leastSection, loaded, patchesOf, type FirmnessOf } from '../carried/loaded.ts';
import { rodPaths, type RodPath } from '../runs/rod-paths.ts';
import { discUnder, spreadRadius } from './discs.ts';

/** One that a piece rests on. */
export interface RestsOn {
  /** Its id, or that of the board. */
  readonly on: string;
  /** Of all that holds the piece up. */
  readonly share: number;
}

/** What the seat of a piece means for its firming. */
export interface SeatFacts {
  /** Surface closed off by what it touches, mm². */
  readonly contact: number;
  /** Length held by what carries it, mm; and from there to what presses on it. */
  readonly held: number;
  readonly free: number;
  /** Grams resting on it. */
  readonly load: number;
  /** Share of that which rods take past its paste. */
  readonly loadOnRods: number;
  /** Face over which the rest presses, mm²: as large as the hardest pressed of its patches would have to be for all of it. */
  readonly loadContact: number;
  /** Its least level cut between what it stands on and what stands on it, mm². */
  readonly section: number;
  /** What stands on it is held aside by others too, both ways. */
  readonly braced: boolean;
  /** A rod runs through it. */
  readonly rodded: boolean;
  /** A rod runs through nearly all its height. */
  readonly stiffened: boolean;
  /** Nothing touches it that leads down to the board. */
  readonly hovers: boolean;
  /** It only lies against what it touches, and nothing says that it stays there. */
  readonly untold: boolean;
  /** What it rests on, the most of it first. */
  readonly restsOn: readonly RestsOn[];
  /** Share of it that hangs on rods, not on what it sits on. */
  readonly onRods: number;
  /** How high over the board it is held, mm: where its weight goes down. */
  readonly foot: number;
}

/** A rod that runs through so much of a piece keeps it from folding. Estimate. */
const NEARLY_ALL = 0.9;
/** Supports that span less than this of the wider way stand in a line. Estimate. */
const IN_LINE = 0.25;
/** While it firms, a piece is open to the air on one side at least. Estimate. */
const MOST_CLOSED = 0.4;
/** Lighter than this nothing rests on it, g. Estimate. */
const NOTHING = 0.05;

/** A patch smaller than this is where two meet by chance, and one whose two sums differ so lies all round, mm² and share. Estimate. */
const LEAST_FACE = 3;
/** A step of the method; estimate. */
const ALIKE = 0.5;
const isFace = (c: Contact): boolean => !c.round && c.agree >= ALIKE && c.area >= LEAST_FACE;

/** A disc spreads what presses on a wider face than the patch. */
function spreadFace(instance: Instance, c: Contact, g: number): number {
  const disc = discUnder(instance);
  if (!disc) return c.area;
  const wide = spreadRadius(disc, Math.sqrt(c.area / Math.PI), (g * GRAVITY) / 1000);
  return Math.max(c.area, Math.PI * wide ** 2);
}

/** Do the places that hold something up span it both ways? */
function spansBothWays(places: readonly Vec[]): boolean {
  if (places.length < 3) return false;
  const n = places.length;
  const [mx, my] = [0, 1].map((k) => places.reduce((s, p) => s + p[k]!, 0) / n) as [number, number];
  let [xx, xy, yy] = [0, 0, 0];
  for (const [x, y] of places) {
    xx += (x - mx) ** 2;
    xy += (x - mx) * (y - my);
    yy += (y - my) ** 2;
  }
  // the two spreads along their own axes
  const half = (xx + yy) / 2;
  const off = Math.hypot((xx - yy) / 2, xy);
  return half + off > 0 && Math.sqrt(Math.max(0, half - off) / (half + off)) > IN_LINE;
}

/** Length of a rod inside an instance, mm. */
const lengthIn = (path: RodPath, k: number): number =>
  path.spots.filter((s) => s.some((x) => x.instance === k)).length * path.step;

/** Least level cut of a piece between what it stands on and what presses on it, mm²; nought where that is no higher. */
function sectionOf(instance: Instance, k: number, standing: readonly Rest[], above: readonly Rest[]): number {
  const height = (r: Rest) => (r.contact ? [r.contact.at[2]] : []);
  const feet = standing.filter((r) => r.upper === k).flatMap(height);
  const tops = above.flatMap(height);
  const low = feet.length ? Math.min(...feet) : 0;
  return tops.length && Math.max(...tops) > low + 1 ? leastSection(instance, low, Math.max(...tops)) : 0;
}

/** How far up a piece, along itself, it is held by what carries it, mm. */
function heldOf(instance: Instance, k: number, rests: readonly Rest[]): number {
  let held = instance.piece.seat.sink;
  for (const { upper, contact } of rests)
    if (upper === k && contact)
      for (const { at } of contact.spots) held = Math.max(held, toLocal(instance.frame, at)[2]);
  return Math.min(held, measureOf(instance.piece).height);
}

/** How far up a piece, along itself, what it carries presses on it, mm. */
const pressedAt = (instance: Instance, k: number, rests: readonly Rest[]): number =>
  rests.reduce(
    (most, { lower, contact }) =>
      lower === k && contact ? Math.max(most, toLocal(instance.frame, contact.at)[2]) : most,
    0,
  );

/** Seat facts of every piece, by id, from the instance the person edits. */
export function seatFacts(build: Build, firm: FirmnessOf): Map<string, SeatFacts> {
  const instances = place(build);
  const paths = rodPaths(build);
  const standing = standingOf(build);
  const real: Carried = paths.length > 0 ? loaded(build, firm, paths) : standing;
  const patches = patchesOf(contactsOf(build));
  const out = new Map<string, SeatFacts>();
  instances.forEach((instance, k) => {
    if (out.has(instance.piece.id)) return;
    const { height, area } = measureOf(instance.piece);
    const above = real.rests.filter((r) => r.lower === k);
    const presses = real.presses.get(k) ?? 0;
    const load = Math.max(
      presses,
      (standing.shares.get(k) ?? []).reduce(
        (sum, { upper, share }) => sum + share * standing.with.get(upper)!.g,
        0,
      ),
    );
    const hardest = above.reduce(
      (most, r) =>
        r.contact && r.pressed > 0 && isFace(r.contact)
          ? Math.max(most, r.pressed / spreadFace(instances[r.upper]!, r.contact, r.pressed))
          : most,
      0,
    );
    const face = hardest > 0 ? presses / hardest : 0;
    const cut = sectionOf(instance, k, standing.rests, above);
    // what only hangs on its side asks the glue, not the paste below
    const loads = load > NOTHING && (face > 0 || cut > 0);
    const mine = patches.get(k) ?? [];
    const held = heldOf(instance, k, standing.rests);
    const most = paths.reduce((m, p) => Math.max(m, lengthIn(p, k)), 0);
    out.set(instance.piece.id, {
      contact: Math.min(
        MOST_CLOSED * area,
        mine.reduce((sum, p) => sum + p.closed, 0),
      ),
      held,
      free: Math.max(0, pressedAt(instance, k, standing.rests) - held),
      load: loads ? load : 0,
      loadOnRods: loads ? Math.min(1, Math.max(0, 1 - presses / load)) : 0,
      loadContact: face,
      section: loads ? cut || face : 0,
      braced: isBraced(k, standing.rests),
      rodded: most > 0,
      stiffened: most > NEARLY_ALL * height,
      hovers: real.hovers.has(k),
      untold: real.gives.has(k) && !real.hovers.has(k),
      ...supportOf(k, instances, real.rests),
    });
  });
  return out;
}

/** What holds a piece up, and how high. */
function supportOf(
  k: number,
  instances: readonly Instance[],
  rests: readonly Rest[],
): Pick<SeatFacts, 'restsOn' | 'onRods' | 'foot'> {
  const under = rests.filter((r) => r.upper === k);
  const whole = under.reduce((sum, r) => sum + r.patch + r.rods, 0);
  if (!(whole > 0)) return { restsOn: [], onRods: 0, foot: 0 };
  const shares = new Map<string, number>();
  for (const r of under) {
    const on = r.lower < 0 ? BOARD : instances[r.lower]!.piece.id;
    shares.set(on, (shares.get(on) ?? 0) + (r.patch + r.rods) / whole);
  }
  const touching = under.filter((r) => r.contact);
  const patch = touching.reduce((sum, r) => sum + r.patch, 0);
  return {
    restsOn: [...shares].map(([on, share]) => ({ on, share })).sort((a, b) => b.share - a.share),
    onRods: under.reduce((sum, r) => sum + r.rods, 0) / whole,
    foot: patch > 0 ? touching.reduce((sum, r) => sum + r.patch * r.contact!.at[2], 0) / patch : 0,
  };
}

/** Is everything that rests on it held aside by others, both ways? */
function isBraced(k: number, rests: readonly Rest[]): boolean {
  const above = rests.filter((r) => r.lower === k);
  return (
    above.length > 0 &&
    above.every(({ upper }) =>
      spansBothWays(rests.flatMap((r) => (r.upper === upper && r.contact ? [r.contact.at] : []))),
    )
  );
}
