import { closingOf, reachedAfter, reachOf, REFUSED, type OutOfReach, type Stages } from '../reach/index.ts';
import { pieceOf, FACE_SIDES, WORKS, type Build, type PieceSide, type WorkKind } from '../record/index.ts';
import { joinId } from './steps/index.ts';
import { lower } from './steps/types.ts';
import type { Link } from './types.ts';

/** How many pieces a piece stands on, one on the other, down to the board. */
function standsOver(build: Build, id: string): number {
  let many = 0;
  for (let on = pieceOf(build, id)?.seat.on; on !== undefined; on = pieceOf(build, on)?.seat.on) many++;
  return many;
}

/**
 * The joins of a figure in an order that the links allow: where they leave a choice, what is further from the board first, as
 * details are finished before what carries them is set in its place.
 */
export function stagesOf(build: Build, links: readonly Link[]): Stages {
  const waits = new Map<string, number>();
  const next = new Map<string, string[]>();
  for (const { from, to } of links) {
    waits.set(to, (waits.get(to) ?? 0) + 1);
    waits.set(from, waits.get(from) ?? 0);
    next.set(from, [...(next.get(from) ?? []), to]);
  }
  const far = new Map(build.pieces.map((p) => [joinId(p.id), standsOver(build, p.id)]));
  const ready = [...waits].flatMap(([id, n]) => (n === 0 ? [id] : []));
  const out: string[] = [];
  const pieces = new Map(build.pieces.map((p) => [joinId(p.id), p.id]));
  while (ready.length > 0) {
    // everything that is no join first: it stands in nobody's way
    let k = 0;
    for (let i = 1; i < ready.length; i++)
      if ((far.get(ready[i]!) ?? Infinity) > (far.get(ready[k]!) ?? Infinity)) k = i;
    const [id] = ready.splice(k, 1) as [string];
    const piece = pieces.get(id);
    if (piece !== undefined) out.push(piece);
    for (const to of next.get(id) ?? []) {
      const left = waits.get(to)! - 1;
      waits.set(to, left);
      if (left === 0) ready.push(to);
    }
  }
  // what goes round in a circle, or is not made, comes as it is listed
  const there = new Set(out);
  return [...out, ...build.pieces.flatMap((p) => (there.has(p.id) ? [] : [p.id]))];
}

/** Work on a side of a piece. */
export interface FaceWork {
  readonly piece: string;
  readonly work: WorkKind;
  readonly side: PieceSide;
}

const hundredths = (share: number): string => `${Math.round(100 * share)} %`;

const nameOf = (build: Build, id: string): string => build.pieces.find((p) => p.id === id)?.name ?? id;

/** A side of a piece as a sentence has it: the front of the belly. */
export function faceName(build: Build, { piece, side }: Pick<FaceWork, 'piece' | 'side'>): string {
  const name = `the ${lower(nameOf(build, piece))}`;
  return side === 'all' ? name : `${FACE_SIDES[side].replace('its', 'the')} of ${name}`;
}

/** Why work comes before a join. */
export const reachWhy = (build: Build, of: FaceWork, closing: OutOfReach): string =>
  `once the ${lower(nameOf(build, closing.piece))} ${build.pieces.some((p) => p.id === closing.piece && (p.pair || p.count > 1)) ? 'are' : 'is'} on, ${WORKS[of.work].tool} reaches only ${hundredths(closing.left)} of ${faceName(build, of)}`;

/** The join that work on a face has to come before; undefined where it may come last. */
export function closesFace(build: Build, of: FaceWork, stages: Stages): OutOfReach | undefined {
  return closingOf(reachOf(build, of, stages), stages);
}

/** Joins that come before a step whatever the plan, by the pieces they join. */
export function joinsBefore(build: Build, step: string, links: readonly Link[]): ReadonlySet<string> {
  const before = new Map<string, string[]>();
  for (const l of links) before.set(l.to, [...(before.get(l.to) ?? []), l.from]);
  const seen = new Set([step]);
  const stack = [step];
  while (stack.length > 0)
    for (const id of before.get(stack.pop()!) ?? [])
      if (!seen.has(id)) {
        seen.add(id);
        stack.push(id);
      }
  return new Set(build.pieces.flatMap((p) => (seen.has(joinId(p.id)) ? [p.id] : [])));
}

/** How work on a face that comes after some joins fares. */
export interface FaceOrder {
  /** The join it has to come before; undefined where none takes the face out of reach. */
  readonly closing: OutOfReach | undefined;
  /** Joins that come before it leave it too little: it is refused. */
  readonly refused: boolean;
  /** Set where they leave it less than there was, and it may be done all the same. */
  readonly lost: string | undefined;
}

/** Whether work on a face may come after some joins, and which it has to come before. */
export function orderOf(
  build: Build,
  of: FaceWork,
  stages: Stages,
  after: ReadonlySet<string> = new Set(),
): FaceOrder {
  const order = [...stages.filter((s) => after.has(s)), ...stages.filter((s) => !after.has(s))];
  const spots = reachOf(build, of, order);
  const closing = closingOf(spots, order);
  if (!closing || closing.stage >= after.size) return { closing, refused: false, lost: undefined };
  const left = reachedAfter(spots, after.size);
  const refused = left < REFUSED * closing.first;
  const lost = `${WORKS[of.work].tool} reaches only ${hundredths(left)} of ${faceName(build, of)} by then`;
  return refused ? { closing, refused, lost: undefined } : { closing: undefined, refused, lost };
}
