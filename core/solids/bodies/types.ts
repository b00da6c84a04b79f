import type { Mm } from '../../quantity/index.ts';
import type { Mesh } from '../mesh/index.ts';
import type { Frame, Vec } from '../vector.ts';

/** A level cut through a body: an oval of half width a and half depth b round (x, y), stretched by a flat middle. */
export interface LevelCut {
  readonly a: Mm;
  readonly b: Mm;
  readonly x?: Mm;
  readonly y?: Mm;
  /** Half sizes of a straight middle part: a rounded block is an oval carried round a rectangle. */
  readonly flat?: readonly [Mm, Mm];
}

/** What a paste is pressed over, in the same frame. */
export interface BodyCore {
  readonly body: Body;
  /** How far its foot stands over the foot of the whole. */
  readonly up: Mm;
}

/** Level cuts over each other, z from 0 up: everything rolled, turned or traced. */
export interface StackBody {
  readonly type: 'stack';
  readonly cutAt: (z: Mm) => LevelCut;
  /** Heights worth sampling, rising, from 0 to the top. */
  readonly levels: readonly Mm[];
  readonly core?: BodyCore | undefined;
}

/** A flat piece standing upright: an outline in x and z, thick along y. */
export interface FlatBody {
  readonly type: 'flat';
  readonly outline: readonly (readonly [Mm, Mm])[];
  readonly holes: readonly (readonly (readonly [Mm, Mm])[])[];
  readonly thickness: Mm;
}

/** A rope along a path, with a disc of its own radius at every stop. */
export interface TubeBody {
  readonly type: 'tube';
  readonly path: readonly Vec[];
  readonly radii: readonly Mm[];
  /** Joined end to end. */
  readonly loop: boolean;
}

/** A thin band that bends in space: rows of points up its width, each row along its length. */
export interface BandBody {
  readonly type: 'band';
  readonly rows: readonly (readonly Vec[])[];
  readonly thickness: Mm;
  readonly loop: boolean;
}

/** Many small bodies that count as one piece. */
export interface GroupBody {
  readonly type: 'group';
  readonly parts: readonly { readonly frame: Frame; readonly body: Body }[];
}

/** A solid read from a file, as triangles. */
export interface ScanBody {
  readonly type: 'scan';
  readonly mesh: Mesh;
}

/** The body of a piece in its own frame: x to the right, y to the back, z up, the lowest point at z = 0. */
export type Body = StackBody | FlatBody | TubeBody | BandBody | GroupBody | ScanBody;

/** What a point inside a body is in, and how much of it lies beside the point. */
export interface InsideBody {
  readonly part: 'paste' | 'core';
  /** To the side of the body, mm. */
  readonly cover: Mm;
}

/**
 * Signed distance of a point to the skin of a body, in its own frame, mm: above zero inside. Right near the skin, and never
 * further from it than the skin really is, so that whoever asks may step so far without passing it.
 */
export type Depth = (x: Mm, y: Mm, z: Mm) => Mm;

/** What every kind of body can be asked. */
export interface BodyKind<B extends Body> {
  /** Furthest reach of the body along a direction of length one. */
  readonly reach: (body: B, along: Vec) => Mm;
  /** Outlines that together cover the body as seen; `flat` drops a point into the picture, along lines that are all parallel. */
  readonly outlines: (body: B, flat: (p: Vec) => readonly [Mm, Mm]) => [Mm, Mm][][];
  readonly inside: (body: B, p: Vec) => InsideBody | undefined;
  /** Points of its surface, dense enough to find where it rests. */
  readonly surface: (body: B) => Vec[];
  /** Half size of the face it would rest on when sunk so deep, standing upright. */
  readonly footRadius: (body: B, sunk: Mm) => Mm;
  /** Its surface as triangles; `round` is how many corners a circle gets. */
  readonly mesh: (body: B, round: number) => Mesh;
  /** How deep a point lies in it, core and all. */
  readonly depth: (body: B) => Depth;
  /** Its outer skin alone, closed, as few triangles as tell where it touches others. */
  readonly skin: (body: B, round: number) => Mesh;
}
