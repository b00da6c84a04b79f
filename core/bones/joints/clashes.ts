import { legsOf, mapPoints, place, placeRod, rodEndAt, rodEndOn, type Leg } from '../../figure/index.ts';
import { add, cross, dot, length, sub, times, unit, type Vec } from '../../solids/index.ts';
import { rodOf, type Build, type Rod, type RodEnd } from '../../record/index.ts';
import { setRod } from '../../edits/index.ts';
import { formatLength, once, lower } from '../../quantity/index.ts';
import type { Clash } from '../paths/clash.ts';
import { jointsOf } from '../paths/joints.ts';
import { slideClashes } from './slide-on.ts';
import { stockOf } from '../stock/stock.ts';
import { COVER, leastCover } from '../paths/rod-cover.ts';
import { bareEnds } from '../paths/rod-ends.ts';
import { THICK } from '../paths/thick.ts';
import { followRod, type RodPath } from '../runs/rod-paths.ts';

/** Rods keep this far from each other, skin to skin, or they split the paste between them; common practice, mm. */
export const APART = 2;
/** Shortest way between two stretches (closest points of segments, Ericson's form). */
export function segmentGap(p1: Vec, q1: Vec, p2: Vec, q2: Vec): { gap: number; a: Vec; b: Vec } {
  const d1 = sub(q1, p1);
  const d2 = sub(q2, p2);
  const r = sub(p1, p2);
  const a = dot(d1, d1);
  const e = dot(d2, d2);
  const f = dot(d2, r);
  const clip = (x: number) => Math.min(1, Math.max(0, x));
  let s = 0;
  let t = 0;
  if (a > 1e-12 && e > 1e-12) {
    const b = dot(d1, d2);
    const c = dot(d1, r);
    const den = a * e - b * b;
    s = den > 1e-12 * a * e ? clip((b * f - c * e) / den) : 0;
    t = (b * s + f) / e;
    if (t < 0) {
      t = 0;
      s = clip(-c / a);
    } else if (t > 1) {
      t = 1;
      s = clip((b - c) / a);
    }
  } else if (a > 1e-12) s = clip(-dot(d1, r) / a);
  else if (e > 1e-12) t = clip(f / e);
  const A = add(p1, times(d1, s));
  const B = add(p2, times(d2, t));
  return { gap: length(sub(A, B)), a: A, b: B };
}

/** As much of a rod’s path as room needs. */
type Run = Pick<RodPath, 'placed' | 'legs' | 'stock'>;
const radius = (p: Run) => p.stock.section.diameter / 2;

/** The whole rod moved in space, each end kept fixed to what it is in. */
function shifted(build: Build, rod: Rod, by: Vec): Build | undefined {
  const move = (end: RodEnd): RodEnd => rodEndOn(build, end.on, add(rodEndAt(build, end), by));
  const moved = setRod(build, rod.id, mapPoints(rod, move));
  return moved.ok ? moved.value : undefined;
}

const together = (a: Run, b: Run) =>
  a.placed.rod.bundle !== undefined && a.placed.rod.bundle === b.placed.rod.bundle;

/** Where two rods come nearest to each other, and the stretches that do. */
function nearest(a: Run, b: Run) {
  let best: (ReturnType<typeof segmentGap> & { readonly of: readonly [Leg, Leg] }) | undefined;
  for (const p of a.legs)
    for (const q of b.legs) {
      const found = segmentGap(p.from, p.to, q.from, q.to);
      if (!best || found.gap < best.gap) best = { ...found, of: [p, q] };
    }
  return best!;
}

/** Least room between any two runs of two rods. */
const roomOf = (a: Run, b: Run) => nearest(a, b).gap - radius(a) - radius(b);

function rodClashes(build: Build, paths: readonly RodPath[], letterOf: (id: string) => string): Clash[] {
  const worst = new Map<string, { a: RodPath; b: RodPath; room: number; apart: Vec }>();
  paths.forEach((a, i) =>
    paths.slice(i + 1).forEach((b) => {
      if (together(a, b)) return;
      const near = nearest(a, b);
      const room = near.gap - radius(a) - radius(b);
      if (room >= APART) return;
      const key = `${a.placed.rod.id}/${b.placed.rod.id}`;
      if ((worst.get(key)?.room ?? Infinity) <= room) return;
      const { along } = near.of[0];
      const line = sub(near.b, near.a);
      const square = cross(along, near.of[1].along);
      const apart =
        length(line) > 0.05
          ? unit(line)
          : length(square) > 1e-6
            ? unit(square)
            : unit(cross(along, [0, 1, 0.01]));
      worst.set(key, { a, b, room, apart });
    }),
  );
  return [...worst.values()].map(({ a, b, room, apart }): Clash => {
    const [la, lb] = [letterOf(a.placed.rod.id), letterOf(b.placed.rod.id)];
    const same = a.placed.rod.id === b.placed.rod.id;
    const mend = once(() => shiftMend(build, paths, a, b, room, apart, letterOf));
    return {
      kind: 'rods',
      rods: same ? [a.placed.rod.id] : [a.placed.rod.id, b.placed.rod.id],
      title: same
        ? `The pair ${la} meets in the middle`
        : `${la} and ${lb} ${room < 0 ? 'run into each other' : `pass ${formatLength(room)} apart`}`,
      text:
        room < 0
          ? 'Two rods cannot be in one place: move one of them.'
          : `Keep ${APART} mm between them, so that neither splits the paste.`,
      verdict: room < 0 ? 'fails' : 'tight',
      get mend() {
        return mend();
      },
    };
  });
}

