import { deeper } from '../colour/index.ts';
import { fromBuild, type Build, type PartsOf, type Piece, type PieceSide } from '../record/index.ts';
import type { Sheen } from '../pastes/index.ts';
import type { Finished } from './finished.ts';
import { finishesOn, finishHere, type PlannedFinish } from './planned.ts';
import type { FinishLook, FinishTechnique } from './techniques.ts';

/** One finish as it is seen on a face. */
export interface PaintedCoat {
  readonly as: FinishLook['as'];
  readonly colour: string;
  /** 0–1. */
  readonly strength: number;
  readonly side: PieceSide;
  /** Where it is marks: how many, how large and how far off their middle, as shares of half the face. */
  readonly marks?: { readonly number: number; readonly size: number; readonly off: number };
}

/** What finishes make of a face: from the first to the last, and how it shines in the end. */
export interface PaintedFace {
  readonly coats: readonly PaintedCoat[];
  readonly sheen?: Sheen;
}

/** Darker than its paste where no colour is said, in L*. Estimate. */
const DEEPER = 18;
/** What is not known to have a colour. */
const GREY = '#808080';

/** The colour a finish has unless another is said; undefined where it has none of its own. */
export function usualColour(
  build: PartsOf<'colours'>,
  piece: Piece,
  { shows }: FinishTechnique,
): string | undefined {
  if (!shows) return undefined;
  const paste = build.colours.find((c) => c.id === piece.colour)?.hex ?? GREY;
  return shows.colour ?? deeper(paste, DEEPER);
}

/** A mark of which no size is said, share of half the face. Estimate. */
const SMALL = 0.06;

/** A planned finish of a piece with what it takes in the room of the build. */
export interface FinishLine extends PlannedFinish {
  readonly piece: Piece;
  readonly colour: string | undefined;
  readonly found: Finished;
}

/** Every planned finish, piece by piece and in the order in which it is done there. */
export const finishLines = (build: Build): FinishLine[] =>
  build.pieces.flatMap((piece) =>
    finishesOn(build, piece.id).flatMap((planned) => {
      const { technique, step } = planned;
      const { amount, coats, colour } = step.finish;
      const found = finishHere(build, { piece: piece.id, technique, amount, coats });
      return found
        ? [{ ...planned, piece, found, colour: colour ?? usualColour(build, piece, technique) }]
        : [];
    }),
  );

/** Further coats hide what the ones before left to be seen. */
const hidden = (strength: number, coats: number): number => 1 - (1 - strength) ** coats;

/** The finished faces of a build, by piece; a piece without a finish is not among them. */
export const paintedFaces = fromBuild(
  ['pieces', 'colours', 'steps'],
  (build): ReadonlyMap<string, PaintedFace> =>
    new Map(
      build.pieces.flatMap((piece) => {
        const on = finishesOn(build, piece.id);
        if (on.length === 0) return [];
        const coats = on.flatMap(({ technique, step: { finish, side } }): PaintedCoat[] => {
          const { shows } = technique;
          const colour = finish.colour ?? usualColour(build, piece, technique);
          if (!shows || colour === undefined) return [];
          return [
            {
              as: shows.as,
              colour,
              strength: shows.as === 'marks' ? shows.strength : hidden(shows.strength, finish.coats),
              side: side ?? 'all',
              ...(shows.as === 'marks'
                ? {
                    marks: {
                      number: Math.round(finish.amount),
                      size: shows.size ?? SMALL,
                      off: shows.off ?? 0,
                    },
                  }
                : {}),
            },
          ];
        });
        const shine = on.flatMap((f) => f.technique.sheen ?? []).at(-1);
        return [[piece.id, { coats, ...(shine ? { sheen: shine } : {}) }] as const];
      }),
    ),
);
