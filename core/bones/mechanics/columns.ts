import { byFormula, formula, given, type Reckoned } from '../../quantity/index.ts';
import type { Section } from './sections.ts';

/** Straight rods in compression and bending. N, mm, MPa. Formulas: handbook mechanics. */

/** Euler load π² E I ÷ (K L)². */
export const euler = (E: number, I: number, L: number, K = 1): number =>
  (Math.PI ** 2 * E * I) / (K * L) ** 2;

export interface Critical {
  readonly load: number;
  readonly rule: 'Euler' | 'Johnson';
  readonly slenderness: number;
  readonly limit: number;
}

/** The load of `critical` alone, of a section by its area, mm², and second moment, mm⁴. */
const criticalLoad = (E: number, strength: number, area: number, inertia: number, L: number, K = 1): number =>
  critical(E, strength, { area, inertia, gyration: Math.sqrt(inertia / area) }, L, K).load;

/** Buckling load: Euler for slender rods, Johnson's parabola below the slenderness √(2 π² E ÷ f). */
export function critical(
  E: number,
  strength: number,
  section: Pick<Section, 'area' | 'inertia' | 'gyration'>,
  L: number,
  K = 1,
): Critical {
  const slenderness = (K * L) / section.gyration;
  const limit = Math.sqrt((2 * Math.PI ** 2 * E) / strength);
  if (slenderness >= limit)
    return { load: euler(E, section.inertia, L, K), rule: 'Euler', slenderness, limit };
  const load = section.area * strength * (1 - (strength * slenderness ** 2) / (4 * Math.PI ** 2 * E));
  return { load, rule: 'Johnson', slenderness, limit };
}

/** Pressing at which a straight rod folds; K times its length is that of the column held at both ends that folds as it does. */
const COLUMN = formula({
  name: 'It folds at',
  takes: ['mm', '×', 'MPa', 'MPa', 'mm²', 'mm⁴'],
  unit: 'N',
  rule: 'π² E I ÷ (K L)², or where it is short Johnson’s parabola A f (1 − f λ² ÷ 4 π² E)',
  source: 'handbook',
  f: (L, K, E, f, area, inertia) => criticalLoad(E, f, area, inertia, L, K),
});

/** A rod that is pressed: mm, and MPa as it is when it has to carry. */
export interface Column {
  readonly bare: number;
  /** 1 held at both ends, 2 free at one. */
  readonly K: 1 | 2;
  readonly strength: { readonly stiffness: number; readonly crushing: number; readonly tried?: boolean };
  readonly section: Pick<Section, 'area' | 'inertia'>;
}

/** Pressing at which it folds, N. */
export const foldsAt = ({ bare, K, strength, section }: Column): number =>
  COLUMN.f(bare, K, strength.stiffness, strength.crushing, section.area, section.inertia);

/** The same as a sum that can be opened. */
export const foldsOver = ({ bare, K, strength, section }: Column): Reckoned<'N'> =>
  byFormula(COLUMN, [
    given('Bare length, L', bare, 'mm'),
    given(K === 1 ? 'K: held at both ends' : 'K: free at one end', K, '×'),
    given('Stiffness, damp, E', strength.stiffness, 'MPa', strength.tried ? 'yours' : undefined),
    given('Crushing strength, damp, f', strength.crushing, 'MPa'),
    given('Section, A', section.area, 'mm²'),
    given('Second moment, I', section.inertia, 'mm⁴'),
  ]);

/** Share of the textbook value at which the wall of a tube cut by hand wrinkles; handbook range 0.2 to 0.6. */
const CUT_BY_HAND = 0.4;

/** Pressing at which the thin wall of a tube wrinkles: 0.605 × 0.4 × E t ÷ R × area; without end for a solid rod. */
export const wrinkles = (
  E: number,
  { wall, diameter, area }: Pick<Section, 'wall' | 'diameter' | 'area'>,
): number =>
  wall === undefined ? Infinity : ((0.605 * CUT_BY_HAND * E * wall) / ((diameter - wall) / 2)) * area;

export interface Flagpole {
  readonly moment: number;
  readonly sway: number;
  readonly growth: number;
}

/**
 * A rod held at the foot with load P at height L, off centre by e, pushed sideways by H; exact beam-column:
 * M = P e sec kL + H tan kL ÷ k, k = √(P ÷ E I). Falls when kL reaches π/2.
 */
export function flagpole(P: number, e: number, H: number, E: number, I: number, L: number): Flagpole {
  const plain = P * e + H * L;
  if (P <= 1e-9)
    return { moment: plain, sway: (P * e * L * L) / (2 * E * I) + (H * L ** 3) / (3 * E * I), growth: 1 };
  const k = Math.sqrt(P / (E * I));
  const x = k * L;
  if (x >= Math.PI / 2) return { moment: Infinity, sway: Infinity, growth: Infinity };
  const secant = 1 / Math.cos(x);
  const moment = P * e * secant + (H * Math.tan(x)) / k;
  return {
    moment,
    sway: e * (secant - 1) + (H / (P * k)) * (Math.tan(x) - x),
    growth: plain > 0 ? moment / plain : 1,
  };
}

/** How much a lean adds to itself: 1 ÷ (1 − P ÷ P critical). */
export const amplify = (P: number, limit: number): number => (P < limit ? 1 / (1 - P / limit) : Infinity);
