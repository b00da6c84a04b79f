import { byFormula, formula, given } from '../../quantity/index.ts';
import { twistHeld } from '../mechanics/anchorage.ts';
import { check, share, used } from './check.ts';
import { foldsAt, foldsOver, type Column } from '../mechanics/columns.ts';
import { spreadOver, spreadRadius } from '../paths/discs.ts';
import type { Push } from './joint-push.ts';
import {
  found,
  gripOf,
  gripOver,
  HOLDING_RESERVE,
  PULL_RESERVE,
  type FoundCheck,
  type Situation,
} from './joint-situation.ts';

/** Reserve on pressing in. Estimate. */
const PRESS_RESERVE = 1.5;

const THEY_FOLD = formula({
  name: 'They fold at',
  takes: ['N', 'pieces'],
  unit: 'N',
  rule: 'one × rods',
  f: (one, n) => one * n,
});

/** Folding of a bare length that is pressed, one end free. */
function folding({ joint, n, stock, strength, loadCase }: Situation, N: number): FoundCheck {
  const { reserve } = strength.material;
  const column: Column = { bare: joint.bare, K: 2, strength, section: stock.section };
  return found('buckle', used(N, reserve, THEY_FOLD.f(foldsAt(column), n)), () =>
    check({
      id: 'buckle',
      title: 'Folding where it is bare',
      situation: loadCase.name,
      use: share(
        given('Pressing along the rods', N, 'N'),
        byFormula(THEY_FOLD, [foldsOver(column), given('Rods', n, 'pieces')]),
        reserve,
      ),
      reserve,
      trust: strength.trust,
      ok: 'It stands straight.',
      no: 'The bare length folds: shorter, thicker or more rods.',
    }),
  );
}

/** Share of what presses two faces that rubs between them, and where about it acts from the middle; estimates. */
const RUB = 0.15;
const RUB_AT = 0.6;
const FACES_GRIP = formula({
  name: 'Faces hold',
  takes: ['N', 'mm'],
  unit: 'N·mm',
  rule: '0.15 × pressing × 0.6 × half of the touching face',
  source: 'estimate',
  f: (N, r) => (r > 0 && N > 0 ? RUB * N * RUB_AT * r : 0),
});
const TURNS = formula({
  name: 'Turning moment, with a nudge of a tenth of the weight at its widest',
  takes: ['N·mm', 'N·mm'],
  unit: 'N·mm',
  rule: 'load off the line of the rods, less what the faces grip',
  f: (turn, faces) => Math.max(0, turn - faces),
});
/** What n rods hold against turning, the weaker of the two sides: grip on their skins, and a row of them as a couple. */
const TURN_HELD = formula({
  name: 'Grip and the couple of the rods',
  takes: ['pieces', 'mm', 'mm', 'N', 'N', 'N', 'N', 'N·mm', 'N·mm'],
  unit: 'N·mm',
  rule: 'the lesser of both sides: rods × grip × d ÷ 2 + sideways × spacing × (n + 1) ÷ 4 + what a brace and what glue holds',
  f: (n, d, spacing, gripBelow, sideBelow, gripAbove, sideAbove, braced, glued) =>
    braced +
    glued +
    Math.min(twistHeld(gripBelow, d, n, spacing, sideBelow), twistHeld(gripAbove, d, n, spacing, sideAbove)),
});

const NO_GLUE = given('The glue holds', 0, 'N·mm');
/** Turning about the rods, less what the faces grip. */
function turningRound(
  { joint, n, stock, below, above, loadCase, glue = NO_GLUE }: Situation,
  p: Push,
  braced: number,
): FoundCheck {
  const d = stock.section.diameter;
  const [sideBelow, sideAbove] = [below.q * below.held, above.q * above.held];
  const demand = TURNS.f(p.turn, FACES_GRIP.f(p.along, joint.seat));
  const holds = TURN_HELD.f(
    n,
    d,
    joint.spacing,
    below.grip,
    sideBelow,
    above.grip,
    sideAbove,
    braced,
    glue.value,
  );
  return found('turn', used(demand, HOLDING_RESERVE, holds), () =>
    check({
      id: 'turn',
      title: 'Turning on the rod',
      situation: loadCase.name,
      use: share(
        byFormula(TURNS, [
          given('Turning', p.turn, 'N·mm'),
          byFormula(FACES_GRIP, [
            given('Pressing', p.along, 'N'),
            given('Half of the touching face', joint.seat, 'mm'),
          ]),
        ]),
        byFormula(
          TURN_HELD,
          [
            given('Rods', n, 'pieces'),
            given('Rod across', d, 'mm'),
            given('Between them', joint.spacing, 'mm'),
            given(`Grip on one below, ${Math.round(below.held)} mm`, below.grip, 'N', 'estimate'),
            given('Sideways on one below', sideBelow, 'N', 'estimate'),
            given(`Grip on one above, ${Math.round(above.held)} mm`, above.grip, 'N', 'estimate'),
            given('Sideways on one above', sideAbove, 'N', 'estimate'),
            given('The brace holds', braced, 'N·mm', 'estimate'),
            glue,
          ],
          n < 2
            ? {
                name: 'Grip on one rod',
                rule: 'the lesser of both sides: grip × d ÷ 2 + what a brace and what glue holds',
              }
            : {},
        ),
        HOLDING_RESERVE,
      ),
      reserve: HOLDING_RESERVE,
      trust: 'C',
      ok: 'It cannot turn.',
      no:
        n < 2
          ? 'It would turn on a single rod: use two, or glue it.'
          : 'It would turn: rods wider apart or deeper.',
    }),
  );
}

