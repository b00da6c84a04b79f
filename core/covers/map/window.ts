import type { Mm, Mm2 } from '../../quantity/index.ts';
import type { Mesh } from '../../solids/index.ts';
import { DIRECTIONS, flatOf, STEP, type Flat } from './lines.ts';
import type { Polar } from './polar.ts';
import { faceArea } from './triangles.ts';

/** Paste shifts so far sideways under a hand, mm: what is short in one place is fetched from beside it. Estimate. */
const SHIFTS: Mm = 25;
/** At most this share of the way over the skin. A step of the method; estimate. */
const SHARE = 1 / 8;
/** Cells of the net in one window, and cells smoothed to each side, twice. Steps of the method; estimate. */
const [CELLS, SMOOTHED] = [4, 2];

/** A net over the flat sheet that things are put into by their place and read from again, smoothed. */
class Net {
  readonly side: number;
  readonly middle: number;
  private values: Float64Array;
  constructor(
    far: Mm,
    readonly cell: Mm,
  ) {
    this.side = 2 * Math.ceil(far / cell) + 12;
    this.middle = this.side / 2;
    this.values = new Float64Array(this.side * this.side);
  }
  /** Into the four cells round a place, by their shares. */
  put(u: Mm, v: Mm, what: number): void {
    const { values, side } = this;
    const [x, y] = [u / this.cell + this.middle, v / this.cell + this.middle];
    const [i, j] = [Math.floor(x), Math.floor(y)];
    const [fx, fy] = [x - i, y - j];
    const k = j * side + i;
    values[k]! += what * (1 - fx) * (1 - fy);
    values[k + 1]! += what * fx * (1 - fy);
    values[k + side]! += what * (1 - fx) * fy;
    values[k + side + 1]! += what * fx * fy;
  }
  at(u: Mm, v: Mm): number {
    const { values, side } = this;
    const [x, y] = [u / this.cell + this.middle, v / this.cell + this.middle];
    const [i, j] = [Math.floor(x), Math.floor(y)];
    const [fx, fy] = [x - i, y - j];
    const k = j * side + i;
    const row = (from: number) => values[from]! * (1 - fx) + values[from + 1]! * fx;
    return row(k) * (1 - fy) + row(k + side) * fy;
  }
  /** Every cell becomes the sum of its row's, then its column's neighbours. */
  smooth(): void {
    for (let pass = 0; pass < 2; pass++) {
      this.swept(1, this.side);
      this.swept(this.side, 1);
    }
  }
  private swept(along: number, across: number): void {
    const { values, side } = this;
    const out = new Float64Array(values.length);
    for (let row = 0; row < side; row++) {
      const at = (x: number) => values[row * across + x * along]!;
      let sum = 0;
      for (let x = 0; x < SMOOTHED; x++) sum += at(x);
      for (let x = 0; x < side; x++) {
        if (x + SMOOTHED < side) sum += at(x + SMOOTHED);
        if (x > SMOOTHED) sum -= at(x - SMOOTHED - 1);
        out[row * across + x * along] = sum;
      }
    }
    this.values = out;
  }
}

/** How far the sheet reaches towards a place of it. */
function reachTowards(reach: readonly Mm[], u: Mm, v: Mm): Mm {
  const way = (((Math.atan2(v, u) / STEP) % DIRECTIONS) + DIRECTIONS) % DIRECTIONS;
  const k = Math.floor(way);
  const [a, b] = [reach[k % DIRECTIONS]!, reach[(k + 1) % DIRECTIONS]!];
  return a + (b - a) * (way - k);
}

/** The flat sheet: full inside its rim, half on it. */
function laySheet(net: Net, reach: readonly Mm[]): void {
  const { side, middle, cell } = net;
  for (let y = 0; y < side - 1; y++)
    for (let x = 0; x < side - 1; x++) {
      const [u, v] = [(x - middle) * cell, (y - middle) * cell];
      const inside = (reachTowards(reach, u, v) - Math.hypot(u, v)) / cell + 0.5;
      if (inside > 0) net.put(u, v, cell * cell * Math.min(1, inside));
    }
}

/** The middle of a face in the flat; of one on which several sides meet, one of its corners. */
function middleOf({ far, turns, meets }: Flat): readonly [Mm, Mm] {
  const x = far.map((r, k) => r * Math.cos(turns[k]!));
  const y = far.map((r, k) => r * Math.sin(turns[k]!));
  return meets ? [x[0]!, y[0]!] : [(x[0]! + x[1]! + x[2]!) / 3, (y[0]! + y[1]! + y[2]!) / 3];
}

/** A face's skin, spread over the place the flat sheet has for it. */
function laySkin(net: Net, { far, turns, meets }: Flat, area: Mm2): void {
  const x = far.map((r, k) => r * Math.cos(turns[k]!));
  const y = far.map((r, k) => r * Math.sin(turns[k]!));
  // where lines from both sides meet, the skin goes to each corner it came from, not to the middle of nowhere
  if (meets) {
    for (let k = 0; k < 3; k++) net.put(x[k]!, y[k]!, area / 3);
    return;
  }
  const edge = (i: number, j: number) => Math.hypot(x[j]! - x[i]!, y[j]! - y[i]!);
  const n = Math.min(12, Math.ceil(Math.max(edge(0, 1), edge(1, 2), edge(2, 0)) / (1.5 * net.cell)) || 1);
  for (let k = 0; k < n; k++)
    for (let l = 0; l < n - k; l++)
      for (const h of l < n - k - 1 ? [1 / 3, 2 / 3] : [1 / 3]) {
        const [f, g] = [(k + h) / n, (l + h) / n];
        net.put(
          x[0]! + (x[1]! - x[0]!) * f + (x[2]! - x[0]!) * g,
          y[0]! + (y[1]! - y[0]!) * f + (y[2]! - y[0]!) * g,
          area / (n * n),
        );
      }
}

/**
 * The skin found at every face over the flat sheet laid there: under 1 there is too much sheet, over 1 too little. Both are put
 * into a net of the flat sheet and smoothed by the same window before they are divided, because paste does not know lines: it
 * shifts from the place beside. Derived; on a ball sin θ ÷ θ.
 */
export function skinOverSheet(
  mesh: Mesh,
  polar: Polar,
  bare: Uint8Array,
  reach: readonly Mm[],
): Float64Array {
  const far = Math.max(...reach);
  const cell = Math.min(SHIFTS, far * SHARE) / CELLS;
  const [skin, sheet] = [new Net(far, cell), new Net(far, cell)];
  laySheet(sheet, reach);
  const faces = Array.from(bare, (lies, t) => (lies ? undefined : flatOf(mesh, polar, t)));
  faces.forEach((flat, t) => flat && laySkin(skin, flat, faceArea(mesh, t)));
  skin.smooth();
  sheet.smooth();
  return Float64Array.from(faces, (flat) => {
    if (!flat) return 1;
    const [u, v] = middleOf(flat);
    const laid = sheet.at(u, v);
    const found = laid > 0 ? skin.at(u, v) / laid : 1;
    // its rim is free to follow: nothing is drawn there, and where sheets from several sides meet there is only the tail
    const toRim = reachTowards(reach, u, v) - Math.hypot(u, v);
    return flat.meets || toRim < cell * CELLS ? Math.min(1, found) : found;
  });
}
