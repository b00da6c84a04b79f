import { byFormula, formula, given, type Mm, type Reckoned } from '../quantity/index.ts';
import { blendDensity, type Blend } from '../pastes/index.ts';
import type { ThreadSize, Washer } from '../record/index.ts';
import type { Fitting, Layer } from './ground.ts';
import { THREADS, washerAcross, washerThick } from './threads.ts';

const ROUND = formula({
  name: 'Board weighs',
  takes: ['mm', 'mm', 'g/cm³'],
  unit: 'g',
  rule: 'π d² ÷ 4 × thick × density',
  f: (d, t, rho) => ((Math.PI / 4) * d * d * t * rho) / 1000,
});
const SQUARE = formula({
  ...ROUND,
  rule: 'a² × thick × density',
  f: (a, t, rho) => (a * a * t * rho) / 1000,
});

/** What a board under something weighs; undefined of a tier, which the cake tells. */
export function boardWeighs({ name, shape, width, from, to, board }: Layer): Reckoned<'g'> | undefined {
  if (!board) return undefined;
  return byFormula({ ...(shape === 'round' ? ROUND : SQUARE), name }, [
    given('Wide', width, 'mm'),
    given('Thick', to - from, 'mm'),
    given('Density', board.density, 'g/cm³', board.trust === 'B' ? 'handbook' : 'estimate'),
  ]);
}

/** Steel, g/cm³. Handbook. */
const STEEL_WEIGHS = 7.85;
/** A rod fills this share of its outer circle, of what the thread leaves of it; derived from ISO 68 profiles. */
const THREAD_FILLS = 0.8;
/** The root of a thread, in shares of its width; derived from ISO 68 profiles. */
const ROOT = 0.84;

const ROD = formula({
  name: 'Threaded rod',
  takes: ['mm', 'mm', 'g/cm³'],
  unit: 'g',
  rule: '0.8 × π d² ÷ 4 × length × density',
  source: 'handbook',
  f: (d, long, rho) => (THREAD_FILLS * (Math.PI / 4) * d * d * long * rho) / 1000,
});
const NUT = formula({
  name: 'Nut',
  takes: ['mm', 'mm', 'mm', 'g/cm³'],
  unit: 'g',
  rule: '(√3 ÷ 2 × spanner² − π (0.84 d)² ÷ 4) × height × density',
  source: 'handbook',
  f: (d, spanner, high, rho) =>
    (((Math.sqrt(3) / 2) * spanner ** 2 - (Math.PI / 4) * (ROOT * d) ** 2) * high * rho) / 1000,
});
const WASHER = formula({
  name: 'Washer',
  takes: ['mm', 'mm', 'mm', 'g/cm³'],
  unit: 'g',
  rule: 'π (D² − hole²) ÷ 4 × thick × density',
  source: 'handbook',
  f: (wide, hole, thick, rho) => ((Math.PI / 4) * (wide ** 2 - hole ** 2) * thick * rho) / 1000,
});
const steel = given('Steel', STEEL_WEIGHS, 'g/cm³', 'handbook');

/** A length of threaded rod. */
export const rodWeighs = (thread: ThreadSize, long: Mm): Reckoned<'g'> =>
  byFormula({ ...ROD, name: `M${thread} rod` }, [
    given('Across', thread, 'mm'),
    given('Length', long, 'mm'),
    steel,
  ]);
/** A hexagon of its spanner less its hole. */
export const nutWeighs = (thread: ThreadSize, name = `M${thread} nut`): Reckoned<'g'> =>
  byFormula({ ...NUT, name }, [
    given('Thread', thread, 'mm'),
    given('Spanner', THREADS[thread].spanner, 'mm'),
    given('High', THREADS[thread].nut, 'mm'),
    steel,
  ]);
/** A disc less its hole. */
export const washerWeighs = (thread: ThreadSize, kind: Washer, name = `M${thread} washer`): Reckoned<'g'> =>
  byFormula({ ...WASHER, name }, [
    given('Across', washerAcross(thread, kind), 'mm'),
    given('Hole', THREADS[thread].hole, 'mm'),
    given('Thick', washerThick(thread, kind), 'mm'),
    steel,
  ]);

const SLEEVE = formula({
  name: 'Sleeve',
  takes: ['mm', 'mm', 'mm', 'g/cm³'],
  unit: 'g',
  rule: 'π (D² − d²) ÷ 4 × high × density',
  f: (across, thread, high, rho) => ((Math.PI / 4) * (across ** 2 - thread ** 2) * high * rho) / 1000,
});
/** Paste round a rod in its gap; what nuts take of it is left in, a few grams on the safe side. */
export const sleeveWeighs = (f: Fitting, thread: ThreadSize, blend: Blend): Reckoned<'g'> =>
  byFormula({ ...SLEEVE, name: f.name }, [
    given('Across', f.wide, 'mm'),
    given('Rod', thread, 'mm'),
    given('High', f.to - f.from, 'mm'),
    blendDensity(blend),
  ]);
