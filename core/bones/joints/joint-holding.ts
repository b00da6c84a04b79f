import { add, dot, sub, times } from '../../solids/index.ts';
import { byFormula, formula, given, reckon, type Numbers, type Reckoned } from '../../quantity/index.ts';
import { coupleLever, layeredUse, stickMoment, type Bed } from '../mechanics/anchorage.ts';
import { check } from './check.ts';
import { amplify, euler } from '../mechanics/columns.ts';
import type { Push, Side } from './joint-push.ts';
import { found, HOLDING_RESERVE, type FoundCheck, type Situation } from './joint-situation.ts';

/** Layers as they are handed to a formula: strength and thickness of each, from the joint inwards. */
const bedsOf = (values: readonly number[]): Bed[] =>
  Array.from({ length: values.length / 2 }, (_, k) => ({ q: values[2 * k]!, thick: values[2 * k + 1]! }));

/** A short stiff stick that holds side force and moment by turning in what holds it (Broms's short pile), layer by layer. */
const turnedIn = (V: number, M: number, ...layers: readonly number[]): number =>
  layeredUse(bedsOf(layers), V, M);
const TURNED_IN = 'V ÷ H, where H = q (√((L + 2y)² + L²) − (L + 2y)) and y = M ÷ V, layer by layer';

/** The greatest moment in the stick, which lies where the layers have taken up the side force. */
const inTheStick = (V: number, M: number, growth: number, ...layers: readonly number[]): number =>
  stickMoment(bedsOf(layers), V, M) * growth;

/** A row of rods as a couple: one pulled and one pressed along itself, and what is left of the side force. */
const COUPLE = formula({
  name: 'As a couple: the outer rods pulled and pressed',
  takes: ['N·mm', 'pieces', 'mm', 'N', 'N', 'N', '×', 'N', 'N'],
  unit: '',
  rule: '(M ÷ lever ∓ pressing ÷ rods) ÷ what a rod bears along itself + V ÷ q L',
  f: (M, n, spacing, N, grip, pushed, rests, V, sideways) => {
    const outer = M / coupleLever(n, spacing);
    const tension = Math.max(0, outer - Math.max(0, N) / n) / grip;
    const pressed = (outer + Math.max(0, N) / n) / pushed;
    return Math.max(tension, rests ? 0 : pressed) + V / sideways;
  },
});

const BOTH_WAYS = formula({
  name: 'Used of the holding, in line and across',
  takes: ['', ''],
  unit: '',
  rule: '√(across² + in line²)',
  f: Math.hypot,
});
const HOLDS_WITH_RESERVE = formula({
  name: 'Used of the holding',
  takes: ['', '×'],
  unit: '',
  rule: 'used × reserve',
  f: (use, reserve) => use * reserve,
});

/** Clamped to its board it may hold all by its washers, whatever it passes on its way up (lower bound theorem, handbook). */
const BY_WASHERS = formula({
  name: 'Washers press into the board',
  takes: ['N·mm', 'N', 'mm', 'N·mm'],
  unit: '',
  rule: '(M + V × over the board) ÷ what the face bears',
  source: 'handbook',
  f: (M, V, over, bears) => (M + V * over) / bears,
});

/** The rods held on one side of a joint: share used, and whether a row of them works as a couple along its line. */
interface Holding {
  readonly use: number;
  readonly pushPull: boolean;
  /** Held by its washers, so far under the joint, mm. */
  readonly clamped?: number;
  /** The same as a sum that can be opened. */
  readonly told: () => Reckoned<''>;
}

/** What a rod in the nuts of its board is held by: what it passes, or its washers, whichever is easier on them. */
function lowHolding(s: Situation, p: Push): Holding {
  const passed = holding(s, p, false);
  if (!s.clamp) return passed;
  const { bears, over } = s.clamp;
  const M = Math.hypot(p.momentInLine, p.momentAcross);
  const V = Math.hypot(p.inLine, p.acrossLine);
  const use = BY_WASHERS.f(M, V, over, bears.value);
  if (use >= passed.use) return passed;
  return {
    use,
    pushPull: false,
    clamped: over,
    told: () =>
      byFormula(BY_WASHERS, [
        given('Tilting moment', M, 'N·mm'),
        given('Sideways', V, 'N'),
        given('Over the board', over, 'mm'),
        bears,
      ]),
  };
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
  // forces and moments on one rod, each way
  const across = [Math.abs(Vw) / holders, (sign * mw * Math.sign(Vw || 1)) / holders] as const;
  const line = [Math.abs(Vu) / holders, (sign * mu * Math.sign(Vu || 1)) / holders] as const;
  const outOfLine = layeredUse(bed, ...across);
  let inLine = layeredUse(bed, ...line);
  let pushPull = false;
  const rests = joint.seat > 0 || (!upper && onBoard) ? 1 : 0;
  const row = [
    Math.abs(mu),
    n,
    joint.spacing,
    N,
    side.grip,
    side.pushed,
    rests,
    line[0],
    side.q * side.held,
  ] as const;
  if (n >= 2 && joint.spacing > 2 * d) {
    const couple = COUPLE.f(...row);
    if (couple < inLine) {
      inLine = couple;
      pushPull = true;
    }
  }
  return {
    use: BOTH_WAYS.f(outOfLine, inLine),
    pushPull,
    told: () => {
      const oneWay = (name: string, [V, M]: readonly [number, number]): Reckoned<''> =>
        reckon(
          name,
          '',
          TURNED_IN,
          [
            given('Sideways on a rod', V, 'N'),
            given('Tilting moment on a rod', M, 'N·mm'),
            ...layersOf(side, bed),
          ],
          turnedIn,
          'handbook',
        );
      return byFormula(BOTH_WAYS, [
        oneWay(n < 2 ? 'One way' : 'Across the row of rods', across),
        pushPull ? asCouple(row) : oneWay(n < 2 ? 'The other way' : 'Along the row of rods', line),
      ]);
    },
  };
}

