import type { Joining } from './days/index.ts';
import { setJoin, setPiece, setPropped, setRests } from './edits/index.ts';
import { measureOf, place } from './figure/index.ts';
import { JOINS } from './joins/index.ts';
import { plan } from './plan.ts';
import { ok } from './quantity/index.ts';
import { stickThrough } from './stick-through.ts';
import { BOARD, pieceOf, type Build, type Change, type JoinKindId, type Piece } from './record/index.ts';
import { doesToPlan, plannedAs } from './tried-plans.ts';

/** Another way to make a join, with what the plan would be. */
export interface JoinMend {
  readonly text: string;
  /** What it does to the plan, in words. */
  readonly does: string;
  readonly build: Build;
}

/** Kept in a bag so long a face stays open over a break, hours. Estimate. */
const BAGGED = 1;

/** A stick goes down into what carries a detail so far, and up through so much of it; common practice. */
const [INTO, THROUGH] = [15, 0.6];

/** A stick from what carries a piece up into it, where it holds there. */
function onStick(build: Build, piece: Piece): Build | undefined {
  const here = place(build).find((i) => i.piece.id === piece.id);
  if (!here || piece.seat.on === BOARD) return undefined;
  const { width, depth, height } = measureOf(piece);
  const made = stickThrough(build, here, {
    name: `${piece.name}, stick`,
    thin: Math.min(width, depth),
    on: piece.seat.on,
    down: INTO,
    into: here,
    up: THROUGH * height,
    least: 2,
  });
  const rod = made && plan(made.build).bones.rods.find((r) => r.rod.id === made.id);
  return rod && rod.verdict === 'holds' ? made.build : undefined;
}

/** A way that may be tried. */
interface Way {
  readonly text: string;
  readonly change: Change;
}

/** The same faces joined in another way. */
function otherKinds(build: Build, piece: Piece, join: Joining): Way[] {
  const { id, propTakes } = join.kind;
  const as = (text: string, kind: JoinKindId | undefined): Way => ({
    text,
    change: ok(setJoin(build, piece.id, kind)),
  });
  const out: Way[] = [];
  if (piece.join !== undefined && piece.join !== join.proposed)
    out.push(as(`As proposed: ${JOINS[join.proposed].name}`, undefined));
  if (propTakes.length > 0 && !piece.propped)
    out.push({ text: 'Prop it and join it at once', change: ok(setPropped(build, piece.id, true)) });
  if (closes(join) && id !== 'firm' && id !== 'round') out.push(as('Let it firm and glue it', 'firm'));
  if (id === 'firm' && join.proposed !== 'pressed')
    out.push(as('Press it on while both are soft', 'pressed'));
  return out;
}

const closes = (join: Joining): boolean => join.up.closes.length + join.down.closes.length > 0;

/** The same join with more time for it: what only helps where a window is missed, or nearly. */
function moreTime(build: Build, piece: Piece): Way[] {
  const out: Way[] = [];
  if (piece.glue !== 'gumGlue')
    out.push({ text: 'Wet it and use gum glue', change: setPiece(build, piece.id, { glue: 'gumGlue' }) });
  if (!piece.rests?.some((r) => r.place === 'bag'))
    out.push({
      text: 'Keep it in a bag for an hour first',
      change: setRests(build, piece.id, [{ place: 'bag', hours: BAGGED }, ...(piece.rests ?? [])]),
    });
  return out;
}

/** Ways another hand would make a join; those that ask nothing new first. */
function tries(build: Build, piece: Piece, join: Joining, needs: boolean): Way[] {
  const out = otherKinds(build, piece, join);
  if (!closes(join)) return out;
  const pinned = join.letters.length === 0 ? onStick(build, piece) : undefined;
  if (pinned) out.push({ text: 'Stand it on a stick: firm, no window', change: ok(pinned) });
  return needs ? [...out, ...moreTime(build, piece)] : out;
}

/**
 * Other ways to make a join, each tried as a plan of its own: propped, glued firm, with gum glue, kept in a bag.
 * @returns those with which there is a plan in time; the ones that keep most windows first
 */
export function joinMends(build: Build, id: string, now?: number): JoinMend[] {
  const piece = pieceOf(build, id);
  const join = plan(build).joinings.find((j) => j.piece.id === id);
  if (!piece || !join) return [];
  const was = plannedAs(build, now);
  return tries(build, piece, join, join.says !== undefined || was.lateOnes.has(id))
    .flatMap(({ text, change }) => (change.ok ? [{ text, as: plannedAs(change.value, now) }] : []))
    .filter(({ as }) => as.days.plan?.lateBy === 0)
    .sort((a, b) => a.as.lateOnes.size - b.as.lateOnes.size)
    .map(({ text, as }) => ({ text, does: doesToPlan(was, as), build: as.build }));
}
