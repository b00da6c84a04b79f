import { contactsOf, solidOf, type Contact } from '../../contacts/index.ts';
import { place, type Instance } from '../../figure/index.ts';
import type { Build } from '../../record/index.ts';
import { bodyDepth, bodySkin, levelSections, sub, toLocal, type Vec } from '../../solids/index.ts';
import { groundOf, layerAt, type Layer } from '../../ground/index.ts';
import { coreSoft, layerSoft } from '../stock/soft.ts';
import { rodMass } from '../stock/rods/registry.ts';
import { rodPaths, type RodPath } from '../runs/rod-paths.ts';
import { seatedOn } from './carried.ts';
import { balance, type Carried } from './graph.ts';
import { ownMasses } from './own.ts';
import { pasteOf } from './springs.ts';

/** How firm the paste of a piece is, kPa. */
export type FirmnessOf = (piece: string) => number;

/** What lies at a place: the deepest of the pieces there, boards and tiers under them. */
const lyingAt =
  (build: Build, instances: readonly Instance[]) =>
  (at: Vec): number | Layer | undefined => {
    if (at[2] < 0) return layerAt(groundOf(build), ...at);
    let best: number | undefined;
    let deepest = 0;
    instances.forEach((i, k) => {
      if (!i.first) return;
      const d = sub(at, i.frame.origin);
      const { far } = solidOf(i.body);
      if (d[0] ** 2 + d[1] ** 2 + d[2] ** 2 > 4 * far * far) return;
      const p = toLocal(i.frame, at);
      const depth = bodyDepth(i.body)(p[0], p[1], p[2]);
      if (depth > deepest) [best, deepest] = [k, depth];
    });
    return best;
  };

/**
 * The finished figure with its rods: what rests on whose paste, and what rods take past it. Paste is as firm as is said and
 * presses as hard as it must, so that what comes out is what is asked of it; rods take what their hold takes.
 */
export function loaded(build: Build, firm: FirmnessOf, paths: readonly RodPath[] = rodPaths(build)): Carried {
  const instances = place(build);
  return balance({
    instances,
    contacts: contactsOf(build),
    own: ownMasses(build),
    pasteOf: (k) => pasteOf(firm(instances[k]!.piece.id)),
    coreOf: (k) => pasteOf(coreSoft(build, instances[k]!.piece.core).crush[1]),
    joined: seatedOn(instances),
    rods: paths.map((path) => ({ path, g: rodMass(path.stock, path.length) })),
    layer: (l) => pasteOf(layerSoft(build, l).crush[1]),
    under: lyingAt(build, instances),
    limited: false,
  });
}

/** Levels at which a body is looked at for where it is thinnest. Estimate. */
const LEVELS = 9;

const cuts = new WeakMap<Instance, Map<string, number>>();

/** Least level cut through a body between the patch it stands on and the ones that press on it, mm². */
export function leastSection(i: Instance, low: number, high: number): number {
  let of = cuts.get(i);
  if (!of) cuts.set(i, (of = new Map()));
  const key = `${low} ${high}`;
  let least = of.get(key);
  if (least === undefined) {
    const heights = Array.from({ length: LEVELS }, (_, k) => low + ((high - low) * (k + 0.5)) / LEVELS);
    of.set(key, (least = Math.min(...levelSections(bodySkin(i.body, 20), i.frame, heights))));
  }
  return least;
}

/** Patches of every body with the face of its own that is closed there, mm². */
export function patchesOf(
  contacts: readonly Contact[],
): ReadonlyMap<
  number,
  readonly { readonly contact: Contact; readonly other: number; readonly closed: number }[]
> {
  const out = new Map<number, { contact: Contact; other: number; closed: number }[]>();
  const note = (k: number, contact: Contact, other: number, closed: number) => {
    const of = out.get(k);
    if (of) of.push({ contact, other, closed });
    else out.set(k, [{ contact, other, closed }]);
  };
  for (const c of contacts) {
    note(c.a, c, c.b, c.skin[0]);
    if (c.b >= 0) note(c.b, c, c.a, c.skin[1]);
  }
  return out;
}
