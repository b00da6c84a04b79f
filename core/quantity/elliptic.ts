/** Carlson's symmetric integrals by duplication (Carlson 1995; DLMF chapter 19), and what the trade needs of them. */

/** R_F(x, y, z), for numbers ≥ 0 of which at most one is nought. */
export function carlsonF(x0: number, y0: number, z0: number): number {
  let [x, y, z] = [x0, y0, z0];
  for (;;) {
    const l = Math.sqrt(x * y) + Math.sqrt(y * z) + Math.sqrt(z * x);
    [x, y, z] = [(x + l) / 4, (y + l) / 4, (z + l) / 4];
    const m = (x + y + z) / 3;
    const [X, Y] = [1 - x / m, 1 - y / m];
    const Z = -X - Y;
    if (Math.max(Math.abs(X), Math.abs(Y), Math.abs(Z)) < 1e-4) {
      const e2 = X * Y - Z * Z;
      const e3 = X * Y * Z;
      return (1 - e2 / 10 + e3 / 14 + (e2 * e2) / 24 - (3 * e2 * e3) / 44) / Math.sqrt(m);
    }
  }
}

/** R_D(x, y, z), z above nought. */
export function carlsonD(x0: number, y0: number, z0: number): number {
  let [x, y, z] = [x0, y0, z0];
  let sum = 0;
  let share = 1;
  for (;;) {
    const l = Math.sqrt(x * y) + Math.sqrt(y * z) + Math.sqrt(z * x);
    sum += share / (Math.sqrt(z) * (z + l));
    share /= 4;
    [x, y, z] = [(x + l) / 4, (y + l) / 4, (z + l) / 4];
    const m = (x + y + 3 * z) / 5;
    const [X, Y] = [1 - x / m, 1 - y / m];
    const Z = -(X + Y) / 3;
    if (Math.max(Math.abs(X), Math.abs(Y), Math.abs(Z)) < 1e-4) {
      const e2 = X * Y - 6 * Z * Z;
      const e3 = (3 * X * Y - 8 * Z * Z) * Z;
      const e4 = 3 * (X * Y - Z * Z) * Z * Z;
      const e5 = X * Y * Z * Z * Z;
      const series =
        1 - (3 * e2) / 14 + e3 / 6 + (9 * e2 * e2) / 88 - (3 * e4) / 22 - (9 * e2 * e3) / 52 + (3 * e5) / 26;
      return 3 * sum + (share * series) / (m * Math.sqrt(m));
    }
  }
}

/** R_G(x, y, z): a quarter of the surface of an ellipsoid over π (DLMF 19.33.1). */
export function carlsonG(x: number, y: number, z: number): number {
  const [a, b, c] = [x, y, z].sort((p, q) => p - q) as [number, number, number];
  return 0.5 * (c * carlsonF(a, b, c) - ((a - c) * (b - c) * carlsonD(a, b, c)) / 3 + Math.sqrt((a * b) / c));
}

/** Complete elliptic integral of the second kind, parameter m = k², by the arithmetic–geometric mean. */
export function ellipticE(m: number): number {
  if (m === 1) return 1;
  let a = 1;
  let g = Math.sqrt(1 - m);
  let c2 = m;
  let sum = m / 2;
  let power = 0.5;
  for (let i = 0; i < 40 && c2 >= 1e-32; i++) {
    const c = (a - g) / 2;
    [a, g] = [(a + g) / 2, Math.sqrt(a * g)];
    power *= 2;
    c2 = c * c;
    sum += power * c2;
  }
  return (Math.PI / (2 * a)) * (1 - sum);
}
