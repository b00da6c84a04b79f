import { lower } from '../../quantity/index.ts';
import type { BonesReport, SeatFacts } from '../../bones/index.ts';
import type { CakeReport } from '../../cutting/index.ts';
import { writeStepId, type Build, type Piece, type Task } from '../../record/index.ts';
import { type Batch } from '../../paste-list/index.ts';
import type { Band, PieceFirming } from '../../firming/index.ts';
import type { Joining } from '../joining.ts';
import type { Link, Step, StepKind } from '../types.ts';

/** Everything a kind of step may look at. */
export interface Bench {
  readonly build: Build;
  readonly batches: readonly Batch[];
  readonly firming: ReadonlyMap<string, PieceFirming>;
  readonly bones: BonesReport;
  /** What each piece stands on and what stands on it, by id. */
  readonly seats: ReadonlyMap<string, SeatFacts>;
  readonly cake: CakeReport;
  /** How each piece is joined, and what its faces have to be for it. */
  readonly joinings: readonly Joining[];
  /** How old each piece that a rod leans on has to be before it travels, by id, minutes. */
  readonly ages: ReadonlyMap<string, number>;
  /** How many of a piece there are. */
  readonly number: (piece: Piece) => number;
}

/** A record per kind of step: one file, one line in the registry. */
export interface StepMaker {
  readonly kind: StepKind;
  readonly make: (bench: Bench) => { steps: Step[]; links: Link[] };
}

export const AT_ONCE: Band = { fast: 0, likely: 0, slow: 0 };

/** One step after another, with no wait between. */
export const order = (from: string, to: string, why = 'in this order'): Link => ({
  from,
  to,
  kind: 'order',
  band: AT_ONCE,
  why,
});

const idFor = (task: Task) => (of: string) => writeStepId({ task, of });
export const mixId = idFor('mix');
export const shapeId = idFor('shape');
export const textureId = idFor('texture');
export const joinId = idFor('join');
/** Taking the prop from a piece. */
export const freeId = idFor('free');
export const glueId = idFor('glue');
export const coverId = idFor('cover');
export const BONES_ID = writeStepId({ task: 'bones' });
export const FINISH_ID = writeStepId({ task: 'finish' });
export const PACK_ID = writeStepId({ task: 'pack' });

/** The last step that shapes a piece: its texture where it has one. */
export const shapedBy = (piece: Piece): string =>
  piece.texture === 'none' ? shapeId(piece.id) : textureId(piece.id);

/** The last step that sets a piece in its place: its prop taken away, where it has one. */
export const standsBy = (piece: Piece): string => (piece.propped ? freeId(piece.id) : joinId(piece.id));

/** Whole minutes at this person's pace, and at their own time for this kind of work where that is known. */
export const paced = ({ build }: Bench, kind: StepKind, minutes: number): number =>
  Math.max(1, Math.round(minutes * build.practice.pace * (build.workshop.paces?.[kind] ?? 1)));

export { lower } from '../../quantity/index.ts';

/** Paste on the hands: the colour of a piece or a cover. */
export const colourOf = ({ build }: Bench, id: string): Pick<Step, 'colour'> => {
  const hex = build.colours.find((c) => c.id === id)?.hex;
  return hex === undefined ? {} : { colour: hex };
};

/** Says that a step makes many alike, so that it may be cut anywhere between them. */
export const many = (all: number, name: string): Pick<Step, 'part' | 'alike'> =>
  all > 1 ? { alike: all, part: { of: '', number: all, from: 0, all, what: lower(name) } } : {};
