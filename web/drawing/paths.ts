import { polygonArea, polygonCentroid } from 'd3-polygon';
import { remembered } from '@core/quantity/index.ts';
import type { Turned } from '@core/figure/index.ts';

type Outline = Turned['outlines'][number];
type Point = readonly [number, number];

/** A place in the picture for SVG, to a hundredth of a millimetre; up is negative there. */
export const spot = (x: number, up: number): string =>
  `${Math.round(x * 100) / 100} ${Math.round(-up * 100) / 100}`;

/** SVG path of outlines, so far to the right and up of where they were drawn. */
export function outlinePath(outlines: readonly Outline[], [dx, dy]: Point = [0, 0]): string {
  let path = '';
  for (const o of outlines) {
    let way = 'M';
    for (const [x, y] of o) {
      path += way + spot(x + dx, y + dy);
      way = 'L';
    }
    path += 'Z';
  }
  return path;
}

/** The line along which something is longest, in the picture's millimetres, up positive. */
export interface Spread {
  readonly middle: Point;
  /** Of length one. */
  readonly along: Point;
  /** Half of how far it reaches along that line, and across it. */
  readonly long: number;
  readonly wide: number;
}

/** How outlines spread about their middle: the principal axes of their points. */
export function spreadOf(outlines: readonly Outline[]): Spread {
  const largest = outlines.reduce((a, b) => (Math.abs(areaOf(b)) > Math.abs(areaOf(a)) ? b : a));
  const points = outlines.flat();
  const [cx, cy] = polygonCentroid(largest as [number, number][]);
  const middle: Point = Number.isFinite(cx + cy) ? [cx, cy] : largest[0]!;
  let [xx, xy, yy] = [0, 0, 0];
  for (const [x, y] of points) {
    const [dx, dy] = [x - middle[0], y - middle[1]];
    xx += dx * dx;
    xy += dx * dy;
    yy += dy * dy;
  }
  const angle = 0.5 * Math.atan2(2 * xy, xx - yy);
  const along: Point = [Math.cos(angle), Math.sin(angle)];
  let [long, wide] = [0, 0];
  for (const [x, y] of points) {
    const [dx, dy] = [x - middle[0], y - middle[1]];
    long = Math.max(long, Math.abs(dx * along[0] + dy * along[1]));
    wide = Math.max(wide, Math.abs(-dx * along[1] + dy * along[0]));
  }
  return { middle, along, long, wide };
}

const areaOf = (o: Outline): number => polygonArea(o as [number, number][]);

/** Longer than so many of its widths, light lies along it as on a rope instead of round as on a ball. */
const ROPE = 1.75;
/** How far the shade of a piece lies on what is behind it, share of its width, and at most, mm. */
const SHADE = { share: 0.05, most: 3 };

/** How a body is lit and shaded. */
export interface Shading {
  readonly spread: Spread;
  /** Across a long body, from its lit edge to its dark one, up positive. */
  readonly across: { readonly from: Point; readonly to: Point } | undefined;
  /** Width of the shade where it meets what is behind it, mm. */
  readonly shade: number;
}

/** The side of a long body that looks to the upper left first. */
function acrossOf({ middle: [x, y], along, long, wide }: Spread): Shading['across'] {
  if (long < ROPE * wide) return undefined;
  const [nx, ny] = [-along[1], along[0]];
  const lit = ny - nx > 0 ? 1 : -1;
  const [dx, dy] = [nx * wide * lit, ny * wide * lit];
  return { from: [x + dx, y + dy], to: [x - dx, y - dy] };
}

/** How a drawing is lit and shaded; found once and kept with it. */
export const shadingOf = remembered((drawn: Turned): Shading => {
  const spread = spreadOf(drawn.outlines);
  return {
    spread,
    across: drawn.flat ? undefined : acrossOf(spread),
    shade: Math.min(SHADE.most, SHADE.share * spread.wide + 0.3),
  };
});

/** All that is drawn of a body where it stands, ready for SVG. */
export interface Paths {
  readonly all: string;
  /** A cut piece that is not made yet is only its front outline. */
  readonly bare: string;
  readonly layers: readonly string[] | undefined;
  readonly core: string | undefined;
}

/** Places of one drawing whose paths are kept: a batch of many alike. */
const PLACES = 24;

/**
 * Paths of a drawing that stands so far to the right and up; made once and kept with it. They hold their place themselves:
 * a move of its own for each body would cost the browser more than all the rest of a frame.
 */
export const pathsAt = remembered(
  (drawn: Turned, x: number, y: number): Paths => {
    const all = outlinePath(drawn.outlines, [x, y]);
    return {
      all,
      bare: drawn.flat ? outlinePath(drawn.outlines.slice(0, 1), [x, y]) : all,
      layers: drawn.layers?.map((l) => outlinePath(l, [x, y])),
      core: drawn.core && outlinePath(drawn.core, [x, y]),
    };
  },
  Object.is,
  PLACES,
);

/** The shade a drawing casts where it stands so: the whole of it, to the lower right. */
export const shadeAt = remembered(
  (drawn: Turned, x: number, y: number): string => {
    const { shade } = shadingOf(drawn);
    return outlinePath(drawn.outlines, [x + shade * 0.5, y - shade * 0.8]);
  },
  Object.is,
  PLACES,
);
