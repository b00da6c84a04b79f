import type { Build } from '../../record/index.ts';
import type { BatterId } from '../../pastes/index.ts';
import { given, GRAVITY, reckon, type Mm, type Provenance, type Reckoned } from '../../quantity/index.ts';
import { check, share, type Check } from '../joints/check.ts';
import { knownOf } from '../stock/home-tests.ts';
import { LOAD_CASES, type LoadCase } from '../joints/load-cases.ts';
import { circle, pressingArea } from '../mechanics/soft-base.ts';

/** Cake under a load: kPa, g/cm³, shares of crush. Estimates from crumb-firmness tests unless somebody pressed theirs. */
export interface CakeBears {
  readonly crush: number;
  readonly stiffness: number;
  /** Share of both that may stand for hours. */
  readonly lasting: number;
  /** Pulled apart, share of crush. */
  readonly pulled: number;
  readonly density: number;
  readonly source: Provenance;
}

const CAKE: Readonly<Record<BatterId, CakeBears>> = {
  sponge: { crush: 3, stiffness: 15, lasting: 0.5, pulled: 0.3, density: 0.3, source: 'estimate' },
  firm: { crush: 8, stiffness: 50, lasting: 0.5, pulled: 0.3, density: 0.55, source: 'estimate' },
};

/** What the cake of a build bears, as measured where it was. */
export function cakeBears(build: Pick<Build, 'cake' | 'measured'>): CakeBears {
  const usual = CAKE[build.cake.batter];
  const tried = knownOf(build).soft.get('cake');
  return tried ? { ...usual, ...tried, source: 'yours' } : usual;
}

export const PRESS_RESERVE = 1.5;
/** A tier that sinks more than this, or a fiftieth of its height, is seen to; common practice, mm. */
export const SINKS = 2;
const CARVED_RESERVE = 2;

/**
 * Furthest that cake may be carved in under itself: h √(pull ÷ 6 q), with a reserve of two. Plain bending of cake in
 * tension.
 * @param high of what hangs out, mm
 * @param over pressure of what stands on it, kPa
 */
export const carvedUnder = (cake: CakeBears, high: Mm, over = 0): Mm => {
  const q = cake.density * 1e-3 * high * GRAVITY + over;
  return high * Math.sqrt((cake.crush * cake.pulled * cake.lasting) / (3 * q * CARVED_RESERVE));
};

/** A part of a cake that hangs out over what it stands on. */
export function carvedCheck(cake: CakeBears, what: string, out: Mm, high: Mm, over = 0): Check {
  const carried = reckon(
    'It presses',
    'kPa',
    'density × height + what stands on it',
    [
      given('Cake weighs', cake.density, 'g/cm³', 'estimate'),
      given('High', high, 'mm'),
      given('On it', over, 'kPa'),
    ],
    (rho, h, more) => rho * 1e-3 * h * GRAVITY + more,
  );
  const pull = reckon(
    'Pull at the top',
    'kPa',
    '3 q a² ÷ h²',
    [carried, given('Hangs out', out, 'mm'), given('High', high, 'mm')],
    (q, a, h) => (3 * q * a * a) / (h * h),
  );
  const holds = given(
    'Cake bears, pulled, for hours',
    cake.crush * cake.pulled * cake.lasting,
    'kPa',
    cake.source,
  );
  const most = Math.floor(carvedUnder(cake, high, over));
  return check({
    id: 'carved',
    title: 'Carved under',
    situation: LOAD_CASES.table.name,
    use: share(pull, holds, CARVED_RESERVE),
    reserve: CARVED_RESERVE,
    trust: 'C',
    ok: `The ${what} hangs out ${Math.round(out)} mm and holds itself; ${most} mm is the most at this depth.`,
    no: `The ${what} hangs out ${Math.round(out)} mm and may crack off: ${most} mm is the most at this depth, or put a board and posts under it.`,
  });
}

/**
 * Cake pressed at the edge of the small board under it when the load leans: the part of the board whose middle is where
 * the load lands has to carry all of it.
 * @param weight N pressing
 * @param moment N·mm
 */
export function edgePressed(
  cake: CakeBears,
  c: LoadCase,
  weight: number,
  moment: number,
  board: Mm,
): { readonly use: number; readonly check: Check } {
  const long = c.hours >= 2 ? cake.lasting : 1;
  const out = weight > 0 ? moment / weight : Infinity;
  const area = pressingArea(circle(board), [1, 0], out);
  const pressure = reckon(
    'Pressure on the cake',
    'kPa',
    'weight ÷ the part of the board whose middle is under it',
    [
      given('Pressing', weight, 'N'),
      given('Lands off the middle', out, 'mm'),
      given('That part of the board', area, 'mm²'),
    ],
    (n, _, a) => (a > 0 ? (n / a) * 1000 : Infinity),
  );
  const use = share(pressure, given('Cake bears', cake.crush * long, 'kPa', cake.source), PRESS_RESERVE);
  return {
    use: use.value,
    check: check({
      id: 'edge',
      title: 'Cake at the edge of its board',
      situation: c.name,
      use,
      reserve: PRESS_RESERVE,
      trust: 'C',
      ok: 'The cake stands the pressing on its small board.',
      no: 'The cake gives way at the edge of the small board: a larger board, or the rod on through the tier to a second one.',
    }),
  };
}

/** Pressure of a load on a board, most at one side when it lies off the middle: P ÷ A × (1 + 8 e ÷ D). */
export const pressedOffCentre = (load: Reckoned, area: Reckoned, off: Reckoned, across: Reckoned): Reckoned =>
  reckon(
    'Pressure on the cake',
    'kPa',
    'weight ÷ area × (1 + 8 e ÷ D)',
    [load, area, off, across],
    (g, a, e, d) => ((g * GRAVITY) / a) * (1 + (8 * e) / d),
  );
