import type { Mast } from '../../record/index.ts';
import { given, total, type Mm, type Reckoned } from '../../quantity/index.ts';
import { boardWeighs, groundOf, type Layer, type OnGround } from '../../ground/index.ts';
import type { FigureOver, TierWeights } from './tier-load.ts';

/** What stands raised on the rod, as one mass. */
export interface Raised {
  readonly mast: Mast;
  readonly mass: Reckoned;
  /** Balance point over the base. */
  readonly lever: Mm;
  /** Board it rests on, the board everything stands on, and the tier on it; a figure alone has none. */
  readonly board: Layer;
  readonly base: Layer;
  readonly tier: Layer | undefined;
  /** Height of the balance point over its own board. */
  readonly own: Mm;
}

/**
 * What a rod holds up over its gap: boards, tiers and the figure on them; undefined while nothing is raised.
 * @param figure grams and balance point of the figure
 * @param weights of the tiers, by id
 */
export function raisedIn(build: OnGround, figure: FigureOver, weights: TierWeights): Raised | undefined {
  const { mast } = build;
  const ground = groundOf(build);
  const gap = ground.fittings.find((f) => f.kind === 'gap');
  const base = ground.layers.find((l) => l.kind === 'board')!;
  const up = gap ? ground.layers.filter((l) => l.from >= gap.to - 1e-6) : [];
  const board = up[0];
  if (!mast || board?.kind !== 'card') return undefined;
  const parts: { mass: Reckoned<'g'>; at: Mm }[] = up.map((l) => ({
    mass: boardWeighs(l) ?? given(l.name, weights.get(l.id) ?? 0, 'g'),
    at: (l.from + l.to) / 2,
  }));
  if (figure.mass.value > 0) parts.push({ mass: figure.mass, at: figure.at[2] });
  const mass = total(
    'Raised on the rod',
    'g',
    parts.map((p) => p.mass),
  );
  const balance = parts.reduce((sum, p) => sum + p.mass.value * p.at, 0) / (mass.value || 1);
  return {
    mast,
    mass,
    lever: balance - base.to,
    board,
    base,
    tier: up.find((l) => l.kind === 'tier'),
    own: balance - board.to,
  };
}
