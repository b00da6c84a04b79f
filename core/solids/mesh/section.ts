import type { Frame } from '../vector.ts';
import type { Mesh } from './mesh.ts';

/**
 * Area of the level cut through a standing body at a height, mm²: less the upward part of the vector area of its skin below it
 * (Gauss). Whatever the body and its lean.
 */
export function levelSection(
  { points: p, faces }: Mesh,
  { origin: o, x, y, z }: Frame,
  height: number,
): number {
  const n = p.length / 3;
  const w = new Float64Array(3 * n);
  for (let i = 0; i < n; i++)
    for (let k = 0; k < 3; k++)
      w[3 * i + k] = o[k]! + x[k]! * p[3 * i]! + y[k]! * p[3 * i + 1]! + z[k]! * p[3 * i + 2]!;
  const cut: number[] = [];
  let twice = 0;
  for (let t = 0; t < faces.length; t += 3) {
    cut.length = 0;
    for (let c = 0; c < 3; c++) {
      const a = 3 * faces[t + c]!;
      const b = 3 * faces[t + ((c + 1) % 3)]!;
      const [za, zb] = [w[a + 2]!, w[b + 2]!];
      if (za < height) cut.push(w[a]!, w[a + 1]!);
      if (za < height !== zb < height) {
        const s = (height - za) / (zb - za);
        cut.push(w[a]! + s * (w[b]! - w[a]!), w[a + 1]! + s * (w[b + 1]! - w[a + 1]!));
      }
    }
    for (let i = 2; i + 3 < cut.length; i += 2)
      twice -=
        (cut[i]! - cut[0]!) * (cut[i + 3]! - cut[1]!) - (cut[i + 1]! - cut[1]!) * (cut[i + 2]! - cut[0]!);
  }
  const handed =
    x[0] * (y[1] * z[2] - y[2] * z[1]) -
    x[1] * (y[0] * z[2] - y[2] * z[0]) +
    x[2] * (y[0] * z[1] - y[1] * z[0]);
  return (Math.sign(handed) * twice) / 2;
}
