import { THREADS, washerAcross, type Layer } from '../../ground/index.ts';
import type { Build } from '../../record/index.ts';
import { byFormula, formula, given, GRAVITY, reckon, total, type Mm } from '../../quantity/index.ts';
import { check, share, type Check } from '../joints/check.ts';
import { FACE_BEARS, PUNCH } from '../joints/clamped.ts';
import { flagpole, foldsOver } from '../mechanics/columns.ts';
import { pullsThrough, tiltedHub, washerRoot } from '../mechanics/hub.ts';
import { apparent, type LoadCase } from '../joints/load-cases.ts';
import type { Raised } from './raised-mass.ts';
import { stockIn } from '../stock/stock.ts';
import { ROD_MATERIALS } from '../stock/rod-materials.ts';
import { threaded } from '../mechanics/sections.ts';
import type { CakeBears } from './tier-cake.ts';

/** A tier is never quite in the middle of its rod; estimate, mm. */
const OFF_CENTRE = 8;
/** A rod as bought is out of straight by this share of its length; common practice. */
const CROOKED = 1 / 200;
const HOLD_RESERVE = 2;
/** Skin of a stick in crumb grips with this share of what crushes it; estimate. */
const CRUMB_GRIPS = 0.1;
/** Sticks are pushed up so far into a tier, mm; common practice. */
const KEEPERS_UP: Mm = 60;

/** The rod in one situation, as a mast. */
export interface LoadedMast {
  readonly c: LoadCase;
  readonly weight: number;
  readonly push: number;
  readonly moment: number;
  readonly sway: Mm;
}

export const STEEL = ROD_MATERIALS.steel;

/** The reserve multiplies the loads before lean adds to lean, or a rod near folding looks well. */
const MAST_BENDS = formula({
  name: 'Used of its strength',
  takes: ['N', 'mm', 'N', 'MPa', 'mm⁴', 'mm', 'mm³', 'MPa', 'mm²', 'MPa', '×'],
  unit: '',
  rule: 'reserve × P ÷ A f + M ÷ Z f, M = P e sec kL + H tan kL ÷ k with loads × reserve, k = √(P ÷ E I)',
  source: 'handbook',
  f: (P, e, H, E, I, L, Z, bending, area, crushing, reserve) =>
    (reserve * P) / area / crushing + flagpole(P * reserve, e, H * reserve, E, I, L).moment / (Z * bending),
});
const AT_WASHER = formula({
  name: 'Bending at the washer',
  takes: ['N·mm', 'mm', 'mm', 'mm', 'MPa'],
  unit: 'MPa',
  rule: 'β M ÷ a t², exact thin plate resting on its rim',
  source: 'handbook',
  f: (moment, wide, thick, washer, E) => tiltedHub(moment, wide / 2, washer / 2, thick, E).stress,
});

/** The rod in one situation, held at the base and free at the top. */
export function mastIn(r: Raised, c: LoadCase, diameter: number): { mast: LoadedMast; checks: Check[] } {
  const section = threaded(diameter);
  const W = (r.mass.value * GRAVITY) / 1000;
  const f = apparent(c, 0, c.down);
  const [push, weight] = [W * f[0], W * -f[2]];
  const { reserve, stiffness, crushing, bending } = STEEL;
  const off = OFF_CENTRE + r.lever * CROOKED;
  const now = flagpole(weight, off, push, stiffness, section.inertia, r.lever);
  const high = given('Balance point over the base', r.lever, 'mm');
  const second = given('Second moment', section.inertia, 'mm⁴');
  const stiff = given('Stiffness', stiffness, 'MPa', 'handbook');
  const crush = given('Crushes at', crushing, 'MPa', 'handbook');
  const area = given('Section', section.area, 'mm²');
  const checks = [
    check({
      id: 'mast-folds',
      title: 'Rod folding',
      situation: c.name,
      use: share(
        given('Pressing', weight, 'N'),
        foldsOver({ bare: r.lever, K: 2, strength: STEEL, section }),
        reserve,
      ),
      reserve,
      trust: STEEL.trust,
      ok: 'The rod stays straight under the weight.',
      no: 'The rod bows out and folds: a thicker rod, or a smaller gap.',
    }),
    check({
      id: 'mast-bends',
      title: 'Rod bending',
      situation: c.name,
      use: byFormula(MAST_BENDS, [
        given('Pressing', weight, 'N'),
        given('Off the middle, with the rod out of straight', off, 'mm', 'estimate'),
        given('Sideways', push, 'N'),
        stiff,
        second,
        high,
        given('Section modulus', section.modulus, 'mm³'),
        given('Yields at', bending, 'MPa', 'handbook'),
        area,
        crush,
        given('Reserve', reserve, '×'),
      ]),
      reserve,
      trust: STEEL.trust,
      ok: 'The rod carries the weight off its middle.',
      no: 'The rod bends and stays bent: a thicker rod, a smaller gap, or a lighter tier.',
    }),
  ];
  return { mast: { c, weight, push, moment: now.moment, sway: now.sway }, checks };
}

