import type { PieceFirming } from '../firming/index.ts';
import { place, reach, BACK, DOWN, FRONT, LEFT, RIGHT, UP, type Instance } from '../figure/index.ts';
import {
  finishHere,
  orderBeside,
  orderOver,
  plannedFinish,
  wetAfter,
  type FinishRule,
  type PlannedFinish,
} from '../finish/index.ts';
import { pieceOf, type Build, type OwnStep, type Piece } from '../record/index.ts';
import { opensAs } from './joining.ts';
import { shapedBy } from './steps/index.ts';
import { order } from './steps/types.ts';
import type { Link, Step } from './types.ts';

const SIDES = [
  [LEFT, RIGHT],
  [FRONT, BACK],
  [DOWN, UP],
] as const;

/** Between the boxes round two standing bodies, mm. */
function gap(a: Instance, b: Instance): number {
  return Math.hypot(
    ...SIDES.map(([down, up]) => Math.max(0, -reach(a, down) - reach(b, up), -reach(b, down) - reach(a, up))),
  );
}

/** Least distance between two pieces as they stand in the figure, from box to box: never more than it is, mm. */
function apart(build: Build, a: string, b: string): number {
  const of = (id: string) => place(build).filter((i) => i.piece.id === id);
  return Math.min(...of(a).flatMap((p) => of(b).map((q) => gap(p, q))));
}

/** What a finish makes of a step: its minutes at this person's pace, its coats with what one waits between them, its guards. */
export function finishedStep(build: Build, o: OwnStep, piece: Piece | undefined): Partial<Step> {
  const planned = plannedFinish(o);
  if (!planned || !piece) return {};
  const { technique, step } = planned;
  const { amount, coats } = step.finish;
  const found = finishHere(build, { piece: piece.id, technique, amount, coats });
  if (!found) return {};
  const next = coats > 1 ? wetAfter(build, piece, o, 'next') : undefined;
  return {
    minutes: build.steps.minutes[o.id] ?? Math.max(1, Math.round(found.minutes.value)),
    ...(next ? { coats: { number: coats, next } } : {}),
    ...(technique.guard ? { guards: [technique.guard] } : {}),
  };
}

/** What its face has to be before it is begun: a wait from when the piece is shaped. */
export function faceLink(
  o: OwnStep,
  piece: Piece,
  firming: ReadonlyMap<string, PieceFirming> | undefined,
): Link | undefined {
  const asks = plannedFinish(o)?.technique.asks;
  const bands = firming?.get(piece.id)?.bands;
  if (!asks || asks === 'any' || !bands) return undefined;
  // what sets by cold is asked whether it may be held: it has no skin
  const ask = bands[asks] ? asks : 'handle';
  const band = bands[ask];
  if (!band || band.slow <= 0) return undefined;
  return {
    from: shapedBy(piece),
    to: o.id,
    kind: 'wait',
    band,
    why: `the ${piece.name.toLowerCase()} ${opensAs(piece, ask)} before “${o.title}”`,
    piece: piece.id,
    asks: ask,
  };
}

/** One finish before another: as soon as it is done, or once it is dry enough. */
function ruled(build: Build, a: PlannedFinish, b: PlannedFinish, { why, dry }: FinishRule): Link {
  const piece = pieceOf(build, a.step.piece ?? '');
  const wet = piece && dry ? wetAfter(build, piece, a.step, dry) : undefined;
  if (!wet) return order(a.step.id, b.step.id, why);
  return {
    from: a.step.id,
    to: b.step.id,
    kind: 'wait',
    band: wet,
    why: `“${a.step.title}” dries before “${b.step.title}”: ${why}`,
    piece: piece!.id,
    looked: true,
  };
}

/** One finish before another, and the rule that says so. */
export interface FinishLink {
  readonly link: Link;
  readonly says: string;
}

/** Finishes in their order: over one place, and beside each other. */
export function finishOrder(build: Build): { readonly over: FinishLink[]; readonly beside: FinishLink[] } {
  const all = build.steps.own.flatMap((o) => plannedFinish(o) ?? []);
  const [over, beside]: [FinishLink[], FinishLink[]] = [[], []];
  for (const a of all)
    for (const b of all) {
      const [p, q] = [a.step.piece, b.step.piece];
      if (a === b || p === undefined || q === undefined) continue;
      const rule = p === q ? orderOver(a, b) : orderBeside(a, b, apart(build, p, q));
      if (rule) (p === q ? over : beside).push({ link: ruled(build, a, b, rule), says: rule.why });
    }
  return { over, beside };
}
