/** Simple outlines for cut sheets, in a unit square: x from −½ to ½, z from 0 to 1, anticlockwise. */
export interface Outline {
  readonly name: string;
  readonly points: readonly (readonly [number, number])[];
}

const round = (n: number, at: (turn: number) => readonly [number, number]): (readonly [number, number])[] =>
  Array.from({ length: n }, (_, i) => at((2 * Math.PI * i) / n));

/** Pointed oval: two equal arcs, the width half the height in the unit square before stretching. */
const leaf = (): (readonly [number, number])[] => {
  const n = 24;
  const side = (sign: number) =>
    Array.from({ length: n }, (_, i) => {
      const z = i / n;
      return [sign * 0.5 * Math.sin(Math.PI * z) ** 0.85, sign > 0 ? z : 1 - z] as const;
    });
  return [...side(1), ...side(-1)];
};

const heart = (): (readonly [number, number])[] => {
  const raw = round(48, (t) => [
    16 * Math.sin(t) ** 3,
    13 * Math.cos(t) - 5 * Math.cos(2 * t) - 2 * Math.cos(3 * t) - Math.cos(4 * t),
  ]).reverse();
  const zs = raw.map((p) => p[1]);
  const low = Math.min(...zs);
  const high = Math.max(...zs);
  return raw.map(([x, z]) => [x / 32, (z - low) / (high - low)] as const);
};

export const OUTLINES = {
  rectangle: {
    name: 'rectangle',
    points: [
      [-0.5, 0],
      [0.5, 0],
      [0.5, 1],
      [-0.5, 1],
    ],
  },
  oval: { name: 'oval', points: round(48, (t) => [0.5 * Math.sin(t), 0.5 - 0.5 * Math.cos(t)]) },
  leaf: { name: 'leaf', points: leaf() },
  triangle: {
    name: 'triangle',
    points: [
      [-0.5, 0],
      [0.5, 0],
      [0, 1],
    ],
  },
  wedge: {
    name: 'wedge, narrow at the foot',
    points: [
      [-0.3, 0],
      [0.3, 0],
      [0.5, 1],
      [-0.5, 1],
    ],
  },
  heart: { name: 'heart', points: heart() },
} as const satisfies Record<string, Outline>;

export type OutlineName = keyof typeof OUTLINES;

/** Look an outline up; an unknown name gives the rectangle, files are checked before they come here. */
export const outlineNamed = (name: string): Outline =>
  (OUTLINES as Record<string, Outline>)[name] ?? OUTLINES.rectangle;
