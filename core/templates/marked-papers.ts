import type { FaceLaidOn, Lobes } from '../covers/index.ts';
import { formatLength, type Mm } from '../quantity/index.ts';
import type { Piece } from '../record/index.ts';
import { boxOf, healed, shifted, type PaperPoint, type Rings } from './rings.ts';
import type { Template } from './template.ts';

/** Arm of a cross that is pricked through, mm. Estimate. */
const ARM = 2;
/** A slit in the paper so that it lies down on a round head, mm. Estimate. */
const SLIT = 12;
/** A round is drawn with so many corners. A step of the method; estimate. */
const CORNERS = 48;

const cross = ([x, y]: PaperPoint): PaperPoint[] => [
  [x - ARM, y],
  [x + ARM, y],
  [x, y],
  [x, y + ARM],
  [x, y - ARM],
  [x, y],
];
const round = ([x, y]: PaperPoint, across: Mm): PaperPoint[] =>
  Array.from({ length: CORNERS }, (_, k): PaperPoint => {
    const a = (2 * Math.PI * k) / CORNERS;
    return [x + (across / 2) * Math.cos(a), y + (across / 2) * Math.sin(a)];
  });

type About = Pick<Template, 'id' | 'name' | 'says'> & { readonly steps?: readonly string[] };

/** A paper of its own, its lower left corner at nought. */
function paperOf(piece: Piece, about: About, rings: Rings, line: Rings): Template {
  const { left, low, wide, tall } = boxOf([...rings, ...line]);
  return {
    ...about,
    pieces: [piece.id],
    use: 'drawn',
    rings: shifted(rings, -left, -low),
    line: shifted(line, -left, -low),
    wide,
    tall,
    number: 1,
    hidden: 'none',
    notes: [],
  };
}

/** One of two lobes that close round a ball; both are cut by it. */
export const lobePaper = (piece: Piece, lobes: Lobes): Template => ({
  ...paperOf(
    piece,
    {
      id: `${piece.id}/lobe`,
      name: `${piece.name}, lobe`,
      says: 'lobe of the cover, cut as drawn; true widths, so it is trimmed on the ball',
      steps: [`The seam is ${formatLength(lobes.seam.value)} all round. Keep the second one under film.`],
    },
    healed([lobes.outline], 'drawn'),
    [],
  ),
  number: 2,
});

/** Marks of a face to prick through, on a paper that is laid on with its cross on the middle of the eye line. */
export function facePaper(piece: Piece, face: FaceLaidOn): Template {
  const at = (p: FaceLaidOn['places'][number]): PaperPoint => p.on;
  const eyes = face.places.filter((p) => / eye$/.test(p.name));
  const reach = Math.max(...face.places.map((p) => Math.hypot(...p.on))) + 8;
  return paperOf(
    piece,
    {
      id: `${piece.id}/face`,
      name: `${piece.name}, face`,
      says: 'prick the crosses through; the long cross lies on the middle of the eye line',
      steps: ['Slit it from below and from both sides, so that it lies down.'],
    },
    [...face.places.map((p) => cross(at(p))), ...eyes.map((p) => round(at(p), face.eye.value))],
    [
      [
        [-reach, 0],
        [reach, 0],
      ],
      [
        [0, reach],
        [0, -reach],
      ],
      ...[-1, 1].map((side): PaperPoint[] => [
        [side * reach, 0],
        [side * (reach - SLIT), 0],
      ]),
    ],
  );
}
