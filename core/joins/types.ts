import type { Question } from '../firming/index.ts';
import type { Labour } from '../quantity/index.ts';
import type { JoinKindId } from '../record/index.ts';

/** What is asked of a face: a state of it, or that it still gives by so much without cracking, a strain. */
export type FaceState = Question | { readonly gives: number };

/** What one face has to be: not before all of `after`, no longer than all of `before`. */
export interface FaceSide {
  readonly after: readonly FaceState[];
  readonly before: readonly FaceState[];
}

/** How one piece is joined to another. A record per kind: one file, one line in the registry. */
export interface JoinKind {
  readonly id: JoinKindId;
  readonly name: string;
  /** What the hand does: `Press the ear on to the head`. */
  readonly does: (piece: string, where: string) => string;
  readonly says: readonly string[];
  /** The face that is set on, and the one it is set on. */
  readonly up: FaceSide;
  readonly down: FaceSide;
  /** What rods that carry it leave to be asked of each face; as without them when absent. */
  readonly onRods?: { readonly up: FaceSide; readonly down: FaceSide };
  /** A prop takes these off the face that is set on. */
  readonly propTakes: readonly Question[];
  /** Minutes until it may be moved once it is joined: one in ten, likely, nine in ten. Common practice. */
  readonly carries: readonly [fast: number, likely: number, slow: number];
  /** Hands-on minutes, for each place. Common practice, estimates. */
  readonly labour: Labour;
  /** What happens when it is done too soon, and too late. */
  readonly early: string;
  readonly late: string;
}

export const NOTHING: FaceSide = { after: [], before: [] };
