import { onAxes, toWorld, type Frame, type Vec } from '../vector.ts';

/** A surface of triangles: xyz of every corner, and three corners a face, anticlockwise seen from outside. mm. */
export interface Mesh {
  readonly points: Float64Array;
  readonly faces: Uint32Array;
}

/** Gathers corners and faces while a mesh is made. */
export class MeshMaker {
  readonly points: number[] = [];
  readonly faces: number[] = [];

  /** @returns the number of the corner */
  point(p: Vec): number {
    this.points.push(p[0], p[1], p[2]);
    return this.points.length / 3 - 1;
  }

  face(a: number, b: number, c: number): void {
    if (a !== b && b !== c && a !== c) this.faces.push(a, b, c);
  }

  /** Two triangles. */
  quad(a: number, b: number, c: number, d: number): void {
    this.face(a, b, c);
    this.face(a, c, d);
  }

  done(): Mesh {
    return { points: Float64Array.from(this.points), faces: Uint32Array.from(this.faces) };
  }
}

/** The place of a corner, by its number. */
export const pointOf = (m: Mesh, i: number): Vec => [
  m.points[3 * i]!,
  m.points[3 * i + 1]!,
  m.points[3 * i + 2]!,
];

/** Several meshes as one; nothing is joined. */
export function gathered(meshes: readonly Mesh[]): Mesh {
  const points = new Float64Array(meshes.reduce((n, m) => n + m.points.length, 0));
  const faces = new Uint32Array(meshes.reduce((n, m) => n + m.faces.length, 0));
  let p = 0;
  let f = 0;
  for (const m of meshes) {
    points.set(m.points, p);
    for (let i = 0; i < m.faces.length; i++) faces[f + i] = m.faces[i]! + p / 3;
    p += m.points.length;
    f += m.faces.length;
  }
  return { points, faces };
}

/** The same surface with every face turned round. */
export function insideOut(m: Mesh): Mesh {
  const faces = m.faces.slice();
  for (let i = 0; i < faces.length; i += 3) {
    faces[i] = m.faces[i + 1]!;
    faces[i + 1] = m.faces[i]!;
  }
  return { points: m.points, faces };
}

/** Every corner moved. */
export function moved(m: Mesh, move: (p: Vec) => Vec): Mesh {
  const points = new Float64Array(m.points.length);
  for (let i = 0; i < points.length / 3; i++) points.set(move(pointOf(m, i)), 3 * i);
  return { points, faces: m.faces };
}

/** A mesh standing in a frame; a mirrored frame turns its faces so that they still look outwards. */
export function placedMesh(m: Mesh, frame: Frame): Mesh {
  const { x, y, z } = frame;
  const handed =
    x[0] * (y[1] * z[2] - y[2] * z[1]) -
    x[1] * (y[0] * z[2] - y[2] * z[0]) +
    x[2] * (y[0] * z[1] - y[1] * z[0]);
  const placed = moved(m, (p) => toWorld(frame, p));
  return handed < 0 ? insideOut(placed) : placed;
}

/** Rings of equally many corners joined to a closed skin, the ends closed by a fan unless they are one point. */
export function skinOfRings(rings: readonly (readonly Vec[])[], loop = false): Mesh {
  const make = new MeshMaker();
  const near = (a: Vec, b: Vec) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]) < 1e-9;
  const rows = rings.map((ring) => {
    if (ring.every((p) => near(p, ring[0]!))) {
      const one = make.point(ring[0]!);
      return ring.map(() => one);
    }
    return ring.map((p) => make.point(p));
  });
  const n = rows[0]!.length;
  const last = loop ? rows.length : rows.length - 1;
  for (let j = 0; j < last; j++) {
    const low = rows[j]!;
    const high = rows[(j + 1) % rows.length]!;
    for (let i = 0; i < n; i++) {
      const k = (i + 1) % n;
      make.quad(low[i]!, low[k]!, high[k]!, high[i]!);
    }
  }
  if (!loop)
    for (const [j, up] of [
      [0, false],
      [rows.length - 1, true],
    ] as const) {
      const row = rows[j]!;
      if (row[0] === row[1]) continue;
      const ring = rings[j]!;
      const middle = onAxes((k) => ring.reduce((s, p) => s + p[k], 0) / n);
      const c = make.point(middle);
      for (let i = 0; i < n; i++) {
        const k = (i + 1) % n;
        if (up) make.face(c, row[i]!, row[k]!);
        else make.face(c, row[k]!, row[i]!);
      }
    }
  return make.done();
}
