/**
 * A slow, obvious reference for a stick held in something: an elastic beam on nodes, its bed springy up to a limit.
 * The bed's stiffness is lowered where it is past the limit until nothing changes. N, mm.
 */
export interface BedStick {
  /** E I, N·mm². */
  readonly bending: number;
  readonly held: number;
  readonly free: number;
  /** Stiffness of the bed, N/mm per mm of stick, and the most it gives, N/mm. */
  readonly spring: number;
  readonly limit: number;
  /** Side force at the free end. */
  readonly force: number;
  readonly nodes: number;
}

/** Beam elements next to each other share two nodes of two unknowns: four diagonals. */
const WIDE = 4;

/** Solve a banded symmetric set by LDLᵀ; the matrix is kept as its upper diagonals. */
function bandSolve(rows: readonly Float64Array[], right: Float64Array): Float64Array {
  const n = right.length;
  const l = rows.map((r) => Float64Array.from(r));
  const d = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    d[i] = l[i]![0]!;
    for (let k = 1; k < WIDE && i + k < n; k++) {
      const f = l[i]![k]! / d[i]!;
      for (let j = k; j < WIDE && i + j < n; j++) l[i + k]![j - k]! -= f * l[i]![j]!;
    }
    for (let k = 1; k < WIDE; k++) l[i]![k]! /= d[i]!;
  }
  const x = Float64Array.from(right);
  for (let i = 0; i < n; i++) for (let k = 1; k < WIDE && i + k < n; k++) x[i + k]! -= l[i]![k]! * x[i]!;
  for (let i = 0; i < n; i++) x[i]! /= d[i]!;
  for (let i = n - 1; i >= 0; i--) for (let k = 1; k < WIDE && i + k < n; k++) x[i]! -= l[i]![k]! * x[i + k]!;
  return x;
}

/** How far its top goes, how far it goes and leans where it enters, and the greatest moment in it. */
export function stickInBed(o: BedStick): { top: number; entry: number; lean: number; moment: number } {
  const h = (o.held + o.free) / o.nodes;
  const count = o.nodes + 1;
  const share = Array.from({ length: count }, (_, i) =>
    Math.max(0, Math.min(o.held, i * h + h / 2) - Math.max(0, i * h - h / 2)),
  );
  const stiff = share.map((s) => (s > 0 ? o.spring : 0));
  const a = o.bending / h ** 3;
  const beam = [
    [12, 6 * h, -12, 6 * h],
    [6 * h, 4 * h * h, -6 * h, 2 * h * h],
    [-12, -6 * h, 12, -6 * h],
    [6 * h, 2 * h * h, -6 * h, 4 * h * h],
  ];
  let y = new Float64Array(2 * count);
  for (let turn = 0; turn < 3000; turn++) {
    const rows = Array.from({ length: 2 * count }, () => new Float64Array(WIDE));
    for (let e = 0; e < o.nodes; e++)
      for (let i = 0; i < 4; i++) for (let j = i; j < 4; j++) rows[2 * e + i]![j - i]! += a * beam[i]![j]!;
    share.forEach((s, i) => (rows[2 * i]![0]! += stiff[i]! * s));
    const right = new Float64Array(2 * count);
    right[2 * o.nodes] = o.force;
    y = bandSolve(rows, right) as Float64Array<ArrayBuffer>;
    let changed = 0;
    share.forEach((s, i) => {
      if (s === 0) return;
      const far = Math.abs(y[2 * i]!);
      const next = (stiff[i]! + (far * o.spring > o.limit ? o.limit / far : o.spring)) / 2;
      changed = Math.max(changed, Math.abs(next - stiff[i]!) / (stiff[i]! + 1e-12));
      stiff[i] = next;
    });
    if (changed < 1e-7 || Math.abs(y[2 * o.nodes]!) > 1e5) break;
  }
  let moment = 0;
  for (let e = 0; e < o.nodes; e++)
    for (const x of [0, 1]) {
      const [v1, t1, v2, t2] = [y[2 * e]!, y[2 * e + 1]! * h, y[2 * e + 2]!, y[2 * e + 3]! * h];
      const m = (-6 + 12 * x) * v1 + (-4 + 6 * x) * t1 + (6 - 12 * x) * v2 + (-2 + 6 * x) * t2;
      moment = Math.max(moment, Math.abs((o.bending / h / h) * m));
    }
  return { top: y[2 * o.nodes]!, entry: y[2 * Math.round(o.held / h)]!, lean: y[2 * o.nodes + 1]!, moment };
}
