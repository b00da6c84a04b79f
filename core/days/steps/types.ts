import type { BonesReport } from '../../bones/index.ts';
import type { Batch, Build, Piece } from '../../figure/index.ts';
import type { Band, PieceFirming } from '../../firming/index.ts';
import type { Link, Step, StepKind } from '../types.ts';

/** Everything a kind of step may look at. */
export interface Bench {
  readonly build: Build;
  readonly batches: readonly Batch[];
  readonly firming: ReadonlyMap<string, PieceFirming>;
  readonly bones: BonesReport;
  /** How many of a piece there are. */
  readonly number: (piece: Piece) => number;
}

/** A record per kind of step: one file, one line in the registry. */
export interface StepMaker {
  readonly kind: StepKind;
  /** Word on the clock and the bench sheet. */
  readonly name: string;
  readonly make: (bench: Bench) => { steps: Step[]; links: Link[] };
}

export const AT_ONCE: Band = { fast: 0, likely: 0, slow: 0 };

export const order = (from: string, to: string, why = 'in this order'): Link => ({
  from,
  to,
  kind: 'order',
  band: AT_ONCE,
  why,
});

export const mixId = (batch: string): string => `mix:${batch}`;
export const shapeId = (piece: string): string => `shape:${piece}`;
export const textureId = (piece: string): string => `texture:${piece}`;
export const joinId = (piece: string): string => `join:${piece}`;
export const coverId = (tier: string): string => `cover:${tier}`;
export const BONES_ID = 'bones';
export const FINISH_ID = 'finish';
export const PACK_ID = 'pack';

/** The last step that shapes a piece: its texture where it has one. */
export const shapedBy = (piece: Piece): string =>
  piece.texture === 'none' ? shapeId(piece.id) : textureId(piece.id);

/** Whole minutes at this person's pace. */
export const paced = (bench: Bench, minutes: number): number =>
  Math.max(1, Math.round(minutes * bench.build.practice.pace));

export const lower = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);
