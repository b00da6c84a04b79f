import { expose } from 'comlink';
import { findParts, type Found, type FoundPart } from '@core/found.ts';
import { plan } from '@core/plan.ts';
import { reusing } from '@core/quantity/index.ts';
import { gluedMends, type Mend, type PassedOver } from '@core/bones/index.ts';
import type { Build, Piece, Rod } from '@core/record/index.ts';

/** What a mend changes: the rods as they are with it, and the pieces that are not as they were. */
export interface Changed {
  readonly rods: readonly Rod[];
  readonly pieces: readonly Piece[];
}

/** A mend that was tried. */
export interface FoundMend {
  readonly text: string;
  readonly times: number;
  readonly changed: Changed;
}

/** The rod that was chosen, and what changes with it; nothing where nothing holds or nothing changes. */
export interface FoundChoice {
  readonly stock: string | undefined;
  readonly name: string;
  readonly text: string;
  readonly passedOver: readonly PassedOver[];
  readonly changed: Changed | undefined;
}

let last: Build | undefined;

const changed = (before: Build, after: Build): Changed => ({
  rods: after.rods,
  pieces: after.pieces.filter((p) => !before.pieces.includes(p)),
});
const rodIn = (build: Build, id: string) => plan(build).bones.rods.find((r) => r.rod.id === id);

const sent = (build: Build, mends: readonly Mend[]): FoundMend[] =>
  mends.map(({ text, times, apply }) => ({ text, times, changed: changed(build, apply()) }));

const api = {
  /** Parts of what is reckoned of a build; pieces that are as they were are not reckoned again. */
  find(build: Build, parts: readonly FoundPart[]): Partial<Found> {
    last = reusing(last, build);
    return findParts(plan(last), parts);
  },

  /** Changes that make a rod hold, each tried on the whole figure. */
  mends: (build: Build, id: string): FoundMend[] => sent(build, rodIn(build, id)?.mends ?? []),

  /** Changes that make a glued piece hold. */
  gluedMends(build: Build, id: string): FoundMend[] {
    const { bones, firming } = plan(build);
    const report = bones.glued.find((g) => g.piece.id === id);
    return report ? sent(build, gluedMends(build, report, firming)) : [];
  },

  /** The simplest rod that holds along the same line. */
  choose(build: Build, id: string): FoundChoice | undefined {
    const choice = rodIn(build, id)?.choose();
    return (
      choice && {
        stock: choice.stock?.id,
        name: choice.stock?.name ?? '',
        text: choice.text,
        passedOver: choice.passedOver,
        changed: choice.apply && changed(build, choice.apply()),
      }
    );
  },
};

export type BonesApi = typeof api;

expose(api);
