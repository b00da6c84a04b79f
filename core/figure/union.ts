import { blendDensity } from '../pastes/index.ts';
import { given, reckon, type Mm2, type Mm3, type Reckoned } from '../quantity/index.ts';
import type { Vec } from '../solids/index.ts';
import type { Build } from '../record/index.ts';
import { weighIn } from './weigh.ts';

/** What the pieces measure apart and joined to one solid, as a solid modeller finds it; outer bodies with their cores. */
export interface UnionMeasure {
  readonly apart: Mm3;
  readonly together: Mm3;
  readonly surface: Mm2;
  readonly centreApart: Vec;
  readonly centre: Vec;
}

/** The difference it makes that pieces lie in each other. */
export interface UnionFigures {
  readonly apart: Reckoned;
  readonly together: Reckoned;
  /** Lies in the place of other pieces. */
  readonly shared: Reckoned;
  readonly share: Reckoned;
  /** Surface left to colour. */
  readonly surface: Reckoned;
  /** How far the balance point moves when what lies in other pieces counts once. */
  readonly moves: Reckoned;
  /** Paste that trimming every seat would give back; pressed on, it bulges and none is lost. */
  readonly trim: Reckoned;
}

/** Make the figures the screens show of a union. */
export function unionFigures(u: UnionMeasure, build: Build): UnionFigures {
  const apart = given('The pieces one by one', u.apart / 1000, 'cm³');
  const together = given('Joined to one solid', u.together / 1000, 'cm³', 'derived');
  const shared = reckon('Lies in other pieces', 'cm³', 'one by one − joined', [apart, together], (a, t) =>
    Math.max(0, a - t),
  );
  const weights = build.pieces.map((p) => weighIn(build, p));
  const grams = weights.reduce((g, w) => g + w.paste.value, 0);
  const volume = weights.reduce((v, w) => v + w.volume.value, 0);
  const fallback = build.blends[0] ? blendDensity(build.blends[0]).value : 1.3;
  const density = given('Paste of the figure, on average', volume > 0 ? grams / volume : fallback, 'g/cm³');
  return {
    apart,
    together,
    shared,
    share: reckon('Lies in other pieces', '%', 'shared ÷ one by one', [shared, apart], (s, a) =>
      a > 0 ? (100 * s) / a : 0,
    ),
    surface: given('Surface left to colour', u.surface / 100, 'cm²', 'derived'),
    moves: reckon(
      'Balance point moves',
      'mm',
      '√(Δx² + Δy² + Δz²), evenly filled',
      (['x', 'y', 'z'] as const).map((axis, k) => given(`Δ${axis}`, u.centre[k]! - u.centreApart[k]!, 'mm')),
      (...d) => Math.hypot(...d),
    ),
    trim: reckon(
      'Trimmed away at most',
      'g',
      'lies in other pieces × density',
      [shared, density],
      (v, rho) => v * rho,
    ),
  };
}
