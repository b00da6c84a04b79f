import { height } from '../figure/index.ts';
import { clamp } from '../quantity/index.ts';
import { emptyBuild, type Brief, type Build } from '../record/index.ts';
import { blendsFor } from './blends.ts';
import { coloursFor } from './colours.ts';
import type { Start, Wanted } from './types.ts';

/** So near to the wished height nobody sees the difference, mm; looked at so often. A step of the method; estimate. */
const NEAR = 0.4;
const LOOKS = 4;

function once(start: Start, told: Wanted, brief: Pick<Brief, 'due' | 'zone'>, id: string): Build {
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

/** The figure of a start as a build, as tall as it was wished, in the usual room and hours. */
export function startBuild(
  start: Start,
  told: Wanted,
  brief: Pick<Brief, 'due' | 'zone'>,
  id = `start-${start.id}`,
): Build {
  let build = once(start, told, brief, id);
  if (start.size.kind === 'mass') return build;
  let ask = told.size;
  for (let look = 0; look < LOOKS; look++) {
    const tall = height(build);
    if (Math.abs(tall - told.size) < NEAR) break;
    ask = clamp((ask * told.size) / tall, 0.8 * told.size, 1.25 * told.size);
    build = once(start, { ...told, size: ask }, brief, id);
  }
  return build;
}

/** What a start is told when nothing is said. */
export const usuallyWanted = (start: Start): Wanted => ({
  size: start.size.usual,
  paste: start.paste ?? 'powder',
  inside: 'usual',
  longStretch: false,
  varied: {},
});
