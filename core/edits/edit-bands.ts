import { fail, ok } from '../quantity/index.ts';
import { pieceOf, type Build, type Change } from '../record/index.ts';
import { patched } from './edit-pieces.ts';

/** Bands that carry on one line, in either direction. */
function lineOf(build: Build, id: string): ReadonlySet<string> {
  const line = new Set([id]);
  for (let grew = true; grew;) {
    grew = false;
    for (const p of build.pieces) {
      const on = p.continues;
      if (on === undefined || line.has(p.id) === line.has(on)) continue;
      line.add(p.id).add(on);
      grew = true;
    }
  }
  return line;
}

/** All bands of a line as wide as this one. */
export function alongTheLine(build: Build, id: string): Build {
  const width = pieceOf(build, id)?.form.sizes.width;
  if (width === undefined) return build;
  const line = lineOf(build, id);
  return build.pieces
    .filter((p) => line.has(p.id) && p.form.sizes.width !== undefined && p.form.sizes.width !== width)
    .reduce(
      (next, { id: other }) =>
        patched(next, other, (p) => ({ ...p, form: { ...p.form, sizes: { ...p.form.sizes, width } } })),
      build,
    );
}

/** A band in two halves, or in one. */
export const setHalves = (build: Build, id: string, on: boolean): Build =>
  patched(build, id, ({ halves: _was, ...piece }) => (on ? { ...piece, halves: true } : piece));

/** A band carries on the line of another: it becomes as wide, and stays so. Of nobody where undefined. */
export function setContinues(build: Build, id: string, other: string | undefined): Change {
  const next = patched(build, id, ({ continues: _was, ...piece }) =>
    other === undefined || other === id ? piece : { ...piece, continues: other },
  );
  if (other === undefined || other === id) return ok(next);
  if (pieceOf(build, other)?.form.sizes.width === undefined)
    return fail('That is no band whose line could be carried on.', 'continues');
  return ok(alongTheLine(next, other));
}
