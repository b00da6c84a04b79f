import { polygonContains } from 'd3-polygon';
import { remembered } from '@core/quantity/index.ts';
import type { Turned } from '@core/figure/index.ts';
import type { TextureKind } from '@core/record/index.ts';
import { shadingOf, spot, type Spread } from './paths.ts';

type Point = readonly [number, number];

/** One stroke of a tool: a line through places, a bow over the middle one, or a dot. */
type Mark = readonly Point[] & { readonly bow?: true };

/** Where marks may go, and which way the face runs there. */
interface Face {
  readonly spread: Spread;
  /** Way of the hair at a place: down from the top of the piece, or outwards where one looks on its top. */
  readonly way: (at: Point) => Point;
  readonly inside: (at: Point) => boolean;
  /** Places about so far apart all over it, never in rows; the same each time. */
  readonly places: (apart: number) => { at: Point; chance: number }[];
  readonly outlines: Turned['outlines'];
}

/** Marks on one piece at most: a coat of hair reads as one long before. */
const MOST = 420;

/** A number between 0 and 1 that looks random and is always the same for its place. */
function chanceAt(i: number, j: number, k: number): number {
  const x = Math.sin(i * 127.1 + j * 311.7 + k * 74.7) * 43758.5453;
  return x - Math.floor(x);
}

/** Seen from so near to its top, what runs down it runs outwards. */
const FORESHORTENED = 0.35;

function faceOf(drawn: Turned): Face {
  const { spread } = shadingOf(drawn);
  const outlines = drawn.flat ? drawn.outlines.slice(0, 1) : drawn.outlines;
  const inside = (at: Point) =>
    outlines.some((o) => polygonContains(o as [number, number][], at as [number, number]));
  const { middle, along, long, wide } = spread;
  const [ux, uy] = drawn.up;
  const seen = Math.hypot(ux, uy);
  const way = ([x, y]: Point): Point => {
    const [dx, dy] = [x - middle[0], y - middle[1]];
    const out: Point = [dx / (long + 1e-9), dy / (long + 1e-9)];
    const [wx, wy] = seen < FORESHORTENED ? out : [-ux / seen + 0.7 * out[0], -uy / seen + 0.7 * out[1]];
    const size = Math.hypot(wx, wy) || 1;
    return [wx / size, wy / size];
  };
  return {
    spread,
    way,
    inside,
    outlines,
    places: (apart) => {
      // as wide apart as leaves no more than the most
      const step = Math.max(apart, Math.sqrt((4 * long * wide) / MOST));
      const found: { at: Point; chance: number }[] = [];
      const [nx, ny] = [Math.ceil(long / step), Math.ceil(wide / (step * 0.86))];
      for (let j = -ny; j <= ny; j++)
        for (let i = -nx; i <= nx; i++) {
          const a = (i + (j % 2 ? 0.5 : 0) + 0.55 * (chanceAt(i, j, 1) - 0.5)) * step;
          const b = (j + 0.55 * (chanceAt(i, j, 2) - 0.5)) * step * 0.86;
          const at: Point = [
            middle[0] + along[0] * a - along[1] * b,
            middle[1] + along[1] * a + along[0] * b,
          ];
          if (inside(at)) found.push({ at, chance: chanceAt(i, j, 3) });
        }
      return found;
    },
  };
}

const move = ([x, y]: Point, [dx, dy]: Point, by: number): Point => [x + dx * by, y + dy * by];
const turned = ([x, y]: Point, by: number): Point => [
  x * Math.cos(by) - y * Math.sin(by),
  x * Math.sin(by) + y * Math.cos(by),
];
/** A line through places, if all of it lies on the face. */
const line = (face: Face, ...at: Point[]): Mark[] => (at.every(face.inside) ? [at] : []);

/** Distance between marks: a share of the size, so that a nose is not one mark and a body not a thousand, mm. */
const apartOn = ({ spread }: Face, share: number, least: number, most: number): number =>
  Math.min(most, Math.max(least, share * Math.sqrt(spread.long * spread.wide)));

/** Lines along the length, wandering and broken: grain, bark. @param broken how much of them is left out */
function grain(face: Face, apart: number, broken: number): Mark[] {
  const { middle, along, long, wide } = face.spread;
  const across: Point = [-along[1], along[0]];
  const out: Mark[] = [];
  const [lines, steps] = [Math.ceil(wide / apart), Math.max(6, Math.ceil(long / apart))];
  for (let j = -lines; j <= lines; j++) {
    let run: Point[] = [];
    const end = () => {
      if (run.length > 2) out.push(run);
      run = [];
    };
    for (let i = -steps; i <= steps; i++) {
      const sway = 0.35 * Math.sin(i * 0.55 + j * 1.7) + 0.3 * (chanceAt(i, j, 4) - 0.5);
      const at = move(move(middle, along, (i * long) / steps), across, (j + sway) * apart);
      if (face.inside(at) && chanceAt(Math.floor(i / 3), j, 5) > broken) run.push(at);
      else end();
    }
    end();
  }
  return out;
}

