import type { Body } from '../bodies/index.ts';
import { fittedToBox, sampled } from '../curves/index.ts';
import { outlineNamed } from '../outlines.ts';
import { moments, perimeter, type Point } from '../polygon.ts';
import type { Art, DryingBody, Measure } from '../types.ts';

/** A flat piece: its edge and the holes in it, mm; across from the middle, up from the foot. */
export interface Face {
  readonly edge: readonly Point[];
  readonly holes: readonly (readonly Point[])[];
}

/** Lines named `hole1`… in order. */
const holesOf = (art: Art) =>
  Object.keys(art.curves ?? {})
    .filter((k) => k.startsWith('hole'))
    .sort()
    .map((k) => art.curves![k]!);

/** The outline stretched to its width and height: a named one, or one drawn by hand with its holes. */
export function faceOf(art: Art, width: number, height: number): Face {
  const stretch = (points: readonly Point[]) => points.map(([x, z]): Point => [x * width, z * height]);
  const drawn = art.curves?.edge;
  if (!drawn) return { edge: stretch(outlineNamed(art.outline ?? 'rectangle').points), holes: [] };
  const chain = sampled(drawn, true);
  const xs = chain.map((p) => p[0]);
  const zs = chain.map((p) => p[1]);
  const [left, low] = [Math.min(...xs), Math.min(...zs)];
  const [w, h] = [Math.max(...xs) - left || 1, Math.max(...zs) - low || 1];
  const edge = fittedToBox(chain);
  const holes = holesOf(art).map((hole) =>
    sampled(hole, true).map(([x, z]): Point => [(x - left) / w - 0.5, (z - low) / h]),
  );
  return {
    edge: stretch(moments(edge).area < 0 ? [...edge].reverse() : edge),
    holes: holes.map(stretch),
  };
}

/** V = (A − holes) t, surface = 2 A + P t. */
export function cutMeasure(art: Art, width: number, height: number, thickness: number): Measure {
  const { edge, holes } = faceOf(art, width, height);
  const outer = moments(edge);
  let [area, mx, mz, around] = [
    Math.abs(outer.area),
    Math.abs(outer.area) * outer.x,
    Math.abs(outer.area) * outer.z,
    perimeter(edge),
  ];
  for (const hole of holes) {
    const m = moments(hole);
    area -= Math.abs(m.area);
    mx -= Math.abs(m.area) * m.x;
    mz -= Math.abs(m.area) * m.z;
    around += perimeter(hole);
  }
  return {
    volume: area * thickness,
    area: 2 * area + around * thickness,
    centre: mz / area,
    aside: [mx / area, 0],
    width,
    depth: thickness,
    height,
  };
}

/** Both faces open to the air. */
export function cutDrying(art: Art, width: number, height: number, thickness: number): DryingBody {
  const m = cutMeasure(art, width, height, thickness);
  return {
    volume: m.volume,
    area: (2 * m.volume) / thickness,
    depth: thickness / 2,
    facing: Math.min(width, height),
    thickness,
    kind: 'sheet',
  };
}

/** The body of what is cut from a sheet: its edge and its holes, mm, and how thick. */
export function cutBody(art: Art, width: number, height: number, thickness: number): Body {
  const { edge, holes } = faceOf(art, width, height);
  return { type: 'flat', outline: edge, holes, thickness };
}
