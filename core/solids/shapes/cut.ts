import { outlineNamed, type OutlineName } from '../outlines.ts';
import { moments, perimeter } from '../polygon.ts';
import type { Body, DryingBody, Measure } from '../types.ts';

/** Outline stretched to its width and height, in mm. */
export const stretched = (
  outline: OutlineName,
  width: number,
  height: number,
): (readonly [number, number])[] =>
  outlineNamed(outline).points.map(([x, z]) => [x * width, z * height] as const);

/** A flat piece of even thickness cut to an outline: V = A t, surface = 2 A + P t. */
export function cutMeasure(outline: OutlineName, width: number, height: number, thickness: number): Measure {
  const points = stretched(outline, width, height);
  const face = moments(points);
  const area = Math.abs(face.area);
  return {
    volume: area * thickness,
    area: 2 * area + perimeter(points) * thickness,
    centre: face.z,
    width,
    depth: thickness,
    height,
  };
}

/** Both faces open to the air. */
export function cutDrying(
  outline: OutlineName,
  width: number,
  height: number,
  thickness: number,
): DryingBody {
  const m = cutMeasure(outline, width, height, thickness);
  return {
    volume: m.volume,
    area: (2 * m.volume) / thickness,
    depth: thickness / 2,
    facing: Math.min(width, height),
    thickness,
    kind: 'sheet',
  };
}

export const cutBody = (outline: OutlineName, width: number, height: number, thickness: number): Body => ({
  type: 'cut',
  outline: stretched(outline, width, height),
  thickness,
});
