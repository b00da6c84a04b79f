import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import { REACH_TOOLS } from '../reach/tools.ts';
import { reachedSlowly } from '../reach/reach.testing.ts';
import { BOARD, wholeOf, type Build } from '../record/index.ts';
import { joinId } from './index.ts';

/** Pieces that hang together with one at a minute of a plan: those whose joins are over, from piece to carrier. */
function standingWith(build: Build, piece: string, over: ReadonlySet<string>): Set<string> {
  const root = new Map(build.pieces.map((p) => [p.id, p.id]));
  const of = (id: string): string => {
    const up = root.get(id) ?? id;
    return up === id ? id : of(up);
  };
  for (const p of build.pieces) if (over.has(joinId(p.id))) root.set(of(p.id), of(p.seat.on));
  root.set(BOARD, BOARD);
  return new Set(build.pieces.map((p) => p.id).filter((id) => of(id) === of(piece)));
}

/** What is reached of one finish when it is done, by rays of its own against what stands there by then. @param late when everything stands */
function reachedWhenDone(build: Build, id: string, late = false): number {
  const own = build.steps.own.find((o) => o.id === id)!;
  const { plan: found } = plan(build, { runs: 1 }).days();
  const steps = found!.sessions.flatMap((s) => s.steps);
  const last = Math.max(...steps.filter((s) => wholeOf(s.step.id) === id).map((s) => s.to));
  const over = new Set(steps.filter((s) => late || s.to <= last).map((s) => wholeOf(s.step.id)));
  const { tip, shaft, cone } = REACH_TOOLS[own.work!];
  const tool = { half: tip.half, length: tip.length + (shaft?.length ?? 0), cone };
  const { now, alone } = reachedSlowly(build, own.piece!, standingWith(build, own.piece!, over), tool);
  return now / alone;
}

describe('a finish in the plan of a demonstration', () => {
  // the slow way takes seconds for each: those that others come near to
  it.each([
    ['badgers-head', 'own:petal-dust-shading-head'],
    ['ferryman-otter', 'own:petal-dust-shading-body'],
    ['lily-and-reeds', 'own:petal-dust-shading-petal-1'],
    ['one-legged-heron', 'own:petal-dust-shading-body'],
    ['savoy-cabbage', 'own:thin-wash-wiped-back-heart'],
  ])('is within reach when it is done, by rays against what stands there by then: %s', (name, id) => {
    expect(reachedWhenDone(demoBuild(name), id)).toBeGreaterThan(0.75);
  });

  it('would be reached less at the end: the body of the otter goes before its limbs', () => {
    const otter = demoBuild('ferryman-otter');
    const id = 'own:petal-dust-shading-body';
    expect(reachedWhenDone(otter, id, true)).toBeLessThan(reachedWhenDone(otter, id) - 0.04);
  });
});