/** Dashes along the outline, a little inside of it. */
function seam({ outlines, spread, inside }: Face): Mark[] {
  const out: Mark[] = [];
  const dash = Math.max(1.2, spread.wide * 0.09);
  for (const o of outlines) {
    const drawnIn = o.map(([x, y]): Point => [
      x + (spread.middle[0] - x) * 0.17,
      y + (spread.middle[1] - y) * 0.17,
    ]);
    let gone = 0;
    drawnIn.forEach((p, i) => {
      const q = drawnIn[(i + 1) % drawnIn.length]!;
      const far = Math.hypot(q[0] - p[0], q[1] - p[1]);
      const way: Point = [(q[0] - p[0]) / (far || 1), (q[1] - p[1]) / (far || 1)];
      for (let at = dash * 1.8 - (gone % (dash * 1.8)); at < far; at += dash * 1.8) {
        const [a, b] = [move(p, way, at), move(p, way, at + dash)];
        if (inside(a) && inside(b)) out.push([a, b]);
      }
      gone += far;
    });
  }
  return out;
}

/** A small bow open to the top: the tip of a feather, the lower rim of a dimple. */
function bow(face: Face, at: Point, way: Point, wide: number, deep: number): Mark[] {
  const side: Point = [-way[1], way[0]];
  const [a, b, c] = [move(at, side, wide), move(at, way, deep * 2), move(at, side, -wide)];
  return face.inside(a) && face.inside(c) && face.inside(move(at, way, deep))
    ? [Object.assign([a, b, c], { bow: true } as const)]
    : [];
}

/** How each texture is drawn: fine lines on the face of the piece. A texture more is a line more. */
const MARKS: Record<TextureKind, (face: Face) => Mark[]> = {
  none: () => [],
  fur: (face) => {
    const apart = apartOn(face, 0.1, 1.6, 6.5);
    return face.places(apart).flatMap(({ at, chance }) => {
      const way = turned(face.way(at), (chance - 0.5) * 0.7);
      return line(face, at, move(at, way, apart * (0.55 + 0.5 * chance)));
    });
  },
  feathers: (face) => {
    const apart = apartOn(face, 0.2, 2, 12);
    return face.places(apart).flatMap(({ at }) => bow(face, at, face.way(at), apart * 0.42, apart * 0.4));
  },
  veins: (face) => {
    const { middle, along, long, wide } = face.spread;
    const spine = Array.from({ length: 13 }, (_, i) => move(middle, along, ((i - 6) / 6.4) * long));
    const held = spine.filter(face.inside);
    const branches = held.flatMap((at, i) =>
      i % 2 || i === 0
        ? []
        : [0.85, -0.85].flatMap((by) => line(face, at, move(at, turned(along, by), wide * 0.55))),
    );
    return held.length > 1 ? [held, ...branches] : [];
  },
  wood: (face) => grain(face, apartOn(face, 0.13, 1, 6), 0.12),
  creases: (face) => {
    const apart = apartOn(face, 0.62, 4, 26);
    return face
      .places(apart)
      .flatMap(({ at, chance }) =>
        bow(face, at, turned(face.way(at), chance - 0.5), apart * 0.3, apart * 0.07),
      );
  },
  stitches: seam,
  // stitches hang one below the other in columns
  knit: (face) => {
    const apart = apartOn(face, 0.13, 1.6, 7);
    const { middle, along, long, wide } = face.spread;
    const across: Point = [-along[1], along[0]];
    const out: Mark[] = [];
    for (let i = -Math.ceil(long / apart); i * apart <= long; i++)
      for (let j = -Math.ceil(wide / apart); j * apart <= wide; j++) {
        const tip = move(move(middle, along, i * apart), across, j * apart);
        for (const side of [0.46, -0.46]) {
          const arm = move(move(tip, along, apart * 0.6), across, side * apart);
          out.push(...line(face, arm, tip));
        }
      }
    return out.slice(0, MOST * 2);
  },
  bark: (face) => [
    ...grain(face, apartOn(face, 0.17, 1.4, 8), 0.34),
    ...grain(face, apartOn(face, 0.4, 3, 18), 0.5),
  ],
  dimples: (face) => {
    const apart = apartOn(face, 0.26, 2.4, 12);
    return face.places(apart).flatMap(({ at }) => bow(face, at, [0, -1], apart * 0.26, apart * 0.16));
  },
  stipple: (face) => face.places(apartOn(face, 0.09, 1.4, 5)).map(({ at }) => [at]),
};