const asCouple = (row: Numbers<typeof COUPLE.takes>): Reckoned<''> => {
  const [M, n, spacing, N, grip, pushed, rests, V, sideways] = row;
  return byFormula(COUPLE, [
    given('Tilting moment along the row', M, 'N·mm'),
    given('Rods', n, 'pieces'),
    given('Outer rods apart', spacing, 'mm'),
    given('Pressing', N, 'N'),
    given('Grip on one', grip, 'N', 'estimate'),
    given('Pushes one further in', pushed, 'N', 'estimate'),
    given('Faces that touch take the pressing: 1, else 0', rests, '×'),
    given('Sideways on a rod', V, 'N'),
    given('Sideways strength over the held length', sideways, 'N', 'estimate'),
  ]);
};

/** The layers a rod passes, as figures. */
const layersOf = (side: Side, beds: readonly Bed[]): Reckoned[] =>
  beds.flatMap(({ q, thick }, k) => {
    const which = beds.length > 1 ? `, layer ${k + 1}` : '';
    return [
      given(`Sideways strength, per mm of rod${which}`, q, 'N/mm', side.main.tried ? 'yours' : 'estimate'),
      given(`Held over${which}`, thick, 'mm'),
    ];
  });

function held(s: Situation, upper: boolean, { use, told, clamped }: Holding): FoundCheck {
  const id = upper ? 'hold-above' : 'hold-below';
  const side = upper ? s.above : s.below;
  const where = upper ? s.names.upper : s.names.lower;
  return found(id, HOLDS_WITH_RESERVE.f(use, HOLDING_RESERVE), () =>
    check({
      id,
      title: `Held in the ${where.toLowerCase()}`,
      situation: s.loadCase.name,
      use: byFormula(HOLDS_WITH_RESERVE, [told(), given('Reserve', HOLDING_RESERVE, '×')]),
      reserve: HOLDING_RESERVE,
      trust: side.main.kind === 'hard' || side.main.kind === 'foam' || side.main.tried ? 'B' : 'C',
      ok:
        clamped === undefined
          ? `The rod stays where it is, ${Math.round(side.held)} mm deep in the ${where.toLowerCase()}.`
          : 'The rod stays upright in its nuts and washers.',
      no:
        clamped === undefined
          ? `The rod leans and cuts through the ${where.toLowerCase()} like a knife; ${Math.round(side.held)} mm is not deep enough.`
          : 'Its washers press into the board and the rod leans: wider washers, or a harder board.',
    }),
  );
}

/** How much a lean adds to itself over a bare length that is pressed, the reserve in it; 1 where nothing is bare. */
const LEANS_MORE = formula({
  name: 'Lean adds lean',
  takes: ['N', '×', 'pieces', 'MPa', 'mm⁴', 'mm'],
  unit: '×',
  rule: '1 ÷ (1 − P × reserve ÷ (rods × π² E I ÷ (2 L)²)), L to the balance point',
  source: 'handbook',
  f: (N, reserve, n, E, inertia, lever) =>
    N > 0 && lever > 0 ? amplify(N * reserve, n * euler(E, inertia, lever, 2)) : 1,
});
/** What presses or pulls one rod: its share along the joint, and of a couple the outer force. */
const ALONG_ROD = formula({
  name: 'Along the rod',
  takes: ['N', 'pieces', 'N·mm', 'mm'],
  unit: 'N',
  rule: 'along the joint ÷ rods + moment ÷ lever, where a row of rods works as a couple',
  f: (N, n, M, spacing) => Math.abs(N) / n + (M > 0 ? M / coupleLever(n, spacing) : 0),
});
const BENDS = formula({
  name: 'Used of its strength',
  takes: ['N·mm', 'mm³', 'MPa', 'N', 'mm²', 'MPa', '×'],
  unit: '',
  rule: '(M ÷ Z ÷ bending strength + N ÷ A ÷ crushing strength) × reserve',
  source: 'handbook',
  f: (M, Z, bending, N, area, crushing, reserve) => (M / Z / bending + N / area / crushing) * reserve,
});

