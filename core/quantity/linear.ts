/**
 * Solve A x = b by elimination with pivots.
 * @param a square, row by row; not changed
 * @returns undefined where the rows depend on each other
 */
export function solveLinear(a: readonly (readonly number[])[], b: readonly number[]): number[] | undefined {
  const n = b.length;
  const m = a.map((row, i) => [...row, b[i]!]);
  const size = Math.max(...m.flat().map(Math.abs), 1e-300);
  for (let k = 0; k < n; k++) {
    let best = k;
    for (let i = k + 1; i < n; i++) if (Math.abs(m[i]![k]!) > Math.abs(m[best]![k]!)) best = i;
    [m[k], m[best]] = [m[best]!, m[k]!];
    const pivot = m[k]![k]!;
    if (Math.abs(pivot) < size * 1e-14) return undefined;
    for (let i = k + 1; i < n; i++) {
      const f = m[i]![k]! / pivot;
      if (f !== 0) for (let j = k; j <= n; j++) m[i]![j]! -= f * m[k]![j]!;
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    let sum = m[i]![n]!;
    for (let j = i + 1; j < n; j++) sum -= m[i]![j]! * x[j]!;
    x[i] = sum / m[i]![i]!;
  }
  return x;
}