/** The base: washers pressing into it, the board bending round them, the nut pulled through. */
export function baseChecks(r: Raised, hardest: LoadedMast): { checks: Check[]; tilt: number } {
  const { thread, base } = r.mast;
  const size = THREADS[thread];
  const washer = washerAcross(thread, base);
  const board = r.base.board!;
  const { width: wide } = r.base;
  const thick = r.base.to - r.base.from;
  const hub = tiltedHub(hardest.moment, wide / 2, washer / 2, thick, board.stiffness);
  const moment = given('Tilting moment at the base', hardest.moment, 'N·mm');
  const across = given('Washer, across', washer, 'mm');
  return {
    tilt: hub.tilt,
    checks: [
      check({
        id: 'base-press',
        title: 'Washers pressed into the base',
        situation: hardest.c.name,
        use: share(
          moment,
          byFormula(FACE_BEARS, [
            across,
            given('Hole', size.hole, 'mm'),
            given('Crush', board.crush, 'MPa', 'handbook'),
          ]),
          1,
        ),
        reserve: 1,
        trust: 'B',
        ok: 'The washers hold the rod upright.',
        no: 'The washers press into the base and the rod leans: wider washers, or a plate of steel.',
      }),
      check({
        id: 'base-bends',
        title: 'Base bending round the washer',
        situation: hardest.c.name,
        use: share(
          byFormula(AT_WASHER, [
            moment,
            given('Base, across', wide, 'mm'),
            given('Thick', thick, 'mm'),
            across,
            given('Its stiffness', board.stiffness, 'MPa', 'handbook'),
          ]),
          given(`${board.name} bears`, board.bending, 'MPa', 'handbook'),
          board.reserve,
        ),
        reserve: board.reserve,
        trust: board.trust,
        ok: 'The base is stiff enough.',
        no: 'The base cracks round the washer: 12 mm board, or wider washers.',
      }),
      check({
        id: 'base-through',
        title: 'Nut pulled through the base',
        situation: hardest.c.name,
        use: share(
          given('Pulling at one side of the washer', hardest.moment / washer, 'N'),
          given('It goes through at', pullsThrough(PUNCH, washer, thick), 'N', 'estimate'),
          HOLD_RESERVE,
        ),
        reserve: HOLD_RESERVE,
        trust: 'C',
        ok: 'The washer does not pull through.',
        no: 'The washer pulls through the base: a wider one, or thicker board.',
      }),
    ],
  };
}

/** The small board under the tier on its washer. */
export function boardCheck(r: Raised, hardest: LoadedMast): Check {
  const washer = washerAcross(r.mast.thread, r.mast.raised);
  const board = r.board.board!;
  const a = Math.min(r.board.width, r.tier?.width ?? r.board.width) / 2;
  const thick = r.board.to - r.board.from;
  const pressure = hardest.weight / (Math.PI * a * a);
  const even = (6 * washerRoot(pressure, a, washer / 2)) / thick ** 2;
  const tilted = tiltedHub(hardest.push * (r.own + thick), a, washer / 2, thick, board.stiffness).stress;
  return check({
    id: 'board-bends',
    title: 'Board under the tier',
    situation: hardest.c.name,
    use: share(
      reckon(
        'Bending at the washer',
        'MPa',
        'even load on a washer + push of the tier, thin plate',
        [given('Even load', even, 'MPa'), given('Push', tilted, 'MPa')],
        (x, y) => x + y,
        'handbook',
      ),
      given(`${board.name} bears`, board.bending, 'MPa', 'handbook'),
      board.reserve,
    ),
    reserve: board.reserve,
    trust: board.trust,
    ok: 'The board under the tier is stiff enough.',
    no: 'The board under the tier breaks at its washer: thicker board, or a wider washer.',
  });
}

