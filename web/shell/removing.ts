import { pieceOf, rodOf, type Build } from '@core/record/index.ts';
import { removePiece, removeRod } from '@core/edits/index.ts';
import { listed } from '@core/quantity/index.ts';

/** What taking something away does: the build without it, what undo calls it, and everything that went, by name. */
export interface Removal {
  readonly build: Build;
  readonly label: string;
  readonly text: string;
}

/** More names than this are counted. */
const TOLD = 6;

/** Take a piece away with all that stands on it and the rods that end in them; undefined when it is not there. */
export function pieceRemoved(build: Build, id: string): Removal | undefined {
  const piece = pieceOf(build, id);
  if (!piece) return undefined;
  const { build: next, removed } = removePiece(build, id);
  const rods = build.rods.filter((r) => !next.rods.includes(r));
  const gone = [...removed, ...rods].map((x) => x.name.toLowerCase());
  const names = gone.length > TOLD ? [...gone.slice(0, TOLD), `${gone.length - TOLD} more`] : gone;
  return {
    build: next,
    label: `removing the ${piece.name.toLowerCase()}`,
    text: `Removed the ${listed(names)}.`,
  };
}

/** Take a rod away; undefined when it is not there. */
export function rodRemoved(build: Build, id: string): Removal | undefined {
  const rod = rodOf(build, id);
  return rod
    ? { build: removeRod(build, id), label: 'removing a rod', text: `Removed the rod “${rod.name}”.` }
    : undefined;
}
