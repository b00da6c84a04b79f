import { place } from '../figure/index.ts';
import { bodyMesh, cross, dot, length, sub, times, toWorld, type Vec } from '../solids/index.ts';
import type { Build } from '../record/index.ts';

/**
 * Reach found the slow, obvious way, for checks: triangles of the finished figure, five straight wires for a tool, and thirty-seven
 * directions. It shares only the shapes with what it checks. Not part of the app.
 */
interface Tri {
  readonly a: Vec;
  readonly u: Vec;
  readonly v: Vec;
}

const trianglesOf = (build: Build, round: number) =>
  place(build).map((i) => {
    const { points, faces } = bodyMesh(i.body, round);
    const at = (k: number) => toWorld(i.frame, [points[3 * k]!, points[3 * k + 1]!, points[3 * k + 2]!]);
    const out: Tri[] = [];
    for (let f = 0; f < faces.length; f += 3) {
      const a = at(faces[f]!);
      out.push({ a, u: sub(at(faces[f + 1]!), a), v: sub(at(faces[f + 2]!), a) });
    }
    return out;
  });

/** Möller and Trumbore, 1997. */
function strikes({ a, u, v }: Tri, o: Vec, d: Vec, far: number): boolean {
  const h = cross(d, v);
  const det = dot(u, h);
  if (Math.abs(det) < 1e-12) return false;
  const w = sub(o, a);
  const s = dot(w, h) / det;
  if (s < 0 || s > 1) return false;
  const q = cross(w, u);
  const t = dot(d, q) / det;
  if (t < 0 || s + t > 1) return false;
  const on = dot(v, q) / det;
  return on > 1e-6 && on <= far;
}

const unitOf = (v: Vec): Vec => times(v, 1 / (length(v) || 1));

function wiresOf(o: Vec, d: Vec, half: number): Vec[] {
  const a = unitOf(cross(d, Math.abs(d[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0]));
  const b = cross(d, a);
  const off = (p: Vec, k: number): Vec => [o[0] + p[0] * k, o[1] + p[1] * k, o[2] + p[2] * k];
  return [o, off(a, half), off(a, -half), off(b, half), off(b, -half)];
}

/** Share of a piece's spots to which a straight tool gets while only some pieces stand; spots the others lie over do not count. */
export function reachedSlowly(
  build: Build,
  piece: string,
  standing: ReadonlySet<string>,
  tool: { readonly half: number; readonly length: number; readonly cone: number },
): { readonly now: number; readonly alone: number } {
  const all = place(build);
  const mesh = trianglesOf(build, 16);
  const own = all.findIndex((i) => i.piece.id === piece);
  const others = mesh.filter((_, k) => k !== own);
  const here = mesh.filter((_, k) => k !== own && standing.has(all[k]!.piece.id));
  const whole = mesh[own]!.reduce((sum, t) => sum + length(cross(t.u, t.v)), 0);
  const every = Math.max(1, Math.ceil(mesh[own]!.length / 120));
  let [now, alone] = [0, 0];
  mesh[own]!.forEach((t, k) => {
    if (k % every !== 0) return;
    const n = unitOf(cross(t.u, t.v));
    const area = length(cross(t.u, t.v)) / whole;
    const mid: Vec = [0, 1, 2].map((x) => t.a[x]! + (t.u[x]! + t.v[x]!) / 3) as unknown as Vec;
    const start: Vec = [0, 1, 2].map((x) => mid[x]! + n[x]! * (tool.half + 0.1)) as unknown as Vec;
    const ways: Vec[] = [n];
    const a = unitOf(cross(n, Math.abs(n[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0]));
    const b = cross(n, a);
    for (const [many, part] of [
      [6, 0.35],
      [12, 0.7],
      [18, 1],
    ] as const)
      for (let i = 0; i < many; i++) {
        const tilt = (tool.cone * part * Math.PI) / 180;
        const turn = (2 * Math.PI * i) / many;
        ways.push(
          [0, 1, 2].map(
            (x) =>
              n[x]! * Math.cos(tilt) + (a[x]! * Math.cos(turn) + b[x]! * Math.sin(turn)) * Math.sin(tilt),
          ) as unknown as Vec,
        );
      }
    const free = (bodies: readonly (readonly Tri[])[]) =>
      ways.some((d) =>
        wiresOf(start, d, tool.half).every((w) =>
          bodies.every((body) => !body.some((tri) => strikes(tri, w, d, tool.length))),
        ),
      );
    // what the finished figure lets nobody see is not asked for
    const seen = ways.some((d) => others.every((body) => !body.some((tri) => strikes(tri, mid, d, 200))));
    if (!seen) return;
    alone += area;
    if (free(here)) now += area;
  });
  return { now, alone };
}
