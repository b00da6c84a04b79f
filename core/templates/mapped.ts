import { mapOver, SHEET_STATES, type SheetMap, type SheetState } from '../covers/index.ts';
import { blendOf, drawnOf, project, type View } from '../figure/index.ts';
import type { Mm } from '../quantity/index.ts';
import type { Build } from '../record/index.ts';
import { bodyReach, onAxes, placedMesh, type Body, type Mesh, type Vec } from '../solids/index.ts';
import type { Marked } from './painted.ts';

/** What a sheet does at every triangle of a piece it covers. */
export interface PieceMap {
  readonly piece: string;
  readonly map: SheetMap;
}

/** Sheets of a build found on triangles; for a worker. */
export const sheetMapsOf = (build: Pick<Build, 'pieces' | 'blends'>): PieceMap[] =>
  build.pieces.flatMap((piece) => {
    const map = mapOver(piece, blendOf(build, piece));
    return map ? [{ piece: piece.id, map }] : [];
  });

/** The core's triangles where the skin of the whole is seen: stretched from its box to that of the body over it. */
function ontoSkin(mesh: Mesh, body: Body): Mesh {
  const boxes = onAxes((k): readonly [scale: number, shift: Mm] => {
    const along = onAxes((i) => (i === k ? 1 : 0));
    const [low, high] = [
      -bodyReach(
        body,
        onAxes((i) => -along[i]),
      ),
      bodyReach(body, along),
    ];
    let [from, to] = [Infinity, -Infinity];
    for (let i = k; i < mesh.points.length; i += 3) {
      from = Math.min(from, mesh.points[i]!);
      to = Math.max(to, mesh.points[i]!);
    }
    const scale = to > from ? (high - low) / (to - from) : 1;
    return [scale, low - from * scale];
  });
  const points = mesh.points.map(
    (v, i) => v * boxes[(i % 3) as 0 | 1 | 2][0] + boxes[(i % 3) as 0 | 1 | 2][1],
  );
  return { points, faces: mesh.faces };
}

/**
 * The rims of a set of triangles: edges that only one of them has, put one after the other. Outer ones run as the triangles do
 * and holes the other way.
 */
export function rimsOf(triangles: readonly (readonly [number, number, number])[]): number[][] {
  const next = new Map<number, number[]>();
  const edges = new Set(triangles.flatMap(([a, b, c]) => [`${a} ${b}`, `${b} ${c}`, `${c} ${a}`]));
  for (const [a, b, c] of triangles)
    for (const [from, to] of [
      [a, b],
      [b, c],
      [c, a],
    ] as const)
      if (!edges.has(`${to} ${from}`)) next.set(from, [...(next.get(from) ?? []), to]);
  const rims: number[][] = [];
  for (const start of next.keys()) {
    for (let at = next.get(start)?.pop(); at !== undefined; at = next.get(start)?.pop()) {
      const rim = [start];
      while (at !== undefined && at !== start) {
        rim.push(at);
        at = next.get(at)?.pop();
      }
      rims.push(rim);
    }
  }
  return rims;
}

/** What every sheet does where it is seen, of the triangles that look this way. */
export function mapsPainted(
  build: Pick<Build, 'pieces' | 'blends'>,
  maps: readonly PieceMap[],
  view: View,
): Marked[] {
  return drawnOf(build).flatMap(({ piece, frame, body }): Marked[] => {
    const map = maps.find((m) => m.piece === piece.id)?.map;
    if (!map) return [];
    const { points, faces } = placedMesh(ontoSkin(map.mesh, body), frame);
    const at = (i: number) => project(view, onAxes((k) => points[3 * i + k]!) satisfies Vec);
    const seen = new Map<Exclude<SheetState, 'smooth' | 'bare'>, [number, number, number][]>();
    map.states.forEach((code, t) => {
      const state = SHEET_STATES[code]!;
      if (state === 'smooth' || state === 'bare') return;
      const [a, b, c] = [faces[3 * t]!, faces[3 * t + 1]!, faces[3 * t + 2]!];
      const [p, q, r] = [at(a), at(b), at(c)];
      if ((q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]) <= 0) return;
      const list = seen.get(state) ?? [];
      list.push([a, b, c]);
      seen.set(state, list);
    });
    return [...seen].map(([state, list]) => ({
      kind: state,
      piece: piece.id,
      outlines: rimsOf(list).map((rim) => rim.map(at)),
    }));
  });
}