/** Move the second rod away until both are clear of each other and of everything else; tried before it is offered. */
function shiftMend(
  build: Build,
  paths: readonly RodPath[],
  a: RodPath,
  b: RodPath,
  room: number,
  apart: Vec,
  letterOf: (id: string) => string,
): Clash['mend'] {
  const by = Math.ceil((APART - room + 0.2) * 2) / 2;
  for (const [rod, way] of [
    [b.placed, apart],
    [a.placed, times(apart, -1)],
  ] as const)
    for (const sign of [1, -1]) {
      // a mirrored rod is moved by moving the one the person edits
      const v = times(way, by * sign);
      const own: Vec = rod.index === 1 ? [-v[0], v[1], v[2]] : v;
      const next = shifted(build, rod.rod, own);
      if (!next) continue;
      const placed = placeRod(next, rodOf(next, rod.rod.id)!);
      const mine = placed.map((p) => ({ placed: p, legs: legsOf(p.line), stock: stockOf(next, p.rod) }));
      const now = [...mine, ...paths.filter((p) => p.placed.rod.id !== rod.rod.id)];
      const clear = mine.every((p) =>
        now.every((q) => q === p || together(p, q) || roomOf(p, q) >= APART - 1e-6),
      );
      if (clear && placed.every((p) => followRod(next, p).spots.some((s) => s.length > 0)))
        return { text: `Move ${letterOf(rod.rod.id)} ${formatLength(by)} aside`, apply: () => next };
    }
  return undefined;
}

function coverClashes(build: Build, paths: readonly RodPath[], letterOf: (id: string) => string): Clash[] {
  const out: Clash[] = [];
  const told = new Set<string>();
  for (const path of paths) {
    const { placed } = path;
    if (placed.rod.shown || told.has(placed.rod.id)) continue;
    const least = leastCover(build, path);
    if (!least) continue;
    told.add(placed.rod.id);
    out.push({
      kind: 'cover',
      rods: [placed.rod.id],
      title:
        least.cover < 0.5
          ? `${letterOf(placed.rod.id)} comes out of the ${lower(least.piece)}`
          : `${letterOf(placed.rod.id)} is ${formatLength(least.cover)} under the ${lower(least.piece)}’s skin`,
      text: `Paste under ${COVER} mm over a rod shows it and cracks along it, ${formatLength(least.at[2])} over the board.`,
      verdict: least.cover < 0.5 ? 'fails' : 'tight',
      mend: undefined,
    });
  }
  return out;
}

/** The rod with one end drawn back along itself. */
function drawnBack(build: Build, path: RodPath, end: 'from' | 'to', by: number): Build | undefined {
  const { line, rod } = path.placed;
  if (path.placed.index > 0) return undefined;
  const [tip, before] = end === 'from' ? [line[0]!, line[1]!] : [line.at(-1)!, line.at(-2)!];
  const back = add(tip, times(unit(sub(before, tip)), by));
  const moved = setRod(build, rod.id, { [end]: rodEndOn(build, rod[end].on, back) });
  return moved.ok ? moved.value : undefined;
}

/**
 * Ends that show: the rod is drawn back along itself where that covers them.
 * @param along rods that are too near the skin along themselves: their ends are told only where they stand out
 */
