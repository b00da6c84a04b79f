import { THREADS, washerAcross, type Ground } from '../../ground/index.ts';
import { byFormula, formula, given } from '../../quantity/index.ts';
import { pullsThrough, washerHolds } from '../mechanics/hub.ts';
import type { Joint } from '../paths/joints.ts';
import type { Side } from './joint-push.ts';
import type { Clamp } from './joint-situation.ts';

/** Strength at which a nut and washer punch through board, MPa; estimate. */
export const PUNCH = 4;

/** Moment that the washers above and below a board press into it. */
export const FACE_BEARS = formula({
  name: 'The face bears',
  takes: ['mm', 'mm', 'MPa'],
  unit: 'N·mm',
  rule: 'crush × π (D⁴ − d⁴) ÷ 32 D',
  source: 'handbook',
  f: (D, d, crush) => washerHolds(crush, D, d),
});

/** How a threaded rod is held that is clamped to its board between nuts; undefined where there is none. */
export function clampOf({ rod, layers }: Ground, joint: Joint): Clamp | undefined {
  const base = layers[0]!;
  if (!rod || !base.board) return undefined;
  const { thread, base: washer } = rod.mast;
  return {
    bears: byFormula(FACE_BEARS, [
      given('Washer, across', washerAcross(thread, washer), 'mm'),
      given('Hole', THREADS[thread].hole, 'mm'),
      given('Crush', base.board.crush, 'MPa', 'handbook'),
    ]),
    over: Math.max(0, joint.at[2] - base.to),
  };
}

/** Its nuts hold it along itself until they are pulled through the board. */
export function clampedSide({ rod, layers }: Ground, below: Side): Side {
  const { thread, base } = rod!.mast;
  const nuts = pullsThrough(PUNCH, washerAcross(thread, base), layers[0]!.to - layers[0]!.from);
  return { ...below, grip: below.grip + nuts, pushed: below.pushed + nuts };
}
