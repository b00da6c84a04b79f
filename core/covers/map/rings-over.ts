import { remembered, type Mm } from '../../quantity/index.ts';
import { bodyMesh, type StackBody } from '../../solids/index.ts';
import { polarOver } from './polar.ts';
import { ringsAt, type EqualRing } from './rings.ts';
import { cornersOf, lyingOn, refined, topOf } from './triangles.ts';

/** Corners round a body, level cuts of it, squares of its skin. Steps of the method; estimate. */
const [CORNERS, CUTS, SQUARES] = [16, 16, 300];
/** Few triangles cut corners, by up to 3 %; a sheet that is too small is the worse mistake. Estimate. */
const ROOM = 1.02;

const isTurned = (body: StackBody): boolean =>
  body.levels.every((z) => {
    const { a, b, x = 0, y = 0, flat } = body.cutAt(z);
    return a === b && x === 0 && y === 0 && !flat;
  });

/** A body as few triangles, and how far over the skin each corner is from its top. Remembered with the body. */
const overSkin = remembered((body: StackBody) => {
  const top = body.levels.at(-1)!;
  const levels = Array.from({ length: CUTS + 1 }, (_, k) => (top * (1 - Math.cos((Math.PI * k) / CUTS))) / 2);
  const mesh = refined(bodyMesh({ ...body, core: undefined, levels }, CORNERS), SQUARES);
  const { far } = polarOver(mesh, topOf(mesh));
  return { mesh, far };
});

/** Lines of equal distance that are read. A step of the method; estimate. */
const RINGS = 60;

/**
 * The way down a body that is not turned, from its top: how far over the skin, how long the line of equal distance is there
 * and how high it lies; undefined for a turned one, whose way down is the same on all sides. Over few triangles. Gathered
 * underneath, sheets from all sides meet before the long way round is gone.
 */
export function ringsOver(
  body: StackBody,
  to: 'board' | 'under',
): { readonly reach: Mm; readonly rings: readonly EqualRing[] } | undefined {
  if (isTurned(body)) return undefined;
  const { mesh, far } = overSkin(body);
  const bare = to === 'board' ? lyingOn(mesh) : undefined;
  let reach = 0;
  for (let t = 0; t < mesh.faces.length / 3; t++)
    if (!bare?.[t])
      for (const i of cornersOf(mesh, t)) if (Number.isFinite(far[i]!)) reach = Math.max(reach, far[i]!);
  const at = Array.from({ length: RINGS }, (_, k) => (reach * (k + 0.5)) / RINGS);
  return { reach: reach * ROOM, rings: ringsAt(mesh, far, at, bare) };
}