function endClashes(
  build: Build,
  paths: readonly RodPath[],
  letterOf: (id: string) => string,
  along: ReadonlySet<string>,
): Clash[] {
  const told = new Set<string>();
  return paths.flatMap((path) =>
    bareEnds(build, path).flatMap((e): Clash[] => {
      const { rod } = path.placed;
      if (told.has(`${rod.id} ${e.end}`) || (e.along > 0 && along.has(rod.id))) return [];
      told.add(`${rod.id} ${e.end}`);
      const letter = letterOf(rod.id);
      const out = e.along < 0 && -e.along;
      const mend = once(() => {
        const by = Math.ceil(COVER - e.along + 0.5);
        const shorter = drawnBack(build, path, e.end, by);
        if (!shorter) return undefined;
        const again = placeRod(shorter, rodOf(shorter, rod.id)!)[0]!;
        return bareEnds(shorter, followRod(shorter, again)).some((x) => x.end === e.end)
          ? undefined
          : { text: `Draw its end back ${formatLength(by)}`, apply: () => shorter };
      });
      return [
        {
          kind: 'cover',
          rods: [rod.id],
          title: out
            ? `The end of ${letter} stands out ${formatLength(out)}`
            : `The end of ${letter} is ${formatLength(Math.max(0, e.cover))} under the skin`,
          text: `Paste under ${COVER} mm over an end lets it through, ${formatLength(e.at[2])} over the board. An end that is meant to be seen can be marked so.`,
          verdict: e.cover < 0.5 ? 'fails' : 'tight',
          get mend() {
            return mend();
          },
        },
      ];
    }),
  );
}

function thickClashes(build: Build, paths: readonly RodPath[], letterOf: (id: string) => string): Clash[] {
  const instances = place(build);
  const out: Clash[] = [];
  for (const path of paths) {
    if (path.placed.index > 0) continue;
    const d = path.stock.section.diameter;
    const runs = new Map<number, { wide: number; long: number }>();
    for (const spot of path.spots)
      for (const i of spot) {
        if (i.instance < 0) continue;
        const run = runs.get(i.instance) ?? { wide: 0, long: 0 };
        runs.set(i.instance, { wide: Math.max(run.wide, 2 * i.cover + d), long: run.long + path.step });
      }
    for (const [instance, { wide, long }] of runs) {
      // a tip that just goes in does not split anything
      if (long < 2 * d || d <= THICK * wide || instances[instance]!.index > 0) continue;
      const { name } = instances[instance]!.piece;
      out.push({
        kind: 'thick',
        rods: [path.placed.rod.id],
        title: `${letterOf(path.placed.rod.id)} is thick for the ${lower(name)}`,
        text: `${formatLength(d)} in ${formatLength(wide)} of paste: more than four tenths and it splits as it dries. A thinner rod, or build the piece round it in two halves.`,
        verdict: 'tight',
        mend: undefined,
      });
    }
  }
  return out;
}

const firstPiece = (p: RodPath): number => Math.min(...[...p.passes].filter((i) => i >= 0));

/** A rod pushed in along its own line needs that line free: rods that lie across it go in after it. */
function orderClashes(paths: readonly RodPath[], letterOf: (id: string) => string): Clash[] {
  const out: Clash[] = [];
  const told = new Set<string>();
  for (const a of paths) {
    // a bent one is not pushed in: what it goes through is built round it
    if (a.legs.length > 1) continue;
    const { along } = a.legs[0]!;
    const up = along[2] >= 0;
    const entry = up ? a.placed.to : a.placed.from;
    const away = add(entry, times(along, (up ? 1 : -1) * a.length));
    for (const b of paths) {
      const key = `${a.placed.rod.id}/${b.placed.rod.id}`;
      if (a.placed.rod.id === b.placed.rod.id || told.has(key) || together(a, b)) continue;
      if (roomOf(a, b) < 0) continue;
      const track =
        Math.min(...b.legs.map((leg) => segmentGap(entry, away, leg.from, leg.to).gap)) -
        radius(a) -
        radius(b);
      // one goes in with the lowest piece it passes: in building order nothing has to be said
      if (track >= 0.5 || firstPiece(a) <= firstPiece(b)) continue;
      told.add(key);
      out.push({
        kind: 'order',
        rods: [a.placed.rod.id, b.placed.rod.id],
        title: `${letterOf(a.placed.rod.id)} goes in before ${letterOf(b.placed.rod.id)}`,
        text: `${letterOf(b.placed.rod.id)} lies in the way ${letterOf(a.placed.rod.id)} is pushed in.`,
        verdict: 'tight',
        mend: undefined,
      });
    }
  }
  return out;
}

/** Everything that is in the way of a rod, the worst first. */
export function clashesOf(build: Build, letterOf: (id: string) => string): Clash[] {
  const { paths } = jointsOf(build);
  const covers = coverClashes(build, paths, letterOf);
  return [
    ...rodClashes(build, paths, letterOf),
    ...covers,
    ...endClashes(build, paths, letterOf, new Set(covers.flatMap((c) => c.rods))),
    ...thickClashes(build, paths, letterOf),
    ...slideClashes(build, letterOf),
    ...orderClashes(paths, letterOf),
  ].sort((a, b) => Number(b.verdict === 'fails') - Number(a.verdict === 'fails'));
}