/** Pull on each of n rods. */
const PULL_EACH = formula({
  name: 'Pull on each rod',
  takes: ['N', 'pieces'],
  unit: 'N',
  rule: 'pull ÷ rods',
  f: (pull, n) => pull / n,
});
/** Sliding off rods that are pulled. */
function slippingOff({ n, below, above, loadCase }: Situation, N: number): FoundCheck {
  const holds = gripOf(below, above);
  return found('pull', used(PULL_EACH.f(-N, n), PULL_RESERVE, holds), () =>
    check({
      id: 'pull',
      title: 'Sliding off the rod',
      situation: loadCase.name,
      use: share(
        byFormula(PULL_EACH, [given('Pull along the rods', -N, 'N'), given('Rods', n, 'pieces')]),
        gripOver(below, above),
        PULL_RESERVE,
      ),
      reserve: PULL_RESERVE,
      trust: 'C',
      ok: 'The grip is enough.',
      no: 'It slides off: glue it, go deeper, or turn the joint so that it rests.',
    }),
  );
}

const FACE_BEARS = formula({
  name: 'Touching faces hold',
  takes: ['mm', 'kPa'],
  unit: 'N',
  rule: 'π r² × strength of the softer side',
  f: (r, strength) => (Math.PI * r ** 2 * strength) / 1000,
});
const DISC_BEARS = formula({
  name: 'The disc and what it lies between hold',
  takes: ['mm', 'kPa', 'mm', 'kPa'],
  unit: 'N',
  rule: 'the lesser of π r² × strength under the foot and under the disc',
  f: (foot, over, spread, under) =>
    Math.PI * Math.min((foot ** 2 * over) / 1000, (spread ** 2 * under) / 1000),
});
const FACES_AND_RODS = formula({
  name: 'Touching faces and rod ends hold',
  takes: ['N', 'pieces', 'N', 'N'],
  unit: 'N',
  rule: 'faces + rods × what pushes one further in, the lesser of both sides',
  f: (faces, n, below, above) => faces + n * Math.min(below, above),
});

/** Sinking on to what it rests on. */
function sinking({ joint, n, below, above, seatStrength, loadCase }: Situation, N: number): FoundCheck {
  const disc = joint.seat > 0 ? joint.disc : undefined;
  const seated = disc
    ? DISC_BEARS.f(
        joint.seat,
        above.main.now * 1000,
        spreadRadius(disc, joint.seat, N),
        below.main.now * 1000,
      )
    : FACE_BEARS.f(joint.seat, seatStrength * 1000);
  const holds = FACES_AND_RODS.f(seated, n, below.pushed, above.pushed);
  return found('sink', used(N, PRESS_RESERVE, holds), () => {
    const half = given('Half of the touching face', joint.seat, 'mm');
    return check({
      id: 'sink',
      title: 'Sinking in',
      situation: loadCase.name,
      use: share(
        given('Pressing down', N, 'N'),
        byFormula(FACES_AND_RODS, [
          disc
            ? byFormula(DISC_BEARS, [
                half,
                given('Strength over the disc', above.main.now * 1000, 'kPa', 'estimate'),
                spreadOver(disc, joint.seat, N),
                given('Strength under the disc', below.main.now * 1000, 'kPa', 'estimate'),
              ])
            : byFormula(FACE_BEARS, [
                half,
                given('Strength of the softer side', seatStrength * 1000, 'kPa', 'estimate'),
              ]),
          given('Rods', n, 'pieces'),
          given('Pushes one further in below', below.pushed, 'N', 'estimate'),
          given('Pushes one further in above', above.pushed, 'N', 'estimate'),
        ]),
        PRESS_RESERVE,
      ),
      reserve: PRESS_RESERVE,
      trust: 'C',
      ok: 'It does not sink.',
      no: 'It sinks in: a disc of card or dried paste under it, or the rod down to the board.',
    });
  });
}

/**
 * What happens along the rods and round them.
 * @param braced turning that braces hold, N·mm
 */
export function alongChecks(s: Situation, p: Push, braced = 0): FoundCheck[] {
  const N = p.along;
  const all: FoundCheck[] = [];
  if (s.joint.bare > 1 && N > 0) all.push(folding(s, N));
  all.push(turningRound(s, p, braced));
  if (N < 0) all.push(slippingOff(s, N));
  if (N > 0 && !s.onBoard) all.push(sinking(s, N));
  return all;
}
