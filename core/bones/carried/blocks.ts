/** How two bodies hold each other: a block of six by six in the row of i and the column of j, i below j. */
export interface Coupling {
  readonly i: number;
  readonly j: number;
  readonly block: Float64Array;
}

/** A step of the method; estimate. */
const SIDE = 6;
const BLOCK = SIDE * SIDE;

const lower = new Float64Array(BLOCK);
const undone = new Float64Array(BLOCK);

/** Inverse of a block of a system in which every motion costs something: by Cholesky, A = L Lᵀ, A⁻¹ = L⁻ᵀ L⁻¹. */
function inverse(A: Float64Array, o: number, into: Float64Array): Float64Array {
  for (let j = 0; j < SIDE; j++) {
    let d = A[o + 7 * j]!;
    for (let k = 0; k < j; k++) d -= lower[SIDE * j + k]! ** 2;
    // rounding may leave next to nothing of what is held by a ghost alone
    const root = Math.sqrt(d > 1e-300 ? d : 1e-300);
    lower[7 * j] = root;
    for (let i = j + 1; i < SIDE; i++) {
      let s = A[o + SIDE * i + j]!;
      for (let k = 0; k < j; k++) s -= lower[SIDE * i + k]! * lower[SIDE * j + k]!;
      lower[SIDE * i + j] = s / root;
    }
  }
  for (let j = 0; j < SIDE; j++) {
    undone[7 * j] = 1 / lower[7 * j]!;
    for (let i = j + 1; i < SIDE; i++) {
      let s = 0;
      for (let k = j; k < i; k++) s -= lower[SIDE * i + k]! * undone[SIDE * k + j]!;
      undone[SIDE * i + j] = s / lower[7 * i]!;
    }
  }
  for (let i = 0; i < SIDE; i++)
    for (let j = 0; j <= i; j++) {
      let s = 0;
      for (let k = i; k < SIDE; k++) s += undone[SIDE * k + i]! * undone[SIDE * k + j]!;
      into[SIDE * i + j] = s;
      into[SIDE * j + i] = s;
    }
  return into;
}

/** One body taken out of the system, with those it is then still held to: number of each, and of the block between them. */
interface Pivot {
  readonly body: number;
  readonly others: readonly number[];
  readonly slots: readonly number[];
  /** Block between each two of the others, row by row. */
  readonly between: readonly (readonly number[])[];
}

/**
 * A symmetric system of six by six blocks, solved by elimination, the body with fewest neighbours first: figures are nearly
 * trees, so that hardly anything fills in. The order is found once for all systems between the same bodies.
 */
export class BlockSystem {
  readonly #n: number;
  readonly #pivots: readonly Pivot[];
  /** Number of the block between i and j, by i n + j with i below j. */
  readonly #slot = new Map<number, number>();
  readonly #system: Float64Array;
  readonly #inverses: readonly Float64Array[];
  readonly #L = new Float64Array(BLOCK);

  /** @param pairs bodies that hold each other, i below j */
  constructor(n: number, pairs: Iterable<readonly [i: number, j: number]>) {
    this.#n = n;
    const near = Array.from({ length: n }, () => new Set<number>());
    const slotOf = (i: number, j: number): number => {
      const key = i < j ? i * n + j : j * n + i;
      let slot = this.#slot.get(key);
      if (slot === undefined) this.#slot.set(key, (slot = this.#slot.size));
      return slot;
    };
    for (const [i, j] of pairs) {
      near[i]!.add(j);
      near[j]!.add(i);
      slotOf(i, j);
    }
    const done = new Uint8Array(n);
    const pivots: Pivot[] = [];
    for (let k = 0; k < n; k++) {
      let body = -1;
      for (let i = 0; i < n; i++) if (!done[i] && (body < 0 || near[i]!.size < near[body]!.size)) body = i;
      done[body] = 1;
      const others = [...near[body]!].sort((p, q) => p - q);
      const slots = others.map((i) => slotOf(i, body));
      const between = others.map((i, p) =>
        others.slice(p + 1).map((j) => {
          near[i]!.add(j);
          near[j]!.add(i);
          return slotOf(i, j);
        }),
      );
      for (const i of others) near[i]!.delete(body);
      pivots.push({ body, others, slots, between });
    }
    this.#pivots = pivots;
    this.#system = new Float64Array(BLOCK * this.#slot.size);
    this.#inverses = Array.from({ length: n }, () => new Float64Array(BLOCK));
  }

