/** How two bodies hold each other: a block of six by six in the row of i and the column of j, i below j. */
export interface Coupling {
  readonly i: number;
  readonly j: number;
  readonly block: Float64Array;
}

const SIDE = 6;
const BLOCK = SIDE * SIDE;

const transposed = (m: Float64Array): Float64Array => {
  const t = new Float64Array(BLOCK);
  for (let a = 0; a < SIDE; a++) for (let b = 0; b < SIDE; b++) t[SIDE * b + a] = m[SIDE * a + b]!;
  return t;
};

const product = (p: Float64Array, q: Float64Array): Float64Array => {
  const r = new Float64Array(BLOCK);
  for (let a = 0; a < SIDE; a++)
    for (let k = 0; k < SIDE; k++) {
      const v = p[SIDE * a + k]!;
      if (v !== 0) for (let b = 0; b < SIDE; b++) r[SIDE * a + b] = r[SIDE * a + b]! + v * q[SIDE * k + b]!;
    }
  return r;
};

const lessProduct = (t: Float64Array, p: Float64Array, q: Float64Array): void => {
  for (let a = 0; a < SIDE; a++)
    for (let k = 0; k < SIDE; k++) {
      const v = p[SIDE * a + k]!;
      if (v !== 0) for (let b = 0; b < SIDE; b++) t[SIDE * a + b] = t[SIDE * a + b]! - v * q[SIDE * k + b]!;
    }
};

/** Inverse by elimination with the largest pivot of each column. */
function inverse(m: Float64Array): Float64Array {
  const a = Float64Array.from(m);
  const r = new Float64Array(BLOCK);
  for (let i = 0; i < SIDE; i++) r[7 * i] = 1;
  const swap = (x: Float64Array, p: number, c: number): void => {
    for (let k = 0; k < SIDE; k++) {
      const v = x[SIDE * c + k]!;
      x[SIDE * c + k] = x[SIDE * p + k]!;
      x[SIDE * p + k] = v;
    }
  };
  for (let c = 0; c < SIDE; c++) {
    let p = c;
    for (let i = c + 1; i < SIDE; i++) if (Math.abs(a[SIDE * i + c]!) > Math.abs(a[SIDE * p + c]!)) p = i;
    if (p !== c) {
      swap(a, p, c);
      swap(r, p, c);
    }
    const d = 1 / a[7 * c]!;
    for (let k = 0; k < SIDE; k++) {
      a[SIDE * c + k] = a[SIDE * c + k]! * d;
      r[SIDE * c + k] = r[SIDE * c + k]! * d;
    }
    for (let i = 0; i < SIDE; i++) {
      const f = a[SIDE * i + c]!;
      if (i === c || f === 0) continue;
      for (let k = 0; k < SIDE; k++) {
        a[SIDE * i + k] = a[SIDE * i + k]! - f * a[SIDE * c + k]!;
        r[SIDE * i + k] = r[SIDE * i + k]! - f * r[SIDE * c + k]!;
      }
    }
  }
  return r;
}

/**
 * Solve a symmetric system of six by six blocks by elimination, the body with fewest neighbours first: figures are nearly
 * trees, so that hardly anything fills in.
 * @param diagonal n blocks after each other; used up
 * @param rest 6 n numbers; used up
 */
export function solveBlocks(
  n: number,
  diagonal: Float64Array,
  couplings: readonly Coupling[],
  rest: Float64Array,
): Float64Array {
  const near = Array.from({ length: n }, () => new Map<number, Float64Array>());
  for (const { i, j, block } of couplings) {
    near[i]!.set(j, block);
    near[j]!.set(i, transposed(block));
  }
  const done = new Uint8Array(n);
  const order: number[] = [];
  const inverses: Float64Array[] = [];
  for (let k = 0; k < n; k++) {
    let p = -1;
    let least = Infinity;
    for (let i = 0; i < n && least > 1; i++)
      if (!done[i] && near[i]!.size < least) [least, p] = [near[i]!.size, i];
    done[p] = 1;
    order.push(p);
    const inv = inverse(diagonal.subarray(BLOCK * p, BLOCK * (p + 1)));
    inverses[p] = inv;
    const others = [...near[p]!.keys()];
    for (const i of others) {
      const L = product(near[i]!.get(p)!, inv);
      for (let a = 0; a < SIDE; a++) {
        let s = 0;
        for (let b = 0; b < SIDE; b++) s += L[SIDE * a + b]! * rest[SIDE * p + b]!;
        rest[SIDE * i + a] = rest[SIDE * i + a]! - s;
      }
      lessProduct(diagonal.subarray(BLOCK * i, BLOCK * (i + 1)), L, near[p]!.get(i)!);
      for (const j of others) {
        if (j <= i) continue;
        let m = near[i]!.get(j);
        if (!m) near[i]!.set(j, (m = new Float64Array(BLOCK)));
        lessProduct(m, L, near[p]!.get(j)!);
        near[j]!.set(i, transposed(m));
      }
    }
    for (const i of others) near[i]!.delete(p);
  }
  const x = new Float64Array(SIDE * n);
  const r = new Float64Array(SIDE);
  for (let k = n - 1; k >= 0; k--) {
    const p = order[k]!;
    r.set(rest.subarray(SIDE * p, SIDE * (p + 1)));
    for (const [j, m] of near[p]!)
      for (let a = 0; a < SIDE; a++)
        for (let b = 0; b < SIDE; b++) r[a] = r[a]! - m[SIDE * a + b]! * x[SIDE * j + b]!;
    for (let a = 0; a < SIDE; a++) {
      let s = 0;
      for (let b = 0; b < SIDE; b++) s += inverses[p]![SIDE * a + b]! * r[b]!;
      x[SIDE * p + a] = s;
    }
  }
  return x;
}
