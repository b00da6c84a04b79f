import { bisect, type Mm } from '../quantity/index.ts';
import { measure, scaleForm, type Form } from '../solids/index.ts';
import type { Build, CoreKind, Piece } from '../record/index.ts';
import { setForm } from './edit-form.ts';
import { setPiece } from './edit-pieces.ts';

/** What a piece may be built over. */
export type CoreOption = CoreKind | 'solid';

/** Coat by default over each core; common practice, mm. */
export const USUAL_COAT: Readonly<Record<CoreKind, Mm>> = { foam: 5, cereal: 5, cake: 4 };

const largest = (form: Form): Mm => {
  const m = measure(form);
  return Math.max(m.width, m.depth, m.height);
};

/** The same outside with a coat of a thickness over a core, or without: sizes are found by halving. */
function sameOutside(form: Form, coat: Mm | undefined, under: boolean): Form | undefined {
  const wanted = largest(form);
  if (form.kind === 'skinOverBall') {
    const outer = form.sizes.core! + 2 * form.sizes.coat!;
    return coat === undefined
      ? { kind: 'ball', sizes: { diameter: outer, press: 0 } }
      : { ...form, sizes: { ...form.sizes, core: outer - 2 * coat, coat } };
  }
  const { coat: _coat, ...bare } = form;
  if (coat === undefined && !form.coat) return form;
  const made = (k: number): Form => {
    const sized = scaleForm(bare, k);
    return coat === undefined ? sized : { ...sized, coat: { thickness: coat, under } };
  };
  const k = bisect((x) => largest(made(x)) - wanted, 0.05, 3, 50);
  return k === undefined ? undefined : made(k);
}

/** A piece built over a core, or of paste alone, at the same outside size; undefined where it has no room for one. */
export function overCore(
  build: Build,
  piece: Piece,
  option: CoreOption,
  coat: Mm | undefined,
): Build | undefined {
  const under = piece.form.coat?.under ?? piece.seat.on !== 'board';
  const form = sameOutside(piece.form, coat, under);
  if (!form) return undefined;
  const shaped = setForm(build, piece.id, form);
  if (!shaped.ok) return undefined;
  if (option === 'solid') return shaped.value;
  const cored = setPiece(shaped.value, piece.id, { core: option });
  return cored.ok ? cored.value : undefined;
}
