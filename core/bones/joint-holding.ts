import { add, dot, sub, times } from '../figure/index.ts';
import { given, reckon } from '../quantity/index.ts';
import { coupleLever, layeredUse, stickMoment } from './anchorage.ts';
import { check } from './check.ts';
import { amplify, euler } from './columns.ts';
import type { Push } from './joint-push.ts';
import { asked, found, HOLDING_RESERVE, type Found, type Situation } from './joint-situation.ts';

/** The rods held on one side of a joint: share used, and whether a row of them works as a couple along its line. */
interface Holding {
  readonly use: number;
  readonly pushPull: boolean;
}

/** Cutting through what holds them, or for a row of rods one pulled and one pressed, whichever is easier on them. */
function holding(s: Situation, p: Push, upper: boolean): Holding {
  const { joint, n, holders, onBoard } = s;
  const side = upper ? s.above : s.below;
  const d = s.stock.section.diameter;
  const { along: N, inLine: Vu, acrossLine: Vw, momentInLine: Mu, momentAcross: Mw } = p;
  const sign = upper ? -1 : 1;
  const bed = upper ? [{ q: side.q, thick: side.held }] : side.beds;
  const shift = upper ? joint.bare : 0;
  const mu = Mu - shift * Vu;
  const mw = Mw - shift * Vw;
  const outOfLine = layeredUse(bed, Math.abs(Vw) / holders, (sign * mw * Math.sign(Vw || 1)) / holders);
  let inLine = layeredUse(bed, Math.abs(Vu) / holders, (sign * mu * Math.sign(Vu || 1)) / holders);
  let pushPull = false;
  if (n >= 2 && joint.spacing > 2 * d) {
    const outer = Math.abs(mu) / coupleLever(n, joint.spacing);
    const tension = Math.max(0, outer - Math.max(0, N) / n) / side.grip;
    const pressed = (outer + Math.max(0, N) / n) / side.pushed;
    const rests = joint.seat > 0 || (!upper && onBoard);
    const couple = Math.max(tension, rests ? 0 : pressed) + Math.abs(Vu) / holders / (side.q * side.held);
    if (couple < inLine) {
      inLine = couple;
      pushPull = true;
    }
  }
  return { use: Math.hypot(outOfLine, inLine), pushPull };
}

function held(s: Situation, p: Push, upper: boolean, { use }: Holding): Found {
  const id = upper ? 'hold-above' : 'hold-below';
  const side = upper ? s.above : s.below;
  const where = upper ? s.names.upper : s.names.lower;
  return found(id, use * HOLDING_RESERVE, () =>
    check(
      id,
      `Held in the ${where.toLowerCase()}`,
      s.loadCase.name,
      reckon(
        'Used of the holding',
        '',
        'sideways force and tilt against what the held length gives: H = q (√((L + 2y)² + L²) − (L + 2y)), × reserve 2',
        [
          ...asked(s, p),
          given('Held length', side.held, 'mm'),
          given(
            `Sideways strength in ${side.main.name}, per mm of rod`,
            side.q,
            'N/mm',
            side.main.tried ? 'yours' : 'estimate',
          ),
        ],
        () => use * HOLDING_RESERVE,
      ),
      HOLDING_RESERVE,
      side.main.kind === 'hard' || side.main.kind === 'foam' || side.main.tried ? 'B' : 'C',
      {
        ok: `The rod stays where it is, ${Math.round(side.held)} mm deep in the ${where.toLowerCase()}.`,
        no: `The rod leans and cuts through the ${where.toLowerCase()} like a knife; ${Math.round(side.held)} mm is not deep enough.`,
      },
    ),
  );
}

/** The rod itself, at its greatest moment, which may lie under the surface. */
function bending(s: Situation, p: Push, low: Holding): Found {
  const { joint, n, stock, strength } = s;
  const { section } = stock;
  const d = section.diameter;
  const a = joint.axis;
  const { reserve } = strength.material;
  const { along: N, inLine: Vu, acrossLine: Vw, momentInLine: Mu, momentAcross: Mw } = p;
  const V = Math.hypot(Vu, Vw);
  const M = Math.hypot(Mu, Mw);
  let growth = 1;
  if (joint.bare > 0 && N > 0) {
    const lever = joint.bare + Math.max(0, dot(sub(joint.load.at, add(joint.at, times(a, joint.bare))), a));
    growth = amplify(N * reserve, n * euler(strength.stiffness, section.inertia, lever, 2));
  }
  const inStick = low.pushPull ? Math.abs(Mw) : M;
  const moment = stickMoment(s.below.beds, V / n, inStick / n) * growth;
  const end = Math.abs(N) / n + (low.pushPull ? Math.abs(Mu) / coupleLever(n, joint.spacing) : 0);
  const stress = (m: number, p: number) =>
    m / section.modulus / strength.bending + p / section.area / strength.crushing;
  return found('bend', stress(moment, end) * reserve, () =>
    check(
      'bend',
      strength.material.bends ? 'Rod bending' : 'Rod snapping',
      s.loadCase.name,
      reckon(
        'Used of its strength',
        '',
        '(M ÷ Z ÷ bending strength + N ÷ A ÷ crushing strength) × reserve',
        [
          reckon(
            'Moment in each rod, M + V² ÷ 2q',
            'N·mm',
            'moment at the joint and below it, lean adding lean',
            [...asked(s, p), given('Lean adds lean', growth, '×')],
            () => moment,
          ),
          given('Along the rod', end, 'N'),
          given('Bending strength, damp', strength.bending, 'MPa', strength.tried ? 'yours' : undefined),
          given('Rod across', d, 'mm'),
          given('Reserve', reserve, '×'),
        ],
        (m, p, _f, _d, g) => stress(m, p) * g,
        'handbook',
      ),
      reserve,
      strength.trust,
      {
        ok: `The ${stock.name} is strong enough.`,
        no: strength.material.bends ? `The ${stock.name} bends and stays bent.` : `The ${stock.name} snaps.`,
      },
    ),
  );
}

/** What the rods do sideways: cut through below or above, bend or snap. */
export function heldChecks(s: Situation, p: Push): Found[] {
  const low = holding(s, p, false);
  const high = holding(s, p, true);
  return [held(s, p, false, low), held(s, p, true, high), bending(s, p, low)];
}
