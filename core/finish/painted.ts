import { fromBuild, type PieceSide } from '../record/index.ts';
import type { Sheen } from '../pastes/index.ts';
import { finishesOn } from './on-piece.ts';
import type { FinishLook } from './techniques.ts';

/** One finish as it is seen on a face. */
export interface PaintedCoat {
  readonly as: FinishLook['as'];
  /** Undefined where none is said: deeper than its paste. */
  readonly colour: string | undefined;
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

/** A mark of which no size is said, share of half the face. Estimate. */
const SMALL = 0.06;

/** Further coats hide what the ones before left to be seen. */
const hidden = (strength: number, coats: number): number => 1 - (1 - strength) ** coats;

/** The finished faces of a build, by piece; a piece without a finish is not among them. The same ones while its steps stay. */
export const paintedFaces = fromBuild(
  ['steps'],
  (build): ReadonlyMap<string, PaintedFace> =>
    new Map(
      [...new Set(build.steps.own.flatMap((o) => o.piece ?? []))].flatMap((piece) => {
        const on = finishesOn(build, piece);
        if (on.length === 0) return [];
        const coats = on.flatMap(({ technique, step: { finish, side } }): PaintedCoat[] => {
          const { shows } = technique;
          if (!shows) return [];
          return [
            {
              as: shows.as,
              colour: finish.colour ?? shows.colour,
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
        return [[piece, { coats, ...(shine ? { sheen: shine } : {}) }] as const];
      }),
    ),
);