const ROD_GRIPS = formula({
  name: 'The rod grips its cake',
  takes: ['kPa', 'mm', 'mm'],
  unit: 'N·mm',
  rule: 'grip × crush × π d × length × d ÷ 2',
  source: 'estimate',
  f: (crush, d, held) => (CRUMB_GRIPS * (crush / 1000) * Math.PI * d * held * d) / 2,
});
/** Sticks apart in a row each push sideways into the cake: the more the further they stand from the middle of the row. */
const KEEPERS_HOLD = formula({
  name: 'Sticks up through its board hold',
  takes: ['kPa', 'mm', 'mm', 'pieces', 'mm'],
  unit: 'N·mm',
  rule: 'crush × d × length × Σ their distances from the middle of the row',
  source: 'estimate',
  f: (crush, d, held, n, apart) => {
    let arms = 0;
    for (let k = 0; k < n; k++) arms += Math.abs(k - (n - 1) / 2) * apart;
    return (crush / 1000) * d * held * arms;
  },
});
const STUCK_HOLDS = formula({
  name: 'Stuck to its board it holds',
  takes: ['kPa', 'mm'],
  unit: 'N·mm',
  rule: 'pulled off at × 2 π r³ ÷ 3',
  source: 'estimate',
  f: (shear, wide) => ((shear / 1000) * 2 * Math.PI * (wide / 2) ** 3) / 3,
});

/** Dowels that are tried against turning, mm across. Estimate. */
const DOWEL: Mm = 8;
/** How far apart two dowels through the board keep it, in words; nothing where the board is too narrow for that. */
function wouldKeep(cake: CakeBears, missing: number, high: Mm, board: Mm): string {
  const apart = Math.ceil(missing / ((cake.crush / 1000) * DOWEL * Math.min(KEEPERS_UP, high)) / 10) * 10;
  return apart <= board - 2.5 * DOWEL
    ? `push two dowels of ${DOWEL} mm up through holes in its board, ${apart} mm apart, or `
    : '';
}

/** A nudge at the rim of the tier turns it on a round rod: the rod, sticks through its board and what it is stuck down with hold it. */
export function turning(
  r: Raised & { readonly tier: Layer },
  cake: CakeBears,
  build: Pick<Build, 'measured'>,
): Check {
  const high = r.tier.to - r.tier.from;
  const { keepers, stuck } = r.tier.tier!;
  const crush = given('Cake crushes at', cake.crush, 'kPa', cake.source);
  const rod = byFormula(ROD_GRIPS, [
    crush,
    given('Rod, across', r.mast.thread, 'mm'),
    given('Tall', high, 'mm'),
  ]);
  const nudge = reckon(
    'A tenth of its weight at the rim',
    'N·mm',
    '0.1 × weight × width ÷ 2',
    [r.mass, given('Wide', r.tier.width, 'mm')],
    (g, d) => (0.1 * g * GRAVITY * d) / 2000,
  );
  const holds = [
    rod,
    ...(keepers
      ? [
          byFormula(KEEPERS_HOLD, [
            crush,
            given('Stick, across', stockIn(build, keepers.stock).section.diameter, 'mm'),
            given('In the cake', Math.min(KEEPERS_UP, high), 'mm', 'common practice'),
            given('Sticks', keepers.number, 'pieces'),
            given('Apart', keepers.apart, 'mm'),
          ]),
        ]
      : []),
    ...(stuck
      ? [
          byFormula(STUCK_HOLDS, [
            // the crumb under the icing tears before the icing does
            given('Cake tears at', cake.crush * cake.pulled, 'kPa', cake.source),
            given('Board or tier, across', Math.min(r.board.width, r.tier.width), 'mm'),
          ]),
        ]
      : []),
  ];
  return check({
    id: 'tier-turns',
    title: 'Tier turning on the rod',
    situation: 'nudged at its rim',
    use: share(nudge, total('Held against turning', 'N·mm', holds), 1),
    reserve: 1,
    trust: 'C',
    ok: 'It does not turn.',
    no: `It turns on the round rod: ${wouldKeep(cake, nudge.value - rod.value, high, r.board.width)}stick it down on its board.`,
  });
}
