import { add, cross, dot, place, sub, times, type Build, type Vec } from '../figure/index.ts';
import { given, GRAVITY, reckon, type Reckoned } from '../quantity/index.ts';
import {
  bearingPerMm,
  coupleLever,
  layeredUse,
  pullOut,
  pushIn,
  stickMoment,
  twistCapacity,
  type Bed,
} from './anchorage.ts';
import { check, share, type Check } from './check.ts';
import { amplify, critical, euler } from './columns.ts';
import type { Crossing, Joint } from './joints.ts';
import type { Run } from './rod-paths.ts';
import { apparent, type LoadCase } from './load-cases.ts';
import { rodStrength } from './rods/registry.ts';
import { BOARDS, CORES, pasteAt, softNow, type SoftNow } from './soft.ts';

/** Yield of a piece's paste when it has to carry, kPa. */
export type YieldOf = (pieceId: string) => number;

const HOLDING_RESERVE = 2;
const PULL_RESERVE = 3;
const PRESS_RESERVE = 1.5;

/** What holds a run of a rod. */
function softOf(
  build: Build,
  pieceOfRun: (r: Run) => { id: string; core: keyof typeof CORES },
  run: Run,
  yieldOf: YieldOf,
  hours: number,
): SoftNow {
  if (run.part === 'board') return softNow(BOARDS[build.board.material], hours);
  const piece = pieceOfRun(run);
  return softNow(run.part === 'core' ? CORES[piece.core] : pasteAt(yieldOf(piece.id)), hours);
}

interface Side {
  readonly beds: readonly Bed[];
  readonly main: SoftNow;
  readonly held: number;
  readonly q: number;
  readonly mainCover: number;
}

/** One side of a joint: the beds from the joint outwards, and the one that does most of the holding. */
function sideOf(runs: readonly Run[], d: number, soft: (r: Run) => SoftNow): Side {
  const beds: Bed[] = [];
  let main = runs[0]!;
  let most = -1;
  for (const run of runs) {
    const q = bearingPerMm(soft(run), d, run.cover);
    beds.push({ q, thick: run.thick });
    if (q * run.thick > most) {
      most = q * run.thick;
      main = run;
    }
  }
  const held = beds.reduce((s, b) => s + b.thick, 0);
  return {
    beds,
    main: soft(main),
    held,
    q: beds.reduce((s, b) => s + b.q * b.thick, 0) / held,
    mainCover: main.cover,
  };
}

/** Forces at a joint for one direction of throw. */
interface Push {
  readonly along: number;
  readonly inLine: number;
  readonly acrossLine: number;
  readonly momentInLine: number;
  readonly momentAcross: number;
  readonly turn: number;
  readonly held: number;
}

interface Best {
  use: number;
  make: () => Check;
}

/**
 * All that can go wrong at one joint in one load case, each in its worst direction: the rod cutting through what
 * holds it above or below, bending or snapping, folding where it is bare, the piece turning, sinking, pulling off.
 */
