import type { Mm, Mm2 } from '../../quantity/index.ts';
import { cross, length, onAxes, pointOf, type Mesh } from '../../solids/index.ts';

/** Corners of a face. */
export const cornersOf = ({ faces }: Mesh, t: number): readonly [number, number, number] => [
  faces[3 * t]!,
  faces[3 * t + 1]!,
  faces[3 * t + 2]!,
];

/** From one corner to another, straight. */
export function apart({ points }: Mesh, a: number, b: number): Mm {
  const x = points[3 * a]! - points[3 * b]!;
  const y = points[3 * a + 1]! - points[3 * b + 1]!;
  const z = points[3 * a + 2]! - points[3 * b + 2]!;
  return Math.sqrt(x * x + y * y + z * z);
}

/** Area of a face. */
export function faceArea(mesh: Mesh, t: number): Mm2 {
  const [a, b, c] = cornersOf(mesh, t);
  const from = pointOf(mesh, a);
  const to = (i: number) => onAxes((k) => mesh.points[3 * i + k]! - from[k]);
  return length(cross(to(b), to(c))) / 2;
}

/** Longest edge beside the side of a square, where the whole skin is cut into so many of them. A step of the method; estimate. */
const LONGEST = 1.6;
/** Rounds of halving at the most. A step of the method; estimate. */
const ROUNDS = 6;

/** The middles of edges that are too long, each found once whichever face asks. */
class Middles {
  private readonly found = new Map<number, number>();
  constructor(
    private readonly points: number[],
    private readonly most: Mm,
  ) {}
  get any(): boolean {
    return this.found.size > 0;
  }
  /** Number of the corner in the middle; −1 where the edge is short enough. */
  of(a: number, b: number): number {
    const at = (i: number, k: number) => this.points[3 * i + k]!;
    const long = Math.hypot(at(a, 0) - at(b, 0), at(a, 1) - at(b, 1), at(a, 2) - at(b, 2));
    if (long <= this.most) return -1;
    const key = Math.min(a, b) * 2 ** 26 + Math.max(a, b);
    let corner = this.found.get(key);
    if (corner === undefined) {
      corner = this.points.length / 3;
      for (let k = 0; k < 3; k++) this.points.push((at(a, k) + at(b, k)) / 2);
      this.found.set(key, corner);
    }
    return corner;
  }
}

/** One face with the middles of its long edges as corners of smaller ones. */
function split(corners: readonly [number, number, number], middles: Middles, out: number[]): void {
  let [a, b, c] = corners;
  let [x, y, z] = [middles.of(a, b), middles.of(b, c), middles.of(c, a)];
  const halved = [x, y, z].filter((m) => m >= 0).length;
  if (halved === 0) out.push(a, b, c);
  else if (halved === 3) out.push(a, x, z, b, y, x, c, z, y, x, y, z);
  else {
    // turned until the first edge is the only halved one, or the last the only whole one
    while (halved === 1 ? x < 0 : z >= 0) [a, b, c, x, y, z] = [b, c, a, y, z, x];
    if (halved === 1) out.push(a, x, c, x, b, c);
    else out.push(a, x, c, x, y, c, x, b, y);
  }
}

/**
 * Edges that are too long halved, neighbours alike: long thin triangles tell distances and directions badly.
 * @param squares the skin is cut into about as many
 */
export function refined(mesh: Mesh, squares: number): Mesh {
  let skin = 0;
  for (let t = 0; t < mesh.faces.length / 3; t++) skin += faceArea(mesh, t);
  const most = LONGEST * Math.sqrt(skin / squares);
  const points = Array.from(mesh.points);
  let faces = Array.from(mesh.faces);
  for (let round = 0; round < ROUNDS; round++) {
    const middles = new Middles(points, most);
    const out: number[] = [];
    for (let t = 0; t < faces.length; t += 3) split([faces[t]!, faces[t + 1]!, faces[t + 2]!], middles, out);
    faces = out;
    if (!middles.any) break;
  }
  return { points: Float64Array.from(points), faces: Uint32Array.from(faces) };
}

/** Faces that lie on what is under the body: a sheet that ends at the board does not cover them. */
export function lyingOn(mesh: Mesh, within: Mm = 0.5): Uint8Array {
  const low = mesh.points.reduce((z, v, i) => (i % 3 === 2 ? Math.min(z, v) : z), Infinity) + within;
  return Uint8Array.from({ length: mesh.faces.length / 3 }, (_, t) =>
    cornersOf(mesh, t).every((i) => mesh.points[3 * i + 2]! < low) ? 1 : 0,
  );
}

/** The corner a sheet that is let down from above meets first, over the middle of the body. */
export function topOf(mesh: Mesh): number {
  let [skin, x, y] = [0, 0, 0];
  for (let t = 0; t < mesh.faces.length / 3; t++) {
    const area = faceArea(mesh, t);
    skin += area;
    for (const i of cornersOf(mesh, t)) {
      x += (area * mesh.points[3 * i]!) / 3;
      y += (area * mesh.points[3 * i + 1]!) / 3;
    }
  }
  let [best, most] = [0, -Infinity];
  for (let i = 0; i < mesh.points.length / 3; i++) {
    const [px, py, pz] = pointOf(mesh, i);
    // high counts, and so does being near the middle
    const worth = pz - 2 * Math.hypot(px - x / skin, py - y / skin);
    if (worth > most) [best, most] = [i, worth];
  }
  return best;
}
