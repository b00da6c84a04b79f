import { given, reckon } from '../quantity/index.ts';
import { twistHeld } from './anchorage.ts';
import { check, share } from './check.ts';
import { critical } from './columns.ts';
import { spreadOver, spreadRadius } from './discs.ts';
import type { Push } from './joint-push.ts';
import { found, HOLDING_RESERVE, PULL_RESERVE, type Found, type Situation } from './joint-situation.ts';

/** Reserve on pressing in. Estimate. */
const PRESS_RESERVE = 1.5;

/** Folding of a bare length that is pressed, one end free. */
function folding({ joint, n, stock, strength, loadCase }: Situation, N: number): Found {
  const { reserve } = strength.material;
  const c = critical(strength.stiffness, strength.crushing, stock.section, joint.bare, 2);
  return found('buckle', (N * reserve) / (n * c.load), () =>
    check(
      'buckle',
      'Folding where it is bare',
      loadCase.name,
      share(
        given('Pressing along the rods', N, 'N'),
        reckon(
          'They fold at',
          'N',
          c.rule === 'Euler'
            ? 'π² E I ÷ (2 L)², one end free, × rods'
            : 'A f (1 − f λ² ÷ 4 π² E), short rod, × rods',
          [
            given('Bare length', joint.bare, 'mm'),
            given('Stiffness, damp', strength.stiffness, 'MPa', strength.tried ? 'yours' : undefined),
            given('Second moment', stock.section.inertia, 'mm⁴'),
            given('Rods', n, 'pieces'),
          ],
          () => n * c.load,
          'handbook',
        ),
        reserve,
      ),
      reserve,
      strength.trust,
      { ok: 'It stands straight.', no: 'The bare length folds: shorter, thicker or more rods.' },
    ),
  );
}

/** Turning about the rods, less what the faces grip. */
function turningRound(
  { joint, n, stock, below, above, loadCase }: Situation,
  p: Push,
  braced: number,
): Found {
  const d = stock.section.diameter;
  const N = p.along;
  const seatGrip = joint.seat > 0 && N > 0 ? 0.15 * N * 0.6 * joint.seat : 0;
  const turning = Math.max(0, p.turn - seatGrip);
  const grip =
    braced +
    Math.min(
      twistHeld(below.grip, d, n, joint.spacing, below.q * below.held),
      twistHeld(above.grip, d, n, joint.spacing, above.q * above.held),
    );
  return found('turn', (turning * HOLDING_RESERVE) / grip, () =>
    check(
      'turn',
      'Turning on the rod',
      loadCase.name,
      share(
        reckon(
          'Turning moment, with a nudge of a tenth of the weight at its widest',
          'N·mm',
          'load off the line of the rods, less what the faces grip',
          [given('Turning', p.turn, 'N·mm'), given('Faces hold', seatGrip, 'N·mm')],
          (t, g) => Math.max(0, t - g),
        ),
        reckon(
          n < 2 ? 'Grip on one rod' : 'Grip and the couple of the rods',
          'N·mm',
          `${n < 2 ? 'π d L × grip × d ÷ 2' : 'grip + q L × spacing'}${braced > 0 ? ' + what the brace holds' : ''}`,
          [
            given('Rods', n, 'pieces'),
            given('Between them', joint.spacing, 'mm'),
            given('Held below', below.held, 'mm'),
            given('Held above', above.held, 'mm'),
            ...(braced > 0 ? [given('The brace holds', braced, 'N·mm', 'estimate')] : []),
          ],
          () => grip,
        ),
        HOLDING_RESERVE,
      ),
      HOLDING_RESERVE,
      'C',
      {
        ok: 'It cannot turn.',
        no:
          n < 2
            ? 'It would turn on a single rod: use two, or glue it.'
            : 'It would turn: rods wider apart or deeper.',
      },
    ),
  );
}

/** Sliding off rods that are pulled. */
function slippingOff({ n, below, above, loadCase }: Situation, N: number): Found {
  const holds = Math.min(below.grip, above.grip);
  return found('pull', ((-N / n) * PULL_RESERVE) / holds, () =>
    check(
      'pull',
      'Sliding off the rod',
      loadCase.name,
      share(
        given('Pull on each rod', -N / n, 'N'),
        given('Grip, π d L × grip', holds, 'N', 'estimate'),
        PULL_RESERVE,
      ),
      PULL_RESERVE,
      'C',
      {
        ok: 'The grip is enough.',
        no: 'It slides off: glue it, go deeper, or turn the joint so that it rests.',
      },
    ),
  );
}

/** Sinking on to what it rests on. */
function sinking({ joint, n, below, above, seatStrength, loadCase }: Situation, N: number): Found {
  const { disc } = joint;
  const seated =
    joint.seat > 0 && disc
      ? Math.PI *
        Math.min(joint.seat ** 2 * above.main.now, spreadRadius(disc, joint.seat, N) ** 2 * below.main.now)
      : Math.PI * joint.seat ** 2 * seatStrength;
  const capacity = seated + n * Math.min(below.pushed, above.pushed);
  return found('sink', (N * PRESS_RESERVE) / capacity, () =>
    check(
      'sink',
      'Sinking in',
      loadCase.name,
      share(
        given('Pressing down', N, 'N'),
        reckon(
          'Touching faces and rod ends hold',
          'N',
          disc
            ? 'π r² × strength, of the foot or under the disc, whichever is less, + rods'
            : 'π r² × strength of the softer side + rods',
          [
            disc ? spreadOver(disc, joint.seat, N) : given('Half of the touching face', joint.seat, 'mm'),
            given('Strength of the softer side', seatStrength * 1000, 'kPa', 'estimate'),
          ],
          () => capacity,
        ),
        PRESS_RESERVE,
      ),
      PRESS_RESERVE,
      'C',
      {
        ok: 'It does not sink.',
        no: 'It sinks in: a disc of card or dried paste under it, or the rod down to the board.',
      },
    ),
  );
}

/**
 * What happens along the rods and round them.
 * @param braced turning that braces hold, N·mm
 */
export function alongChecks(s: Situation, p: Push, braced = 0): Found[] {
  const N = p.along;
  const all: Found[] = [];
  if (s.joint.bare > 1 && N > 0) all.push(folding(s, N));
  all.push(turningRound(s, p, braced));
  if (N < 0) all.push(slippingOff(s, N));
  if (N > 0 && !s.onBoard) all.push(sinking(s, N));
  return all;
}
