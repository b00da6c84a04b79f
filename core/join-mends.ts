import { setJoin, setPiece, setPropped, setRests } from './edits/index.ts';
import { measureOf, place } from './figure/index.ts';
import { JOINS } from './joins/index.ts';
import { plan } from './plan.ts';
import { ok } from './quantity/index.ts';
import { stickThrough } from './stick-through.ts';
import { BOARD, pieceOf, type Build, type Change, type Piece } from './record/index.ts';
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

/** Ways another hand would make a join; those that ask nothing new first. */
function tries(build: Build, piece: Piece, needs: boolean): { text: string; change: Change }[] {
  const { joinings } = plan(build);
  const join = joinings.find((j) => j.piece.id === piece.id);
  if (!join) return [];
  const closes = join.up.closes.length + join.down.closes.length > 0;
  const as = (kind: 'firm' | 'pressed') => ({
    text: kind === 'firm' ? 'Let it firm and glue it' : 'Press it on while both are soft',
    change: ok(setJoin(build, piece.id, kind)),
  });
  const pinned = join.letters.length === 0 ? onStick(build, piece) : undefined;
  return [
    ...(piece.join !== undefined && piece.join !== join.proposed
      ? [
          {
            text: `As proposed: ${JOINS[join.proposed].name}`,
            change: ok(setJoin(build, piece.id, undefined)),
          },
        ]
      : []),
    ...(join.kind.propTakes.length > 0 && !piece.propped
      ? [{ text: 'Prop it and join it at once', change: ok(setPropped(build, piece.id, true)) }]
      : []),
    ...(closes && join.kind.id !== 'firm' && join.kind.id !== 'round' ? [as('firm')] : []),
    ...(join.kind.id === 'firm' && join.proposed !== 'pressed' ? [as('pressed')] : []),
    ...(pinned && closes ? [{ text: 'Stand it on a stick: firm, no window', change: ok(pinned) }] : []),
    ...(closes && needs && piece.glue !== 'gumGlue'
      ? [{ text: 'Wet it and use gum glue', change: setPiece(build, piece.id, { glue: 'gumGlue' }) }]
      : []),
    ...(closes && needs && !piece.rests?.some((r) => r.place === 'bag')
      ? [
          {
            text: 'Keep it in a bag for an hour first',
            change: setRests(build, piece.id, [{ place: 'bag', hours: BAGGED }, ...(piece.rests ?? [])]),
          },
        ]
      : []),
  ];
}

/**
 * Other ways to make a join, each tried as a plan of its own: propped, glued firm, with gum glue, kept in a bag.
 * @returns those with which there is a plan in time; the ones that keep most windows first
 */
export function joinMends(build: Build, id: string, now?: number): JoinMend[] {
  const piece = pieceOf(build, id);
  if (!piece) return [];
  const was = plannedAs(build, now);
  const join = plan(build).joinings.find((j) => j.piece.id === id);
  const needs = join?.says !== undefined || was.lateOnes.has(id);
  return tries(build, piece, needs)
    .flatMap(({ text, change }) => (change.ok ? [{ text, as: plannedAs(change.value, now) }] : []))
    .filter(({ as }) => as.days.plan?.lateBy === 0)
    .sort((a, b) => a.as.lateOnes.size - b.as.lateOnes.size)
    .map(({ text, as }) => ({ text, does: doesToPlan(was, as), build: as.build }));
}
