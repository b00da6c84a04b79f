import { lightToDark, type Turn } from '../colour/index.ts';
import { aloneOf, oneIsWide, oneWeighs } from '../figure/index.ts';
import { pieceOf, multiplicity, type Build } from '../record/index.ts';
import { splitByDiameter, weighTogether, type Batch, type Part } from '../paste-list/index.ts';
import { blendDensity } from '../pastes/index.ts';
import { given, reckon, total, type Grams, type Reckoned } from '../quantity/index.ts';
import { ballFromMass } from '../solids/index.ts';
import {
  capability,
  checkEvery,
  drifts,
  individuals,
  outside,
  scaleFineEnough,
  type Chart,
  type Drift,
} from './weigh-checks.ts';

/** One part of a portion, weighed on its own. */
export interface PortionPart {
  readonly piece: string;
  readonly name: string;
  readonly number: number;
  readonly grams: Reckoned;
}

/** What the weighings so far say. */
export interface Weighed {
  readonly chart: Chart;
  readonly drifts: readonly Drift[];
  /** Share expected outside the tolerance. */
  readonly out: Reckoned;
  readonly capability: Reckoned;
  /** Weigh one in so many. */
  readonly every: Reckoned;
}

/** A colour of the batch, in the order to work them. */
export interface ColourTurn {
  readonly batch: string;
  readonly name: string;
  readonly hex: string;
  readonly grams: Grams;
}

/** A run of equal pieces. */
export interface PortionReport {
  readonly piece: string;
  readonly name: string;
  readonly number: number;
  readonly parts: readonly PortionPart[];
  /** One, everything on it. */
  readonly one: Reckoned;
  readonly target: Grams;
  readonly within: Grams;
  /** One is what was aimed at, to the tolerance. */
  readonly meets: boolean;
  /** Diameters between which the first ball lies. */
  readonly ball: readonly [number, number];
  readonly scaleFine: boolean;
  /** How many of the smallest part to weigh together. */
  readonly together: { readonly name: string; readonly number: number } | undefined;
  readonly width: Reckoned;
  /** Room left in the case; undefined without one. */
  readonly caseRoom: Reckoned | undefined;
  readonly caseFits: boolean;
  readonly weighed: Weighed | undefined;
  readonly order: readonly Turn<ColourTurn>[];
  /** One portion as so many equal balls: what each weighs and how large it is. */
  readonly cluster: (n: number) => Part | undefined;
  readonly says: readonly string[];
}

/** A case is this much wider than what sits in it, each side; common practice, mm. */
const CASE_EASE = 1;
/** Off ones one would put up with in a run before a drift is noticed, share; common practice. */
const PUT_UP_WITH = 0.1;
/** Weighings from which limits mean something; common practice. */
export const ENOUGH_WEIGHINGS = 20;

