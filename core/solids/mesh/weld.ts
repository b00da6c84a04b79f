import type { Mesh } from './mesh.ts';

/**
 * Join the loose corners of a heap of triangles that lie within a millionth of its size, and drop faces that fell flat.
 * @param soup nine numbers a triangle
 */
export function weld(soup: ArrayLike<number>): Mesh {
  let low = Infinity;
  let high = -Infinity;
  for (let i = 0; i < soup.length; i++) {
    const x = soup[i]!;
    if (x < low) low = x;
    if (x > high) high = x;
  }
  const near = Math.max(1e-9, (high - low) * 1e-6);
  const cell = 4 * near;
  const n = soup.length / 3;
  const heads = new Map<string, number[]>();
  const points = new Float64Array(soup.length);
  const number = new Uint32Array(n);
  let count = 0;
  const find = (a: number, b: number, c: number, x: number, y: number, z: number): number => {
    for (const k of heads.get(`${a},${b},${c}`) ?? [])
      if (Math.hypot(points[3 * k]! - x, points[3 * k + 1]! - y, points[3 * k + 2]! - z) <= near) return k;
    return -1;
  };
  // a neighbour cell is looked into only from near its wall
  const side = (f: number): number => {
    const rest = f - Math.floor(f);
    return rest < 0.25 ? -1 : rest > 0.75 ? 1 : 0;
  };
  for (let i = 0; i < n; i++) {
    const [x, y, z] = [soup[3 * i]!, soup[3 * i + 1]!, soup[3 * i + 2]!];
    const [fx, fy, fz] = [(x - low) / cell, (y - low) / cell, (z - low) / cell];
    const [a, b, c] = [Math.floor(fx), Math.floor(fy), Math.floor(fz)];
    let k = find(a, b, c, x, y, z);
    for (let m = 1; m < 8 && k < 0; m++) {
      const [sx, sy, sz] = [m & 1 ? side(fx) : 0, m & 2 ? side(fy) : 0, m & 4 ? side(fz) : 0];
      if ((m & 1 && !sx) || (m & 2 && !sy) || (m & 4 && !sz)) continue;
      k = find(a + sx, b + sy, c + sz, x, y, z);
    }
    if (k < 0) {
      k = count++;
      points.set([x, y, z], 3 * k);
      const key = `${a},${b},${c}`;
      const there = heads.get(key);
      if (there) there.push(k);
      else heads.set(key, [k]);
    }
    number[i] = k;
  }
  const faces: number[] = [];
  for (let i = 0; i < n; i += 3) {
    const [a, b, c] = [number[i]!, number[i + 1]!, number[i + 2]!];
    if (a !== b && b !== c && a !== c) faces.push(a, b, c);
  }
  return { points: points.slice(0, 3 * count), faces: Uint32Array.from(faces) };
}
