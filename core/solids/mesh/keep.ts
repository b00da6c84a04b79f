import { field, type Of } from '../../quantity/index.ts';
import { checkMesh, measureMesh } from './measure-mesh.ts';
import { insideOut, moved, type Mesh } from './mesh.ts';

const { flag, list, name, number, record, whole } = field;

export const solidRecord = record({
  name,
  corners: list(whole(0, 10_000), 60_000, 12),
  faces: list(whole(0, 20_000), 60_000, 12),
  /** Volume and balance point as shares of the box (from all triangles of the file); 0 when the surface is open. */
  fills: number(0, 1),
  centre: field.triple(number(-1, 2)),
  watertight: flag,
});

/** A solid read from a file, kept small: corners as shares (0–10 000) of its box, and what the whole file measured. */
export interface SolidData extends Of<typeof solidRecord> {}

/** Units a file of triangles may be in, with their millimetres; such files do not say. */
export const FILE_UNITS = { mm: 1, cm: 10, inch: 25.4, m: 1000 } as const;
export type FileUnit = keyof typeof FILE_UNITS;
/** Which way is up in the file. */
export type UpAxis = 'z' | 'y';

/** The likeliest unit, by the largest side: under 2 metres, under 30 centimetres, else millimetres. Estimate. */
export const guessUnit = (largest: number): FileUnit => (largest < 2 ? 'm' : largest < 30 ? 'cm' : 'mm');

/** Turn a surface so that z is up. */
export const uprighted = (m: Mesh, up: UpAxis): Mesh =>
  up === 'z' ? m : moved(m, ([x, y, z]) => [x, -z, y]);

const STEPS = 10_000;

/**
 * What of a solid goes into the build: a thinned surface in shares of its box, and what the whole one measured.
 * @param whole every triangle of the file, z up, in the file's own unit
 * @param thin the same with fewer triangles
 * @returns the data, and the size of the box in the file's unit
 */
export function keptSolid(
  name: string,
  whole: Mesh,
  thin: Mesh,
): { solid: SolidData; size: readonly [number, number, number] } {
  const check = checkMesh(whole);
  const right = check.insideOut ? insideOut(whole) : whole;
  const m = measureMesh(right);
  const size = [0, 1, 2].map((k) => Math.max(1e-9, m.high[k]! - m.low[k]!)) as [number, number, number];
  const box = size[0] * size[1] * size[2];
  const surface = check.insideOut ? insideOut(thin) : thin;
  const corners = Array.from(surface.points, (x, i) => {
    const k = i % 3;
    return Math.min(STEPS, Math.max(0, Math.round(((x - m.low[k]!) / size[k]!) * STEPS)));
  });
  const at = (i: number) => `${corners[3 * i]},${corners[3 * i + 1]},${corners[3 * i + 2]}`;
  const faces: number[] = [];
  for (let i = 0; i < surface.faces.length; i += 3) {
    const [a, b, c] = [surface.faces[i]!, surface.faces[i + 1]!, surface.faces[i + 2]!];
    // corners that fell together take their face with them
    if (at(a) !== at(b) && at(b) !== at(c) && at(a) !== at(c)) faces.push(a, b, c);
  }
  const centre = [0, 1, 2].map((k) => Number(((m.centre[k]! - m.low[k]!) / size[k]!).toFixed(5)));
  return {
    size,
    solid: {
      name: name.slice(0, 120) || 'Solid',
      corners,
      faces,
      fills: check.watertight ? Number(Math.min(1, Math.abs(m.volume) / box).toFixed(6)) : 0,
      centre: centre as [number, number, number],
      watertight: check.watertight,
    },
  };
}

/** Width, depth and height in millimetres of a solid whose box is given in the file's own unit and axes. */
export const sizeInMm = (
  [x, y, z]: readonly [number, number, number],
  unit: FileUnit,
  up: UpAxis,
): readonly [number, number, number] => {
  const k = FILE_UNITS[unit];
  return up === 'z' ? [x * k, y * k, z * k] : [x * k, z * k, y * k];
};