/** Held by its nuts alone a rod bends most at the board. */
const AT_NUTS = formula({
  name: 'Moment in the rod at its nuts',
  takes: ['N', 'N·mm', 'mm', '×'],
  unit: 'N·mm',
  rule: '(M + V × over the board) × lean adding lean',
  source: 'handbook',
  f: (V, M, over, growth) => (M + V * over) * growth,
});

/** The rod itself, at its greatest moment, which may lie under the surface. */
function bending(s: Situation, p: Push, low: Holding): FoundCheck {
  const { joint, n, stock, strength } = s;
  const { section } = stock;
  const a = joint.axis;
  const { reserve } = strength.material;
  const { along: N, inLine: Vu, acrossLine: Vw, momentInLine: Mu, momentAcross: Mw } = p;
  const down = low.clamped ?? 0;
  const bare = joint.bare + down;
  const lever =
    bare > 0 ? bare + Math.max(0, dot(sub(joint.load.at, add(joint.at, times(a, joint.bare))), a)) : 0;
  const leans = [N, reserve, n, strength.stiffness, section.inertia, lever] as const;
  const [V, M] = [Math.hypot(Vu, Vw) / n, (low.pushPull ? Math.abs(Mw) : Math.hypot(Mu, Mw)) / n];
  const outer = [N, n, low.pushPull ? Math.abs(Mu) : 0, joint.spacing] as const;
  const layers = s.below.beds.flatMap((b) => [b.q, b.thick]);
  const inLayers = low.clamped === undefined;
  const moment = inLayers
    ? inTheStick(V, M, LEANS_MORE.f(...leans), ...layers)
    : AT_NUTS.f(V, M, down, LEANS_MORE.f(...leans));
  const strong = [section.modulus, strength.bending] as const;
  const atMost = (): Reckoned<'N·mm'> => {
    const sideways = given('Sideways on a rod', V, 'N');
    const tilting = given('Tilting moment on a rod', M, 'N·mm');
    const growth = byFormula(LEANS_MORE, [
      given('Pressing', N, 'N'),
      given('Reserve', reserve, '×'),
      given('Rods', n, 'pieces'),
      given('Stiffness, damp', strength.stiffness, 'MPa', strength.tried ? 'yours' : undefined),
      given('Second moment', section.inertia, 'mm⁴'),
      given('Bare, up to the balance point', lever, 'mm'),
    ]);
    return inLayers
      ? reckon(
          'Moment in each rod',
          'N·mm',
          'M + V² ÷ 2q, where the layers have taken up V; × lean adding lean',
          [sideways, tilting, growth, ...layersOf(s.below, s.below.beds)],
          inTheStick,
          'handbook',
        )
      : byFormula(AT_NUTS, [sideways, tilting, given('Over the board', down, 'mm'), growth]);
  };
  const use = BENDS.f(moment, ...strong, ALONG_ROD.f(...outer), section.area, strength.crushing, reserve);
  return found('bend', use, () =>
    check({
      id: 'bend',
      title: strength.material.bends ? 'Rod bending' : 'Rod snapping',
      situation: s.loadCase.name,
      use: byFormula(BENDS, [
        atMost(),
        given('Section modulus', section.modulus, 'mm³'),
        given('Bending strength, damp', strength.bending, 'MPa', strength.tried ? 'yours' : undefined),
        byFormula(ALONG_ROD, [
          given('Along the joint', N, 'N'),
          given('Rods', n, 'pieces'),
          given('Moment that the couple takes', outer[2], 'N·mm'),
          given('Outer rods apart', joint.spacing, 'mm'),
        ]),
        given('Section', section.area, 'mm²'),
        given('Crushing strength, damp', strength.crushing, 'MPa'),
        given('Reserve', reserve, '×'),
      ]),
      reserve,
      trust: strength.trust,
      ok: `The ${stock.name} is strong enough.`,
      no: strength.material.bends ? `The ${stock.name} bends and stays bent.` : `The ${stock.name} snaps.`,
    }),
  );
}

/** What the rods do sideways: cut through below or above, bend or snap. */
export function heldChecks(s: Situation, p: Push): FoundCheck[] {
  const low = lowHolding(s, p);
  const high = holding(s, p, true);
  return [held(s, false, low), held(s, true, high), bending(s, p, low)];
}