  /**
   * @param diagonal n blocks after each other; used up
   * @param rest 6 n numbers; used up
   */
  solve(diagonal: Float64Array, couplings: Iterable<Coupling>, rest: Float64Array): Float64Array {
    const m = this.#system.fill(0);
    for (const { i, j, block } of couplings) m.set(block, BLOCK * this.#slot.get(i * this.#n + j)!);
    const L = this.#L;
    for (const { body: p, others, slots, between } of this.#pivots) {
      const inv = inverse(diagonal, BLOCK * p, this.#inverses[p]!);
      others.forEach((i, k) => {
        const o = BLOCK * slots[k]!;
        // the block between i and p, whose rows are those of the lower number
        const [row, column] = i < p ? [SIDE, 1] : [1, SIDE];
        for (let a = 0; a < SIDE; a++)
          for (let b = 0; b < SIDE; b++) {
            let sum = 0;
            for (let c = 0; c < SIDE; c++) sum += m[o + a * row + c * column]! * inv[SIDE * c + b]!;
            L[SIDE * a + b] = sum;
          }
        for (let a = 0; a < SIDE; a++) {
          let sum = 0;
          for (let b = 0; b < SIDE; b++) sum += L[SIDE * a + b]! * rest[SIDE * p + b]!;
          rest[SIDE * i + a] = rest[SIDE * i + a]! - sum;
        }
        less(diagonal, BLOCK * i, L, m, o, column, row);
        between[k]!.forEach((slot, next) => {
          const j = others[k + 1 + next]!;
          const from = BLOCK * slots[k + 1 + next]!;
          // row p, column j
          if (p < j) less(m, BLOCK * slot, L, m, from, SIDE, 1);
          else less(m, BLOCK * slot, L, m, from, 1, SIDE);
        });
      });
    }
    const x = new Float64Array(SIDE * this.#n);
    const r = new Float64Array(SIDE);
    for (let k = this.#n - 1; k >= 0; k--) {
      const { body: p, others, slots } = this.#pivots[k]!;
      r.set(rest.subarray(SIDE * p, SIDE * (p + 1)));
      others.forEach((j, q) => {
        const o = BLOCK * slots[q]!;
        const [row, column] = p < j ? [SIDE, 1] : [1, SIDE];
        for (let a = 0; a < SIDE; a++)
          for (let b = 0; b < SIDE; b++) r[a] = r[a]! - m[o + a * row + b * column]! * x[SIDE * j + b]!;
      });
      const inv = this.#inverses[p]!;
      for (let a = 0; a < SIDE; a++) {
        let sum = 0;
        for (let b = 0; b < SIDE; b++) sum += inv[SIDE * a + b]! * r[b]!;
        x[SIDE * p + a] = sum;
      }
    }
    return x;
  }
}

/** Takes L times a block from another; the block is read by its own steps from row to row and from column to column. */
// eslint-disable-next-line max-params -- plain numbers
function less(
  to: Float64Array,
  at: number,
  L: Float64Array,
  m: Float64Array,
  o: number,
  row: number,
  column: number,
): void {
  for (let a = 0; a < SIDE; a++)
    for (let b = 0; b < SIDE; b++) {
      let sum = 0;
      for (let c = 0; c < SIDE; c++) sum += L[SIDE * a + c]! * m[o + c * row + b * column]!;
      to[at + SIDE * a + b] = to[at + SIDE * a + b]! - sum;
    }
}
