import type { Frame } from '../vector.ts';
import type { Mesh } from './mesh.ts';

/**
 * Areas of the level cuts through a standing body at some heights, mm²: less the upward part of the vector area of its skin
 * below each (Gauss). Whatever the body and its lean.
 */
export function levelSections(
  { points: p, faces }: Mesh,
  { origin: o, x, y, z }: Frame,
  heights: readonly number[],
): number[] {
  const n = p.length / 3;
  const w = new Float64Array(3 * n);
  for (let i = 0; i < n; i++)
    for (let k = 0; k < 3; k++)
      w[3 * i + k] = o[k]! + x[k]! * p[3 * i]! + y[k]! * p[3 * i + 1]! + z[k]! * p[3 * i + 2]!;
  const handed = Math.sign(
    x[0] * (y[1] * z[2] - y[2] * z[1]) -
      x[1] * (y[0] * z[2] - y[2] * z[0]) +
      x[2] * (y[0] * z[1] - y[1] * z[0]),
  );
  return heights.map((height) => (handed * twiceUnder(w, faces, height)) / 2);
}

/** Twice the area a skin shuts off at a height, seen from above. */
function twiceUnder(w: Float64Array, faces: Mesh['faces'], height: number): number {
  const cut = new Float64Array(8);
  let twice = 0;
  for (let t = 0; t < faces.length; t += 3) {
    let n = 0;
    for (let c = 0; c < 3; c++) {
      const a = 3 * faces[t + c]!;
      const b = 3 * faces[t + ((c + 1) % 3)]!;
      const za = w[a + 2]!;
      const zb = w[b + 2]!;
      if (za < height) {
        cut[n++] = w[a]!;
        cut[n++] = w[a + 1]!;
      }
      if (za < height !== zb < height) {
        const s = (height - za) / (zb - za);
        cut[n++] = w[a]! + s * (w[b]! - w[a]!);
        cut[n++] = w[a + 1]! + s * (w[b + 1]! - w[a + 1]!);
      }
    }
    for (let i = 2; i + 3 < n; i += 2)
      twice -=
        (cut[i]! - cut[0]!) * (cut[i + 3]! - cut[1]!) - (cut[i + 1]! - cut[1]!) * (cut[i + 2]! - cut[0]!);
  }
  return twice;
}
