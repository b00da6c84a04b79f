import type { Mm } from '../../quantity/index.ts';
import { pointOf, type Mesh, type Vec } from '../../solids/index.ts';
import type { Polar } from './polar.ts';
import { cornersOf } from './triangles.ts';

/** Directions in which the skin is followed from the start. A step of the method; estimate. */
export const DIRECTIONS = 72;
/** From one direction to the next, radians. */
export const STEP = (2 * Math.PI) / DIRECTIONS;

/** A stretch of a line over the skin: from so far from the start, at a place, to so far at another. */
export interface SkinStretch {
  readonly from: Mm;
  readonly to: Mm;
  readonly at: Vec;
  readonly end: Vec;
}

/** Corners of a face in the flat, where a sheet laid without stretch has them; directions told round the first of them. */
export interface Flat {
  readonly corners: readonly [number, number, number];
  readonly turns: readonly [number, number, number];
  readonly far: readonly [Mm, Mm, Mm];
  /** Sheets from several sides meet on it. */
  readonly meets: boolean;
}

/** Wider than this as seen from the start, lines from several sides meet on a face, radians. A step of the method; estimate. */
const MEETS = 0.7;

/** A face as the flat sheet has it. */
export function flatOf(mesh: Mesh, { source, far, turn }: Polar, t: number): Flat {
  const corners = cornersOf(mesh, t);
  const at = corners.indexOf(source);
  const first = turn[corners[at === 0 ? 1 : 0]]!;
  const turns = corners.map((v) => {
    const d = turn[v]! - first;
    return first + d - 2 * Math.PI * Math.round(d / (2 * Math.PI));
  }) as [number, number, number];
  if (at >= 0) turns[at] = (turns[(at + 1) % 3]! + turns[(at + 2) % 3]!) / 2;
  const spread = Math.max(...turns) - Math.min(...turns);
  return {
    corners,
    turns,
    far: corners.map((v) => far[v]!) as [Mm, Mm, Mm],
    meets: at < 0 && spread > MEETS,
  };
}

/** Where the line in a direction enters and leaves a face. */
function crossed(mesh: Mesh, { corners, turns, far }: Flat, direction: number): SkinStretch | undefined {
  const [c, s] = [Math.cos(direction), Math.sin(direction)];
  const hits: { readonly far: Mm; readonly at: Vec }[] = [];
  for (let i = 0; i < 3; i++) {
    const j = (i + 1) % 3;
    const [xi, yi] = [far[i]! * Math.cos(turns[i]!), far[i]! * Math.sin(turns[i]!)];
    const [xj, yj] = [far[j]! * Math.cos(turns[j]!), far[j]! * Math.sin(turns[j]!)];
    const [di, dj] = [xi * s - yi * c, xj * s - yj * c];
    if (di > 0 === dj > 0) continue;
    const f = di / (di - dj);
    const out = (xi + (xj - xi) * f) * c + (yi + (yj - yi) * f) * s;
    if (out < -1e-6) continue;
    const [a, b] = [pointOf(mesh, corners[i]!), pointOf(mesh, corners[j]!)];
    hits.push({
      far: out,
      at: [a[0] + (b[0] - a[0]) * f, a[1] + (b[1] - a[1]) * f, a[2] + (b[2] - a[2]) * f],
    });
  }
  const [near, end] = hits.sort((a, b) => a.far - b.far);
  return near && end && { from: near.far, to: end.far, at: near.at, end: end.at };
}

/** Lines over the skin away from the start, one a direction, and how far the sheet has to reach along each, mm. */
export interface Lines {
  readonly lines: readonly (readonly SkinStretch[])[];
  readonly reach: readonly Mm[];
}

/** @param bare faces the sheet does not cover */
export function linesOver(mesh: Mesh, polar: Polar, bare: Uint8Array): Lines {
  const lines = Array.from({ length: DIRECTIONS }, (): SkinStretch[] => []);
  const ends = new Float64Array(DIRECTIONS);
  for (let t = 0; t < bare.length; t++) {
    if (bare[t]) continue;
    const flat = flatOf(mesh, polar, t);
    const [low, high] = [Math.min(...flat.turns), Math.max(...flat.turns)];
    for (let k = Math.ceil(low / STEP); k * STEP <= high + 1e-12; k++) {
      const line = ((k % DIRECTIONS) + DIRECTIONS) % DIRECTIONS;
      // where sheets from several sides meet all of them end
      if (flat.meets) ends[line] = Math.max(ends[line]!, ...flat.far);
      if (high - low > Math.PI / 2) continue;
      const found = crossed(mesh, flat, k * STEP);
      if (found) lines[line]!.push(found);
    }
  }
  for (const line of lines) line.sort((a, b) => a.from - b.from);
  const reach = lines.map((line, k) => line.reduce((far, s) => Math.max(far, s.to), ends[k]!));
  const last = DIRECTIONS - 1;
  return {
    lines,
    reach: reach.map((far, k) =>
      far > 0 ? far : Math.max(reach[k < last ? k + 1 : 0]!, reach[k > 0 ? k - 1 : last]!),
    ),
  };
}