/** Reckon the portions of a build; undefined when it has none. */
export function portionsOf(build: Build, batches: readonly Batch[]): PortionReport | undefined {
  const p = build.portions;
  const root = p && pieceOf(build, p.piece);
  if (!p || !root) return undefined;
  const alone = aloneOf(build, root.id);
  const number = multiplicity(build, root);
  const parts = alone.pieces.map((piece): PortionPart => {
    const n = multiplicity(alone, piece);
    const whole = oneWeighs({
      ...alone,
      pieces: [{ ...piece, count: 1, pair: false, seat: { ...piece.seat, on: 'board' } }],
    });
    return {
      piece: piece.id,
      name: piece.name,
      number: n,
      grams: reckon(
        n > 1 ? `${piece.name}, ${n} of` : piece.name,
        'g',
        'one × how many',
        [given('One', whole, 'g'), given('How many', n, 'pieces')],
        (g, k) => g * k,
      ),
    };
  });
  const one = total(
    `One ${root.name.toLowerCase()}, everything on it`,
    'g',
    parts.map((x) => x.grams),
  );
  const blend = build.blends.find((b) => b.id === root.blend)!;
  const rho = blendDensity(blend).value;
  const first = parts[0]!.grams.value;
  const width = given('Widest', oneIsWide(alone), 'mm');
  const caseRoom =
    p.caseWidth > 0
      ? reckon(
          'Room in the case',
          'mm',
          'case − widest − 1 mm each side',
          [given('Case', p.caseWidth, 'mm'), width],
          (c, w) => c - w - 2 * CASE_EASE,
        )
      : undefined;
  const smallest = [...parts].sort((a, b) => a.grams.value / a.number - b.grams.value / b.number)[0]!;
  const many = weighTogether(smallest.grams.value / smallest.number, p.step);
  const weighed = weighedSoFar(p.weighed, p.target, p.within, number);
  const ids = new Set(alone.pieces.map((x) => x.id));
  const mine = batches.filter((b) => b.lines.some((l) => ids.has(l.piece)));
  const order = lightToDark(
    mine.map((b) => ({ batch: b.id, name: b.colour.name, hex: b.colour.hex, grams: b.mix.value })),
  );
  const meets = Math.abs(one.value - p.target) <= p.within + 1e-9;
  const scaleFine = scaleFineEnough(p.within, p.step);
  const says: string[] = [];
  if (!scaleFine)
    says.push(
      `A scale that steps by ${p.step} g cannot tell ±${p.within} g: its step has to be a quarter of that, or weigh four together.`,
    );
  const last = weighed?.drifts.at(-1);
  if (last && last.at === p.weighed.length - 1)
    says.push(`Drifting ${last.side}: ${last.says}. Weigh the next five one by one and set the size anew.`);
  if (caseRoom && caseRoom.value < 0) says.push('It does not go into the case without being squeezed.');
  return {
    piece: root.id,
    name: root.name,
    number,
    parts,
    one,
    target: p.target,
    within: p.within,
    meets,
    ball: [ballFromMass(Math.max(0.001, first - p.within), rho), ballFromMass(first + p.within, rho)],
    scaleFine,
    together: many > 1 ? { name: smallest.name, number: many } : undefined,
    width,
    caseRoom,
    caseFits: !caseRoom || caseRoom.value >= 0,
    weighed,
    order,
    cluster: (k) => {
      const split = splitByDiameter(p.target, new Array<number>(k).fill(1), rho);
      return split.ok ? split.value[0] : undefined;
    },
    says,
  };
}

function weighedSoFar(
  x: readonly Grams[],
  target: Grams,
  within: Grams,
  number: number,
): Weighed | undefined {
  const chart = individuals(x);
  if (!chart.ok || chart.value.sigma === 0) return undefined;
  const { mean, sigma } = chart.value;
  const spread = given('Spread σ', sigma, 'g', 'yours');
  const middle = given('Mean', mean, 'g', 'yours');
  const aim = given('Aimed at', target, 'g');
  const tolerance = given('Give or take', within, 'g');
  const off = reckon('Off by', 'g', 'mean − aimed at', [middle, aim], (a, b) => a - b);
  const out = reckon(
    'Outside give or take',
    '%',
    'Φ((−δ − off) ÷ σ) + 1 − Φ((δ − off) ÷ σ)',
    [spread, tolerance, off],
    (s, d, o) => 100 * outside(s, d, o),
  );
  const fits = reckon(
    'Spread fits in',
    '×',
    '(nearer limit − mean) ÷ 3 σ',
    [middle, spread, aim, tolerance],
    (m, s, t, d) => capability(m, s, t - d, t + d),
  );
  const every = reckon(
    'Weigh one in',
    'pieces',
    'off ones put up with ÷ (weighings until a drift of δ is noticed − ½), 1 ÷ chance beyond 3 σ each',
    [
      given(
        'Off ones put up with',
        Math.max(1, Math.round(number * PUT_UP_WITH)),
        'pieces',
        'common practice',
      ),
      tolerance,
      spread,
    ],
    (bad, d, s) => checkEvery(bad, d / s, 1),
  );
  return { chart: chart.value, drifts: drifts(x, target, sigma), out, capability: fits, every };
}
