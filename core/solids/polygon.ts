export type Point = readonly [number, number];

/** Area and first moments of a closed outline by the shoelace rule; positive when anticlockwise. */
export function moments(outline: readonly Point[]): { area: number; x: number; z: number } {
  let area = 0;
  let mx = 0;
  let mz = 0;
  for (let i = 0; i < outline.length; i++) {
    const [x, z] = outline[i]!;
    const [u, v] = outline[(i + 1) % outline.length]!;
    const cross = x * v - u * z;
    area += cross / 2;
    mx += ((x + u) * cross) / 6;
    mz += ((z + v) * cross) / 6;
  }
  return { area, x: mx / area, z: mz / area };
}

/** Length of a closed outline. */
export function perimeter(outline: readonly Point[]): number {
  let sum = 0;
  for (let i = 0; i < outline.length; i++) {
    const [x, z] = outline[i]!;
    const [u, v] = outline[(i + 1) % outline.length]!;
    sum += Math.hypot(u - x, v - z);
  }
  return sum;
}

/** Is the point inside the outline (crossing rule)? */
export function contains(outline: readonly Point[], x: number, z: number): boolean {
  let inside = false;
  for (let i = 0, j = outline.length - 1; i < outline.length; j = i++) {
    const [xi, zi] = outline[i]!;
    const [xj, zj] = outline[j]!;
    if (zi > z !== zj > z && x < ((xj - xi) * (z - zi)) / (zj - zi) + xi) inside = !inside;
  }
  return inside;
}
