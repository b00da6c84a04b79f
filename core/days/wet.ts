import { filmBandOf, type Band, type FilmState, type WetFilm } from '../firming/index.ts';
import { blendOf, measureOf } from '../figure/index.ts';
import { firmingOf } from '../pastes/index.ts';
import type { Build, Piece, WorkKind } from '../record/index.ts';

/** What a kind of work leaves wet on a face, with water as it is mostly used; g/m², estimates. */
const LEAVES: Partial<Record<WorkKind, WetFilm>> = {
  paint: { laid: 35, spirit: 0 },
  line: { laid: 12, spirit: 0 },
  sponge: { laid: 20, spirit: 0 },
  spray: { laid: 10, spirit: 0 },
};
/** Chocolate gives a film nothing but its own colour: it dries further. Estimate. */
const ON_CHOCOLATE = 0.9;
/** Faces are no smaller and no larger than this for the air that goes over them, mm. Estimates. */
const ACROSS = [4, 200] as const;

/** When what was painted on a piece may be touched, or lifted and packed; undefined where the work leaves nothing wet. */
export function wetUntil(build: Build, piece: Piece, work: WorkKind, state: FilmState): Band | undefined {
  const film = LEAVES[work];
  if (!film) return undefined;
  const { room } = build;
  const firming = firmingOf(blendOf(build, piece));
  const { width, height } = measureOf(piece);
  return filmBandOf(film, state, {
    temperature: room.temperature,
    humidity: room.humidity / 100,
    speed: room.air,
    across: Math.min(ACROSS[1], Math.max(ACROSS[0], Math.min(width, height))),
    rests: firming.by === 'drying' ? firming.constants.balance : ON_CHOCOLATE,
  });
}