export function jointChecks(
  build: Build,
  joint: Joint,
  names: { upper: string; lower: string },
  yieldOf: YieldOf,
  loadCase: LoadCase,
): Check[] {
  const n = joint.crossings.length;
  const thinnest = joint.crossings.reduce((a, c) =>
    c.path.stock.section.modulus < a.path.stock.section.modulus ? c : a,
  );
  const stock = thinnest.path.stock;
  const { section } = stock;
  const d = section.diameter;
  const strength = rodStrength(stock, loadCase.hours);
  const reserve = strength.material.reserve;
  const soft = (r: Run) =>
    softOf(build, (x) => pieceByInstance(build, x.instance), r, yieldOf, loadCase.hours);
  const least = (pick: (c: Crossing) => number, of: (c: Crossing) => readonly Run[]) =>
    sideOf(of(joint.crossings.reduce((a, c) => (pick(c) < pick(a) ? c : a))), d, soft);
  const below = least(
    (c) => c.heldBelow,
    (c) => c.below,
  );
  const above = least(
    (c) => c.heldAbove,
    (c) => c.above,
  );
  const onBoard = joint.crossings.every((c) => c.below.some((r) => r.part === 'board'));
  const { axis: a, across: u } = joint;
  const w = cross(a, u);
  const weight = (joint.load.g * GRAVITY) / 1000;
  const seatStrength = Math.min(below.main.now, above.main.now);

  const best = new Map<string, Best>();
  const keep = (id: string, use: number, make: () => Check): void => {
    const known = best.get(id);
    if (!known || use > known.use) best.set(id, { use, make });
  };
  const directions = loadCase.sideways > 0 || loadCase.tilt > 0 ? 16 : 1;
  const factors = loadCase.up === loadCase.down ? [loadCase.down] : [loadCase.down, loadCase.up];

  for (let k = 0; k < directions; k++)
    for (const factor of factors) {
      const push = forces(
        joint,
        apparent(loadCase, (2 * Math.PI * k) / directions, factor),
        u,
        w,
        weight,
        seatStrength,
      );
      const { along: N, inLine: Vu, acrossLine: Vw, momentInLine: Mu, momentAcross: Mw } = push;
      const V = Math.hypot(Vu, Vw);
      const M = Math.hypot(Mu, Mw);
      const asked = (): Reckoned[] => [
        given(`${names.upper} with all it carries`, joint.load.g, 'g'),
        given('Sideways', V, 'N'),
        given('Tilting moment at the joint', M, 'N·mm'),
        given('Rods', n, 'pieces'),
      ];

      const holding = (side: Side, upper: boolean) => {
        const sign = upper ? -1 : 1;
        const bed = upper ? [{ q: side.q, thick: side.held }] : side.beds;
        const shift = upper ? joint.bare : 0;
        const mu = Mu - shift * Vu;
        const mw = Mw - shift * Vw;
        const outOfLine = layeredUse(bed, Math.abs(Vw) / n, (sign * mw * Math.sign(Vw || 1)) / n);
        let inLine = layeredUse(bed, Math.abs(Vu) / n, (sign * mu * Math.sign(Vu || 1)) / n);
        let pushPull = false;
        if (n >= 2 && joint.spacing > 2 * d) {
          const outer = Math.abs(mu) / coupleLever(n, joint.spacing);
          const tension = Math.max(0, outer - Math.max(0, N) / n) / pullOut(side.main, d, side.held);
          const pressed = (outer + Math.max(0, N) / n) / pushIn(side.main, d, side.held);
          const rests = joint.seat > 0 || (!upper && onBoard);
          const couple = Math.max(tension, rests ? 0 : pressed) + Math.abs(Vu) / n / (side.q * side.held);
          if (couple < inLine) {
            inLine = couple;
            pushPull = true;
          }
        }
        return { use: Math.hypot(outOfLine, inLine), pushPull };
      };
      const low = holding(below, false);
      const high = holding(above, true);

      for (const [id, side, found, where] of [
        ['hold-below', below, low, names.lower],
        ['hold-above', above, high, names.upper],
      ] as const)
        keep(id, found.use * HOLDING_RESERVE, () =>
          check(
            id,
            `Held in the ${where.toLowerCase()}`,
            loadCase.name,
            reckon(
              'Used of the holding',
              '',
              'sideways force and tilt against what the held length gives: H = q (√((L + 2y)² + L²) − (L + 2y)), × reserve 2',
              [
                ...asked(),
                given('Held length', side.held, 'mm'),
                given(`Sideways strength in ${side.main.name}, per mm of rod`, side.q, 'N/mm', 'estimate'),
              ],
              () => found.use * HOLDING_RESERVE,
            ),
            HOLDING_RESERVE,
            side.main.kind === 'hard' || side.main.kind === 'foam' ? 'B' : 'C',
            {
              ok: `The rod stays where it is, ${Math.round(side.held)} mm deep in the ${where.toLowerCase()}.`,
              no: `The rod leans and cuts through the ${where.toLowerCase()} like a knife; ${Math.round(side.held)} mm is not deep enough.`,
            },
          ),
        );

      let growth = 1;
      if (joint.bare > 0 && N > 0) {
        const lever =
          joint.bare + Math.max(0, dot(sub(joint.load.at, add(joint.at, times(a, joint.bare))), a));
        growth = amplify(N * reserve, n * euler(strength.stiffness, section.inertia, lever, 2));
      }
      const inStick = low.pushPull ? Math.abs(Mw) : M;
      const moment = stickMoment(below.beds, V / n, inStick / n) * growth;
      const end = Math.abs(N) / n + (low.pushPull ? Math.abs(Mu) / coupleLever(n, joint.spacing) : 0);
      const stress = (m: number, p: number) =>
        m / section.modulus / strength.bending + p / section.area / strength.crushing;
      keep('bend', stress(moment, end) * reserve, () =>
        check(
          'bend',
          strength.material.bends ? 'Rod bending' : 'Rod snapping',
          loadCase.name,
          reckon(
            'Used of its strength',
            '',
            '(M ÷ Z ÷ bending strength + N ÷ A ÷ crushing strength) × reserve',
            [
              reckon(
                'Moment in each rod, M + V² ÷ 2q',
                'N·mm',
                'moment at the joint and below it, lean adding lean',
                [...asked(), given('Lean adds lean', growth, '×')],
                () => moment,
              ),
              given('Along the rod', end, 'N'),
              given('Bending strength, damp', strength.bending, 'MPa'),
              given('Rod across', d, 'mm'),
              given('Reserve', reserve, '×'),
            ],
            (m, p, _f, _d, g) => stress(m, p) * g,
            'handbook',
          ),
          reserve,
          strength.material.trust,
          {
            ok: `The ${stock.name} is strong enough.`,
            no: strength.material.bends
              ? `The ${stock.name} bends and stays bent.`
              : `The ${stock.name} snaps.`,
          },
        ),
      );

      if (joint.bare > 1 && N > 0) {
        const c = critical(strength.stiffness, strength.crushing, section, joint.bare, 2);
        keep('buckle', (N * reserve) / (n * c.load), () =>
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
                  given('Stiffness, damp', strength.stiffness, 'MPa'),
                  given('Second moment', section.inertia, 'mm⁴'),
                  given('Rods', n, 'pieces'),
                ],
                () => n * c.load,
                'handbook',
              ),
              reserve,
            ),
            reserve,
            strength.material.trust,
            { ok: 'It stands straight.', no: 'The bare length folds: shorter, thicker or more rods.' },
          ),
        );
      }

      const seatGrip = joint.seat > 0 && N > 0 ? 0.15 * N * 0.6 * joint.seat : 0;
      const turning = Math.max(0, push.turn - seatGrip);
      const grip = Math.min(
        twistCapacity(below.main, d, below.held, n, joint.spacing, below.q),
        twistCapacity(above.main, d, above.held, n, joint.spacing, above.q),
      );
      keep('turn', (turning * HOLDING_RESERVE) / grip, () =>
        check(
          'turn',
          'Turning on the rod',
          loadCase.name,
          share(
            reckon(
              'Turning moment, with a nudge of a tenth of the weight at its widest',
              'N·mm',
              'load off the line of the rods, less what the faces grip',
              [given('Turning', push.turn, 'N·mm'), given('Faces hold', seatGrip, 'N·mm')],
              (t, g) => Math.max(0, t - g),
            ),
            reckon(
              n < 2 ? 'Grip on one rod' : 'Grip and the couple of the rods',
              'N·mm',
              n < 2 ? 'π d L × grip × d ÷ 2' : 'grip + q L × spacing',
              [
                given('Rods', n, 'pieces'),
                given('Between them', joint.spacing, 'mm'),
                given('Held below', below.held, 'mm'),
                given('Held above', above.held, 'mm'),
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

      if (N < 0) {
        const holds = Math.min(pullOut(below.main, d, below.held), pullOut(above.main, d, above.held));
        keep('pull', ((-N / n) * PULL_RESERVE) / holds, () =>
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
      } else if (N > 0 && !onBoard) {
        const seated = joint.seat > 0 ? Math.PI * joint.seat ** 2 * seatStrength : 0;
        const capacity =
          seated + n * Math.min(pushIn(below.main, d, below.held), pushIn(above.main, d, above.held));
        keep('sink', (N * PRESS_RESERVE) / capacity, () =>
          check(
            'sink',
            'Sinking in',
            loadCase.name,
            share(
              given('Pressing down', N, 'N'),
              reckon(
                'Touching faces and rod ends hold',
                'N',
                'π r² × strength of the softer side + rods',
                [
                  given('Half of the touching face', joint.seat, 'mm'),
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
    }
  return [...best.values()].map((b) => b.make());
}

/** Forces and moments about the joint from an apparent gravity, with what the touching faces hold back taken off. */
function forces(
  joint: Joint,
  gravity: readonly [number, number, number],
  u: Vec,
  w: Vec,
  weight: number,
  seatStrength: number,
): Push {
  const F = times(gravity, weight);
  const M = cross(sub(joint.load.at, joint.at), F);
  const { axis: a } = joint;
  const N = -dot(F, a);
  const Vu = dot(F, u);
  const Vw = dot(F, w);
  let Mu = dot(M, w);
  let Mw = -dot(M, u);
  let held = 0;
  if (joint.seat > 0 && N > 0 && seatStrength > 0) {
    const r = joint.seat;
    held = N * Math.max(0, r - N / (2 * seatStrength * 2 * r));
    const less = (m: number) => Math.sign(m) * Math.max(0, Math.abs(m) - held);
    Mu = less(Mu);
    Mw = less(Mw);
  }
  const turn = Math.abs(dot(M, a)) + 0.1 * joint.halfWidth * Math.max(Math.hypot(Vu, Vw), weight);
  return { along: N, inLine: Vu, acrossLine: Vw, momentInLine: Mu, momentAcross: Mw, turn, held };
}

const pieceByInstance = (build: Build, instance: number) => place(build)[instance]!.piece;
