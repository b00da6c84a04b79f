import { polygonArea, polygonCentroid } from 'd3-polygon';

/** A point seen from above, mm. */
export type FlatPoint = readonly [number, number];

/** What stands on something soft: the rim does not carry, the load needs an area to stand on. mm, N, MPa. */

type Outline = readonly FlatPoint[];
const areaOf = (o: Outline): number => Math.abs(polygonArea(o as [number, number][]));
const along = (p: FlatPoint, n: FlatPoint): number => p[0] * n[0] + p[1] * n[1];

/** The part of a convex outline that lies beyond a line square to n. */
export function beyond(outline: Outline, n: FlatPoint, from: number): FlatPoint[] {
  return outline.flatMap((a, i) => {
    const b = outline[(i + 1) % outline.length]!;
    const x = along(a, n) - from;
    const y = along(b, n) - from;
    const out: FlatPoint[] = x >= 0 ? [a] : [];
    if (x >= 0 !== y >= 0) {
      const t = x / (x - y);
      out.push([a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t]);
    }
    return out;
  });
}

/**
 * How far out in a direction the support can stand when it needs an area: the middle of the outermost piece of that area.
 * @returns undefined when the whole outline is less than the area: it sinks
 */
export function furthestSupport(outline: Outline, n: FlatPoint, area: number): number | undefined {
  if (outline.length < 3 || area >= areaOf(outline)) return undefined;
  const reaches = outline.map((p) => along(p, n));
  let low = Math.min(...reaches);
  let high = Math.max(...reaches);
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    const piece = beyond(outline, n, middle);
    if (piece.length >= 3 && areaOf(piece) > area) low = middle;
    else high = middle;
  }
  const piece = beyond(outline, n, low);
  return piece.length >= 3 ? along(polygonCentroid(piece as [number, number][]), n) : high;
}

/** The largest area whose middle lies so far out in a direction: what presses when the load is that far off. */
export function pressingArea(outline: Outline, n: FlatPoint, out: number): number {
  const middleOf = (o: Outline) => along(polygonCentroid(o as [number, number][]), n);
  if (out <= middleOf(outline) + 1e-9) return areaOf(outline);
  const reaches = outline.map((p) => along(p, n));
  let low = Math.min(...reaches);
  let high = Math.max(...reaches);
  if (out >= high) return 0;
  // the further out it is cut off, the further out the middle of what is left
  for (let i = 0; i < 50; i++) {
    const cut = (low + high) / 2;
    const piece = beyond(outline, n, cut);
    if (piece.length >= 3 && middleOf(piece) < out) low = cut;
    else high = cut;
  }
  return areaOf(beyond(outline, n, low));
}

/** A round outline. */
export const circle = (diameter: number, sides = 48): FlatPoint[] =>
  Array.from({ length: sides }, (_, i) => {
    const a = (2 * Math.PI * i) / sides;
    return [(diameter / 2) * Math.cos(a), (diameter / 2) * Math.sin(a)] as const;
  });
