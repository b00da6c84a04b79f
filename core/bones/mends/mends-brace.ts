import { groundOf, layerAt } from '../../ground/index.ts';
import { place, rodEndOn } from '../../figure/index.ts';
import { add, cross, dot, sub, times, toLocal, unit, type Vec, bodyInside } from '../../solids/index.ts';
import { addRod } from '../../edits/index.ts';
import { BOARD, rodOf, type Build, type RodEnd } from '../../record/index.ts';
import { jointsOf, type Joint } from '../paths/joints.ts';
import type { Attempt } from './mends-lighter.ts';
import { RODS, type RodStock } from '../stock/rods/registry.ts';
import { stockOf } from '../stock/stock.ts';

/** A brace is of wood, and from as thick as the rod to twice as thick. */
const WOOD: readonly RodStock['material'][] = ['bamboo', 'birch'];
const MOST_STOCKS = 3;
/** Most that are tried: each is reckoned on the whole figure. */
const MOST_TRIED = 18;
/** Between brace and rod, degrees; a third of a right angle and up. */
const ANGLES = [45, 60, 30] as const;
/** Share of the held length at which it meets the rod. */
const MEET = [0.75, 0.5] as const;
/** How far it goes on past the rod, and how deep into what it stands in, mm. */
const PAST = 8;
const DEEP = [40, 25, 15] as const;
/** As far as a brace is looked along for something to stand in, mm. */
const FARTHEST = 250;
/** Room between brace and rod, mm. */
const CLEAR = 2.5;

interface Line {
  readonly from: RodEnd;
  readonly to: RodEnd;
  /** Name of what it stands in. */
  readonly where: string;
  /** Mm of it that are seen. */
  readonly seen: number;
}

/** What a brace may stand in under a joint, from what carries the piece down to the board. */
function standsIn(build: Build, joint: Joint): (at: Vec) => number | undefined {
  const instances = place(build);
  const under = groundOf(build);
  const chain: number[] = [];
  for (let c = instances[joint.upper]!.carrier; c >= 0; c = instances[c]!.carrier) chain.push(c);
  return (at) => {
    const inside = chain.find(
      (c) => bodyInside(instances[c]!.body, toLocal(instances[c]!.frame, at)) !== undefined,
    );
    if (inside !== undefined) return inside;
    return layerAt(under, ...at) ? -1 : undefined;
  };
}

/** A brace that comes to a point of the rod from a side, and stands in the first thing under the piece that it meets. */
function lineFrom(build: Build, joint: Joint, meets: Vec, way: Vec, aside: Vec): Line | undefined {
  const { piece, body, frame } = place(build)[joint.upper]!;
  const inPiece = (at: Vec) => bodyInside(body, toLocal(frame, at)) !== undefined;
  const ground = standsIn(build, joint);
  const start = add(meets, aside);
  const at = (t: number): Vec => add(start, times(way, t));
  let past = 0;
  while (past < PAST && inPiece(at(-past - 1))) past++;
  let inside = 0;
  while (inPiece(at(inside)) && ground(at(inside)) === undefined) inside++;
  let enters = inside;
  while (enters < FARTHEST && ground(at(enters)) === undefined) enters++;
  const stands = ground(at(enters));
  if (stands === undefined || past + inside < 6) return undefined;
  let deep = 0;
  while (deep < DEEP[0] && ground(at(enters + deep + 1)) === stands) deep++;
  const depth = stands < 0 ? deep : DEEP.find((d) => d <= deep);
  if (depth === undefined || depth < 5) return undefined;
  const on = stands < 0 ? BOARD : place(build)[stands]!.piece.id;
  return {
    from: rodEndOn(build, on, at(enters + depth)),
    to: rodEndOn(build, piece.id, at(-past)),
    where:
      stands < 0 ? groundOf(build).top.name.toLowerCase() : place(build)[stands]!.piece.name.toLowerCase(),
    seen: enters - inside,
  };
}

/** Sides a brace comes from: from under and over a limb that hangs out; from behind and the sides of what stands. */
function sidesOf(axis: Vec): Vec[] {
  const square = (v: Vec) => unit(sub(v, times(axis, dot(v, axis))));
  if (Math.abs(axis[2]) < 0.8) return [square([0, 0, -1]), square([0, 0, 1])];
  const about: Vec[] = [
    [0, 1, 0],
    [1, 0, 0],
    [-1, 0, 0],
    [0, -1, 0],
  ];
  return about.map(square);
}

/** Braces to try for the joint of a rod that carries most, thin ones from the least seen side first. */
export function braceAttempts(build: Build, rodId: string): Attempt[] {
  const rod = rodOf(build, rodId)!;
  const stock = stockOf(build, rod);
  const joint = jointsOf(build)
    .joints.filter((j) => j.crossings.some((c) => c.path.placed.rod.id === rodId))
    .reduce<Joint | undefined>((a, j) => (!a || j.load.g > a.load.g ? j : a), undefined);
  const crossing = joint?.crossings.find((c) => c.path.placed.rod.id === rodId);
  if (!joint || !crossing || crossing.path.legs.length > 1) return [];
  const { piece } = place(build)[joint.upper]!;
  const d = stock.section.diameter;
  const stocks = RODS.filter(
    (r) => WOOD.includes(r.material) && r.section.diameter >= d && r.section.diameter <= 2 * d,
  ).slice(0, MOST_STOCKS);
  const { axis } = crossing;
  const out: Attempt[] = [];
  for (const side of sidesOf(axis))
    for (const angle of ANGLES)
      for (const share of MEET) {
        const meets = add(crossing.at, times(axis, crossing.bare + share * crossing.heldAbove));
        const turned = (angle * Math.PI) / 180;
        const way = add(times(axis, -Math.cos(turned)), times(side, Math.sin(turned)));
        const across = unit(cross(axis, side));
        for (const brace of stocks) {
          const gap = (d + brace.section.diameter) / 2 + CLEAR;
          const line = lineFrom(build, joint, meets, way, times(across, gap));
          if (!line) continue;
          const made = addRod(build, {
            name: `${piece.name}, brace`,
            stock: brace.id,
            from: line.from,
            to: line.to,
            pair: rod.pair,
            sleeved: false,
            ...(line.seen > 2 ? { shown: true } : {}),
          });
          out.push({
            text: `Brace it with a ${brace.name} from the ${line.where}${line.seen > 2 ? `, ${Math.round(line.seen)} mm of it seen` : ', all of it hidden'}`,
            build: made.build,
          });
        }
      }
  return out.slice(0, MOST_TRIED);
}