const marksOf = remembered((drawn: Turned, texture: TextureKind): readonly Mark[] =>
  texture === 'none' || drawn.layers ? [] : MARKS[texture](faceOf(drawn)),
);

/** The smallest upright rectangle round a drawing: its lower left corner and its size. */
const boxOf = remembered(({ outlines }: Turned) => {
  let [left, low, right, high] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const o of outlines)
    for (const [x, y] of o) {
      left = Math.min(left, x);
      right = Math.max(right, x);
      low = Math.min(low, y);
      high = Math.max(high, y);
    }
  return { left, low, wide: right - left || 1, high: high - low || 1 };
});

/** What is done to the face of a piece as fine lines where it stands, for SVG; empty for a smooth one. */
export function marksAt({ drawn, texture, at: [dx, dy] }: Laid): string {
  let path = '';
  for (const mark of marksOf(drawn, texture)) {
    const way = mark.map(([x, y]) => spot(x + dx, y + dy));
    if (mark.bow) path += `M${way[0]}Q${way[1]} ${way[2]}`;
    else path += way.length > 1 ? `M${way.join('L')}` : `M${way[0]}h0`;
  }
  return path;
}

/** A face on which marks were laid, and where it stood in the picture then. */
export interface Laid {
  readonly drawn: Turned;
  readonly texture: TextureKind;
  readonly at: Point;
}

/** From a place on one face to the same place on another: how much wider and higher, and how far aside. */
function stretchOf(laid: Laid, drawn: Turned, [x, y]: Point) {
  const [was, is] = [boxOf(laid.drawn), boxOf(drawn)];
  const [kx, ky] = [is.wide / was.wide, is.high / was.high];
  return {
    kx,
    ky,
    ox: x + is.left - kx * (laid.at[0] + was.left),
    oy: y + is.low - ky * (laid.at[1] + was.low),
  };
}

/** Stretched by more, marks would be coarse or crowded, share. Estimate. */
const COARSE = 1.25;
/** Outlines that lie so near to each other once one is stretched over the other are alike, share of their size. Estimate. */
const ALIKE = 0.03;

/** Is a face the same one, a little larger, smaller, wider or higher? Then what was done to it stretches with it. */
function isAlike(laid: Laid, drawn: Turned): boolean {
  const { outlines, up } = laid.drawn;
  if (outlines.length !== drawn.outlines.length) return false;
  if (Math.hypot(up[0] - drawn.up[0], up[1] - drawn.up[1]) > ALIKE) return false;
  const { kx, ky, ox, oy } = stretchOf(laid, drawn, laid.at);
  if (Math.max(kx, ky) > COARSE || Math.min(kx, ky) < 1 / COARSE) return false;
  const { wide, high } = boxOf(drawn);
  const near = ALIKE * Math.max(wide, high);
  const [dx, dy] = laid.at;
  return outlines.every((o, i) => {
    const other = drawn.outlines[i]!;
    return (
      o.length === other.length &&
      o.every(([x, y], k) => {
        const [u, v] = [kx * (x + dx) + ox - dx, ky * (y + dy) + oy - dy];
        return Math.abs(u - other[k]![0]) + Math.abs(v - other[k]![1]) < near;
      })
    );
  });
}

/**
 * Where the marks of a face were laid: where they were before as long as it is held or became a little larger or smaller only,
 * for laying hundreds of marks again costs more than all else that a change draws.
 * @param held the hand has hold of it
 */
export const laidOn = (before: Laid | undefined, now: Laid, held: boolean): Laid =>
  before && before.texture === now.texture && (held || isAlike(before, now.drawn)) ? before : now;

/**
 * How marks laid on a face lie on it where it stands now, in the shape it has now: they stretch with it, as the paste's do. For
 * SVG, as six numbers; undefined where they lie as they were laid.
 * @param at where it stands in the picture now
 */
export function markStretch(laid: Laid, drawn: Turned, at: Point): string | undefined {
  if (laid.drawn === drawn && laid.at[0] === at[0] && laid.at[1] === at[1]) return undefined;
  const { kx, ky, ox, oy } = stretchOf(laid, drawn, at);
  return `matrix(${kx} 0 0 ${ky} ${ox} ${-oy})`;
}
