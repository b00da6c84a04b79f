import { emptyBuild, type Brief, type Build } from '../record/index.ts';
import { blendsFor } from './blends.ts';
import { coloursFor } from './colours.ts';
import type { Start, Wanted } from './types.ts';

/** The figure of a start as a build, in the usual room and hours. */
export function startBuild(
  start: Start,
  told: Wanted,
  brief: Pick<Brief, 'due' | 'zone'>,
  id = `start-${start.id}`,
): Build {
  const usual = [
    ...start.sliders.map((s) => [s.key, s.usual] as const),
    ...start.variants.map((v) => [v.key, v.options[0]!.value] as const),
  ];
  const made = start.make({ ...told, varied: { ...Object.fromEntries(usual), ...told.varied } });
  const empty = emptyBuild(id, start.title, brief);
  const { pieces, rods, board, portions, mast, tins } = made;
  return {
    ...empty,
    board,
    blends: blendsFor(made.paste, made.duties),
    colours: coloursFor(made.colours),
    pieces,
    rods,
    ...(portions ? { portions } : {}),
    ...(mast ? { mast } : {}),
    ...(tins ? { cake: { ...empty.cake, tins } } : {}),
  };
}

/** What a start is told when nothing is said. */
export const usuallyWanted = (start: Start): Wanted => ({
  size: start.size.usual,
  paste: start.paste ?? 'powder',
  inside: 'usual',
  longStretch: false,
  varied: {},
});
