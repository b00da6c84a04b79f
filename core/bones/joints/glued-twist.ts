import { place } from '../../figure/index.ts';
import { byFormula, formula, given, type Reckoned } from '../../quantity/index.ts';
import type { Build } from '../../record/index.ts';
import { heldFaceOf } from '../paths/contact.ts';
import { pasteAt, softNow } from '../stock/soft.ts';
import { filmOf } from './glue-films.ts';
import { afterNight, type Firmed } from './joint-push.ts';
import type { LoadCase } from './load-cases.ts';

/** A glued face that yields all over as it turns; ∫ τ r dA of a disc. Handbook. */
const GLUE_HOLDS = formula({
  name: 'The glue holds',
  takes: ['kPa', 'kPa', 'mm', 'mm'],
  unit: 'N·mm',
  rule: 'lesser of film and paste × area × ⅔ r, as an even disc',
  source: 'estimate',
  f: (film, paste, wide, tall) => {
    const r = Math.sqrt(wide * tall) / 2;
    return (Math.min(film, paste) / 1000) * ((2 * Math.PI * r ** 3) / 3);
  },
});

/**
 * What a glue that was chosen for a piece holds against its turning on its rods, once it is set; undefined where none was chosen
 * or it is held by no face.
 */
export function gluedTwist(
  build: Build,
  upper: number,
  firmed: Firmed,
  { hours }: LoadCase,
): Reckoned<'N·mm'> | undefined {
  const instances = place(build);
  const { piece } = instances[upper]!;
  const face = piece.glue === undefined ? undefined : heldFaceOf(build, upper);
  if (!face || piece.glue === undefined) return undefined;
  const film = filmOf(build, piece.glue);
  const paste = Math.min(
    ...[upper, ...face.on].map((k) => {
      const soft = softNow(pasteAt(afterNight(firmed, instances[k]!.piece.id)), hours);
      return soft.now * soft.cohesion * 1000;
    }),
  );
  return byFormula(GLUE_HOLDS, [
    given('Film of the glue, set', film.set, 'kPa', film.source),
    given('Softer paste behind it, sheared', paste, 'kPa', 'estimate'),
    given('Glued face, across', face.wide, 'mm'),
    given('Glued face, the other way', face.tall, 'mm'),
  ]);
}
