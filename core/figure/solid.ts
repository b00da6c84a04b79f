import { bodyMesh, placedMesh, type Mesh } from '../solids/index.ts';
import type { Build } from '../record/index.ts';
import { place } from './place.ts';

/** One standing body as triangles, in the board's coordinates. */
export interface SolidPart {
  readonly piece: string;
  readonly name: string;
  readonly colour: string;
  readonly mesh: Mesh;
}

/** Corners a circle gets in a file of the figure. */
const ROUND = 48;

/** Every standing body as triangles; only those of one piece when it is named. */
export function solidParts(build: Build, only?: string, round = ROUND): SolidPart[] {
  const hex = new Map(build.colours.map((c) => [c.id, c.hex]));
  return place(build)
    .filter((i) => only === undefined || i.piece.id === only)
    .map((i) => ({
      piece: i.piece.id,
      name: i.piece.name,
      colour: hex.get(i.piece.colour) ?? '#999999',
      mesh: placedMesh(bodyMesh(i.body, round), i.frame),
    }));
}
