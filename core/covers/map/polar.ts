import FlatQueue from 'flatqueue';
import type { Mm } from '../../quantity/index.ts';
import type { Mesh } from '../../solids/index.ts';
import { apart, cornersOf } from './triangles.ts';

/** Every corner as it is reached from one of them over the skin. */
export interface Polar {
  readonly source: number;
  /** How far over the skin, mm; endless where the skin does not go. */
  readonly far: Float64Array;
  /** In which direction one left, radians from −π to π: the sheet laid without stretch has the corner there. */
  readonly turn: Float64Array;
}

/** An angle brought between −π and π, as the difference of two that are. */
export const halfTurn = (d: number): number =>
  d > Math.PI ? d - 2 * Math.PI : d < -Math.PI ? d + 2 * Math.PI : d;

/** Faces at each corner: those of corner i stand from `start[i]` to before `start[i + 1]`. */
function facesAt({ points, faces }: Mesh): { start: Uint32Array; list: Uint32Array } {
  const n = points.length / 3;
  const start = new Uint32Array(n + 1);
  for (const v of faces) start[v + 1]!++;
  for (let i = 0; i < n; i++) start[i + 1]! += start[i]!;
  const at = start.slice();
  const list = new Uint32Array(faces.length);
  for (let k = 0; k < faces.length; k++) list[at[faces[k]!]!++] = Math.floor(k / 3);
  return { start, list };
}

/** The two other corners of a face, in its order. */
function others(mesh: Mesh, t: number, i: number): readonly [number, number] {
  const [a, b, c] = cornersOf(mesh, t);
  return i === a ? [b, c] : i === b ? [c, a] : [a, b];
}

class Front {
  readonly far: Float64Array;
  readonly turn: Float64Array;
  readonly queue = new FlatQueue<number>();
  constructor(
    readonly mesh: Mesh,
    readonly source: number,
  ) {
    const n = mesh.points.length / 3;
    this.far = new Float64Array(n).fill(Infinity);
    this.turn = new Float64Array(n);
    this.far[source] = 0;
  }

  put(v: number, far: Mm, turn: number): void {
    this.far[v] = far;
    this.turn[v] = turn;
    this.queue.push(v, far);
  }

  /** Round the source: true lengths, the angles between them brought to a full turn. */
  firstRing(around: readonly number[]): void {
    const { mesh, source } = this;
    const after = new Map<number, { readonly to: number; readonly by: number }>();
    let whole = 0;
    for (const t of around) {
      const [a, b] = others(mesh, t, source);
      const [la, lb, ab] = [apart(mesh, source, a), apart(mesh, source, b), apart(mesh, a, b)];
      const by = Math.acos(Math.max(-1, Math.min(1, (la * la + lb * lb - ab * ab) / (2 * la * lb))));
      after.set(a, { to: b, by });
      whole += by;
    }
    const [first] = after.keys();
    let v = first;
    const at = (i: number, k: number) => mesh.points[3 * i + k]! - mesh.points[3 * source + k]!;
    let turn = first === undefined ? 0 : Math.atan2(at(first, 1), at(first, 0));
    while (v !== undefined && !Number.isFinite(this.far[v]!)) {
      this.put(v, apart(mesh, source, v), turn);
      const next = after.get(v);
      if (!next) return;
      turn = halfTurn(turn + (next.by * 2 * Math.PI) / whole);
      v = next.to;
    }
  }

  /** Corner k from two that are known: the face is unrolled and the source seen through its edge, else along the edges. */
  seen(i: number, j: number, k: number): readonly [far: Mm, turn: number] {
    const { mesh, source, far, turn } = this;
    const [ri, rj] = [far[i]!, far[j]!];
    const [bi, bj] = [apart(mesh, i, k), apart(mesh, j, k)];
    const along = ri + bi <= rj + bj ? ([ri + bi, turn[i]!] as const) : ([rj + bj, turn[j]!] as const);
    const e = apart(mesh, i, j);
    if (i === source || j === source || !(ri + rj > e) || !(Math.abs(ri - rj) < e)) return along;
    // i at the origin, j along the first axis, k above it and the source below
    const kx = (e * e + bi * bi - bj * bj) / (2 * e);
    const ky = Math.sqrt(Math.max(0, bi * bi - kx * kx));
    const sx = (e * e + ri * ri - rj * rj) / (2 * e);
    const sy = -Math.sqrt(Math.max(0, ri * ri - sx * sx));
    const through = sx - ((kx - sx) * sy) / (ky - sy || 1);
    const straight = Math.hypot(kx - sx, ky - sy);
    if (through < -1e-9 * e || through > e * (1 + 1e-9) || straight >= along[0] * (1 + 1e-9)) return along;
    const angle = (ax: number, ay: number, bx: number, by: number) =>
      Math.abs(Math.atan2(ax * by - ay * bx, ax * bx + ay * by));
    const toK = angle(-sx, -sy, kx - sx, ky - sy);
    const toJ = angle(-sx, -sy, e - sx, -sy);
    const share = toJ > 1e-12 ? toK / toJ : 0.5;
    return [straight, halfTurn(turn[i]! + share * halfTurn(turn[j]! - turn[i]!))];
  }
}

/**
 * Distance over the skin from one corner, and the direction in which one left it, for every other: a front that marches from
 * the nearest corner on. Discrete geodesic polar coordinates; handbook, from memory. On a ball of rings within 0.2 %.
 * @param source the corner where the sheet touches first
 */
export function polarOver(mesh: Mesh, source: number): Polar {
  const { start, list } = facesAt(mesh);
  const around = (v: number) => list.subarray(start[v]!, start[v + 1]!);
  const front = new Front(mesh, source);
  front.firstRing(Array.from(around(source)));
  const { far, turn, queue } = front;
  const reach = (v: number, j: number, w: number): void => {
    if (w === source) return;
    const [d, a] = Number.isFinite(far[j]!)
      ? front.seen(v, j, w)
      : ([far[v]! + apart(mesh, v, w), turn[v]!] as const);
    if (d < far[w]! * (1 - 1e-7)) front.put(w, d, a);
  };
  while (queue.length) {
    const asked = queue.peekValue()!;
    const v = queue.pop()!;
    // it has been reached on a shorter way since
    if (asked > far[v]!) continue;
    for (const t of around(v)) {
      const [a, b] = others(mesh, t, v);
      reach(v, a, b);
      reach(v, b, a);
    }
  }
  return { source, far, turn };
}
