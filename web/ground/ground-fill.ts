import type { Layer } from '@core/ground/index.ts';
import type { Build } from '@core/record/index.ts';

const BARE_CAKE = '#e4c9a0';
const BARE_BOARD = '#cfc8bb';

/** Hex of a colour of the build. */
export const hexOf = (build: Build, id: string): string =>
  build.colours.find((c) => c.id === id)?.hex ?? BARE_BOARD;

/** The colour something under the figure is seen in: its cover, or bare. */
export function groundFill(build: Build, l: Layer): string {
  const hex = (id: string | undefined) => build.colours.find((c) => c.id === id)?.hex;
  if (l.kind === 'tier') return hex(l.tier?.cover?.colour) ?? BARE_CAKE;
  return (l.kind === 'board' ? hex(build.board.cover?.colour) : undefined) ?? BARE_BOARD;
}
