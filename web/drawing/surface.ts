import { remembered } from '@core/quantity/index.ts';
import type { View } from '@core/figure/index.ts';
import { paintedFaces, type PaintedCoat, type PaintedFace } from '@core/finish/index.ts';
import { isMaterial, materialOf, type Sheen } from '@core/pastes/index.ts';
import type { Build, Piece, TextureKind } from '@core/record/index.ts';
import { towardIn, type Toward } from './painted.ts';

/** A finish where it is seen, in its colour. */
export interface SeenCoat extends PaintedCoat {
  readonly colour: string;
  readonly toward: Toward;
}

/** What the face of a piece looks like. */
export interface Surface {
  readonly fill: string;
  readonly texture: TextureKind;
  readonly sheen: Sheen;
  /** What finishes made of it, as it is seen from here; nothing as it is mixed. */
  readonly coats?: readonly SeenCoat[];
}

const UNKNOWN = '#999999';

/** How a paste shines; matt where it is not known. */
const sheenOf = (base = ''): Sheen => (isMaterial(base) ? materialOf(base).sheen : 'matt');

/** Faces of a build that are kept: as many as differ in colour, paste and texture. */
const FACES = 64;

const faceOf = remembered(
  (
    colours: Build['colours'],
    blends: Build['blends'],
    colour: string,
    blend: string,
    texture: TextureKind,
  ): Surface => ({
    fill: colours.find((c) => c.id === colour)?.hex ?? UNKNOWN,
    texture,
    sheen: sheenOf(blends.find((b) => b.id === blend)?.base),
  }),
  Object.is,
  FACES,
);

/**
 * The face of a piece: its colour, what was done to it while it was soft, and how its paste shines; the same one while it stays
 * so, and for all that are alike.
 */
export const surfaceOf = (build: Build, { colour, blend, texture }: Piece): Surface =>
  faceOf(build.colours, build.blends, colour, blend, texture);

const paintedOver = remembered((face: PaintedFace, plain: Surface, view: View): Surface => {
  const coats = face.coats.flatMap((c) => {
    const toward = towardIn(view, c.side);
    return toward ? [{ ...c, colour: c.colour ?? deeperThan(plain.fill), toward }] : [];
  });
  return { ...plain, sheen: face.sheen ?? plain.sheen, coats };
});

/** Only with what is done of a person's own steps. */
const onlyDone = remembered((steps: Build['steps'], done: ReadonlySet<string>): Build['steps'] => ({
  ...steps,
  own: steps.own.filter((o) => done.has(o.id)),
}));

/** Finished faces by piece. @param done own steps that are over; all of them when absent */
export const paintedFacesOf = (
  { steps }: Build,
  done?: ReadonlySet<string>,
): ReadonlyMap<string, PaintedFace> => paintedFaces({ steps: done ? onlyDone(steps, done) : steps });

/** The same as it is painted, seen from a side; the same one while it stays so. @param faces finished faces by piece */
export function paintedSurfaceOf(
  build: Build,
  piece: Piece,
  view: View,
  faces: ReadonlyMap<string, PaintedFace> = paintedFacesOf(build),
): Surface {
  const plain = surfaceOf(build, piece);
  const face = faces.get(piece.id);
  return face ? paintedOver(face, plain, view) : plain;
}

/** Plain paste of a colour. */
export const plainPaste = (fill: string): Surface => ({ fill, texture: 'none', sheen: 'matt' });

/** Lightness of a colour as #rrggbb, 0 to 1, near enough to tell dark paste from light. */
function lightness(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16) / 255) as [number, number, number];
  return 0.3 * r + 0.59 * g + 0.11 * b;
}

/** Paste as dark as this takes light marks. */
const DARK = 0.22;

export const isDark = (hex: string): boolean => lightness(hex) < DARK;

/** Deeper than paste of a colour. */
const deeperThan = (fill: string): string => `color-mix(in oklab, ${fill}, #24160a 32%)`;

/** The thin warm line round a piece of a colour. */
export const lineOf = (fill: string): string => `color-mix(in oklab, ${fill}, #24160a 62%)`;

/** Marks on the face of a piece of a colour. */
export const markOf = (fill: string): string =>
  isDark(fill) ? `color-mix(in oklab, ${fill}, #fff 34%)` : `color-mix(in oklab, ${fill}, #24160a 46%)`;
